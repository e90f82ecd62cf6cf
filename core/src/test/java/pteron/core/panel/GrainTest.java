package pteron.core.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Layer.Grain;
import pteron.core.edit.Cures;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;

/**
 * Which way the grain lies against the span. Axes: x along the box, y across it. Bearers and joists run along x, so the
 * floor spans along y; cross-members run along y, so a floor straight on them spans along x.
 */
class GrainTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** Birch plywood of 6.5 mm along and across its face grain (N/mm²): Handbook of Finnish Plywood, from memory. */
    private static final double ALONG = 9844;

    private static final double ALONG_BENT = 12737;
    private static final double ACROSS = 4763;

    private static BoxPlan plan(Floor.School school, Grain top, Grain bottom) {
        BoxPlan plan = StartingPlans.square();
        Floor floor =
                plan.makeUp()
                        .floor()
                        .withSchool(school)
                        .withTopFace(new Layer("birch-ply", 6.5, top, ""))
                        .withCore(new Layer("xps", 30))
                        .withBottomFace(new Layer("birch-ply", 6.5, bottom, ""));
        return plan.withMakeUp(plan.makeUp().withFloor(floor));
    }

    private static BoxModel model(Floor.School school, Grain grain) {
        return BoxModel.of(plan(school, grain, grain), LIBRARY);
    }

    private static double figure(BoxModel model, String key) {
        return model.figure("make-up.panel." + key).orElseThrow().value();
    }

    /**
     * Sag of a strip a millimetre wide by a Fourier sum over the span: of each wave the faces resist by their own bending,
     * and by their stretch as far as the core takes them along.
     *
     * <pre>  w = Σ p sin(nπ/2) / (k⁴ (Df + D0 / (1 + D0 k² / S))),  k = nπ / L  </pre>
     */
    private static double sag(double modulus, double bent, double spanMm, double q, double patch) {
        double t = 6.5;
        double c = 30;
        double d = c + t;
        double couple = modulus * t * d * d / 2;
        double own = 2 * bent * t * t * t / 12;
        double shear = 4.5 * d * d / c;
        double sum = 0;
        for (int n = 1; n < 400; n += 2) {
            double k = n * Math.PI / spanMm;
            double p = 4 * q / (n * Math.PI) * Math.sin(k * patch / 2);
            double wave = p / Math.pow(k, 4) / (own + couple / (1 + couple * k * k / shear));
            // both the load and the place looked at lie in the middle: sin(nπ/2)² is 1
            sum += wave;
        }
        return sum;
    }

    @ParameterizedTest
    @CsvSource({
        "ON_BEARERS, ALONG, false",
        "ON_BEARERS, ACROSS, true",
        "BETWEEN_JOISTS, ALONG, false",
        "BETWEEN_JOISTS, ACROSS, true",
        "ON_CROSS_MEMBERS, ALONG, true",
        "ON_CROSS_MEMBERS, ACROSS, false"
    })
    void sagUnderAHeel_byAFourierSum(Floor.School school, Grain grain, boolean alongTheSpan) {
        BoxModel model = model(school, grain);
        double span = figure(model, "floor-span");
        double person = model.plan().loads().floorPersonKg() * 9.80665;
        double width = 60 + 0.58 * span;
        double q = person / 60 / width;
        double expected =
                alongTheSpan
                        ? sag(ALONG, ALONG_BENT, span, q, 60)
                        : sag(ACROSS, ACROSS, span, q, 60);
        assertThat(figure(model, "floor-heel-sag"))
                .isCloseTo(expected / (span / 200), within(0.002 * expected / (span / 200)));
    }

    @Test
    void turnedAcrossTheSpan_isHarderInEveryWay() {
        for (Floor.School school : Floor.School.values()) {
            Grain good = school == Floor.School.ON_CROSS_MEMBERS ? Grain.ALONG : Grain.ACROSS;
            Grain bad = good == Grain.ALONG ? Grain.ACROSS : Grain.ALONG;
            for (String mode : List.of("sag", "face", "crushing", "core-shear", "over-support")) {
                assertThat(figure(model(school, bad), "floor-heel-" + mode))
                        .as("%s, %s", school, mode)
                        .isGreaterThan(figure(model(school, good), "floor-heel-" + mode));
            }
        }
    }

    /** Softwood plywood is half as stiff across; its strength across is not known and taken as half as well. */
    @Test
    void strengthAcross_isLessToo() {
        BoxPlan across = plan(Floor.School.ON_BEARERS, Grain.ALONG, Grain.ALONG);
        Floor soft =
                across.makeUp()
                        .floor()
                        .withTopFace(new Layer("spruce-ply", 9))
                        .withBottomFace(new Layer("spruce-ply", 9));
        BoxPlan plan = across.withMakeUp(across.makeUp().withFloor(soft));
        Finding face =
                BoxModel.of(plan, LIBRARY).findings().stream()
                        .filter(finding -> finding.code().equals("PANEL_FAILS_FACE"))
                        .filter(finding -> finding.place().part().contains("heel"))
                        .findFirst()
                        .orElseThrow();
        assertThat(face.cure().kind()).isEqualTo("TURN_SHEETS");
        BoxModel cured = BoxModel.of(Cures.apply(plan, face.cure()), LIBRARY);
        assertThat(cured.plan().makeUp().floor().topFace().grain()).isEqualTo(Grain.ACROSS);
        assertThat(cured.plan().makeUp().floor().bottomFace().grain()).isEqualTo(Grain.ACROSS);
        assertThat(cured.findings()).noneMatch(finding -> finding.id().equals(face.id()));
    }

    @Test
    void bondedWallsAndRoof_spanAlongTheGrainOfSheetsThatLieAlong() {
        BoxPlan plan = plan(Floor.School.ON_CROSS_MEMBERS, Grain.ALONG, Grain.ALONG);
        Framed along =
                plan.makeUp()
                        .walls()
                        .withScheme(Framed.Scheme.FRAMELESS)
                        .withOuterSkin(new Layer("birch-ply", 6.5))
                        .withInsulation(new Layer("xps", 30))
                        .withInnerSkin(new Layer("birch-ply", 6.5));
        Framed across =
                along.withOuterSkin(along.outerSkin().withGrain(Grain.ACROSS))
                        .withInnerSkin(along.innerSkin().withGrain(Grain.ACROSS));
        for (String part : List.of("walls", "roof")) {
            BoxModel stiff = BoxModel.of(both(plan, along), LIBRARY);
            BoxModel soft = BoxModel.of(both(plan, across), LIBRARY);
            double span = figure(stiff, part + "-span");
            double ratio =
                    sag(ACROSS, ACROSS, span, 1, span) / sag(ALONG, ALONG_BENT, span, 1, span);
            assertThat(figure(soft, part + "-wind-sag") / figure(stiff, part + "-wind-sag"))
                    .as(part)
                    .isCloseTo(ratio, within(0.002));
        }
    }

    /**
     * A bed over the cab, built of the bonded panels of the walls. Axes: it spans along y from side wall to side wall, and
     * the sheets of the strip lie with their length along y. Two people on the bed, its area counted from the outline.
     */
    @ParameterizedTest
    @CsvSource({"ALONG, true", "ACROSS, false"})
    void bedOverTheCab_byAFourierSum(Grain grain, boolean alongTheSpan) {
        BoxPlan start = StartingPlans.of(OutlineStart.OVER_CAB);
        Layer face = new Layer("birch-ply", 6.5, grain, "");
        Framed bonded =
                start.makeUp()
                        .walls()
                        .withScheme(Framed.Scheme.FRAMELESS)
                        .withOuterSkin(face)
                        .withInsulation(new Layer("xps", 30))
                        .withInnerSkin(face);
        BoxModel model = BoxModel.of(both(start, bonded), LIBRARY);
        double span = start.box().widthMm() - 2 * (6.5 + 30 + 6.5);
        double area = span * bedLengthMm(start);
        double q = 2 * start.loads().floorPersonKg() * 9.80665 / area;
        double expected =
                alongTheSpan
                        ? sag(ALONG, ALONG_BENT, span, q, span)
                        : sag(ACROSS, ACROSS, span, q, span);
        assertThat(figure(model, "over-cab-floor-span")).isCloseTo(span, within(1e-6));
        assertThat(figure(model, "over-cab-floor-lying-sag"))
                .isCloseTo(expected / (span / 200), within(0.002 * expected / (span / 200)));
        assertThat(figure(model, "over-cab-floor-knee-crushing")).isPositive();
    }

    /** The lower edge that faces down, from the front of the box to the wall behind the cab. */
    private static double bedLengthMm(BoxPlan plan) {
        return plan.box().outline().stream()
                .mapToDouble(OutlinePoint::xMm)
                .filter(x -> x < 0)
                .map(x -> -x)
                .max()
                .orElseThrow();
    }

    private static BoxPlan both(BoxPlan plan, Framed framed) {
        return plan.withMakeUp(plan.makeUp().withWalls(framed).withRoof(framed));
    }
}
