package pteron.exchange.frame;

import pteron.core.frame.Bend;
import pteron.core.frame.Member;
import pteron.core.mechanics.BendWay;
import pteron.core.mechanics.KerfBend;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.mechanics.RolledBend;
import pteron.core.mechanics.SawnBend;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** How a member that follows a curve is made, in words. */
public final class BendWords {

    private BendWords() {}

    /** {@return how it is bent, beginning with a semicolon; empty for a straight one} */
    public static String of(Member member, UnitSystem units) {
        boolean tube = member.section().isTube();
        return member.bend().map(bend -> words(bend, tube, units)).orElse("");
    }

    private static String words(Bend bend, boolean tube, UnitSystem units) {
        String radius = "; follows a bend, tightest radius " + length(bend.leastRadiusMm(), units);
        return radius + way(bend.way().orElse(null), tube, units);
    }

    private static String way(BendWay way, boolean tube, UnitSystem units) {
        return switch (way) {
            case LaminatedBend glued ->
                    ": glue up %d strips of %s"
                            .formatted(glued.strips(), length(glued.stripMm(), units));
            case SawnBend sawn ->
                    ": saw it from a board of %s in two layers, %d pieces of %s, joints staggered"
                            .formatted(
                                    length(sawn.boardMm(), units),
                                    sawn.inTwoLayers(),
                                    length(sawn.pieceMm(), units));
            case KerfBend kerfed ->
                    ": %d cuts of %s every %s, %s left under each; %s"
                            .formatted(
                                    kerfed.cuts(),
                                    length(kerfed.kerfMm(), units),
                                    length(kerfed.apartMm(), units),
                                    length(kerfed.leftMm(), units),
                                    tube ? "bend it and weld them" : "glue into them");
            case RolledBend rolled ->
                    ": roll it; folds under a radius of " + length(rolled.leastMm(), units);
            case null -> ": sawn to it";
        };
    }

    private static String length(double mm, UnitSystem units) {
        return LengthText.format(mm, units);
    }
}
