package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import pteron.core.geometry.Point2;
import pteron.core.outline.EdgeKind;
import pteron.core.plan.Partition;

/** Where panels need a member behind their lining that a partition is fixed to. */
final class Backings {

    /** So often a place is looked for by halving: a millionth of a mm of any box. */
    private static final int HALVINGS = 60;

    private final ShellInput plan;
    private final List<Band> bands;

    Backings(ShellInput plan, List<Band> bands) {
        this.plan = plan;
        this.bands = bands;
    }

    /** {@return the panels with what backs the partitions; strip panels follow each other as the bands do} */
    List<Panel> of(List<Panel> panels) {
        List<Panel> backed = new ArrayList<>();
        int band = 0;
        for (Panel panel : panels) {
            boolean strip = isStrip(panel.kind());
            backed.add(panel.withBackings(strip ? strip(panel, bands.get(band)) : other(panel)));
            band += strip ? 1 : 0;
        }
        return backed;
    }

    private static boolean isStrip(PanelKind kind) {
        return switch (kind) {
            case FRONT, NOSE, ROOF, TAIL, REAR, UNDER -> true;
            case FLOOR, LEFT, RIGHT, LOWER_LEFT, LOWER_RIGHT, WING, RISER, WHEEL_BOX, PARTITION ->
                    false;
        };
    }

    private static double middle(Partition one) {
        return one.placeMm() + one.thicknessMm() / 2;
    }

    private List<Double> other(Panel panel) {
        return switch (panel.kind()) {
            case LEFT, RIGHT, LOWER_LEFT, LOWER_RIGHT ->
                    places(panel, one -> isHeld(one) && one.run() == Partition.Run.ACROSS);
            case FLOOR -> places(panel, one -> one.run() == Partition.Run.ALONG);
            default -> List.of();
        };
    }

    private List<Double> strip(Panel panel, Band band) {
        if (panel.isAcross()) {
            return plan.partitions().stream()
                    .filter(one -> one.run() == Partition.Run.ACROSS)
                    .filter(one -> isUnder(band, middle(one)))
                    .map(one -> along(band, middle(one)))
                    .filter(place -> isWithin(panel, place))
                    .toList();
        }
        return places(panel, one -> isHeld(one) && reaches(one, band));
    }

    private static boolean isHeld(Partition one) {
        return one.hold() != Partition.Hold.FLOOR_AND_CEILING;
    }

    /** {@return whether a partition along the box goes as far as a wall at its front or its rear} */
    private boolean reaches(Partition one, Band band) {
        double thick = plan.makeUp().walls().thicknessMm();
        boolean ahead = band.element().index() < bands.size() / 2;
        double front = bands.getFirst().from().u() + thick;
        double rear = bands.getLast().element().curve().to().u() - thick;
        return one.run() == Partition.Run.ALONG
                && (ahead ? one.fromMm() <= front : one.toMm() >= rear);
    }

    private List<Double> places(Panel panel, Predicate<Partition> which) {
        return plan.partitions().stream()
                .filter(which)
                .map(Backings::middle)
                .filter(place -> isWithin(panel, place))
                .toList();
    }

    private static boolean isWithin(Panel panel, double place) {
        double room = panel.memberRoomMm();
        return place > panel.frame().bounds().fromU() + room
                && place < panel.frame().bounds().toU() - room;
    }

    private static boolean isUnder(Band band, double xMm) {
        double from = band.from().u();
        double to = band.element().curve().to().u();
        return band.element().kind() != EdgeKind.UNDER
                && Math.min(from, to) < xMm
                && xMm < Math.max(from, to);
    }

    private static double along(Band band, double xMm) {
        double before = 0;
        double after = band.lengthMm();
        boolean rises = band.element().curve().to().u() > band.from().u();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (before + after) / 2;
            Point2 at = band.frameIn().at(middle);
            if (at.u() < xMm == rises) {
                before = middle;
            } else {
                after = middle;
            }
        }
        EdgeKind kind = band.element().kind();
        boolean reversed = kind == EdgeKind.TAIL || kind == EdgeKind.REAR;
        return reversed ? band.lengthMm() - before : before;
    }
}
