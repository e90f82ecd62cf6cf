package pteron.core.strength;

import pteron.core.figure.Working;
import pteron.core.mechanics.Constants;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.wind.Wind;

/**
 * Where the loads and the span of a member come from. Immutable.
 *
 * @param span how its span is measured, in words
 * @param widthMm width that it carries (mm), above 0
 * @param massKg what a square metre of that weighs (kg/m²), 0 where the weight does not bend it
 * @param pressure what presses on it: wind speed (m/s) where it is wind, else a load (N/m²)
 */
record Carried(String span, double widthMm, double massKg, double pressure) {

    Working spanWorking(double spanMm) {
        return Working.of("L = " + span)
                .plan("L", "as planned", Quantity.mm(spanMm))
                .source("geometry");
    }

    private Working.Builder width(String formula) {
        return Working.of(formula)
                .plan("w", "width carried, half way to its neighbours", Quantity.mm(widthMm));
    }

    Working permanentWorking() {
        return width("g = m · w · 9.81, and its own weight where it is counted")
                .material(
                        "m",
                        "mass of the layers carried",
                        new Quantity(massKg, Unit.KILOGRAM_PER_SQUARE_METRE))
                .standard("9.81", "gravity, m/s²", Quantity.ratio(Constants.GRAVITY))
                .source("densities from the material library");
    }

    Working windWorking(double net) {
        return width("q = c · 0.613 · V² · w, less what the weight holds down")
                .standard("c", "wind in its zone, EN 1991-1-4", Quantity.ratio(net))
                .standard("0.613", "half the density of air", Quantity.ratio(Wind.HALF_AIR_DENSITY))
                .plan("V", "gust", new Quantity(pressure, Unit.METRE_PER_SECOND))
                .source("ASCE 7 and EN 1991-1-4");
    }

    Working spreadWorking() {
        return width("q = p · w, 0 where one person is the harder load")
                .plan(
                        "p",
                        "spread load: of the plan, or of who lies on the bed",
                        new Quantity(pressure, Unit.NEWTON_PER_SQUARE_METRE))
                .source("EN 1991-1-1 6.3.1.2: people and one person are not put on together");
    }
}
