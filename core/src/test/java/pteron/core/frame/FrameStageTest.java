package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;

/** Members of the starting boxes, worked out by hand. */
class FrameStageTest {

    private static final Predicate<Double> SQUARE = angle -> Math.abs(angle) < 0.1;

    private static final double EXACT = 1e-6;

    private static Frame frame(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).built().orElseThrow().get(Frame.class);
    }

    private static Member member(Frame frame, String name) {
        return frame.members().stream()
                .filter(m -> m.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Trade: 2×4 on 16 in centres under sheets of 4 ft, a sheet's edge on the middle of a stud. */
    @Test
    void spacing_workedExample_sixteenInches() {
        assertThat(SettingOut.spacing(1220, 600)).isCloseTo(406.667, within(0.0005));
        assertThat(SettingOut.spacing(1219.2, 406.4)).isCloseTo(406.4, within(EXACT));
        assertThatThrownBy(() -> SettingOut.spacing(0, 600)).hasMessageContaining("sheet width");
    }

    /** Frame from the floor at 108.5 to under the roof's frame at 2069.5, less two plates of 38. */
    @Test
    void squareBox_studsAndPlates() {
        Frame frame = frame(StartingPlans.square());
        assertThat(member(frame, "right stud 1").lengthMm())
                .isCloseTo(2069.5 - 108.5 - 76, within(EXACT));
        assertThat(member(frame, "right bottom plate 1").lengthMm())
                .isCloseTo(4300 - 2 * 64.5, within(EXACT));
        assertThat(member(frame, "roof bow 1").lengthMm()).isCloseTo(2047, within(EXACT));
        assertThat(member(frame, "right stud 1").startCut().degrees()).allMatch(SQUARE);
    }

    /** A stud under the nose: its top is cut along the slope, its two faces differ by 38 · tan(slope). */
    @Test
    void nose_studIsBevelled() {
        Frame frame = frame(SamplePlans.rakedNose());
        Member stud = member(frame, "right stud 1");
        double slope = Math.toDegrees(Math.atan2(1210, 560));
        assertThat(Math.abs(stud.endCut().degrees().getFirst())).isCloseTo(slope, within(1e-6));
        double difference = 38 * Math.tan(Math.toRadians(slope));
        assertThat(stud.lengthMm() - stud.shortSideMm()).isCloseTo(difference, within(1e-5));
    }

    /** Two top plates meet at half the turn. */
    @Test
    void nose_topPlatesAreMitred() {
        Frame frame = frame(SamplePlans.rakedNose());
        double half = Math.toDegrees(Math.atan2(1210, 560)) / 2;
        assertThat(Math.abs(member(frame, "right top plate 1").endCut().degrees().getFirst()))
                .isCloseTo(half, within(1e-6));
        assertThat(Math.abs(member(frame, "right top plate 2").startCut().degrees().getFirst()))
                .isCloseTo(half, within(1e-6));
    }

    /** Window B: cut-out 800 × 620 with 6 mm play: header and sill of 812 between trimmers. */
    @Test
    void window_isFramed() {
        Frame frame = frame(StartingPlans.square());
        assertThat(member(frame, "left header 1").lengthMm()).isCloseTo(812, within(EXACT));
        assertThat(member(frame, "left sill 1").lengthMm()).isCloseTo(812, within(EXACT));
        assertThat(member(frame, "left trimmer 1").bounds().toU())
                .isCloseTo(1480 - 6, within(EXACT));
        assertThat(member(frame, "left trimmer 2").bounds().fromU())
                .isCloseTo(2280 + 6, within(EXACT));
        assertThat(frame.members(Role.SHORT_STUD)).isNotEmpty();
    }

    @Test
    void door_cutsTheBottomPlate_andHasNoSill() {
        Frame frame = frame(StartingPlans.square());
        List<Member> plates =
                frame.members(Role.BOTTOM_PLATE).stream()
                        .filter(m -> m.panel().id().equals("left"))
                        .toList();
        assertThat(plates).hasSize(2);
        assertThat(plates.get(0).bounds().toU()).isCloseTo(3180 - 6, within(EXACT));
        assertThat(plates.get(1).bounds().fromU()).isCloseTo(3820 + 6, within(EXACT));
        assertThat(frame.members(Role.SILL)).hasSize(1);
    }

    @Test
    void openingOutsideItsWall_isNotFramed() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpening("window-b", o -> o.withPlace(new Opening.Place(4000, 720)));
        assertThat(frame(plan).members(Role.SILL)).isEmpty();
    }

    /** Mass by hand: 38 × 63 × 1885 mm of C24 at 420 kg/m³. */
    @Test
    void mass_volumeTimesDensity() {
        Member stud = member(frame(StartingPlans.square()), "right stud 1");
        assertThat(stud.massKg()).isCloseTo(0.038 * 0.063 * 1.885 * 420, within(1e-9));
    }

    /** A roof given as two lines in one plane: two panels that meet, nothing shared, nothing open. */
    @Test
    void roofInTwoLines_isFramedToo() {
        BoxPlan plan = StartingPlans.square();
        List<OutlinePoint> outline = new ArrayList<>(plan.box().outline());
        outline.add(2, new OutlinePoint(2000, 2160));
        Frame frame = frame(plan.withBox(plan.box().withOutline(outline)));
        assertThat(frame.findings()).isEmpty();
        double whole = frame(plan).panels().get(4).panel().frame().area();
        double both =
                frame.panels().stream()
                        .filter(p -> p.panel().kind().isRoof())
                        .mapToDouble(p -> p.panel().frame().area())
                        .sum();
        assertThat(both).isCloseTo(whole, within(1.0));
    }

    @Test
    void tooLongForTheShop_isAFinding() {
        BoxPlan plan = StartingPlans.square();
        var few = plan.withSupplies(plan.supplies().withStockLengths(List.of(3000.0)));
        assertThat(frame(few).findings()).extracting("code").contains("MEMBER_LONGER_THAN_STOCK");
        assertThat(frame(plan).findings()).isEmpty();
    }
}
