package pteron.core.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.plan.StartingPlans;

/** Figures of floor, walls and roof of one box, worked out by hand from its layers. */
class WarmthByHandTest {

    private static final BoxPlan PLAN = StartingPlans.square();
    private final BoxModel model = BoxModel.of(PLAN, MaterialLibrary.starting());
    private static final double INSIDE = PLAN.climate().inside().celsius();
    private static final double OUTSIDE = PLAN.climate().outside().celsius();

    private static Figure figure(BoxModel model, String key) {
        return model.figure("make-up." + key).orElseThrow(() -> new AssertionError(key));
    }

    private double value(String key) {
        return figure(model, key).quantity().value();
    }

    private List<String> symbols(String key) {
        return figure(model, key).working().terms().stream().map(Working.Term::symbol).toList();
    }

    /** Lining 5 mm of 0.12, foam 60 mm of 0.034 with 3 mm of air before it, skin 1.5 mm of 160: the bay. */
    private static double bay() {
        double air = 0.11 * 3 / 5;
        return 0.13 + 0.005 / 0.12 + air + 0.060 / 0.034 + 0.0015 / 160 + 0.04;
    }

    /** A stud of 63 mm of 0.13 in its place. */
    private static double stud() {
        return 0.13 + 0.005 / 0.12 + 0.063 / 0.13 + 0.0015 / 160 + 0.04;
    }

    /** The gap round the foam, filled with 60 mm of 0.036. */
    private static double gap() {
        double air = 0.11 * 3 / 5;
        return 0.13 + 0.005 / 0.12 + air + 0.060 / 0.036 + 0.0015 / 160 + 0.04;
    }

    /** ISO 6946:2017, combined method, written out with the shares that the figures tell. */
    @Test
    void walls_byHand() {
        double f = value("walls-frame-share") / 100;
        double g = termOf("walls-r", "g") / 100;
        double upper = 1 / (f / stud() + g / gap() + (1 - f - g) / bay());
        double lining = 0.005 / 0.12;
        double air = 0.11 * 3 / 5;
        double airLayer = 1 / (f / (0.003 / 0.13) + (1 - f) / air);
        double foamLayer =
                1 / (f / (0.060 / 0.13) + g / (0.060 / 0.036) + (1 - f - g) / (0.060 / 0.034));
        double lower = 0.13 + lining + airLayer + foamLayer + 0.0015 / 160 + 0.04;
        assertThat(value("walls-r")).isCloseTo((upper + lower) / 2, within(1e-6));
        assertThat(value("walls-u")).isCloseTo(2 / (upper + lower), within(1e-6));
        assertThat(termOf("walls-r", "R'")).isCloseTo(upper, within(1e-6));
        assertThat(termOf("walls-r", "R''")).isCloseTo(lower, within(1e-6));
        assertThat(figure(model, "walls-r").working().source()).contains("ISO 6946:2017");
        double bays = 462.0 / 2;
        assertThat(g).isCloseTo(PLAN.makeUp().walls().fit().gapMm() / bays * (1 - f), within(1e-9));
    }

    private double termOf(String key, String symbol) {
        return figure(model, key).working().terms().stream()
                .filter(term -> term.symbol().equals(symbol))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
    }

    /** The coldest path is the stud; between the layers the bay's temperatures fall in step with R. */
    @Test
    void temperatures_byHand() {
        double cold = INSIDE - (INSIDE - OUTSIDE) * 0.13 / stud();
        assertThat(value("walls-coldest")).isCloseTo(cold, within(1e-6));
        double behindLining = INSIDE - (INSIDE - OUTSIDE) * (0.13 + 0.005 / 0.12) / bay();
        assertThat(value("walls-between.1")).isCloseTo(behindLining, within(1e-6));
        assertThat(symbols("walls-between.1")).containsExactly("Ti", "Te", "Rx", "R", "Td");
        assertThat(termOf("walls-between.1", "Rx")).isCloseTo(0.13 + 0.005 / 0.12, within(1e-9));
        assertThat(termOf("walls-between.1", "R")).isCloseTo(bay(), within(1e-9));
        assertThat(symbols("walls-coldest")).containsExactly("Ti", "Te", "R", "R", "R");
        assertThat(figure(model, "walls-water").working().terms()).hasSizeGreaterThanOrEqualTo(2);
    }

    /** Everything lost: areas by their U, windows at 3.0, doors at 1.6, the air at 0.34 a cubic metre. */
    @Test
    void heatLoss_byHand() {
        var areas = model.made().orElseThrow().get(Areas.class);
        double difference = INSIDE - OUTSIDE;
        double through =
                areas.floorM2() * value("floor-u")
                        + areas.wallsM2() * value("walls-u")
                        + areas.roofM2() * value("roof-u")
                        + areas.windowsM2() * 3.0
                        + areas.doorsM2() * 1.6;
        double air = 0.34 * PLAN.climate().airChangesPerHour() * model.inside().volumeM3();
        assertThat(areas.windowsM2()).isCloseTo(0.8 * 0.62, within(1e-9));
        assertThat(value("heat-loss-air")).isCloseTo(air * difference, within(1e-6));
        assertThat(value("heat-loss")).isCloseTo((through + air) * difference, within(1e-6));
        assertThat(symbols("heat-loss")).contains("dT", "A", "U");
        assertThat(termOf("heat-loss", "dT")).isCloseTo(difference, within(1e-9));
        assertThat(termOf("heat-loss-air", "dT")).isCloseTo(difference, within(1e-9));
    }

    /** Floor: 9 and 6.5 mm of 0.17 with 30 mm of 0.034 between; no member goes through it. */
    @Test
    void floor_byHand() {
        double r = 0.17 + 0.009 / 0.17 + 0.030 / 0.034 + 0.0065 / 0.17 + 0.04;
        assertThat(value("floor-r")).isCloseTo(r, within(1e-6));
        assertThat(model.figure("make-up.floor-frame-share")).isEmpty();
    }

    /** One sleeper with open vents finds nothing; six behind shut ones breathe the studs wet. */
    @Test
    void findings_mildAndHard() {
        BoxModel mild = in(new Climate(new Climate.Air(18, 30), new Climate.Air(12, 60), 2, 1, 8));
        assertThat(mild.made().orElseThrow().get(Warmth.class).findings()).isEmpty();
        BoxModel hard =
                in(new Climate(new Climate.Air(20, 90), new Climate.Air(-15, 85), 0.2, 6, 8));
        List<Finding> wet =
                hard.made().orElseThrow().get(Warmth.class).findings().stream()
                        .filter(f -> f.code().equals("SURFACE_UNDER_DEW_POINT"))
                        .toList();
        assertThat(wet).extracting(f -> f.place().part()).contains("walls", "roof");
        for (Finding finding : wet) {
            String part = finding.place().part();
            assertThat(finding.demand().value())
                    .isCloseTo(figure(hard, part + "-coldest").quantity().value(), within(1e-9));
            double dew = figure(hard, "night-dew-point").value();
            assertThat(finding.cure().amount().value())
                    .isCloseTo(dew - finding.demand().value(), within(1e-9));
            assertThat(finding.cure().kind()).isEqualTo("MORE_AIR_OR_FOAM");
            assertThat(finding.cure().amount().value()).isPositive();
        }
    }

    /** One gram more than is allowed is water between the layers; it lies where most of it gathers. */
    @Test
    void waterBetweenLayers_byHand() {
        BoxModel hard = in(new Climate(new Climate.Air(20, 90), new Climate.Air(-15, 85), 1, 2, 8));
        Warmth warmth = hard.made().orElseThrow().get(Warmth.class);
        List<Finding> wet =
                warmth.findings().stream()
                        .filter(f -> f.code().equals("WATER_BETWEEN_LAYERS"))
                        .toList();
        assertThat(wet).isNotEmpty();
        // 90 % in the room: in the walls most of it stops already at the warm face of the foam
        Map<String, String> parts =
                Map.of("walls", "walls, behind Still air", "roof", "roof, behind Still air");
        for (int i = 0; i < warmth.walls().size(); i++) {
            String part = warmth.walls().get(i).part();
            Vapour vapour = warmth.vapours().get(i);
            assertThat(wet.stream().anyMatch(f -> f.place().part().startsWith(part + ",")))
                    .isEqualTo(vapour.gramsPerMonth() > 200);
        }
        for (Finding finding : wet) {
            assertThat(finding.place().part())
                    .isEqualTo(parts.get(finding.place().part().split(",")[0]));
            assertThat(finding.limit().quantity().value()).isEqualTo(200);
        }
    }

    /** What is said of the night's air is what the balance of its vapour gives, in two hours with the door shut. */
    @Test
    void night_byHand() {
        Climate climate = new Climate(new Climate.Air(20, 50), new Climate.Air(0, 80), 0.5, 3, 2);
        BoxModel cold = in(climate);
        double room = cold.inside().volumeM3();
        double outside = 0.8 * 610.5 * 1000 / (461.5 * 273.15);
        double grown = 120 / (0.5 * room) * (1 - Math.exp(-1));
        double pressure = (outside + grown) * 461.5 * 293.15 / 1000;
        assertThat(figure(cold, "night-humidity").value())
                .isCloseTo(100 * pressure / 2337, within(0.1));
        assertThat(HumidAir.saturationPressure(figure(cold, "night-dew-point").value()))
                .isCloseTo(pressure, within(0.5));
        for (String key : List.of("night-humidity", "night-dew-point")) {
            assertThat(figure(cold, key).working().terms())
                    .extracting(Working.Term::symbol)
                    .containsExactly("n", "V", "t", "people");
        }
    }

    /** What each figure's working says of the shares, and where it comes from. */
    @Test
    void workings_tellTheShares() {
        double share = value("walls-frame-share");
        assertThat(share).isBetween(5.0, 40.0);
        assertThat(termOf("walls-r", "f")).isCloseTo(share, within(1e-9));
        assertThat(termOf("walls-frame-share", "f")).isCloseTo(share, within(1e-9));
        Working counted = figure(model, "walls-frame-share").working();
        assertThat(counted.formula()).contains("area of the members");
        assertThat(counted.source()).contains("this plan");
        assertThat(figure(model, "walls-r").working().terms())
                .extracting(Working.Term::meaning)
                .contains("framing fraction, counted");
    }

    private static BoxModel in(Climate climate) {
        return BoxModel.of(PLAN.withClimate(climate), MaterialLibrary.starting());
    }

    /** A metal frame tells the warm face of its metal and that the section was solved. */
    @Test
    void metalFrame_isToldInItsWorking() {
        Framed walls =
                PLAN.makeUp()
                        .walls()
                        .withMembers(new Members(new Section(25.4, 63, 1.6), 406, "alu-6061"))
                        .withScheme(Framed.Scheme.TUBE);
        BoxModel metal =
                BoxModel.of(
                        PLAN.withMakeUp(PLAN.makeUp().withWalls(walls)),
                        MaterialLibrary.starting());
        assertThat(figure(metal, "walls-r").working().formula()).contains("two dimensions");
        double face = figure(metal, "walls-metal").quantity().value();
        assertThat(figure(metal, "walls-metal").working().terms()).hasSize(1);
        assertThat(face).isBetween(OUTSIDE, figure(model, "walls-coldest").quantity().value());
        assertThat(figure(metal, "walls-u").quantity().value()).isGreaterThan(2 * value("walls-u"));
    }
}
