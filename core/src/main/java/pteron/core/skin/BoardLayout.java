package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import pteron.core.frame.Boarding;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;

/** Lays boards over one face, course by course; where one is too short the next butts against it on a member. */
final class BoardLayout {

    private final Boarding boards;
    private final Bounds2 area;
    private final List<Double> supports;
    private final List<Bounds2> pieces = new ArrayList<>();
    private final List<Segment2> butts = new ArrayList<>();

    /**
     * A layout.
     *
     * @param rows rows of blocks that upright boards may butt on
     */
    BoardLayout(Boarding boards, PanelFrame frame, Bounds2 area, List<Double> rows) {
        this.boards = boards;
        this.area = area;
        this.supports = boards.upright() ? rows : frame.settingOut().middles();
        double from = boards.upright() ? area.fromU() : area.fromV();
        double to = boards.upright() ? area.toU() : area.toV();
        double before = from;
        int course = 0;
        for (double edge : boards.edges(from, to)) {
            course(before, edge, course);
            before = edge;
            course++;
        }
    }

    /** {@return what each board covers (u, v)} */
    List<Bounds2> pieces() {
        return pieces;
    }

    /** {@return where boards butt end to end (u, v)} */
    List<Segment2> butts() {
        return butts;
    }

    private void course(double low, double high, int course) {
        double start = boards.upright() ? area.fromV() : area.fromU();
        double end = boards.upright() ? area.toV() : area.toU();
        // butts of one course do not lie over those of the next
        double reach = course % 2 == 0 ? boards.lengthMm() : boards.lengthMm() / 2;
        boolean longer = end - start > boards.lengthMm() + Tolerance.TOUCH.lengthMm();
        while (longer && start + reach < end - Tolerance.TOUCH.lengthMm()) {
            double butt = farthest(start, start + reach);
            pieces.add(box(start, butt, low, high));
            butts.add(across(butt, low, high));
            start = butt;
            reach = boards.lengthMm();
        }
        pieces.add(box(start, end, low, high));
    }

    private double farthest(double after, double upTo) {
        return supports.stream()
                .mapToDouble(Double::doubleValue)
                .filter(place -> place > after + 1 && place <= upTo + Tolerance.TOUCH.lengthMm())
                .max()
                .orElse(upTo);
    }

    private Bounds2 box(double from, double to, double low, double high) {
        return boards.upright()
                ? new Bounds2(low, high, from, to)
                : new Bounds2(from, to, low, high);
    }

    private Segment2 across(double at, double low, double high) {
        return boards.upright()
                ? new Segment2(new Point2(low, at), new Point2(high, at))
                : new Segment2(new Point2(at, low), new Point2(at, high));
    }
}
