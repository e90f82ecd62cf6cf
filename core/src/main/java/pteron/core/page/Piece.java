package pteron.core.page;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import pteron.core.frame.Member;
import pteron.core.frame.Role;

/**
 * One piece of a panel's frame as its page tells it. Immutable.
 *
 * @param number its number on the page, from 1; the same on drawing, plates and list
 * @param member the member
 * @param frames name of the opening whose edge it is, empty for others
 * @param fromZeroMm from the zero of the page to its nearer face, across an upright, or to its nearer end (mm)
 * @param middleMm from the zero of the page to its centre (mm)
 */
public record Piece(
        int number, Member member, Optional<String> frames, double fromZeroMm, double middleMm) {

    /** Roles of what is fitted between two members that stand already. */
    private static final Set<Role> BETWEEN =
            EnumSet.of(Role.SHORT_STUD, Role.SHORT_BOW, Role.SHORT_BEARER);

    /** So short that an error of the work is felt: such a piece is measured where it goes (mm); common practice. */
    private static final double SHORT_MM = 150;

    /** {@return what it is called on its wall, and what it frames: stud 3; trimmer 2, Window A} */
    public String title() {
        String role = member.role().label(member.panel().kind());
        String own = member.name().substring(Math.max(0, member.name().lastIndexOf(role)));
        return frames.map(name -> own + ", " + name).orElse(own);
    }

    /** {@return the bevel along one of its edges, in words: 11°, inner face narrower; empty where it has none} */
    public static String bevel(Member member) {
        double degrees = member.ripDegrees();
        if (SawSetting.of(degrees).isSquare()) {
            return "";
        }
        return SawSetting.of(degrees).words()
                + (degrees > 0 ? ", inner face narrower" : ", outer face narrower");
    }

    /** {@return length between the farther corners (mm): the long point} */
    public double longPointMm() {
        return member.lengthMm();
    }

    /** {@return length between the nearer corners (mm): the short point} */
    public double shortPointMm() {
        return member.bend().isPresent() ? member.lengthMm() : member.shortSideMm();
    }

    /** {@return whether its length is taken from the work: blocks, and short pieces between two that stand already} */
    public boolean isTakenFromWork() {
        return member.role() == Role.BLOCK
                || BETWEEN.contains(member.role()) && member.lengthMm() <= SHORT_MM;
    }
}
