package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.Beside;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.opening.PlacedOpening;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Rim;
import pteron.core.shell.RimEdge;

/** Frames the edges of a panel: plates, posts, end bows; answers what room they leave. */
final class EdgeFramer {

    /** Steepness from which the first and last edge of a wall are posts, not plates (degrees). */
    private static final double POST_FROM_DEGREES = 45;

    private final Panel panel;
    private final MemberMaker maker;
    private final Taken taken;
    private final Bend.Making making;
    private final double thickness;
    private final double reach;

    EdgeFramer(Panel panel, MemberMaker maker, Taken taken, Bend.Making making) {
        this.making = making;
        this.panel = panel;
        this.maker = maker;
        this.taken = taken;
        this.thickness = panel.members().section().thicknessMm();
        Bounds2 bounds = panel.frame().bounds();
        this.reach = bounds.width() + bounds.height();
    }

    /** {@return the room left inside plates and posts} */
    List<Polygon2> frame(List<PlacedOpening> openings) {
        List<Polygon2> inside = panel.rooms();
        if (!panel.isAcross()) {
            inside = bottomPlate(inside, openings);
            inside = topPlates(inside);
            inside = stepPosts(inside);
        }
        inside = post(inside, 0);
        return post(inside, panel.rim().edges().size() - 1);
    }

    /** A plate on every level piece of the lower edge, also over a wheel. */
    private List<Polygon2> bottomPlate(List<Polygon2> inside, List<PlacedOpening> openings) {
        List<Polygon2> rooms = inside;
        List<Segment2> edge = panel.rim().lowerEdge();
        for (int i = 0; i < edge.size(); i++) {
            Segment2 piece = edge.get(i);
            if (Rim.isLevel(piece)) {
                double low = piece.from().v();
                Bounds2 plate = new Bounds2(piece.from().u(), piece.to().u(), low, low + thickness);
                Role role = bridges(edge, i) ? Role.HEADER : Role.BOTTOM_PLATE;
                rooms = bottomPlate(rooms, plate, role, openings);
            }
        }
        return rooms;
    }

    /** {@return whether the wall reaches farther down on both sides of a piece of its lower edge} */
    private static boolean bridges(List<Segment2> edge, int index) {
        boolean within = index > 0 && index < edge.size() - 1;
        return within
                && edge.get(index - 1).from().v() < edge.get(index).from().v()
                && edge.get(index + 1).to().v() < edge.get(index).to().v();
    }

    private List<Polygon2> stepPosts(List<Polygon2> inside) {
        List<Polygon2> rooms = inside;
        for (Segment2 piece : panel.rim().lowerEdge()) {
            if (!Rim.isLevel(piece)) {
                rooms = stepPost(rooms, piece);
            }
        }
        return rooms;
    }

    /** On the side of the step where the wall reaches farther down a post stands, from its plate to the top. */
    private List<Polygon2> stepPost(List<Polygon2> inside, Segment2 step) {
        double at = step.from().u();
        boolean behind = step.to().v() < step.from().v();
        double from = behind ? at : at - thickness;
        Bounds2 all = panel.frame().bounds();
        Polygon2 strip =
                Polygon2.rectangle(new Bounds2(from, from + thickness, all.fromV(), all.toV()));
        inside.stream()
                .flatMap(room -> room.shared(strip).stream())
                .forEach(post -> maker.add(Role.TRIMMER, post, MemberMaker.ALONG));
        taken.add(from, from + thickness);
        List<Polygon2> left =
                inside.stream().flatMap(room -> room.without(strip).stream()).toList();
        return panel.kind().isSide() ? left : stepBacking(left, at, behind ? 1 : -1);
    }

    /** In a corner below a wing a further post backs the edge of the lining, as in the corners above. */
    private List<Polygon2> stepBacking(List<Polygon2> inside, double at, int way) {
        double far = panel.cornerBackingToMm();
        if (far < 2 * thickness) {
            return inside;
        }
        double from = way > 0 ? at + far - thickness : at - far;
        UprightFramer.pieces(inside, from, thickness)
                .forEach(post -> maker.add(Role.CORNER_BACKING, post, MemberMaker.ALONG));
        taken.add(from, from + thickness);
        Bounds2 all = panel.frame().bounds();
        Polygon2 strip =
                Polygon2.rectangle(new Bounds2(from, from + thickness, all.fromV(), all.toV()));
        return inside.stream().flatMap(room -> room.without(strip).stream()).toList();
    }

    private List<Polygon2> bottomPlate(
            List<Polygon2> inside, Bounds2 plate, Role role, List<PlacedOpening> openings) {
        List<Polygon2> doors =
                openings.stream()
                        .filter(one -> one.reachesFloor() && cutsPlate(one, plate))
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        Polygon2 whole = Polygon2.rectangle(plate);
        for (Polygon2 room : inside) {
            for (Polygon2 piece : room.shared(whole)) {
                piece.without(doors).forEach(left -> addBottomPlate(left, role));
            }
        }
        return inside.stream().flatMap(room -> room.without(whole).stream()).toList();
    }

    private void addBottomPlate(Polygon2 piece, Role role) {
        // what is left under a threshold is thinner than the plate and is no piece of it
        if (piece.bounds().height() > thickness - 1) {
            maker.addRipped(role, piece, MemberMaker.ACROSS, panel.rips().startDegrees());
        }
    }

    private static boolean cutsPlate(PlacedOpening one, Bounds2 plate) {
        return one.clear().fromV() < plate.toV() - Tolerance.PENCIL.lengthMm();
    }

    private boolean isPost(int edge) {
        boolean outermost = edge == 0 || edge == panel.rim().edges().size() - 1;
        Point2 way = way(edge);
        double steepness = Math.toDegrees(Math.atan2(Math.abs(way.v()), Math.abs(way.u())));
        return outermost
                && panel.rim().edges().get(edge).isStraight()
                && steepness >= POST_FROM_DEGREES;
    }

    private Point2 way(int edge) {
        RimEdge rim = panel.rim().edges().get(edge);
        return rim.to().minus(rim.from()).unit();
    }

    private Line2 line(int edge) {
        return Line2.through(
                panel.rim().edges().get(edge).from(), panel.rim().edges().get(edge).to());
    }

    private List<Polygon2> topPlates(List<Polygon2> inside) {
        List<Polygon2> plates = new ArrayList<>();
        for (int edge = 0; edge < panel.rim().edges().size(); edge++) {
            if (!isPost(edge)) {
                Optional<Polygon2> plate = piece(inside, plateStrip(edge), edge);
                if (plate.isPresent()) {
                    plates.add(plate.get());
                    addTopPlate(plate.get(), edge);
                }
            }
        }
        return left(inside, plates);
    }

    /** What plates leave of the room, on a grid: a sliver over an edge that was meant to be one spoils later cuts. */
    private static List<Polygon2> left(List<Polygon2> inside, List<Polygon2> plates) {
        List<Polygon2> even = plates.stream().map(Polygon2::onGrid).toList();
        return inside.stream().flatMap(room -> room.onGrid().without(even).stream()).toList();
    }

    private void addTopPlate(Polygon2 plate, int edge) {
        RimEdge rim = panel.rim().edges().get(edge);
        boolean plumb = Math.abs(way(edge).u()) < Tolerance.DIRECTION;
        if (plumb && !panel.isAcross()) {
            taken.add(plate.bounds().fromU(), plate.bounds().toU());
            maker.add(Role.CORNER_POST, plate, way(edge));
        } else if (rim.isStraight()) {
            maker.addRipped(Role.TOP_PLATE, plate, way(edge), panel.rips().endDegrees());
        } else {
            Bend bend =
                    Bend.of(plate, rim.line(), panel.members().section(), maker.timber(), making);
            maker.addBent(Role.TOP_PLATE, plate, way(edge), bend);
        }
    }

    /** {@return the strip of a plate: mitred against plates, run through over posts} */
    private Polygon2 plateStrip(int edge) {
        RimEdge rim = panel.rim().edges().get(edge);
        Beside outer = rim.line();
        Beside inner = outer.movedRight(thickness);
        boolean plateBefore = edge > 0 && !isPost(edge - 1);
        boolean plateAfter = edge < panel.rim().edges().size() - 1 && !isPost(edge + 1);
        boolean endsBefore = plateBefore || (edge > 0 && buttsAt(edge));
        boolean endsAfter =
                plateAfter || (edge < panel.rim().edges().size() - 1 && buttsAt(edge + 1));
        double from = endsBefore ? rim.fromMm() : rim.fromMm() - reach;
        double to = endsAfter ? rim.toMm() : rim.toMm() + reach;
        double innerFrom = plateBefore ? mitre(inner, edge - 1, rim.from()) : from;
        double innerTo = plateAfter ? mitre(inner, edge + 1, rim.to()) : to;
        List<Point2> round = new ArrayList<>(outer.points(from, to, RimEdge.SAWN_MM));
        round.addAll(inner.points(innerFrom, innerTo, RimEdge.SAWN_MM).reversed());
        return Polygon2.of(round).sound();
    }

    /** {@return whether an edge goes on smoothly or turns outward from the one before it: a post runs past it} */
    private boolean buttsAt(int edge) {
        RimEdge before = panel.rim().edges().get(edge - 1);
        RimEdge after = panel.rim().edges().get(edge);
        Point2 way = before.line().direction(before.toMm());
        return way.cross(after.line().direction(after.fromMm())) > -Beside.SMOOTH;
    }

    private double mitre(Beside inner, int neighbour, Point2 shared) {
        return inner.corner(
                panel.rim().edges().get(neighbour).line().movedRight(thickness), shared);
    }

    private Optional<Polygon2> piece(List<Polygon2> inside, Polygon2 strip, int edge) {
        Point2 middle = panel.rim().edges().get(edge).middle();
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
        List<Polygon2> posts =
                panel.notches().isEmpty()
                        ? piece(inside, strip, edge).stream().toList()
                        : inside.stream().flatMap(room -> room.shared(strip).stream()).toList();
        if (posts.isEmpty() || lacksRoom(posts.getFirst())) {
            return inside;
        }
        posts.forEach(post -> addPost(post, edge));
        return inside.stream().flatMap(room -> room.without(posts).stream()).toList();
    }

    /** {@return whether a bend is too short for a member at each of its ends} */
    private boolean lacksRoom(Polygon2 post) {
        double room = panel.memberRoomMm();
        return panel.surface().isBent()
                && (post.bounds().width() < thickness - Tolerance.PENCIL.lengthMm()
                        || (!maker.members().isEmpty()
                                && panel.frame().bounds().width() < 2 * room));
    }

    private void addPost(Polygon2 post, int edge) {
        boolean plumb = Math.abs(way(edge).u()) < Tolerance.DIRECTION;
        if (plumb) {
            double lean = (panel.memberRoomMm() - thickness) / 2;
            taken.add(post.bounds().fromU() - lean, post.bounds().toU() + lean);
        }
        boolean first = edge == 0;
        Point2 axis = first ? way(edge) : way(edge).times(-1);
        double rip = first ? panel.rips().startDegrees() : panel.rips().endDegrees();
        maker.addRipped(role(), post, axis, panel.isAcross() ? rip : 0);
    }

    private Role role() {
        if (panel.kind() == PanelKind.FLOOR || panel.kind() == PanelKind.UNDER) {
            return Role.EDGE_BEARER;
        }
        return panel.isAcross() ? Role.END_BOW : Role.CORNER_POST;
    }
}
