package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Section;
import pteron.core.frame.MemberMaker.Depth;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Rim;
import pteron.core.shell.Skin;

/** Puts blocks between the members wherever a sheet's edge runs across them. */
final class BlockFramer {

    /** By so much the ends of a plumb line may lie apart (mm). */
    private static final double PLUMB_MM = 1e-3;

    private final Panel panel;
    private final MemberMaker maker;
    private final Section own;
    private final Section blocking;
    private final List<Polygon2> inside;
    private final List<Polygon2> openings;

    BlockFramer(
            Panel panel,
            MemberMaker maker,
            Section blocking,
            List<Polygon2> inside,
            List<Polygon2> openings) {
        this.panel = panel;
        this.maker = maker;
        this.own = panel.members().section();
        boolean alike = panel.isBonded() || own.isTube() || blocking.depthMm() > own.depthMm();
        this.blocking = alike ? own : blocking;
        this.inside = inside;
        // beside a header on a bend trimmers lean away: no block stands in that gap
        double lean = (panel.memberRoomMm() - own.thicknessMm()) / 2;
        this.openings =
                lean > 0
                        ? openings.stream()
                                .map(one -> Polygon2.rectangle(one.bounds().grown(lean, 0)))
                                .toList()
                        : openings;
    }

    void frame(SettingOut settingOut) {
        if (panel.isAcross()) {
            roofEdges();
        } else if (!panel.kind().isSide() && panel.kind() != PanelKind.FLOOR) {
            liningEnds();
        }
        List<Double> outer = new ArrayList<>(settingOut.outerRows());
        List<Double> inner = new ArrayList<>(settingOut.innerRows());
        for (double row : settingOut.outerRows()) {
            if (panel.kind() == PanelKind.FLOOR || inner.removeIf(v -> Math.abs(v - row) < 1)) {
                outer.remove(row);
                row(row, new Depth(own, 0));
            }
        }
        outer.forEach(row -> row(row, flushOutside()));
        inner.forEach(
                row ->
                        row(
                                row,
                                panel.kind() == PanelKind.FLOOR
                                        ? new Depth(own, 0)
                                        : flushInside()));
    }

    /** Backs what is left bare of a lining's edge, as round the box over a wheel. */
    void backEdges() {
        for (Segment2 edge : LiningEdges.bare(panel, maker.members(), openings)) {
            boolean level = Rim.isLevel(edge);
            boolean plumb = Math.abs(edge.to().u() - edge.from().u()) < PLUMB_MM;
            if (level || plumb) {
                back(edge, level);
            }
        }
    }

    /** A block lies under the lining with one face at its edge; the lining lies on the left of where it is fixed. */
    private void back(Segment2 fixed, boolean level) {
        double wide = blocking.thicknessMm();
        Point2 left = fixed.to().minus(fixed.from()).unit().leftNormal();
        Point2 out = left.times(-LiningEdges.EDGE_MM);
        Segment2 edge = new Segment2(fixed.from().plus(out), fixed.to().plus(out));
        Point2 in = left.times(wide);
        Bounds2 room =
                new Bounds2(
                        Math.min(edge.from().u(), edge.to().u()) + Math.min(0, in.u()),
                        Math.max(edge.from().u(), edge.to().u()) + Math.max(0, in.u()),
                        Math.min(edge.from().v(), edge.to().v()) + Math.min(0, in.v()),
                        Math.max(edge.from().v(), edge.to().v()) + Math.max(0, in.v()));
        Depth depth = flushInside();
        List<Polygon2> standing =
                maker.members().stream().filter(depth::meets).map(Member::profile).toList();
        inside.stream()
                .flatMap(rest -> rest.shared(Polygon2.rectangle(room)).stream())
                .flatMap(piece -> piece.without(standing).stream())
                .flatMap(piece -> piece.without(openings).stream())
                .filter(
                        piece ->
                                Math.min(piece.bounds().width(), piece.bounds().height())
                                        > wide / 2)
                .forEach(piece -> maker.addBlock(piece, depth, level));
    }

    private Depth flushOutside() {
        return new Depth(blocking, 0);
    }

    private Depth flushInside() {
        return new Depth(blocking, own.depthMm() - blocking.depthMm());
    }

    /** Backs the lower and upper edge of a lining that ends short of the plates. */
    private void liningEnds() {
        Bounds2 frame = panel.frame().bounds();
        Bounds2 lining = panel.skin(Skin.Face.INNER).area().bounds();
        liningEnd(frame.fromV(), lining.fromV(), 1);
        liningEnd(frame.toV(), lining.toV(), -1);
    }

    private void liningEnd(double edge, double liningEdge, int inward) {
        double set = inward * (liningEdge - edge);
        if (set > own.thicknessMm() - Panel.CORNER_BACKING_MM) {
            double least = own.thicknessMm() + blocking.thicknessMm() / 2;
            row(edge + inward * Math.max(least, set), flushInside());
        }
    }

    private void roofEdges() {
        Bounds2 frame = panel.frame().bounds();
        Bounds2 lining = panel.skin(Skin.Face.INNER).area().bounds();
        roofEdge(frame.fromV(), lining.fromV(), 1);
        roofEdge(frame.toV(), lining.toV(), -1);
    }

    /** Backs the edge of the skin and that of the lining; by one block where it reaches both. */
    private void roofEdge(double edge, double liningEdge, int inward) {
        double set = Math.abs(liningEdge - edge);
        if (set + Panel.CORNER_BACKING_MM <= own.thicknessMm()) {
            row(edge + inward * own.thicknessMm() / 2, new Depth(own, 0));
            return;
        }
        double wide = blocking.thicknessMm();
        row(edge + inward * wide / 2, flushOutside());
        row(edge + inward * Math.max(wide * 1.5, set), flushInside());
    }

    private void row(double middle, Depth depth) {
        double half = depth.section().thicknessMm() / 2;
        Bounds2 frame = panel.frame().bounds();
        Polygon2 strip =
                Polygon2.rectangle(
                        new Bounds2(frame.fromU(), frame.toU(), middle - half, middle + half));
        List<Polygon2> standing =
                maker.members().stream().filter(depth::meets).map(Member::profile).toList();
        inside.stream()
                .flatMap(room -> room.shared(strip).stream())
                .flatMap(piece -> piece.without(standing).stream())
                .flatMap(piece -> piece.without(openings).stream())
                .filter(piece -> piece.bounds().fromV() < middle && middle < piece.bounds().toV())
                .flatMap(piece -> fitted(piece, depth).stream())
                .forEach(piece -> maker.addBlock(piece, depth, true));
    }

    /**
     * {@return a block as it fits between bows, empty where it is too short: on the inside of a bend their
     * faces lean towards each other}
     */
    private Optional<Polygon2> fitted(Polygon2 piece, Depth depth) {
        if (!panel.surface().isBent()) {
            return Optional.of(piece);
        }
        double inner = depth.fromInwardMm() + depth.section().depthMm();
        double stretch =
                Math.min(
                        panel.surface().stretch(piece, depth.fromInwardMm()),
                        panel.surface().stretch(piece, inner));
        double lean = own.thicknessMm() / 2 * Math.max(0, 1 / stretch - 1);
        Bounds2 all = piece.bounds();
        return all.width() - 2 * lean < MemberMaker.SHORTEST_MM
                ? Optional.empty()
                : Optional.of(
                        Polygon2.rectangle(
                                new Bounds2(
                                        all.fromU() + lean,
                                        all.toU() - lean,
                                        all.fromV(),
                                        all.toV())));
    }
}
