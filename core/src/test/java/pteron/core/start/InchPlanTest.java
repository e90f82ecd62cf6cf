package pteron.core.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Lumber;
import pteron.core.figure.Figure;
import pteron.core.figure.Severity;
import pteron.core.frame.Member;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.model.BoxModel;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** A plan begun in feet and inches is at home there, and a length is the same in either unit. */
class InchPlanTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static BoxPlan begun(CarrierStart carrier, OutlineStart outline) {
        CarrierSize size = carrier.sizes(UnitSystem.INCHES).getFirst();
        return NewPlan.of(carrier, size, outline, UnitSystem.INCHES);
    }

    static List<Arguments> beginnings() {
        List<Arguments> all = new ArrayList<>();
        for (CarrierStart carrier : CarrierStart.values()) {
            for (OutlineStart outline : OutlineStart.values()) {
                if (NewPlan.refusal(carrier, outline).isEmpty()) {
                    all.add(Arguments.of(carrier, outline));
                }
            }
        }
        return all;
    }

    /** Every member is lumber with a name, every sheet is sold in feet, nothing stops the job. */
    @ParameterizedTest
    @MethodSource("beginnings")
    void begunInInches_isMadeOfWhatIsSoldThere(CarrierStart carrier, OutlineStart outline) {
        BoxPlan plan = begun(carrier, outline);
        BoxModel model = BoxModel.of(plan, LIBRARY);
        for (Member member : model.members()) {
            if (member.bend().isEmpty() && !carrier.isBought()) {
                assertThat(Lumber.name(member.section())).as(member.name()).isPresent();
            }
        }
        Framed walls = plan.makeUp().walls();
        for (Layer layer : List.of(walls.outerSkin(), walls.insulation(), walls.innerSkin())) {
            Material material = LIBRARY.get(layer.material());
            double feet = material.value(Property.SHEET_WIDTH) / 304.8;
            assertThat(feet).as(layer.material()).isCloseTo(Math.rint(feet), within(1e-9));
        }
        assertThat(model.findings()).noneMatch(one -> one.severity() == Severity.STOPS);
    }

    /** Corners, width and carrier lie on the tape: at a sixteenth of an inch. */
    @ParameterizedTest
    @MethodSource("beginnings")
    void begunInInches_liesOnTheTape(CarrierStart carrier, OutlineStart outline) {
        BoxPlan plan = begun(carrier, outline);
        List<Double> lengths = new ArrayList<>(List.of(plan.box().widthMm()));
        plan.vehicle().deck();
        lengths.add(plan.vehicle().deck().lengthMm());
        if (outline != OutlineStart.OVER_CAB) {
            plan.box()
                    .outline()
                    .forEach(point -> lengths.addAll(List.of(point.xMm(), point.zMm())));
        }
        for (double mm : lengths) {
            double typed =
                    LengthText.parse(LengthText.format(mm, UnitSystem.INCHES), UnitSystem.INCHES);
            assertThat(typed).isCloseTo(mm, within(1e-6));
        }
    }

    /** The same box, its sizes typed in sixteenths and in their exact millimetres, of the same materials. */
    @Test
    void sameBox_inSixteenthsAndInMillimetres_isTheSameModel() {
        BoxPlan start = begun(CarrierStart.TRAILER, OutlineStart.SQUARE);
        Random random = new Random(20);
        for (int n = 0; n < 12; n++) {
            int length = 16 * 100 + random.nextInt(16 * 70);
            int height = 16 * 70 + random.nextInt(16 * 30);
            int width = 16 * 60 + random.nextInt(16 * 24);
            BoxPlan typed =
                    sized(start, inches(length), inches(height), inches(width), UnitSystem.INCHES);
            BoxPlan exact =
                    sized(start, metric(length), metric(height), metric(width), UnitSystem.METRIC);
            assertThat(typed.box()).isEqualTo(exact.box());
            List<Figure> figures = BoxModel.of(typed, LIBRARY).figures();
            List<Figure> same = BoxModel.of(exact.withUnits(UnitSystem.METRIC), LIBRARY).figures();
            assertThat(figures).hasSameSizeAs(same);
            for (int i = 0; i < figures.size(); i++) {
                assertThat(figures.get(i).quantity()).isEqualTo(same.get(i).quantity());
            }
        }
    }

    private static String inches(int sixteenths) {
        return "%d' %d %d/16\"".formatted(sixteenths / 192, sixteenths % 192 / 16, sixteenths % 16);
    }

    /** 25.4 / 16 mm is 1.5875 exactly. */
    private static String metric(int sixteenths) {
        return BigDecimal.valueOf(sixteenths).multiply(new BigDecimal("1.5875")).toPlainString()
                + " mm";
    }

    private static BoxPlan sized(
            BoxPlan plan, String length, String height, String width, UnitSystem units) {
        double l = LengthText.parse(length, units);
        double h = LengthText.parse(height, units);
        List<OutlinePoint> square =
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, h),
                        new OutlinePoint(l, h),
                        new OutlinePoint(l, 0));
        return plan.withBox(new Box(square, LengthText.parse(width, units), 0));
    }
}
