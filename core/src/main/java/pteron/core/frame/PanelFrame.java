package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;

/**
 * The frame of one panel. Immutable.
 *
 * @param panel the panel
 * @param settingOut middles and rows
 * @param members its members, in the order they are put in
 * @param firrings what lies on the bows of a roof that rises across the width; in planes across the roof
 */
public record PanelFrame(
        Panel panel, SettingOut settingOut, List<Member> members, List<Member> firrings) {

    /** Copies the lists. */
    public PanelFrame {
        members = List.copyOf(members);
        firrings = List.copyOf(firrings);
    }

    /** {@return its members and what lies on them} */
    public List<Member> all() {
        return firrings.isEmpty()
                ? members
                : Stream.concat(members.stream(), firrings.stream()).toList();
    }

    /** {@return whether a member reaches through the whole panel} */
    public boolean isFullDepth(Member member) {
        return member.section().depthMm() > panel.depthMm() - Tolerance.PENCIL.lengthMm();
    }

    /**
     * The room between the members that the filling takes up. Immutable.
     *
     * @param areaMm2 its area (mm²), 0 or above
     * @param middle middle of that area (u, v)
     */
    public record Bays(double areaMm2, Point2 middle) {}

    /**
     * {@return the room between full-depth members, openings left out}
     *
     * <p>Members share no room, so their areas and moments are taken from those of the frame; of openings
     * only what no member and no other opening covers.
     *
     * @param openings clear openings (u, v)
     */
    public Bays bays(List<Polygon2> openings) {
        List<Polygon2> taken = new ArrayList<>();
        members.stream().filter(this::isFullDepth).forEach(member -> taken.add(member.profile()));
        List<Polygon2> holes = new ArrayList<>();
        for (Polygon2 opening : openings) {
            List<Polygon2> covered = new ArrayList<>(taken);
            covered.addAll(holes);
            panel.frame().shared(opening).forEach(hole -> holes.addAll(hole.without(covered)));
        }
        taken.addAll(holes);
        panel.notches().forEach(notch -> taken.add(Polygon2.rectangle(notch)));
        Polygon2 frame = panel.frame();
        double area = frame.area();
        Point2 moment = frame.centroid().times(area);
        for (Polygon2 piece : taken) {
            area -= piece.area();
            moment = moment.minus(piece.centroid().times(piece.area()));
        }
        return new Bays(Math.max(0, area), area > 0 ? moment.times(1 / area) : frame.centroid());
    }

    /** {@return greatest distance between the middles of neighbouring upright members (mm), 0 for fewer than two} */
    public double widestBayMm() {
        List<Double> middles =
                members.stream()
                        .filter(Member::isUpright)
                        .map(member -> member.bounds().middle().u())
                        .sorted()
                        .toList();
        double widest = 0;
        for (int i = 1; i < middles.size(); i++) {
            widest = Math.max(widest, middles.get(i) - middles.get(i - 1));
        }
        return widest;
    }
}
