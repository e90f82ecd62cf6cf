package pteron.exchange.frame;

import pteron.core.frame.Bend;
import pteron.core.frame.Member;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.mechanics.SawnBend;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** How a member that follows a curve is made, in words. */
public final class BendWords {

    /** Board that curved pieces are sawn from (mm): common practice. */
    private static final double BOARD_MM = 140;

    private BendWords() {}

    /** {@return how it is bent, beginning with a semicolon; empty for a straight one} */
    public static String of(Member member, UnitSystem units) {
        return member.bend().map(bend -> words(member, bend, units)).orElse("");
    }

    private static String words(Member member, Bend bend, UnitSystem units) {
        String radius = "; follows a bend, least radius " + length(bend.leastRadiusMm(), units);
        return bend.glued()
                .map(glued -> radius + glued(glued, units) + sawn(member, bend, units))
                .orElse(radius + ": sawn to it");
    }

    private static String glued(LaminatedBend glued, UnitSystem units) {
        return ": glue up %d strips of %s"
                .formatted(glued.strips(), length(glued.stripMm(), units));
    }

    private static String sawn(Member member, Bend bend, UnitSystem units) {
        double width = member.section().thicknessMm();
        SawnBend sawn =
                new SawnBend(width, BOARD_MM, bend.leastRadiusMm() + width, bend.lengthMm());
        return ", or saw it in %d pieces from a board of %s, twice, joints staggered"
                .formatted(sawn.pieces(), length(BOARD_MM, units));
    }

    private static String length(double mm, UnitSystem units) {
        return LengthText.format(mm, units);
    }
}
