package pteron.exchange.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.buildup.SectionText;
import pteron.core.cure.NextSections;
import pteron.core.cure.NextSections.Other;
import pteron.core.figure.Verdict;
import pteron.core.frame.Member;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.LoadCase;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.strength.Governing;
import pteron.core.strength.Strength;

/** Why a member is as thick as it is, in words. */
public final class WhyWords {

    /** Said of a member that no load of its own is put on. */
    public static final String NOT_CHECKED =
            "Not checked: no load is put on this member by itself. It takes the section of the members beside it.";

    private WhyWords() {}

    /** {@return everything that is said of a member, a sentence a line; its neighbours in size are worked out} */
    public static List<String> lines(BoxModel model, Member member) {
        UnitSystem units = model.plan().units();
        List<String> lines = new ArrayList<>(List.of(heading(member, model)));
        Governing governing =
                model.find(Strength.class)
                        .map(strength -> strength.governing().get(member.name()))
                        .orElse(null);
        if (governing == null) {
            lines.add(NOT_CHECKED);
            return lines;
        }
        lines.add(governs(governing, units));
        lines.add(load(governing, units));
        lines.add(span(governing, units));
        lines.add("Greatest moment " + moment(governing, units) + ", factored");
        governing.checks().forEach(check -> lines.add(check(check, units)));
        NextSections.of(model, member)
                .forEach(other -> lines.add(other(other, member, units) + ": " + would(other)));
        return lines;
    }

    private static String heading(Member member, BoxModel model) {
        return "%s, %s, %s"
                .formatted(
                        member.name(),
                        section(member, member.section().depthMm(), model.plan().units()),
                        model.library().get(member.timber()).name());
    }

    private static String section(Member member, double depthMm, UnitSystem units) {
        return SectionText.of(member.section().withDepth(depthMm), units);
    }

    /** {@return which check governs, with its demand and its limit} */
    public static String governs(Governing governing, UnitSystem units) {
        return mode(governing.check()) + " governs: " + measure(governing.check(), units);
    }

    /** {@return one check: demand, limit, share of the limit} */
    public static String check(Check check, UnitSystem units) {
        return mode(check) + " " + measure(check, units);
    }

    private static String measure(Check check, UnitSystem units) {
        return "%s, limit %s · %s, %s"
                .formatted(
                        check.demand().text(units),
                        check.capacity().text(units),
                        NumberText.percent(check.utilisation()),
                        Verdict.of(check.utilisation()).word());
    }

    /** {@return the way of failing alone: Stud, deflection is Deflection} */
    private static String mode(Check check) {
        String words = check.name().substring(check.name().indexOf(", ") + 2);
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** {@return what lies on the member, not factored} */
    public static String load(Governing governing, UnitSystem units) {
        LoadCase loads = governing.loads();
        List<String> parts = new ArrayList<>();
        if (loads.permanent() > 0) {
            parts.add("its own weight and what it carries, " + line(loads.permanent(), units));
        }
        if (loads.spread() > 0) {
            String what =
                    governing.wind().map(zone -> "wind in zone " + zone.name()).orElse("people");
            parts.add(what + ", " + line(loads.spread(), units));
        }
        if (loads.middle() > 0) {
            parts.add("one person in the middle, " + Quantity.newton(loads.middle()).text(units));
        }
        return parts.isEmpty() ? "No load" : "Load: " + String.join("; ", parts);
    }

    private static String line(double load, UnitSystem units) {
        return new Quantity(load, Unit.NEWTON_PER_MILLIMETRE).text(units);
    }

    /** {@return the span and how it is measured} */
    public static String span(Governing governing, UnitSystem units) {
        return "Span %s: %s"
                .formatted(Quantity.mm(governing.beam().spanMm()).text(units), governing.span());
    }

    /** {@return the greatest factored moment} */
    public static String moment(Governing governing, UnitSystem units) {
        double greatest = governing.designMomentAt(governing.beam().spanMm() / 2);
        return new Quantity(greatest / 1000, Unit.NEWTON_METRE).text(units);
    }

    /** {@return the section of a member one size away} */
    public static String other(Other other, Member member, UnitSystem units) {
        boolean less = other.depthMm() < member.section().depthMm();
        return (less ? "Next size down, " : "Next size up, ")
                + section(member, other.depthMm(), units)
                + ", box "
                + new Quantity(Math.abs(other.moreKg()), Unit.KILOGRAM).text(units)
                + (other.moreKg() < 0 ? " lighter" : " heavier");
    }

    /** {@return how hard it would work then} */
    public static String would(Other other) {
        Check check = other.governing().check();
        return "%s %s, %s"
                .formatted(
                        mode(check).toLowerCase(Locale.ROOT),
                        NumberText.percent(check.utilisation()),
                        Verdict.of(check.utilisation()).word());
    }
}
