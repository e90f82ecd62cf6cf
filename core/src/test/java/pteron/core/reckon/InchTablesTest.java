package pteron.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Layer;
import pteron.core.figure.Figure;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** What builders in feet and inches find printed in their tables and on their packages, each table or rule once. */
class InchTablesTest {

    private static final double INCH = 25.4;

    /** {@return what a calculator answers to somebody who types inches, in the unit that is shown} */
    private static double answer(String calculator, String key, String... typed) {
        Map<String, String> inputs = new HashMap<>();
        for (String one : typed) {
            String[] parts = one.split("=");
            inputs.put(parts[0], parts[1]);
        }
        return Reckoner.named(calculator).answer(new Inputs(inputs, UnitSystem.INCHES)).stream()
                .filter(figure -> figure.key().equals(key))
                .map(Figure::quantity)
                .mapToDouble(one -> one.unit().shown(one.value(), UnitSystem.INCHES))
                .findFirst()
                .orElseThrow();
    }

    /** One of the unit of the trade in SI: NIST SP 811, appendix B.8, from memory, high. */
    @ParameterizedTest
    @CsvSource({
        "NEWTON, 4.448222",
        "KILOGRAM, 0.45359237",
        "KILOGRAM_PER_CUBIC_METRE, 16.01846",
        "KILOGRAM_PER_SQUARE_METRE, 4.882428",
        "NEWTON_PER_SQUARE_METRE, 47.88026",
        "NEWTON_PER_SQUARE_MILLIMETRE, 0.006894757",
        "NEWTON_METRE, 1.355818",
        "NEWTON_MILLIMETRE, 112.9848",
        "CUBIC_MILLIMETRE, 16387.06",
        "QUARTIC_MILLIMETRE, 416231.4",
        "METRE_PER_SECOND, 0.44704",
        "WATT_PER_METRE_KELVIN, 0.1442279",
        "SQUARE_METRE_KELVIN_PER_WATT, 0.1761102",
        "WATT_PER_SQUARE_METRE_KELVIN, 5.678263",
        "WATT, 0.2930711",
        "MILLILITRE, 29.57353",
        "CUBIC_METRE, 0.02831685",
        "SQUARE_METRE, 0.09290304"
    })
    void units_ofTheTrade(Unit unit, double si) {
        assertThat(unit.fromShown(1, UnitSystem.INCHES)).isCloseTo(si, within(2e-6 * si));
    }

    /** An angle may bear its sign, a unit be typed without the signs that keyboards lack. */
    @Test
    void units_asTheyAreTyped() {
        assertThat(answer("mitre", "mitre", "turn=45°"))
                .isEqualTo(answer("mitre", "mitre", "turn=45"));
        assertThat(answer("dew-point", "dew-point", "celsius=70 F", "humidity=50 %"))
                .isEqualTo(answer("dew-point", "dew-point", "celsius=70 °F", "humidity=50"));
    }

    /** Hollow sections 2 × 2 × 1/8 of steel, wall 0.116, corners twice that: AISC Manual, table 1-12, from memory, high. */
    @Test
    void tube_ofAMill() {
        String[] tube = {"width=2", "depth=2", "wall=0.116", "radius=0.232"};
        assertThat(answer("tube", "area", tube)).isCloseTo(0.840, within(0.0005));
        assertThat(answer("tube", "inertia", tube)).isCloseTo(0.486, within(0.0005));
        // the Manual's torsion constant is that of the mean line, ours leaves the corners out
        assertThat(answer("tube", "torsion", tube)).isCloseTo(0.796, within(0.02 * 0.796));
    }

    /** An angle 2 × 2 × 1/8: AISC Manual, table 1-7, without its fillets; area and inertia from memory, medium. */
    @Test
    void angle_ofAMill() {
        String[] angle = {"width=2", "depth=2", "wall=0.125"};
        assertThat(answer("angle", "area", angle)).isCloseTo(0.484, within(0.0005));
        assertThat(answer("angle", "inertia", angle)).isCloseTo(0.190, within(0.0005));
    }

    /** Pounds a foot of square steel tube 1 × 1, walls 14 and 16 gauge: 3.40 lb/ft to the square inch, derived. */
    @ParameterizedTest
    @CsvSource({"0.083, 1.035", "0.065, 0.827", "0.0747, 0.940", "0.0598, 0.765"})
    void tube_poundsAFoot(double wall, double pounds) {
        double area = answer("tube", "area", "width=1", "depth=1", "wall=" + wall);
        double mass =
                answer(
                        "tube",
                        "mass",
                        "width=1",
                        "depth=1",
                        "wall=" + wall,
                        "density=489.6 lb/ft3");
        assertThat(mass).isCloseTo(pounds, within(0.0006));
        assertThat(area * 3.40).isCloseTo(pounds, within(0.0006));
    }

    /** Shelves: closed form and beam elements agree, derived; widths and loads in mm, N. */
    @ParameterizedTest
    @CsvSource({
        "800, 18, 9000, 0.3, 0, 1.2193, 1.481",
        "600, 12, 9000, 0.3, 0, 1.3021, 1.875",
        "900, 15, 6500, 0.18, 0, 2.8038, 1.620",
        "800, 18, 9000, 0, 200, 1.6258, 2.469"
    })
    void shelf(
            double span,
            double thick,
            double modulus,
            double spread,
            double middle,
            double sag,
            double stress) {
        Map<String, String> typed =
                Map.of(
                        "span", span + " mm",
                        "width", "300 mm",
                        "depth", thick + " mm",
                        "modulus", "" + modulus,
                        "spread", "" + spread,
                        "middle", "" + middle);
        Map<String, Double> answers = new HashMap<>();
        Reckoner.named("beam")
                .answer(new Inputs(typed, UnitSystem.METRIC))
                .forEach(figure -> answers.put(figure.key(), figure.value()));
        assertThat(answers.get("deflection")).isCloseTo(sag, within(0.0001));
        assertThat(answers.get("stress")).isCloseTo(stress, within(0.001));
    }

    /** Greatest span of a shelf for L/200 at 1 kN/m²: (32 E t³ / (1000 q))^⅓, derived. */
    @ParameterizedTest
    @CsvSource({"9, 594.3", "12, 792.5", "15, 990.6", "18, 1188.7"})
    void shelf_greatestSpan(double thick, double span) {
        Map<String, String> typed =
                Map.of(
                        "span", span + " mm",
                        "width", "300 mm",
                        "depth", thick + " mm",
                        "modulus", "9000",
                        "spread", "0.3",
                        "middle", "0");
        double sag =
                Reckoner.named("beam").answer(new Inputs(typed, UnitSystem.METRIC)).stream()
                        .filter(figure -> figure.key().equals("deflection"))
                        .findFirst()
                        .orElseThrow()
                        .value();
        assertThat(sag / span * 200).isCloseTo(1, within(0.0005));
    }

    /** Air of 70 °F at half its humidity: psychrometric chart of ASHRAE, 50.5 °F, from memory, high. */
    @Test
    void dewPoint_ofAChart() {
        assertThat(answer("dew-point", "dew-point", "celsius=70 °F", "humidity=50"))
                .isCloseTo(50.5, within(0.1));
    }

    /** A cartridge of 10.1 fl oz gives 24 feet of a bead of 1/4 × 1/4: printed on cartridges, from memory, high. */
    @Test
    void bead_ofACartridge() {
        double feet =
                answer(
                        "cartridges",
                        "each",
                        "width=1/4",
                        "depth=1/4",
                        "content=10.1 fl oz",
                        "length=8");
        assertThat(feet).isCloseTo(24.3, within(0.05));
    }

    /** No riser over 7 3/4 in: IRC R311.7.5.1, from memory, high; a floor 30 and one 32 in over the ground. */
    @ParameterizedTest
    @CsvSource({"30, 4, 7.5", "31, 4, 7.75", "32, 5, 6.4"})
    void steps_byTheCode(String height, double count, double each) {
        String[] typed = {"height=" + height, "most=7 3/4"};
        assertThat(answer("steps", "count", typed)).isEqualTo(count);
        assertThat(answer("steps", "height", typed)).isCloseTo(each, within(1e-9));
    }

    /** Velocity pressure of a gust of 90 mph: 0.00256 V² lb/ft², ASCE 7, from memory, high. */
    @Test
    void windPressure_ofAGust() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan gusty = plan.withLoads(plan.loads().withWindSpeed(90 * 0.44704));
        double pressure =
                BoxModel.of(gusty, MaterialLibrary.starting())
                        .figure("strength.wind-pressure")
                        .orElseThrow()
                        .value();
        assertThat(Unit.NEWTON_PER_SQUARE_METRE.shown(pressure, UnitSystem.INCHES))
                .isCloseTo(0.00256 * 90 * 90, within(0.03));
    }

    /** Gauges 20, 18, 16, 14 of aluminium: Brown and Sharpe, 0.005 · 92^((36 − n) / 39); sold as the nearest thousandths. */
    @ParameterizedTest
    @CsvSource({"0.8, 20", "1.0, 18", "1.2, 16", "1.3, 16", "1.6, 14"})
    void sheetMetal_byGauge(double mm, int gauge) {
        double sold =
                InchShop.of(new Layer("aluminium", mm), UnitSystem.INCHES).thicknessMm() / INCH;
        double brownAndSharpe = 0.005 * Math.pow(92, (36 - gauge) / 39.0);
        assertThat(sold).isCloseTo(brownAndSharpe, within(0.02 * brownAndSharpe));
    }

    /** Aluminium sheet of 0.032, 0.040, 0.050, 0.063 in: 0.451, 0.564, 0.705, 0.889 lb/ft², tables of makers, from memory, high. */
    @ParameterizedTest
    @CsvSource({"0.032, 0.451", "0.040, 0.564", "0.050, 0.705", "0.063, 0.889"})
    void sheetMetal_poundsASquareFoot(double inches, double pounds) {
        double density = MaterialLibrary.starting().get("aluminium").density();
        double shown =
                Unit.KILOGRAM_PER_SQUARE_METRE.shown(
                        density * inches * INCH / 1000, UnitSystem.INCHES);
        assertThat(shown).isCloseTo(pounds, within(0.005 * pounds));
    }

    /**
     * Studs 16 in on centre under a slope of so many inches a foot differ by a known length, and the plate over them is so long a
     * foot of run: rafter table of a steel square, from memory, high.
     */
    @ParameterizedTest
    @CsvSource({"8, 10.667, 14.42", "12, 16, 16.97", "16, 21.333, 20.00", "18, 24, 21.63"})
    void rafterTable(double rise, double differs, double aFoot) {
        double run = 48;
        double high = 40 + run / 12 * rise;
        BoxPlan square = StartingPlans.square().withOpenings(List.of());
        List<OutlinePoint> raked =
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 40 * INCH),
                        new OutlinePoint(run * INCH, high * INCH),
                        new OutlinePoint(140 * INCH, high * INCH),
                        new OutlinePoint(140 * INCH, 0));
        Framed walls = InchShop.of(square.makeUp().walls(), UnitSystem.INCHES);
        Framed spaced = walls.withMembers(walls.members().withSpacing(16 * INCH));
        BoxPlan plan =
                square.withBox(square.box().withOutline(raked))
                        .withMakeUp(square.makeUp().withWalls(spaced));
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        double plate = model.figure("outline.strip.1").orElseThrow().value() / INCH / (run / 12);
        assertThat(plate).isCloseTo(aFoot, within(0.005));
        List<Member> studs =
                model.members().stream()
                        .filter(one -> one.name().startsWith("left stud"))
                        .filter(one -> one.role() == Role.STUD)
                        .filter(one -> one.bounds().toU() < run * INCH - 100)
                        .toList();
        assertThat(studs).hasSizeGreaterThanOrEqualTo(2);
        for (int i = 1; i < studs.size(); i++) {
            double more = studs.get(i).lengthMm() - studs.get(i - 1).lengthMm();
            assertThat(more / INCH).isCloseTo(differs, within(0.005));
        }
    }
}
