package pteron.core.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import pteron.core.buildup.Framed;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.MakeUp;

/**
 * What the side walls stand on: the floor, its dropped part, and the room that wheels take. Immutable.
 *
 * @param drop the dropped part
 * @param wheels rooms of the wheels, from the rear to the front
 * @param floorMm top of the floor over the underside (mm)
 * @param walls what the board between the floors is made of
 * @param wings where the box becomes wider
 * @param floorBetween whether the floor lies between the walls, which stand on the deck
 */
record Underside(
        DropFloor drop,
        List<WheelRoom> wheels,
        double floorMm,
        Framed walls,
        Wings wings,
        boolean floorBetween) {

    static Underside of(BoxDetails details, MakeUp makeUp) {
        List<WheelRoom> wheels =
                details.wheelArches().stream()
                        .map(arch -> WheelRoom.of(arch, makeUp))
                        .sorted(Comparator.comparingDouble(room -> -room.fromMm()))
                        .toList();
        return new Underside(
                details.dropFloor(),
                wheels,
                makeUp.floor().structureMm(),
                makeUp.walls(),
                details.wings(),
                makeUp.assembly().floorBetweenWalls());
    }

    /** {@return the same without wheels and wings: what walls inside stand on, always the floor} */
    Underside plain() {
        return new Underside(drop, List.of(), floorMm, walls, Wings.NONE, false);
    }

    /** {@return what front and rear stand on: the floor, or the deck beside it (mm)} */
    double footMm() {
        return floorBetween ? 0 : floorMm;
    }

    /** {@return lower edge of a side wall's outer skin: the underside, or that of the wings (mm)} */
    double skinFromMm() {
        return wings.exists() ? wings.fromMm() : 0;
    }

    /** {@return underside of the wings' frame (mm)} */
    double wingFrameMm() {
        return wings.fromMm() + walls.toFrameMm();
    }

    /** {@return what the frame of a side wall stands on: the floor, or the frame of the wings (mm)} */
    double frameFromMm() {
        return wings.exists() ? wingFrameMm() + walls.frameMm() : footMm();
    }

    /** {@return what the lining of a side wall stands on: the floor, or what covers the wings inside (mm)} */
    double liningFromMm() {
        return wings.exists() ? wings.fromMm() + walls.thicknessMm() : footMm();
    }

    /** {@return how much lower the rear is (mm)} */
    double dropMm() {
        return drop.exists() ? drop.depthMm() : 0;
    }

    /** {@return outer face of the riser's frame (x, mm)} */
    double riserOutMm() {
        return drop.fromMm() + walls.toFrameMm();
    }

    /** {@return inner face of the riser's frame, up to which the upper floor reaches (x, mm)} */
    double riserInMm() {
        return riserOutMm() + walls.frameMm();
    }

    /** {@return inside of the riser's lining (x, mm)} */
    double riserInsideMm() {
        return drop.fromMm() + walls.thicknessMm();
    }

    /** {@return corners of the lower edge of a side's outer skin, wheels not cut out} */
    List<Point2> skin() {
        return edge(riserOutMm(), 0, room -> new Bounds2(0, 0, 0, 0), false);
    }

    /** {@return corners of the lower edge of a side's frame} */
    List<Point2> frame() {
        return edge(riserInMm(), frameFromMm(), WheelRoom::notch, true);
    }

    /** {@return corners of the lower edge of a side's lining} */
    List<Point2> lining() {
        return edge(riserInsideMm(), liningFromMm(), WheelRoom::boxed, true);
    }

    private List<Point2> edge(
            double stepMm, double levelMm, Function<WheelRoom, Bounds2> cut, boolean isCut) {
        List<Point2> edge = new ArrayList<>();
        boolean stepped = !drop.exists();

        for (WheelRoom wheel : wheels) {
            if (!stepped && wheel.fromMm() < drop.fromMm()) {
                step(stepMm, levelMm, edge);
                stepped = true;
            }
            if (isCut) {
                Bounds2 room = cut.apply(wheel);
                double level = levelMm - (stepped ? 0 : dropMm());
                edge.add(new Point2(room.toU(), level));
                edge.add(new Point2(room.toU(), room.toV()));
                edge.add(new Point2(room.fromU(), room.toV()));
                edge.add(new Point2(room.fromU(), level));
            }
        }
        if (!stepped) {
            step(stepMm, levelMm, edge);
        }
        return edge;
    }

    private void step(double stepMm, double levelMm, List<Point2> edge) {
        edge.add(new Point2(stepMm, levelMm - dropMm()));
        edge.add(new Point2(stepMm, levelMm));
    }
}
