package pteron.core.placing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.Opening.Wall;
import pteron.core.quantity.Named;
import pteron.core.shell.Shell;
import pteron.core.shell.ShellStage;

/**
 * The shape of a wall, along it and over the floor, and where an opening still fits. Immutable.
 *
 * @param wall which one
 * @param shape along the wall from the box's front face or left side, and over the floor's top (mm)
 * @param edgeMm timber that must stand between an opening and the ends of the wall (mm)
 * @param aboveMm timber that must lie between an opening and the edges over and under it (mm)
 */
public record WallRoom(Wall wall, Polygon2 shape, double edgeMm, double aboveMm) {

    /** How far apart places are tried (mm). */
    private static final double STEP_MM = 10;

    /** Area of a cut-out that may reach over by rounding (mm²). */
    private static final double SLACK_MM2 = 1;

    /** {@return a wall of a plan: where it is framed its frame, else the outline's} */
    public static WallRoom of(BoxPlan plan, Wall wall) {
        Outline outline = OutlineStage.of(plan.box());
        double timber = plan.makeUp().walls().members().section().thicknessMm();
        double edge = timber + UnitShelf.PLAY_MM;
        double above = 2 * timber + UnitShelf.PLAY_MM;
        boolean flat = outline.usable() && outline.elements().size() > 2;
        return framed(plan, outline, wall, flat)
                .orElseGet(() -> new WallRoom(wall, bare(plan, outline, wall), edge, above));
    }

    private static Optional<WallRoom> framed(
            BoxPlan plan, Outline outline, Wall wall, boolean flat) {
        if (!flat) {
            return Optional.empty();
        }
        Shell shell = ShellStage.of(ShellStage.Input.of(plan, outline));
        return shell.panel(Named.small(wall))
                .map(
                        panel -> {
                            Bounds2 all = panel.frame().bounds();
                            double left = panel.kind().isSide() ? 0 : plan.box().widthMm() / 2;
                            double corner = panel.kind().isSide() ? 0 : panel.cornerBackingToMm();
                            Polygon2 shape = moved(panel.frame(), left, -all.fromV());
                            double timber = panel.members().section().thicknessMm();
                            double play = UnitShelf.PLAY_MM;
                            return new WallRoom(
                                    wall, shape, timber + play + corner, 2 * timber + play);
                        });
    }

    private static Polygon2 moved(Polygon2 shape, double alongMm, double upMm) {
        Point2 by = new Point2(alongMm, upMm);
        return Polygon2.of(shape.corners().stream().map(corner -> corner.plus(by)).toList());
    }

    private static Polygon2 bare(BoxPlan plan, Outline outline, Wall wall) {
        double floor = plan.makeUp().floor().structureMm();
        boolean side = wall == Wall.LEFT || wall == Wall.RIGHT;
        return side
                ? moved(outline.shape().polygon(), 0, -floor)
                : Polygon2.rectangle(end(plan, outline, wall, floor));
    }

    /** The straight part of the front or rear between floor and roof. */
    private static Bounds2 end(BoxPlan plan, Outline outline, Wall wall, double floor) {
        List<Point2> corners = outline.points();
        double top = wall == Wall.FRONT ? corners.get(1).v() : corners.get(corners.size() - 2).v();
        double high = Math.max(floor + 1, Math.min(top, outline.heightMm()));
        return new Bounds2(0, plan.box().widthMm(), 0, high - floor);
    }

    /** {@return the nearest place to a wanted one at which an opening lies inside the wall's edges} */
    public Optional<Place> inside(Size size, Place wanted, boolean onFloor) {
        return places(size, onFloor, wanted)
                .filter(place -> fits(size, place, onFloor))
                .findFirst();
    }

    /** {@return the nearest such place that is clear of other openings too} */
    public Optional<Place> free(Size size, Place wanted, boolean onFloor, List<Opening> others) {
        return places(size, onFloor, wanted)
                .filter(place -> fits(size, place, onFloor))
                .filter(place -> others.stream().allMatch(other -> apart(size, place, other)))
                .findFirst();
    }

    private Stream<Place> places(Size size, boolean onFloor, Place wanted) {
        Bounds2 all = shape.bounds();
        double low = Math.ceil(all.fromU() / STEP_MM) * STEP_MM;
        return DoubleStream.iterate(low, u -> u + size.widthMm() <= all.toU(), u -> u + STEP_MM)
                .boxed()
                .flatMap(u -> sills(size, onFloor, wanted).mapToObj(v -> new Place(u, v)))
                .sorted(Comparator.comparingDouble(place -> distance(place, wanted)));
    }

    /** The wanted sill, else lower or higher ones. */
    private DoubleStream sills(Size size, boolean onFloor, Place wanted) {
        if (onFloor) {
            return DoubleStream.of(0);
        }
        double most = shape.bounds().toV() - aboveMm - size.heightMm();
        DoubleStream others =
                DoubleStream.iterate(
                        STEP_MM * Math.ceil(aboveMm / STEP_MM),
                        v -> v <= most,
                        v -> v + 4 * STEP_MM);
        return DoubleStream.concat(DoubleStream.of(Math.max(0, wanted.sillMm())), others);
    }

    private static double distance(Place place, Place wanted) {
        return Math.abs(place.alongMm() - wanted.alongMm())
                + 3 * Math.abs(place.sillMm() - wanted.sillMm());
    }

    private boolean fits(Size size, Place place, boolean onFloor) {
        double low = onFloor ? place.sillMm() : place.sillMm() - aboveMm;
        Polygon2 needed =
                Polygon2.rectangle(
                        new Bounds2(
                                place.alongMm() - edgeMm,
                                place.alongMm() + size.widthMm() + edgeMm,
                                low,
                                place.sillMm() + size.heightMm() + aboveMm));
        return shape.contains(needed, SLACK_MM2);
    }

    private boolean apart(Size size, Place place, Opening other) {
        double gap = 2 * edgeMm;
        boolean along =
                place.alongMm() + size.widthMm() + gap <= other.place().alongMm()
                        || other.place().alongMm() + other.size().widthMm() + gap
                                <= place.alongMm();
        boolean up =
                place.sillMm() + size.heightMm() + 2 * gap <= other.place().sillMm()
                        || other.place().sillMm() + other.size().heightMm() + 2 * gap
                                <= place.sillMm();
        return along || up;
    }
}
