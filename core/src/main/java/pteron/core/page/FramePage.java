package pteron.core.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelTitle;

/**
 * The page of one panel's frame. Immutable.
 *
 * @param panel the panel
 * @param fromOutside whether it is drawn as seen from outside, its zero at the left; else from inside
 * @param zero where places (u) and heights (v) are counted from (mm)
 * @param pieces its members, plates first, then by place; numbers count from 1 in this order
 * @param plates what is marked on the straight plates
 * @param openings sills and heads
 * @param diagonals by which it is pulled square, empty where a corner is bent
 */
public record FramePage(
        Panel panel,
        boolean fromOutside,
        Point2 zero,
        List<Piece> pieces,
        List<PlateMarks> plates,
        List<OpeningHeights> openings,
        Optional<Diagonals> diagonals) {

    /** How far beyond the end of an upright its plate is looked for (mm). */
    private static final double REACH_MM = 3;

    /** Copies the lists. */
    public FramePage {
        pieces = List.copyOf(pieces);
        plates = List.copyOf(plates);
        openings = List.copyOf(openings);
    }

    /** {@return a page for each panel that has members, in the order of the frame} */
    public static List<FramePage> all(Frame frame, Openings openings) {
        return frame.panels().stream()
                .filter(one -> !one.all().isEmpty())
                .map(one -> of(one, openings.in(one.panel())))
                .toList();
    }

    /** {@return the page of a panel} */
    static FramePage of(PanelFrame frame, List<PlacedOpening> openings) {
        Point2 zero = zero(frame);
        List<Piece> pieces = pieces(frame, openings, zero);
        List<PlateMarks> plates =
                pieces.stream()
                        .filter(piece -> isStraightPlate(piece.member()))
                        .map(plate -> new PlateMarks(plate, marks(plate, pieces)))
                        .filter(plate -> !plate.marks().isEmpty())
                        .toList();
        List<OpeningHeights> heights =
                openings.stream()
                        .sorted(Comparator.comparingDouble(one -> one.clear().fromU()))
                        .map(one -> heights(one, zero))
                        .toList();
        return new FramePage(
                frame.panel(),
                isFromOutside(frame.panel()),
                zero,
                pieces,
                plates,
                heights,
                Diagonals.of(frame.members()));
    }

    /** {@return what the panel is called: Left wall} */
    public String title() {
        return PanelTitle.of(panel);
    }

    /** The tape is hooked at the foremost end of the plates, or of what there is; heights begin on the lowest plate. */
    private static Point2 zero(PanelFrame frame) {
        List<Member> all = frame.members().isEmpty() ? frame.all() : frame.members();
        List<Member> plates = all.stream().filter(FramePage::isStraightPlate).toList();
        double from =
                (plates.isEmpty() ? all : plates)
                        .stream()
                                .mapToDouble(member -> member.bounds().fromU())
                                .min()
                                .orElseThrow();
        double top =
                plates.stream()
                        .filter(member -> member.role() == Role.BOTTOM_PLATE)
                        .mapToDouble(member -> member.bounds().toV())
                        .min()
                        .orElseGet(() -> lowest(all));
        return new Point2(from, top);
    }

    private static double lowest(List<Member> all) {
        return all.stream().mapToDouble(member -> member.bounds().fromV()).min().orElseThrow();
    }

    private static List<Piece> pieces(PanelFrame frame, List<PlacedOpening> openings, Point2 zero) {
        List<Member> members = new ArrayList<>(frame.members());
        members.sort(
                Comparator.comparingInt((Member member) -> isPlate(member) ? 0 : 1)
                        .thenComparing(
                                (one, other) ->
                                        isPlate(one) && isPlate(other)
                                                ? one.role().compareTo(other.role())
                                                : 0)
                        .thenComparingDouble(member -> rounded(member.bounds().fromU()))
                        .thenComparingDouble(member -> rounded(member.bounds().fromV())));
        List<Piece> pieces = new ArrayList<>();
        for (Member member : members) {
            double from = member.bounds().fromU() - zero.u();
            double middle = member.bounds().middle().u() - zero.u();
            pieces.add(
                    new Piece(pieces.size() + 1, member, framed(member, openings), from, middle));
        }
        double zeroX = frame.panel().surface().at(zero, 0).x();
        for (Member firring : frame.firrings()) {
            double middle = Math.abs(firring.centre().x() - zeroX);
            double from = middle - firring.section().depthMm() / 2;
            pieces.add(new Piece(pieces.size() + 1, firring, Optional.empty(), from, middle));
        }
        return pieces;
    }

    /** {@return name of the opening that a trimmer, header or sill stands at: it touches its clear room on that side} */
    private static Optional<String> framed(Member member, List<PlacedOpening> openings) {
        Bounds2 at = member.bounds();
        return openings.stream()
                .filter(one -> isEdge(member.role(), at, one.clear()))
                .map(one -> one.opening().name())
                .findFirst();
    }

    private static boolean isEdge(Role role, Bounds2 at, Bounds2 clear) {
        boolean beside = at.fromV() < clear.toV() && clear.fromV() < at.toV();
        boolean over = at.fromU() < clear.toU() && clear.fromU() < at.toU();
        return switch (role) {
            case TRIMMER ->
                    beside && (touch(at.toU(), clear.fromU()) || touch(at.fromU(), clear.toU()));
            case HEADER -> over && touch(at.fromV(), clear.toV());
            case SILL -> over && touch(at.toV(), clear.fromV());
            default -> false;
        };
    }

    private static boolean touch(double one, double other) {
        return Math.abs(one - other) < REACH_MM;
    }

    /** So that the order does not hang on the last bits of a sum. */
    private static double rounded(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    private static boolean isPlate(Member member) {
        return member.role() == Role.BOTTOM_PLATE || member.role() == Role.TOP_PLATE;
    }

    private static boolean isStraightPlate(Member member) {
        return isPlate(member) && member.bend().isEmpty() && !member.isUpright();
    }

    private static List<PlateMarks.Mark> marks(Piece plate, List<Piece> pieces) {
        double start =
                plate.member().profile().corners().stream()
                        .mapToDouble(corner -> forward(plate.member()).dot(corner))
                        .min()
                        .orElseThrow();
        return pieces.stream()
                .filter(
                        piece ->
                                piece.member().isUpright()
                                        && !isPlate(piece.member())
                                        && piece.member().panel().equals(plate.member().panel()))
                .flatMap(
                        piece ->
                                ends(piece.member()).stream()
                                        .filter(end -> meets(end, piece.member(), plate.member()))
                                        .limit(1)
                                        .map(end -> mark(piece, end, plate, start)))
                .sorted(Comparator.comparingDouble(PlateMarks.Mark::alongMm))
                .toList();
    }

    /** {@return the direction of a plate away from the zero, length 1} */
    private static Point2 forward(Member plate) {
        return plate.axis().u() < 0 ? plate.axis().times(-1) : plate.axis();
    }

    private static PlateMarks.Mark mark(Piece piece, Segment2 end, Piece plate, double start) {
        Point2 forward = forward(plate.member());
        double one = forward.dot(end.from()) - start;
        double other = forward.dot(end.to()) - start;
        return new PlateMarks.Mark(
                piece.number(), piece.fromZeroMm(), Math.min(one, other), Math.abs(one - other));
    }

    private static List<Segment2> ends(Member upright) {
        List<Segment2> ends = new ArrayList<>(upright.ends(false));
        ends.addAll(upright.ends(true));
        return ends;
    }

    /** {@return whether an end of an upright stands on a plate: a little beyond its middle there is the plate} */
    private static boolean meets(Segment2 end, Member upright, Member plate) {
        Point2 away = end.middle().minus(upright.bounds().middle());
        double way = Math.signum(upright.axis().dot(away));
        Point2 beyond = end.middle().plus(upright.axis().times(way * REACH_MM));
        double half = Tolerance.PENCIL.lengthMm();
        Bounds2 spot =
                new Bounds2(
                        beyond.u() - half, beyond.u() + half, beyond.v() - half, beyond.v() + half);
        return plate.bounds().overlaps(spot)
                && plate.profile().sharedArea(Polygon2.rectangle(spot)) > 0;
    }

    private static OpeningHeights heights(PlacedOpening one, Point2 zero) {
        Bounds2 clear = one.clear();
        return new OpeningHeights(
                one.opening().name(),
                clear.width(),
                clear.height(),
                clear.fromU() - zero.u(),
                one.reachesFloor()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(clear.fromV() - zero.v()),
                clear.toV() - zero.v());
    }

    /** With u to the right and v upwards the viewer stands where u × v points: outside if that is not inwards. */
    private static boolean isFromOutside(Panel panel) {
        Point2 at = panel.frame().centroid();
        Point3 here = panel.surface().at(at, 0);
        Point3 u = panel.surface().at(at.plus(new Point2(1, 0)), 0).minus(here);
        Point3 v = panel.surface().at(at.plus(new Point2(0, 1)), 0).minus(here);
        Point3 inwards = panel.surface().at(at, 1).minus(here);
        return u.cross(v).dot(inwards) < 0;
    }
}
