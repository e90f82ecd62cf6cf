package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.PlacedOpening;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;

/** Frames the edges of a panel: plates, posts, end bows; answers what room they leave. */
final class EdgeFramer {

    /** Steepness from which the first and last edge of a wall are posts, not plates (degrees). */
    private static final double POST_FROM_DEGREES = 45;

    private final Panel panel;
    private final MemberMaker maker;
    private final Taken taken;
    private final double thickness;
    private final double reach;

    EdgeFramer(Panel panel, MemberMaker maker, Taken taken) {
        this.panel = panel;
        this.maker = maker;
        this.taken = taken;
        this.thickness = panel.members().section().thicknessMm();
        Bounds2 bounds = panel.frame().bounds();
        this.reach = bounds.width() + bounds.height();
    }

    /** {@return the room left inside plates and posts} */
    List<Polygon2> frame(List<PlacedOpening> openings) {
        List<Polygon2> inside = List.of(panel.frame());
        if (!panel.kind().isRoof()) {
            inside = bottomPlate(inside, openings);
            inside = topPlates(inside);
        }
        inside = post(inside, 0);
        return post(inside, panel.chain().size() - 2);
    }

    private List<Polygon2> bottomPlate(List<Polygon2> inside, List<PlacedOpening> openings) {
        Bounds2 frame = panel.frame().bounds();
        Bounds2 plate =
                new Bounds2(frame.fromU(), frame.toU(), frame.fromV(), frame.fromV() + thickness);
        List<Polygon2> doors =
                openings.stream()
                        .filter(one -> one.reachesFloor() && cutsPlate(one, plate))
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        Polygon2 whole = Polygon2.rectangle(plate);
        for (Polygon2 room : inside) {
            for (Polygon2 piece : room.shared(whole)) {
                piece.without(doors).forEach(this::addBottomPlate);
            }
        }
        return inside.stream().flatMap(room -> room.without(whole).stream()).toList();
    }

    private void addBottomPlate(Polygon2 piece) {
        // what is left under a threshold is thinner than the plate and is no piece of it
        if (piece.bounds().height() > thickness - 1) {
            maker.addRipped(
                    Role.BOTTOM_PLATE, piece, MemberMaker.ACROSS, panel.rips().startDegrees());
        }
    }

    private static boolean cutsPlate(PlacedOpening one, Bounds2 plate) {
        return one.clear().fromV() < plate.toV() - Tolerance.PENCIL.lengthMm();
    }

    private boolean isPost(int edge) {
        boolean outermost = edge == 0 || edge == panel.chain().size() - 2;
        Point2 way = way(edge);
        double steepness = Math.toDegrees(Math.atan2(Math.abs(way.v()), Math.abs(way.u())));
        return outermost && steepness >= POST_FROM_DEGREES;
    }

    private Point2 way(int edge) {
        return line(edge).direction();
    }

    private Line2 line(int edge) {
        return Line2.through(panel.chain().get(edge), panel.chain().get(edge + 1));
    }

    private List<Polygon2> topPlates(List<Polygon2> inside) {
        List<Polygon2> plates = new ArrayList<>();
        for (int edge = 0; edge < panel.chain().size() - 1; edge++) {
            if (!isPost(edge)) {
                Optional<Polygon2> plate = piece(inside, plateStrip(edge), edge);
                if (plate.isPresent()) {
                    plates.add(plate.get());
                    addTopPlate(plate.get(), edge);
                }
            }
        }
        return inside.stream().flatMap(room -> room.without(plates).stream()).toList();
    }

    private void addTopPlate(Polygon2 plate, int edge) {
        maker.addRipped(Role.TOP_PLATE, plate, way(edge), panel.rips().endDegrees());
    }

    /** {@return the strip of a plate: mitred against plates, run through over posts} */
    private Polygon2 plateStrip(int edge) {
        Line2 outer = line(edge);
        Line2 inner = outer.movedRight(thickness);
        Point2 from = panel.chain().get(edge);
        Point2 to = panel.chain().get(edge + 1);
        boolean plateBefore = edge > 0 && !isPost(edge - 1);
        boolean plateAfter = edge < panel.chain().size() - 2 && !isPost(edge + 1);
        Point2 innerFrom = plateBefore ? mitre(inner, edge - 1, from) : inner.at(-reach);
        Point2 innerTo = plateAfter ? mitre(inner, edge + 1, to) : inner.at(reach);
        return Polygon2.of(
                List.of(
                        plateBefore ? from : outer.at(-reach),
                        plateAfter ? to : outer.at(reach),
                        innerTo,
                        innerFrom));
    }

    private Point2 mitre(Line2 inner, int neighbour, Point2 shared) {
        Line2 other = line(neighbour).movedRight(thickness);
        return inner.meets(other).orElseGet(() -> inner.at(inner.along(shared)));
    }

    private Optional<Polygon2> piece(List<Polygon2> inside, Polygon2 strip, int edge) {
        Point2 middle = panel.chain().get(edge).plus(panel.chain().get(edge + 1)).times(0.5);
        return inside.stream()
                .flatMap(room -> room.shared(strip).stream())
                .min(Comparator.comparingDouble(found -> found.centroid().distance(middle)));
    }

    private List<Polygon2> post(List<Polygon2> inside, int edge) {
        if (!isPost(edge)) {
            return inside;
        }
        Line2 outer = line(edge);
        Line2 inner = outer.movedRight(thickness);
        Polygon2 strip =
                Polygon2.of(
                        List.of(
                                outer.at(-reach),
                                outer.at(reach),
                                inner.at(reach),
                                inner.at(-reach)));
        Optional<Polygon2> post = piece(inside, strip, edge);
        if (post.isEmpty()) {
            return inside;
        }
        addPost(post.get(), edge);
        return inside.stream().flatMap(room -> room.without(post.get()).stream()).toList();
    }

    private void addPost(Polygon2 post, int edge) {
        boolean plumb = Math.abs(way(edge).u()) < Tolerance.DIRECTION;
        if (plumb) {
            taken.add(post.bounds().fromU(), post.bounds().toU());
        }
        boolean first = edge == 0;
        Point2 axis = first ? way(edge) : way(edge).times(-1);
        double rip = first ? panel.rips().startDegrees() : panel.rips().endDegrees();
        maker.addRipped(role(), post, axis, panel.kind().isRoof() ? rip : 0);
    }

    private Role role() {
        if (panel.kind().isRoof()) {
            return Role.END_BOW;
        }
        return panel.kind() == PanelKind.FLOOR ? Role.EDGE_BEARER : Role.CORNER_POST;
    }
}
