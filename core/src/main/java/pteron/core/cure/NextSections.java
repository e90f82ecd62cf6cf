package pteron.core.cure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pteron.core.edit.Cures;
import pteron.core.edit.ShopSizes;
import pteron.core.figure.Cure;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Quantity;
import pteron.core.shell.PanelKind;
import pteron.core.strength.Governing;
import pteron.core.strength.Strength;

/** What a member would do if its kind were bought one size down or up: found by working the plan out again. Pure functions. */
public final class NextSections {

    private NextSections() {}

    /**
     * A member one size of the shop away. Immutable.
     *
     * @param depthMm the other depth (mm)
     * @param governing what would govern the member
     * @param moreKg mass that the box would gain (kg), below 0 for less
     * @param change the change of the plan, as a cure that can be pressed
     */
    public record Other(double depthMm, Governing governing, double moreKg, Cure change) {}

    /** {@return the part of the plan that a member takes its section from: floor, walls or roof; empty for others} */
    public static Optional<String> part(BoxModel model, Member member) {
        return model.find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .filter(panel -> panel.all().contains(member))
                .findFirst()
                .map(PanelFrame::panel)
                .map(panel -> panel.kind())
                .filter(kind -> kind != PanelKind.PARTITION && kind != PanelKind.WHEEL_BOX)
                .map(kind -> kind == PanelKind.FLOOR ? "floor" : kind.isRoof() ? "roof" : "walls");
    }

    /**
     * {@return the same member one size down and one size up, where these are sold, can be built and change it}
     *
     * @param model the model as it is
     * @param member one of its checked members
     */
    public static List<Other> of(BoxModel model, Member member) {
        Optional<String> part = part(model, member);
        if (part.isEmpty()) {
            return List.of();
        }
        Stream<Double> down =
                ShopSizes.shallowerThan(member.section(), model.plan().units()).stream();
        Stream<Double> up =
                ShopSizes.deeperThan(member.section(), model.plan().units()).stream().limit(1);
        List<Other> others = new ArrayList<>();
        Stream.concat(down, up)
                .forEach(depth -> other(model, member, part.get(), depth).ifPresent(others::add));
        return List.copyOf(others);
    }

    private static Optional<Other> other(
            BoxModel model, Member member, String part, double depthMm) {
        Cure change = Cure.press("MEMBER_DEPTH", Quantity.mm(depthMm), part);
        try {
            BoxModel after = model.after(Cures.apply(model.plan(), change));
            double more = after.balance().boxKg() - model.balance().boxKg();
            return after.find(Strength.class)
                    .map(strength -> strength.governing().get(member.name()))
                    .filter(one -> isOfDepth(after, member, depthMm))
                    .map(one -> new Other(depthMm, one, more, change));
        } catch (IllegalArgumentException e) {
            // a box that cannot be built with it is no answer
            return Optional.empty();
        }
    }

    private static boolean isOfDepth(BoxModel model, Member member, double depthMm) {
        return model.members().stream()
                .filter(one -> one.name().equals(member.name()))
                .anyMatch(one -> one.section().depthMm() == depthMm);
    }
}
