package pteron.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.frame.Bend;
import pteron.core.frame.Member;
import pteron.core.material.Material;
import pteron.core.mechanics.KerfBend;
import pteron.core.mechanics.WeldSoftening;
import pteron.core.plan.Joining;
import pteron.core.tube.Joint;

/**
 * Where a member of metal is welded, and what that takes from it. Immutable.
 *
 * @param softening what a weld takes; empty where nothing is welded, nothing softens, or nothing is known
 * @param stretches softened stretches between the supports, from the first of them (mm)
 */
record Welded(Optional<WeldSoftening> softening, List<Stretch> stretches) {

    /** Not welded, or not softened. */
    static final Welded NONE = new Welded(Optional.empty(), List.of());

    /** Copies the list. */
    Welded {
        stretches = List.copyOf(stretches);
    }

    /**
     * A softened stretch.
     *
     * @param fromMm where it begins, from a support (mm)
     * @param toMm where it ends (mm)
     * @param jointMm length of the joint in it (mm)
     */
    record Stretch(double fromMm, double toMm, double jointMm) {

        /**
         * {@return the greatest moment in the stretch over that in the middle of the span, under a spread load or one that
         * may stand anywhere}
         *
         * <pre>  4 x (L − x) / L²,  x the place of the stretch that is nearest to the middle  </pre>
         *
         * <p>Source: any beam table. Example: a stretch from 0.3 to 0.4 of the span has 0.96.
         */
        double momentShare(double spanMm) {
            double x = Math.clamp(spanMm / 2, fromMm, toMm);
            return Math.max(0, 4 * x * (spanMm - x) / (spanMm * spanMm));
        }
    }

    /**
     * {@return where a member is welded}
     *
     * @param plan what the strength reads
     * @param member the member
     * @param supportMm how far its first support lies from its start (mm)
     */
    static Welded of(StrengthInput plan, Member member, double supportMm) {
        return softening(plan, member)
                .map(
                        softening ->
                                new Welded(
                                        Optional.of(softening),
                                        places(plan, member, softening, supportMm)))
                .orElse(NONE);
    }

    /** {@return the same where the middle of a span may lie anywhere along the member, so that every weld may lie there} */
    static Welded anywhere(StrengthInput plan, Member member, double spanMm) {
        Welded welded = of(plan, member, 0);
        return new Welded(
                welded.softening,
                welded.stretches.stream().map(one -> new Stretch(0, spanMm, one.jointMm)).toList());
    }

    private static Optional<WeldSoftening> softening(StrengthInput plan, Member member) {
        Material metal = plan.library().get(member.timber());
        return isWelded(plan, member) && WeldSoftening.concerns(metal)
                ? WeldSoftening.of(metal, member.section().wallMm(), plan.joining().weld())
                : Optional.empty();
    }

    private static boolean isWelded(StrengthInput plan, Member member) {
        return plan.joining().tubes() == Joining.Tubes.WELDED && member.section().isTube();
    }

    /** {@return whether a member is welded, softens, and its strengths beside a weld are not known} */
    static boolean isUnchecked(StrengthInput plan, Member member) {
        return isWelded(plan, member)
                && WeldSoftening.concerns(plan.library().get(member.timber()))
                && softening(plan, member).isEmpty();
    }

    private static List<Stretch> places(
            StrengthInput plan, Member member, WeldSoftening softening, double supportMm) {
        List<Stretch> places = new ArrayList<>();
        double length = member.lengthMm();
        if (member.bend().flatMap(Bend::way).orElse(null) instanceof KerfBend) {
            places.add(new Stretch(0, length, length));
        }
        for (Joint joint : plan.joints().getOrDefault(member.name(), List.of())) {
            places.add(
                    new Stretch(
                            joint.fromMm() - softening.reachMm() - supportMm,
                            joint.toMm() + softening.reachMm() - supportMm,
                            joint.lengthMm()));
        }
        return places;
    }

    /** {@return the stretch that is hardest on a member, empty where none is welded between its supports} */
    Optional<Stretch> hardest(double spanMm, double leastWidthMm) {
        return stretches.stream()
                .filter(one -> one.momentShare(spanMm) > 0)
                .max(
                        Comparator.comparingDouble(
                                one ->
                                        one.momentShare(spanMm)
                                                / softening
                                                        .orElseThrow()
                                                        .design(one.jointMm, leastWidthMm)));
    }
}
