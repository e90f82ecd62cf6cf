package pteron.core.buildup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Lumber, plywood, gauges and sheets of a shop that sells in inches, against US PS 20, US PS 1 and gauge tables. */
class InchShopTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** US PS 20, dry sizes: name and real inches. */
    @ParameterizedTest
    @CsvSource({
        "1×2, 0.75, 1.5", "1×4, 0.75, 3.5", "2×2, 1.5, 1.5", "2×3, 1.5, 2.5", "2×4, 1.5, 3.5",
        "2×6, 1.5, 5.5", "2×8, 1.5, 7.25", "2×10, 1.5, 9.25", "4×4, 3.5, 3.5", "5/4×6, 1, 5.5"
    })
    void lumber_isCalledByItsName(String name, double thick, double deep) {
        assertThat(Lumber.name(new Section(thick * 25.4, deep * 25.4))).contains(name);
        if (deep < 5.8) {
            assertThat(Lumber.name(new Section(deep * 25.4, thick * 25.4))).contains(name);
        }
    }

    /** NDS Supplement, table 1B: A, S and I on edge (in², in³, in⁴). */
    @ParameterizedTest
    @CsvSource({
        "1.5, 1.5, 2.25, 0.5625, 0.4219", "1.5, 2.5, 3.75, 1.563, 1.953",
        "1.5, 5.5, 8.25, 7.563, 20.8", "1.5, 7.25, 10.88, 13.14, 47.63",
        "3.5, 3.5, 12.25, 7.146, 12.51"
    })
    void lumber_sectionValues(double b, double h, double area, double modulus, double inertia) {
        Section section = new Section(b * 25.4, h * 25.4);
        assertThat(section.areaMm2() / 645.16).isCloseTo(area, within(0.0005 * area));
        double i = section.inertiaMm4() / Math.pow(25.4, 4);
        assertThat(i).isCloseTo(inertia, within(0.0005 * inertia));
        assertThat(i / (h / 2)).isCloseTo(modulus, within(0.0005 * modulus));
    }

    @Test
    void section_inWords() {
        Section twoByFour = new Section(38.1, 88.9);
        assertThat(SectionText.of(twoByFour, UnitSystem.INCHES)).isEqualTo("2×4 (1 1⁄2″ × 3 1⁄2″)");
        assertThat(SectionText.of(new Section(38, 63), UnitSystem.METRIC)).isEqualTo("38 × 63 mm");
        assertThat(SectionText.of(new Section(25.4, 50.8, 1.651), UnitSystem.INCHES))
                .isEqualTo("1″ × 2″ × 0.065″");
        assertThat(Lumber.name(new Section(45, 70))).isEmpty();
    }

    /** Walls by Birmingham Wire Gauge 18, 16, 14, 11: 0.049, 0.065, 0.083, 0.120 in. */
    @ParameterizedTest
    @CsvSource({"1.2, 0.049", "1.6, 0.065", "2, 0.083", "3, 0.12"})
    void tube_takesAGauge(double mm, double inches) {
        Section tube = InchShop.of(new Section(40, 40, mm), UnitSystem.INCHES);
        assertThat(tube.wallMm()).isCloseTo(inches * 25.4, within(1e-6));
        assertThat(tube.depthMm()).isCloseTo(38.1, within(1e-6));
    }

    /** US PS 1: 3/8, 1/2, 3/4 plywood measure 11/32, 15/32, 23/32, 1/4 up to 15/64; a tape reads them by their names. */
    @ParameterizedTest
    @CsvSource({"9, 8.73, 3⁄8″", "12, 11.91, 1⁄2″", "18, 18.26, 3⁄4″", "6.5, 5.56, 1⁄4″"})
    void plywood_isAsThickAsItIs(double metric, double real, String name) {
        Layer layer = InchShop.of(new Layer("birch-ply", metric), UnitSystem.INCHES);
        assertThat(layer.thicknessMm()).isCloseTo(real, within(0.01));
        assertThat(LengthText.format(layer.thicknessMm(), UnitSystem.INCHES)).isEqualTo(name);
    }

    /** Air and wool are as thick as they are; overlapping boards are lumber. */
    @Test
    void layers_withoutASheet() {
        Layer air = new Layer("air-gap", 5);
        assertThat(InchShop.of(air, UnitSystem.INCHES)).isEqualTo(air);
        Layer wool = new Layer("wool-batt", 63);
        assertThat(InchShop.of(wool, UnitSystem.INCHES)).isEqualTo(wool);
        assertThat(InchShop.of(new Layer("larch-boards", 20), UnitSystem.INCHES).thicknessMm())
                .isCloseTo(19.05, within(1e-9));
        Layer metric = new Layer("birch-ply", 9);
        assertThat(InchShop.of(metric, UnitSystem.METRIC)).isSameAs(metric);
    }

    /** A sheet of 4 × 8 ft is 1219.2 × 2438.4 mm; all else is as in the metric sheet. */
    @Test
    void sheets_inFeet() {
        Material sheet = LIBRARY.get(MaterialLibrary.inFeet("aluminium"));
        assertThat(sheet.value(Property.SHEET_WIDTH)).isCloseTo(1219.2, within(1e-9));
        assertThat(sheet.value(Property.SHEET_LENGTH)).isCloseTo(2438.4, within(1e-9));
        assertThat(sheet.density()).isEqualTo(LIBRARY.get("aluminium").density());
        assertThat(sheet.name()).isEqualTo("Aluminium sheet, 4 × 8 ft");
        assertThat(LIBRARY.offered(UnitSystem.INCHES))
                .contains(sheet)
                .doesNotContain(LIBRARY.get("aluminium"));
        assertThat(LIBRARY.offered(UnitSystem.METRIC))
                .contains(LIBRARY.get("aluminium"))
                .doesNotContain(sheet);
    }
}
