package pteron.app.start;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import pteron.app.document.PlanDocument;
import pteron.core.buildup.Framed;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.PlainText;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierSize;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** What is chosen so far, and the plan that follows. The box is made anew when carrier or outline are chosen anew. */
final class Beginning {

    private final Map<CarrierStart, CarrierSize> sizes = new EnumMap<>(CarrierStart.class);
    private final ObjectProperty<CarrierStart> carrier =
            new SimpleObjectProperty<>(CarrierStart.TRAILER);
    private final ObjectProperty<OutlineStart> outline =
            new SimpleObjectProperty<>(OutlineStart.RAKED_NOSE);
    private final ObjectProperty<Framed.Scheme> scheme =
            new SimpleObjectProperty<>(Framed.Scheme.STUDS);
    private final PlanDocument document;
    private String name = "";

    Beginning(UnitSystem units) {
        for (CarrierStart one : CarrierStart.values()) {
            sizes.put(one, one.sizes(units).getFirst());
        }
        document =
                new PlanDocument(
                        NewPlan.of(carrier.get(), size(carrier.get()), outline.get(), units), null);
    }

    /** {@return the plan as it would be begun} */
    PlanDocument document() {
        return document;
    }

    ObjectProperty<CarrierStart> carrierProperty() {
        return carrier;
    }

    ObjectProperty<OutlineStart> outlineProperty() {
        return outline;
    }

    /** Builds walls and roof in another way. */
    void choose(Framed.Scheme way) {
        scheme.set(way);
        renew();
    }

    CarrierSize size(CarrierStart kind) {
        return sizes.get(kind);
    }

    UnitSystem units() {
        return document.plan().units();
    }

    /** Chooses a carrier; an outline that does not go on it gives way to the first that does. */
    void choose(CarrierStart kind) {
        carrier.set(kind);
        if (NewPlan.refusal(kind, outline.get()).isPresent()) {
            outline.set(OutlineStart.RAKED_NOSE);
        }
        renew();
    }

    /** Chooses an outline that goes on the carrier. */
    void choose(OutlineStart shape) {
        if (NewPlan.refusal(carrier.get(), shape).isEmpty()) {
            outline.set(shape);
            renew();
        }
    }

    /**
     * Changes the size of a carrier.
     *
     * @throws IllegalArgumentException if a number is out of its range; nothing changes
     */
    void resize(CarrierStart kind, UnaryOperator<CarrierSize> change) {
        CarrierSize other = change.apply(sizes.get(kind));
        NewPlan.of(kind, other, OutlineStart.SQUARE, units());
        sizes.put(kind, other);
        carrier.set(kind);
        renew();
    }

    /** Begins in the other unit: typical sizes become those of its shops, sizes that were typed stay. */
    void switchUnits() {
        UnitSystem before = units();
        UnitSystem other = before == UnitSystem.METRIC ? UnitSystem.INCHES : UnitSystem.METRIC;
        for (CarrierStart kind : CarrierStart.values()) {
            int typical = kind.sizes(before).indexOf(sizes.get(kind));
            if (typical >= 0) {
                sizes.put(kind, kind.sizes(other).get(typical));
            }
        }
        renew(other);
    }

    /** {@return why another name is not taken, empty when it is; the name before stays then} */
    Optional<String> rename(String other) {
        try {
            name = PlainText.require("name", other.strip());
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
        document.edit(this::named);
        return Optional.empty();
    }

    private BoxPlan named(BoxPlan plan) {
        return plan.withName(name.isEmpty() ? outline.get().title() : name);
    }

    private void renew() {
        renew(units());
    }

    private void renew(UnitSystem units) {
        CarrierStart kind = carrier.get();
        BoxPlan fresh =
                NewPlan.built(NewPlan.of(kind, size(kind), outline.get(), units), scheme.get());
        document.edit(plan -> named(fresh));
    }
}
