package pteron.core.frame;

import java.util.List;
import java.util.OptionalDouble;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;

/** Puts studs, bows or bearers at the middles of the setting-out. */
final class UprightFramer {

    private final Panel panel;
    private final MemberMaker maker;
    private final Taken taken;
    private final double thickness;
    private final double room;

    UprightFramer(Panel panel, MemberMaker maker, Taken taken) {
        this.panel = panel;
        this.maker = maker;
        this.taken = taken;
        this.thickness = panel.members().section().thicknessMm();
        this.room = panel.memberRoomMm();
    }

    /** Adds a member for each middle that has no timber yet, cut short where it is blocked. */
    void frame(List<Double> middles, List<Polygon2> inside, List<Polygon2> blocked) {
        for (double middle : middles) {
            if (!taken.backs(middle)) {
                OptionalDouble from = taken.roomFor(middle, room);
                if (from.isPresent()) {
                    upright(from.getAsDouble(), inside, blocked);
                }
            }
        }
    }

    /** {@return where a member begins in the middle of its room} */
    private double face(double roomFrom) {
        return roomFrom + (room - thickness) / 2;
    }

    private void upright(double from, List<Polygon2> inside, List<Polygon2> blocked) {
        for (Polygon2 whole : pieces(inside, face(from), thickness)) {
            List<Polygon2> left = whole.without(blocked);
            boolean cut = left.stream().mapToDouble(Polygon2::area).sum() < whole.area() - 1;
            for (Polygon2 piece : left) {
                // a sliver beside an opening is no stud
                if (piece.bounds().width() > thickness - 1) {
                    maker.add(cut ? cutShort() : role(), piece, MemberMaker.ALONG);
                }
            }
        }
        taken.add(from, from + room);
    }

    /** Adds a member of full height that backs the edge of a lining. */
    void backing(double from, List<Polygon2> inside) {
        Role role = panel.isAcross() ? role() : Role.CORNER_BACKING;
        pieces(inside, face(from), thickness)
                .forEach(piece -> maker.add(role, piece, MemberMaker.ALONG));
        taken.add(from, from + room);
    }

    static List<Polygon2> pieces(List<Polygon2> inside, double from, double thickness) {
        double lowest = inside.stream().mapToDouble(p -> p.bounds().fromV()).min().orElse(0);
        double highest = inside.stream().mapToDouble(p -> p.bounds().toV()).max().orElse(0);
        if (!(highest > lowest)) {
            return List.of();
        }
        Polygon2 strip = Polygon2.rectangle(new Bounds2(from, from + thickness, lowest, highest));
        return inside.stream().flatMap(room -> room.shared(strip).stream()).toList();
    }

    private Role cutShort() {
        return switch (role()) {
            case BOW -> Role.SHORT_BOW;
            case BEARER -> Role.SHORT_BEARER;
            default -> Role.SHORT_STUD;
        };
    }

    private Role role() {
        if (panel.kind() == PanelKind.FLOOR || panel.kind() == PanelKind.UNDER) {
            return Role.BEARER;
        }
        return panel.isAcross() ? Role.BOW : Role.STUD;
    }
}
