package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Panel;
import pteron.core.shell.ShellInput;
import pteron.core.shell.ShellStage;

class SettingOutTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static Panel panel(BoxPlan plan, String id) {
        return ShellStage.of(ShellInput.of(plan, OutlineStage.of(plan.box())))
                .panel(id)
                .orElseThrow();
    }

    private static SettingOut settingOut(String id) {
        return SettingOut.of(panel(StartingPlans.square(), id), LIBRARY);
    }

    @Property(seed = "20261126")
    void spacing_dividesTheSheet_andIsNeverTooWide(
            @ForAll @DoubleRange(min = 600, max = 2600) double sheet,
            @ForAll @DoubleRange(min = 200, max = 900) double most) {
        double spacing = SettingOut.spacing(sheet, most);
        double parts = sheet / spacing;
        assertThat(parts).isCloseTo(Math.rint(parts), within(1e-6));
        assertThat(spacing).isLessThanOrEqualTo(most + 1e-6);
    }

    /** Sheets of 1250 from the skin's edge at 1.5: every third middle is a sheet's edge. */
    @Test
    void side_everySheetEdgeHasAMiddle() {
        List<Double> middles = settingOut("left").middles();
        for (int sheet = 1; sheet <= 3; sheet++) {
            double edge = 1.5 + sheet * 1250;
            assertThat(middles).anyMatch(middle -> Math.abs(middle - edge) < 1e-6);
        }
        assertThat(middles.get(1) - middles.get(0)).isCloseTo(1250 / 3.0, within(1e-6));
    }

    @Test
    void side_noStudReachesIntoTheLastPost_andNoBayIsTooWide() {
        Panel left = panel(StartingPlans.square(), "left");
        double last = settingOut("left").middles().getLast();
        double middleOfPost = left.frame().bounds().toU() - 19;
        assertThat(middleOfPost - last).isBetween(38.0, left.members().spacingMm());
    }

    /** 2160 high, sheets 2500 and 2520 long: no row. The floor, 4297 long, has rows for both faces. */
    @Test
    void rows_onlyWhereSheetsAreShort() {
        assertThat(settingOut("left").outerRows()).isEmpty();
        SettingOut floor = settingOut("floor");
        assertThat(floor.outerRows()).hasSize(1);
        assertThat(floor.outerRows().getFirst()).isCloseTo(1.5 + 2500, within(1e-6));
        assertThat(floor.innerRows()).hasSize(2);
        assertThat(floor.innerRows().getFirst()).isCloseTo(1.5 + 1250, within(1e-6));
    }

    @Test
    void rows_lastCourseIsNoSliver() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan wide = plan.withBox(plan.box().withWidth(2540));
        for (double row : SettingOut.of(panel(wide, "roof"), LIBRARY).outerRows()) {
            assertThat(1270 - row).isGreaterThanOrEqualTo(199);
        }
    }
}
