package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Point3;
import pteron.core.mechanics.RolledBend;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;

/** Whether the frame can be cut and put together. */
final class FrameCheck {

    /** Wedge that glue or sealant fills by itself (mm); common practice. */
    private static final double LEAST_WEDGE_MM = 1;

    /** Area two members may share by rounding (mm²). */
    static final double SHARED_MM2 = 1;

    private FrameCheck() {}

    static List<Finding> findings(LongestParts longest, List<PanelFrame> panels) {
        List<Finding> findings = new ArrayList<>();
        for (PanelFrame frame : panels) {
            packing(frame.panel(), findings);
            lengths(longest, frame, findings);
            frame.members().forEach(member -> rolled(member, findings));
            overlaps(frame, findings);
        }
        return findings;
    }

    private static void packing(Panel panel, List<Finding> findings) {
        double wedge = Math.max(panel.rips().startPackMm(), panel.rips().endPackMm());
        if (wedge > LEAST_WEDGE_MM) {
            findings.add(
                    new Finding(
                            "CORNER_WANTS_PACKING",
                            Severity.NOTE,
                            Place.of(FrameStation.FRAME, panel.id()),
                            Quantity.mm(wedge),
                            Limit.atMost(
                                    Quantity.mm(
                                            panel.members().section().thicknessMm()
                                                    - Panel.Rips.LEAST_SHORT_FACE_MM)),
                            Cure.advice("PACK_THE_WEDGE", Quantity.mm(wedge))));
        }
    }

    private static void lengths(LongestParts longest, PanelFrame frame, List<Finding> findings) {
        for (Member member : frame.members()) {
            double most = longest.of(member);
            if (member.lengthMm() > most) {
                Point3 middle = member.centre();
                findings.add(
                        new Finding(
                                "MEMBER_LONGER_THAN_STOCK",
                                Severity.WATCH,
                                new Place(
                                        FrameStation.FRAME,
                                        member.name(),
                                        middle.x(),
                                        middle.y(),
                                        middle.z()),
                                Quantity.mm(member.lengthMm()),
                                Limit.atMost(Quantity.mm(most)),
                                Cure.advice(
                                        "SPLICE_OR_LONGER_STOCK",
                                        Quantity.mm(member.lengthMm() - most))));
            }
        }
    }

    private static void rolled(Member member, List<Finding> findings) {
        if (member.bend().flatMap(Bend::way).orElse(null) instanceof RolledBend rolled
                && !rolled.holds()) {
            Point3 middle = member.centre();
            findings.add(
                    new Finding(
                            "TUBE_ROLLED_TOO_TIGHT",
                            Severity.WATCH,
                            new Place(
                                    FrameStation.FRAME,
                                    member.name(),
                                    middle.x(),
                                    middle.y(),
                                    middle.z()),
                            Quantity.mm(rolled.radiusMm()),
                            Limit.atLeast(Quantity.mm(rolled.leastMm())),
                            Cure.advice("NOTCH_OR_LARGER_RADIUS", Quantity.mm(rolled.leastMm()))));
        }
    }

    /** From low u to high u: a member meets only those that begin before it ends. */
    private static void overlaps(PanelFrame frame, List<Finding> findings) {
        List<Member> members =
                frame.members().stream()
                        .sorted(Comparator.comparingDouble(one -> one.bounds().fromU()))
                        .toList();
        for (int i = 0; i < members.size(); i++) {
            double ends = members.get(i).bounds().toU();
            for (int j = i + 1; j < members.size() && members.get(j).bounds().fromU() < ends; j++) {
                shared(members.get(i), members.get(j), findings);
            }
        }
    }

    private static void shared(Member one, Member other, List<Finding> findings) {
        double shared = sharedMm2(one, other);
        if (shared > SHARED_MM2) {
            Point3 middle = other.centre();
            Quantity side = Quantity.mm(Math.sqrt(shared));
            findings.add(
                    new Finding(
                            "MEMBERS_SHARE_ROOM",
                            Severity.STOPS,
                            new Place(
                                    FrameStation.FRAME,
                                    other.name(),
                                    middle.x(),
                                    middle.y(),
                                    middle.z()),
                            side,
                            Limit.atMost(Quantity.mm(0)),
                            Cure.advice("MOVE_OR_SHRINK_OPENING", side)));
        }
    }

    /** {@return area that two members share in the plane of their panel (mm²), 0 at different depths} */
    static double sharedMm2(Member one, Member other) {
        boolean sameDepth =
                one.fromInwardMm() < other.toInwardMm() - Tolerance.TOUCH.lengthMm()
                        && other.fromInwardMm() < one.toInwardMm() - Tolerance.TOUCH.lengthMm();
        return sameDepth && one.bounds().overlaps(other.bounds())
                ? one.profile().sharedArea(other.profile())
                : 0;
    }
}
