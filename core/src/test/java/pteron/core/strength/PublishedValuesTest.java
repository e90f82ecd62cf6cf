package pteron.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.Beam;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.RectangleSection;
import pteron.core.mechanics.TimberStrength;
import pteron.core.plan.ServiceClass;
import pteron.core.wind.Wind;

/** Sections, beams, timber classes, factors and wind against published values. */
class PublishedValuesTest {

    private static final double INCH = 25.4;
    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** 2×4 on edge, 1.5 × 3.5 in: A 5.25 in², S 3.063 in³, I 5.359 in⁴. NDS Supplement table 1B. */
    @Test
    void twoByFourOnEdge() {
        RectangleSection section = new RectangleSection(1.5 * INCH, 3.5 * INCH);
        assertThat(section.areaMm2() / Math.pow(INCH, 2)).isCloseTo(5.25, within(0.005));
        assertThat(section.modulusMm3() / Math.pow(INCH, 3)).isCloseTo(3.063, within(0.0006));
        assertThat(section.inertiaMm4() / Math.pow(INCH, 4)).isCloseTo(5.359, within(0.0005));
    }

    /** 2×4 flat: S 1.313 in³, I 0.984 in⁴. NDS Supplement table 1B. */
    @Test
    void twoByFourFlat() {
        RectangleSection section = new RectangleSection(3.5 * INCH, 1.5 * INCH);
        assertThat(section.modulusMm3() / Math.pow(INCH, 3)).isCloseTo(1.313, within(0.0006));
        assertThat(section.inertiaMm4() / Math.pow(INCH, 4)).isCloseTo(0.984, within(0.0005));
    }

    /** The worked examples in the comments of RectangleSection. */
    @Test
    void section_workedExamples() {
        RectangleSection section = new RectangleSection(38.1, 88.9);
        assertThat(section.areaMm2()).isCloseTo(3387.1, within(0.05));
        assertThat(section.modulusMm3()).isCloseTo(50185, within(1.0));
        assertThat(section.inertiaMm4()).isCloseTo(2230738, within(50.0));
    }

    /** Coefficients of AISC Manual table 3-23: 5/384, 1/48, and moments 1/8, 1/4. */
    @Test
    void beam_workedExamplesAndTableCoefficients() {
        Beam beam = new Beam(2000, 1e10);
        assertThat(beam.spreadMoment(1)).isEqualTo(500_000);
        assertThat(beam.middleMoment(1000)).isEqualTo(500_000);
        assertThat(beam.spreadDeflection(1)).isCloseTo(20.833, within(0.0005));
        assertThat(beam.middleDeflection(1000)).isCloseTo(16.667, within(0.0005));
        Beam unit = new Beam(1, 1);
        assertThat(unit.spreadDeflection(384)).isCloseTo(5, within(1e-12));
        assertThat(unit.middleDeflection(48)).isCloseTo(1, within(1e-12));
    }

    /** EN 338:2016, from memory. */
    @ParameterizedTest
    @CsvSource({"c16,16,3.2,8000,370", "c24,24,4.0,11000,420"})
    void timberClasses(String id, double bending, double shear, double modulus, double density) {
        var timber = LIBRARY.get(id);
        assertThat(timber.value(Property.BENDING)).isEqualTo(bending);
        assertThat(timber.value(Property.SHEAR)).isEqualTo(shear);
        assertThat(timber.value(Property.MODULUS)).isEqualTo(modulus);
        assertThat(timber.density()).isEqualTo(density);
    }

    /** kh of EN 1995-1-1 eq. 3.1: 1.3 for small depths, (150/h)^0.2, 1 from 150 mm up. */
    @Test
    void sizeFactor_workedExampleAndEnds() {
        assertThat(TimberStrength.sizeFactor(64)).isCloseTo(1.186, within(0.0005));
        assertThat(TimberStrength.sizeFactor(30)).isEqualTo(1.3);
        assertThat(TimberStrength.sizeFactor(200)).isEqualTo(1);
    }

    /** C24, short load: 24 · 0.9 / 1.3, by hand. */
    @Test
    void designStrength_workedExample() {
        TimberStrength strength =
                new TimberStrength(LIBRARY.get("c24"), Duration.SHORT, ServiceClass.COVERED);
        assertThat(strength.design(Property.BENDING)).isCloseTo(16.615, within(0.0005));
    }

    /** 0.613 V² N/m² and 0.00256 V² lb/ft², V in m/s and mph: ASCE 7. The two agree within 1 %. */
    @Test
    void wind_bothFormsOfTheFormula() {
        assertThat(Wind.pressure(40)).isCloseTo(980.8, within(0.05));
        double mph = 90;
        double psf = 0.00256 * mph * mph;
        assertThat(Wind.pressure(mph * 0.44704) * 0.0208854342).isCloseTo(psf, within(0.01 * psf));
    }

    /** Aluminium 70 GPa, 2700 kg/m³ (EN 1999-1-1 3.2.5); steel 7850 kg/m³ (EN 1993-1-1 3.2.6). */
    @Test
    void metals() {
        assertThat(LIBRARY.get("aluminium").value(Property.MODULUS)).isEqualTo(70_000);
        assertThat(LIBRARY.get("aluminium").density()).isEqualTo(2700);
        assertThat(LIBRARY.get("steel-sheet").density()).isEqualTo(7850);
    }

    /** lambda of softwood and plywood of 500 kg/m³ 0.13, of 700 kg/m³ 0.17, aluminium 160, steel 50 W/mK: ISO 10456. */
    @Test
    void conductivities() {
        assertThat(LIBRARY.get("c24").value(Property.CONDUCTIVITY)).isEqualTo(0.13);
        assertThat(LIBRARY.get("spruce-ply").value(Property.CONDUCTIVITY)).isEqualTo(0.13);
        assertThat(LIBRARY.get("birch-ply").value(Property.CONDUCTIVITY)).isEqualTo(0.17);
        assertThat(LIBRARY.get("aluminium").value(Property.CONDUCTIVITY)).isEqualTo(160);
        assertThat(LIBRARY.get("steel-sheet").value(Property.CONDUCTIVITY)).isEqualTo(50);
    }

    /** XPS has R 5.0 an inch (ft²·°F·h/Btu): ASHRAE Fundamentals. R-SI is 0.1761 of that. */
    @Test
    void foamResistancePerInch() {
        double perInch = 0.0254 / LIBRARY.get("xps").value(Property.CONDUCTIVITY) / 0.17611;
        assertThat(perInch).isCloseTo(5.0, within(0.8));
    }

    @Test
    void loadCase_workedExample() {
        LoadCase loads = new LoadCase(0.1, 0, 1000);
        assertThat(loads.finalDeflection(new Beam(2000, 1e10), 0.8))
                .isCloseTo(20.417, within(0.0005));
    }
}
