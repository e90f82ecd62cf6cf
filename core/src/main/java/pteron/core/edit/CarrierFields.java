package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Trailer;
import pteron.core.plan.Trailer.Deck;
import pteron.core.plan.Trailer.Empty;
import pteron.core.plan.Trailer.Ratings;
import pteron.core.quantity.Unit;

/** Fields of the carrier. */
final class CarrierFields {

    private CarrierFields() {}

    static List<NumberField> numbers(BoxPlan plan) {
        List<NumberField> fields = new ArrayList<>();
        fields.add(
                mm(
                        "deck.length",
                        "Deck length",
                        t -> t.deck().lengthMm(),
                        (t, v) ->
                                t.withDeck(new Deck(v, t.deck().widthMm(), t.deck().heightMm()))));
        fields.add(
                mm(
                        "deck.width",
                        "Deck width",
                        t -> t.deck().widthMm(),
                        (t, v) ->
                                t.withDeck(new Deck(t.deck().lengthMm(), v, t.deck().heightMm()))));
        fields.add(
                mm(
                        "deck.height",
                        "Deck over the ground",
                        t -> t.deck().heightMm(),
                        (t, v) ->
                                t.withDeck(new Deck(t.deck().lengthMm(), t.deck().widthMm(), v))));
        fields.add(
                mm(
                        "coupler.ahead",
                        "Coupler ahead of the deck",
                        Trailer::couplerAheadMm,
                        Trailer::withCouplerAhead));
        for (int i = 0; i < plan.trailer().axlesMm().size(); i++) {
            fields.add(
                    place(
                            "axle." + i,
                            "Axle " + (i + 1) + " behind the deck's front",
                            i,
                            Trailer::axlesMm,
                            Trailer::withAxles));
        }
        fields.add(
                mm(
                        "wheel.diameter",
                        "Wheel diameter",
                        Trailer::wheelDiameterMm,
                        Trailer::withWheelDiameter));
        fields.add(
                kg(
                        "empty.mass",
                        "Empty mass",
                        t -> t.empty().massKg(),
                        (t, v) -> t.withEmpty(new Empty(v, t.empty().couplerKg()))));
        fields.add(
                kg(
                        "empty.coupler",
                        "Empty coupler load",
                        t -> t.empty().couplerKg(),
                        (t, v) -> t.withEmpty(new Empty(t.empty().massKg(), v))));
        fields.add(
                kg(
                        "rating.gross",
                        "Gross rating",
                        t -> t.ratings().grossKg(),
                        (t, v) ->
                                t.withRatings(
                                        new Ratings(
                                                v,
                                                t.ratings().axlesKg(),
                                                t.ratings().couplerKg()))));
        fields.add(
                kg(
                        "rating.axles",
                        "Rating of all axles",
                        t -> t.ratings().axlesKg(),
                        (t, v) ->
                                t.withRatings(
                                        new Ratings(
                                                t.ratings().grossKg(),
                                                v,
                                                t.ratings().couplerKg()))));
        fields.add(
                kg(
                        "rating.coupler",
                        "Coupler rating",
                        t -> t.ratings().couplerKg(),
                        (t, v) ->
                                t.withRatings(
                                        new Ratings(
                                                t.ratings().grossKg(), t.ratings().axlesKg(), v))));
        for (int i = 0; i < plan.trailer().crossMembersMm().size(); i++) {
            fields.add(
                    place(
                            "cross-member." + i,
                            "Cross-member " + (i + 1),
                            i,
                            Trailer::crossMembersMm,
                            Trailer::withCrossMembers));
        }
        return fields;
    }

    private static NumberField mm(
            String key,
            String name,
            ToDoubleFunction<Trailer> get,
            BiFunction<Trailer, Double, Trailer> set) {
        return field(key, name, Unit.MILLIMETRE, get, set);
    }

    private static NumberField kg(
            String key,
            String name,
            ToDoubleFunction<Trailer> get,
            BiFunction<Trailer, Double, Trailer> set) {
        return field(key, name, Unit.KILOGRAM, get, set);
    }

    private static NumberField field(
            String key,
            String name,
            Unit unit,
            ToDoubleFunction<Trailer> get,
            BiFunction<Trailer, Double, Trailer> set) {
        return new NumberField(
                key,
                "carrier",
                name,
                unit,
                plan -> get.applyAsDouble(plan.trailer()),
                (plan, value) -> plan.withTrailer(set.apply(plan.trailer(), value)));
    }

    private static NumberField place(
            String key,
            String name,
            int index,
            Function<Trailer, List<Double>> get,
            BiFunction<Trailer, List<Double>, Trailer> set) {
        return mm(
                key,
                name,
                trailer -> get.apply(trailer).get(index),
                (trailer, value) -> {
                    List<Double> places = new ArrayList<>(get.apply(trailer));
                    places.set(index, value);
                    return set.apply(trailer, places);
                });
    }
}
