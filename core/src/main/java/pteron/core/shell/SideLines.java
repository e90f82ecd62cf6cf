package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import pteron.core.curve.Beside;
import pteron.core.curve.Straight;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxDetails.WheelArch;

/**
 * The chains of a side wall, from the front foot over the top to the rear foot (x, z).
 *
 * @param skin edge of the outer skin, down to the deck
 * @param frame edge of the frame, down to the floor's top
 * @param lining edge of the lining, down to the floor's top
 * @param room edge of the room inside, down to the floor's top
 * @param underside what closes them below
 */
record SideLines(
        List<RimEdge> skin,
        List<RimEdge> frame,
        List<RimEdge> lining,
        List<RimEdge> room,
        Underside underside) {

    static SideLines of(List<Band> bands, Underside underside, Assembly assembly) {
        double drop = underside.dropMm();
        boolean past = assembly.sidesRunPast();
        boolean below = assembly.ceilingOnWalls();
        Function<Band, Beside> upTo =
                band -> below && band.isRoof() ? band.inside() : band.frameIn();
        return new SideLines(
                chain(bands, Band::frameOut, underside.skinFromMm(), drop),
                chain(bands, past ? Band::frameOut : upTo, underside.frameFromMm(), drop),
                chain(bands, past ? Band::frameOut : Band::inside, underside.liningFromMm(), drop),
                chain(bands, Band::inside, underside.liningFromMm(), drop),
                underside);
    }

    private static List<RimEdge> chain(
            List<Band> bands, Function<Band, Beside> line, double floorMm, double dropMm) {
        Beside floor = level(floorMm);
        Beside rearFloor = level(floorMm - dropMm);
        List<RimEdge> chain = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            Beside own = line.apply(bands.get(i));
            Point2 from =
                    i == 0
                            ? Joint.corner(own, floor, Joint.foot(bands.getFirst()))
                            : corner(bands, line, i);
            Point2 to =
                    i == bands.size() - 1
                            ? Joint.corner(own, rearFloor, Joint.foot(bands.getLast()))
                            : corner(bands, line, i + 1);
            chain.add(new RimEdge(own, own.nearest(from), own.nearest(to)));
        }
        return chain;
    }

    private static Point2 corner(List<Band> bands, Function<Band, Beside> line, int after) {
        Band band = bands.get(after);
        return Joint.corner(line.apply(bands.get(after - 1)), line.apply(band), band.from());
    }

    /** {@return the shortest edge of frame and lining (mm); 0 where one is turned round or folds over} */
    double leastEdgeMm() {
        double least = Double.POSITIVE_INFINITY;
        for (List<RimEdge> chain : List.of(frame, lining)) {
            for (RimEdge edge : chain) {
                boolean folds = edge.line().folds(edge.fromMm(), edge.toMm());
                double length = edge.line().lengthMm(edge.fromMm(), edge.toMm());
                least = Math.min(least, folds ? 0 : length);
            }
        }
        return least;
    }

    /** {@return whether every edge is still there and none crosses another} */
    boolean hold() {
        return leastEdgeMm() > 1
                && polygon(frame, underside.frame()).isSimple()
                && polygon(lining, underside.lining()).isSimple();
    }

    /** {@return the outer skin, wheels cut out} */
    List<Polygon2> outerSkin() {
        List<WheelArch> arches = underside.wheels().stream().map(WheelRoom::arch).toList();
        return WheelArchShape.without(polygon(skin, underside.skin()), arches);
    }

    /** {@return the lining} */
    Polygon2 innerSkin() {
        return polygon(lining, underside.lining());
    }

    /** {@return the area within edges that a lower edge closes} */
    static Polygon2 polygon(List<RimEdge> edges, List<Point2> lowerEdge) {
        List<Point2> round = new ArrayList<>(RimEdge.chain(edges));
        round.addAll(lowerEdge);
        return Polygon2.of(round);
    }

    /** {@return a level line (x, z) at a height over the deck (mm)} */
    static Beside level(double heightMm) {
        return new Beside(new Straight(new Point2(0, heightMm), new Point2(1, heightMm)), 0);
    }
}
