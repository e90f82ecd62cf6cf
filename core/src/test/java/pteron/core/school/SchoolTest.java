package pteron.core.school;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Alternative.Part;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.MakeUpEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** Build-ups side by side: sums by hand, alternatives kept, swapped, dropped. */
class SchoolTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final BoxPlan PLAN = StartingPlans.square();

    /** By hand: 1.5 mm aluminium, 60 mm foam in 86.4 % less the gaps, timber in 13.6 %, 5 mm poplar. */
    @Test
    void framedSums_byHand() {
        Framed walls = PLAN.makeUp().walls();
        BuildUpSums sums = BuildUpSums.of("walls", walls, 0.136, LIBRARY);
        double gap = 12.0 / (500 - 38) * (1 - 0.136);
        double mass =
                1.5 * 2.7
                        + 0.060 * 33 * (1 - 0.136 - gap)
                        + 0.060 * 30 * gap
                        + 0.063 * 420 * 0.136
                        + 5 * 0.43;
        assertThat(sums.massKg()).isCloseTo(mass, within(1e-9));
        assertThat(sums.thicknessMm()).isCloseTo(69.5, within(1e-9));
        double inertia = 38 * Math.pow(63, 3) / 12 * 600 / 500;
        assertThat(sums.stiffness().orElseThrow())
                .isCloseTo(48 * 11000 * inertia / Math.pow(600, 3), within(1e-6));
        double price =
                0.0015 * 14000
                        + 0.060 * 280 * (1 - 0.136 - gap)
                        + 0.060 * 260 * gap
                        + 0.063 * 650 * 0.136
                        + 0.005 * 1500;
        assertThat(sums.cost().orElseThrow()).isCloseTo(price, within(1e-9));
    }

    /**
     * Areas and second moments of dressed lumber: 2×2 2.25 in², 2×4 5.25 in², 5.359 in⁴ on edge, 0.984 in⁴ flat:
     * NDS Supplement, table 1B, from memory. Ours are metric sizes, 38 for 38.1 and 89 for 88.9.
     */
    @Test
    void twoByTwo_andTwoByFour_published() {
        double two = member(Schools.of(Part.WALLS, UnitSystem.METRIC).get(0));
        double four = member(Schools.of(Part.WALLS, UnitSystem.METRIC).get(1));
        assertThat(two / 645.16).isCloseTo(2.25, within(0.02));
        assertThat(four / 645.16).isCloseTo(5.25, within(0.03));
    }

    private static double member(Alternative alternative) {
        Section section = ((Framed) alternative.buildUp()).members().section();
        return section.areaMm2();
    }

    @Test
    void onEdge_andFlat_published() {
        Section dressed = new Section(38.1, 88.9);
        double inch4 = Math.pow(25.4, 4);
        assertThat(dressed.inertiaMm4() / inch4).isCloseTo(5.359, within(0.001));
        assertThat(dressed.flatInertiaMm4() / inch4).isCloseTo(0.984, within(0.001));
    }

    @Test
    void packedAndProud_areThicker_thanTheFrame() {
        Framed walls = PLAN.makeUp().walls().withInsulation(new Layer("xps", 75));
        assertThat(walls.thicknessMm()).isEqualTo(69.5);
        for (Fit.Over over : List.of(Fit.Over.PACKED, Fit.Over.PROUD)) {
            Framed thick = walls.withFit(new Fit(over, "closed-cell-tape", 6));
            assertThat(thick.overFrameMm()).isEqualTo(12);
            assertThat(thick.thicknessMm()).isEqualTo(81.5);
        }
        Framed bonded = walls.withScheme(Framed.Scheme.FRAMELESS);
        assertThat(bonded.frameMm()).isEqualTo(75);
        assertThat(bonded.thicknessMm()).isEqualTo(81.5);
    }

    @ParameterizedTest
    @EnumSource(Part.class)
    void readyMade_areAllKnown_andHaveEveryFigure(Part part) {
        for (Alternative ready : Schools.of(part, UnitSystem.METRIC)) {
            BuildUpSums sums = BuildUpSums.of("walls", ready.buildUp(), 0.1, LIBRARY);
            assertThat(sums.massKg()).as(ready.name()).isPositive();
            assertThat(sums.cost()).isPresent();
            assertThat(sums.transmittance()).isPresent();
            assertThat(sums.stiffness()).isPresent();
        }
    }

    /** A copy of what is planned tells the same as what is planned, and the worked example of the share. */
    @Test
    void copyOfThePlanned_tellsTheSame() {
        Framed walls = PLAN.makeUp().walls();
        BoxPlan kept = MakeUpEdits.keepPlanned(PLAN, Part.WALLS, "as it was");
        List<School> schools =
                BoxModel.of(kept, LIBRARY).made().orElseThrow().get(SideBySide.class).all().stream()
                        .filter(school -> school.part() == Part.WALLS)
                        .toList();
        assertThat(schools).hasSize(2);
        assertThat(schools.get(1).sums()).isEqualTo(schools.get(0).sums());
        Framed wide = walls.withMembers(new Members(new Section(38, 63), 500, "c24"));
        Framed slim = walls.withMembers(new Members(new Section(25, 63), 500, "c24"));
        assertThat(SchoolStage.like(wide, 0.2, slim)).isCloseTo(0.162, within(5e-4));
    }

    @Test
    void alternatives_keep_swap_drop() {
        BoxPlan kept = MakeUpEdits.keepPlanned(PLAN, Part.WALLS, "as it was");
        BoxPlan with =
                MakeUpEdits.withAlternative(kept, Schools.of(Part.WALLS, UnitSystem.METRIC).get(3));
        assertThat(BoxModel.of(with, LIBRARY).made().orElseThrow().get(SideBySide.class).all())
                .hasSize(5);
        BoxPlan swapped = MakeUpEdits.swapped(with, 1);
        assertThat(swapped.makeUp().walls())
                .isEqualTo(Schools.of(Part.WALLS, UnitSystem.METRIC).get(3).buildUp());
        assertThat(swapped.makeUp().alternatives().get(1).buildUp())
                .isEqualTo(PLAN.makeUp().walls());
        BoxPlan back = MakeUpEdits.withoutAlternative(MakeUpEdits.swapped(swapped, 1), 1);
        assertThat(back).isEqualTo(kept);
        BoxPlan floor =
                MakeUpEdits.withAlternative(PLAN, Schools.of(Part.FLOOR, UnitSystem.METRIC).get(1));
        assertThat(MakeUpEdits.swapped(floor, 0).makeUp().floor().school())
                .isEqualTo(Floor.School.ON_CROSS_MEMBERS);
    }

    @Test
    void alternatives_fourAreEnough_kindsMustSuit() {
        BoxPlan full = PLAN;
        for (int i = 0; i < 3; i++) {
            full = MakeUpEdits.keepPlanned(full, Part.ROOF, "roof " + i);
        }
        BoxPlan three = full;
        assertThatThrownBy(() -> MakeUpEdits.keepPlanned(three, Part.ROOF, "fourth"))
                .hasMessageContaining("there may be 3 of a part");
        assertThatThrownBy(() -> new Alternative("x", Part.FLOOR, PLAN.makeUp().walls()))
                .hasMessageContaining("wrong kind");
        assertThatThrownBy(() -> new Alternative(" ", Part.ROOF, PLAN.makeUp().roof()))
                .hasMessageContaining("name");
    }

    @Test
    void unknownMaterial_isLeftOut_notThrown() {
        Framed odd =
                PLAN.makeUp()
                        .walls()
                        .withMembers(new Members(new Section(38, 38), 400, "unobtainium"));
        BoxPlan plan = MakeUpEdits.withAlternative(PLAN, new Alternative("odd", Part.WALLS, odd));
        assertThat(BoxModel.of(plan, LIBRARY).made().orElseThrow().get(SideBySide.class).all())
                .hasSize(3);
    }
}
