package pteron.core.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.buildup.Layer;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Duration;

/** What a builder who opens a working counts again from its terms, on paper: the number that he came from. */
class PanelWorkingsTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final double SPAN = 500;

    private static final SandwichPanel FLOOR =
            SandwichPanel.of(
                    PanelPart.FLOOR,
                    new Layer("birch-ply", 9),
                    new Layer("xps", 30),
                    new Layer("birch-ply", 6.5),
                    Layer.Grain.ALONG,
                    LIBRARY);

    static List<PanelLoad> loads() {
        return List.of(
                PanelLoad.heel(1000, SPAN),
                PanelLoad.ladder(1000, SPAN),
                PanelLoad.edge(1000, SPAN),
                PanelLoad.spread(PanelLoad.PEOPLE, "people", 0.002, SPAN, Duration.MEDIUM),
                PanelLoad.spread("wind", "wind", 0.001, SPAN, Duration.SHORT));
    }

    private static List<PanelUse> uses(PanelLoad load) {
        return new PanelCheck(FLOOR, load, SPAN, 38).uses();
    }

    private static Check check(PanelLoad load, PanelMode mode) {
        return uses(load).stream()
                .filter(use -> use.mode() == mode)
                .findFirst()
                .orElseThrow()
                .check();
    }

    private static double term(Working working, String symbol) {
        return working.terms().stream()
                .filter(term -> term.symbol().equals(symbol))
                .findFirst()
                .orElseThrow(() -> new AssertionError(symbol + " is missing in " + working))
                .quantity()
                .value();
    }

    private static Working inside(Working working, String symbol) {
        return working.terms().stream()
                .filter(term -> term.symbol().equals(symbol))
                .map(Working.Term::lead)
                .filter(Working.Lead.ToWorking.class::isInstance)
                .map(lead -> ((Working.Lead.ToWorking) lead).working().get())
                .findFirst()
                .orElseThrow();
    }

    private static void close(double told, double counted) {
        assertThat(told).isCloseTo(counted, within(1e-9 * Math.max(1, Math.abs(counted))));
    }

    @ParameterizedTest
    @MethodSource("loads")
    void terms_ofEveryMode(PanelLoad load) {
        assertThat(uses(load)).hasSize(load.isSpread(SPAN) ? 5 : 7);
        for (PanelUse use : uses(load)) {
            Working working = use.check().working().get();
            assertThat(working.source()).isNotBlank();
            assertThat(term(working, "L")).isEqualTo(SPAN);
            assertThat(term(working, "P")).isEqualTo(load.newton());
            assertThat(term(working, "a")).isEqualTo(load.patchMm());
            assertThat(term(working, "b")).isEqualTo(load.widthMm());
            assertThat(term(working, "t")).isEqualTo(9);
            assertThat(term(working, "c")).isEqualTo(30);
            assertThat(term(inside(working, "L"), "L")).isEqualTo(SPAN);
            assertThat(use.check().key()).startsWith("floor-" + load.key() + "-");
            assertThat(use.check().name()).startsWith("Floor, " + load.words());
        }
    }

    /** P = p · b · L where it is spread; b = a + 0.58 L where it stands on a patch, by half as much at an edge. */
    @ParameterizedTest
    @MethodSource("loads")
    void load_andStrip(PanelLoad load) {
        Working sag = check(load, PanelMode.SAG).working().get();
        Working newton = inside(sag, "P");
        Working width = inside(sag, "b");
        if (load.isSpread(SPAN)) {
            close(load.newton(), term(newton, "p") / 1e6 * term(newton, "b") * SPAN);
            assertThat(term(width, "b")).isEqualTo(1000);
        } else {
            assertThat(term(newton, "P")).isEqualTo(load.newton());
            double spread = term(width, "0.58") * term(width, "L");
            double half = load.key().equals("edge") ? 0.5 : 1;
            close(load.widthMm(), term(width, "a") + half * spread);
        }
    }

    @ParameterizedTest
    @MethodSource("loads")
    void sag_countedAgain(PanelLoad load) {
        Check check = check(load, PanelMode.SAG);
        Working working = check.working().get();
        double creep = term(working, "1 + psi2 · kdef");
        close(
                check.demand().value(),
                (term(working, "f bending") + term(working, "f shear")) * creep);
        close(check.capacity().value(), SPAN / 200);
        // birch plywood, covered: kdef 1.0; a third of a load of people stays
        assertThat(creep).isEqualTo(load.key().equals(PanelLoad.PEOPLE) ? 1.3 : 1);
        // f bending = P (8 L³ − 4 L a² + a³) / (384 (D0 + Df))
        Working bending = inside(working, "f bending");
        double a = load.patchMm();
        double whole = term(bending, "D0") + term(bending, "Df");
        double shape = 8 * Math.pow(SPAN, 3) - 4 * SPAN * a * a + Math.pow(a, 3);
        close(term(working, "f bending"), load.newton() * shape / (384 * whole));
    }

    /** D0 = b · E1 t1 · E2 t2 / (E1 t1 + E2 t2) · d², Df = b · (E1 t1³ + E2 t2³) / 12, S = b · d² / c · G. */
    @ParameterizedTest
    @MethodSource("loads")
    void stiffnesses_countedAgain(PanelLoad load) {
        Working bending = inside(check(load, PanelMode.SAG).working().get(), "f bending");
        Working couple = inside(bending, "D0");
        double b = term(couple, "b");
        double one = term(couple, "E1") * term(couple, "t1");
        double other = term(couple, "E2") * term(couple, "t2");
        double d = term(couple, "c") + (term(couple, "t1") + term(couple, "t2")) / 2;
        close(term(bending, "D0"), b * one * other / (one + other) * d * d);
        Working faces = inside(bending, "Df");
        double bent =
                term(faces, "E1") * Math.pow(term(faces, "t1"), 3)
                        + term(faces, "E2") * Math.pow(term(faces, "t2"), 3);
        close(term(bending, "Df"), b * bent / 12);
        Working shear = inside(bending, "S");
        close(term(bending, "S"), b * d * d / term(shear, "c") * term(shear, "G"));
    }

    /** u = s / fd + sb / fmd, s = 1.5 · M / d / (b t). */
    @ParameterizedTest
    @MethodSource("loads")
    void faces_countedAgain(PanelLoad load) {
        face(load, PanelMode.FACE, 9);
        face(load, PanelMode.FAR_FACE, 6.5);
    }

    private static void face(PanelLoad load, PanelMode mode, double thickness) {
        Check check = check(load, mode);
        Working working = check.working().get();
        close(
                check.demand().value(),
                term(working, "s") / term(working, "fd")
                        + term(working, "sb") / term(working, "fmd"));
        assertThat(check.capacity().value()).isEqualTo(1);
        assertThat(term(inside(working, "s"), "tf")).isEqualTo(thickness);
        Working stretch = inside(working, "s");
        close(
                term(working, "s"),
                1.5 * term(stretch, "M") / term(stretch, "d") / (term(stretch, "b") * thickness));
        assertThat(inside(stretch, "M").terms()).hasSizeGreaterThan(6);
        assertThat(inside(working, "sb").terms()).hasSizeGreaterThan(6);
        if (load.isSpread(SPAN)) {
            // no patch, nothing local: faces and couple share the moment P L / 8 by their stiffness
            Working all = inside(stretch, "M");
            double share = term(all, "D0") / (term(all, "D0") + term(all, "Df"));
            assertThat(term(stretch, "M"))
                    .isLessThanOrEqualTo(share * load.newton() * SPAN / 8 * (1 + 1e-9));
        }
    }

    /** Pressure along the face against 0.5 · (Ef Ec Gc)^(1/3); shear 1.5 Q / (b d) against fv / 1.5. */
    @ParameterizedTest
    @MethodSource("loads")
    void wrinkling_andCoreShear_countedAgain(PanelLoad load) {
        Check wrinkling = check(load, PanelMode.WRINKLING);
        close(wrinkling.demand().value(), term(wrinkling.working().get(), "s"));
        double cube =
                Math.cbrt(
                        FLOOR.loaded().modulus()
                                * FLOOR.core().material().value(Property.MODULUS)
                                * FLOOR.core().material().value(Property.SHEAR_MODULUS));
        close(wrinkling.capacity().value(), 0.5 * cube);
        Check shear = check(load, PanelMode.CORE_SHEAR);
        Working working = shear.working().get();
        double d = 30 + (9 + 6.5) / 2;
        close(shear.demand().value(), 1.5 * term(working, "Q") / (load.widthMm() * d));
        close(shear.capacity().value(), term(working, "fv") / 1.5);
        // half the load at most goes through the core to a support
        assertThat(term(working, "Q")).isBetween(0.0, load.newton() / 2);
    }

    /** Under a foot: the plate that floats, times 1.5, against the core's strength over 1.5. */
    @Test
    void crushing_countedAgain() {
        PanelLoad heel = PanelLoad.heel(1000, SPAN);
        Check check = check(heel, PanelMode.CRUSHING);
        Working working = check.working().get();
        close(
                check.demand().value(),
                1.5 * CoreCrushing.pressure(1000, 60, FLOOR.loaded(), FLOOR.core()));
        close(check.capacity().value(), term(working, "fc") / 1.5);
        close(term(working, "E"), FLOOR.loaded().patchModulus());
    }

    /** Over a support of two spans: 0.6875 P presses there, 0.09375 P L bends: any beam table. */
    @Test
    void overSupport_isLessThanUnderTheHeel_andMoreThanNothing() {
        PanelLoad heel = PanelLoad.heel(1000, SPAN);
        Check over = check(heel, PanelMode.OVER_SUPPORT);
        Working working = over.working().get();
        close(
                over.demand().value(),
                term(working, "s") / term(working, "fd")
                        + term(working, "sb") / term(working, "fmd"));
        Working stretch = inside(working, "s");
        Working all = inside(stretch, "M");
        double share = term(all, "D0") / (term(all, "D0") + term(all, "Df"));
        // the couple carries its share of 0.09375 P L, less what the faces take over the support
        assertThat(term(stretch, "M")).isBetween(0.0, share * 0.09375 * 1000 * SPAN);
        assertThat(over.demand().value()).isBetween(0.05, 2.0);
    }
}
