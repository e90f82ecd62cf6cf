package pteron.core.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.figure.Figure;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.material.SheetGrain;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Duration;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.ServiceClass;
import pteron.core.plan.StartingPlans;

/** Which panels are checked, over which span, under which wind: counted again from the plan by hand. */
class PanelStageTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static final Framed BONDED =
            StartingPlans.square()
                    .makeUp()
                    .walls()
                    .withScheme(Scheme.FRAMELESS)
                    .withOuterSkin(new Layer("grp-skin", 1.2))
                    .withInsulation(new Layer("xps", 40))
                    .withInnerSkin(new Layer("grp-skin", 1));

    private static BoxPlan bonded(BoxPlan plan) {
        return plan.withMakeUp(plan.makeUp().withWalls(BONDED).withRoof(BONDED));
    }

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, LIBRARY);
    }

    private static Panels panels(BoxPlan plan) {
        return model(plan).made().orElseThrow().get(Panels.class);
    }

    private static List<PanelUse> uses(BoxPlan plan, PanelPart part, String load) {
        return panels(plan).uses().stream()
                .filter(use -> use.part() == part)
                .filter(use -> use.load().key().equals(load))
                .toList();
    }

    private static double span(BoxPlan plan, PanelPart part) {
        return model(plan).figure("make-up.panel." + part.key() + "-span").orElseThrow().value();
    }

    private static BoxPlan floor(BoxPlan plan, UnaryOperator<Floor> change) {
        return plan.withMakeUp(plan.makeUp().withFloor(change.apply(plan.makeUp().floor())));
    }

    @Test
    void framedWalls_areNoPanels() {
        assertThat(panels(StartingPlans.square()).uses())
                .allMatch(use -> use.part() == PanelPart.FLOOR);
        assertThat(panels(bonded(StartingPlans.square())).uses())
                .extracting(PanelUse::part)
                .contains(PanelPart.FLOOR, PanelPart.WALLS, PanelPart.ROOF)
                .doesNotContain(PanelPart.BENT_WALLS);
    }

    private static Material made(Kind kind, Property... known) {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        values.put(Property.DENSITY, new Sourced(100, "made up"));
        Stream.of(known).forEach(property -> values.put(property, new Sourced(10, "made up")));
        return new Material("own", "Own", kind, values);
    }

    /** A panel is checked when everything that the sums ask for is known of its faces and core, and else left alone. */
    @Test
    void isKnown_asksForAllThatTheSumsNeed() {
        Layer face = new Layer("grp-skin", 1);
        Layer core = new Layer("xps", 40);
        Layer own = new Layer("own", 2);
        assertThat(SandwichPanel.isKnown(face, core, face, LIBRARY)).isTrue();
        Property[] ofFace = {Property.MODULUS, Property.BENDING, Property.COMPRESSION};
        assertThat(SandwichPanel.isKnown(own, core, own, with(Kind.SHEET, ofFace))).isTrue();
        for (int i = 0; i < ofFace.length; i++) {
            MaterialLibrary less = with(Kind.SHEET, ofFace[i], ofFace[(i + 1) % 3]);
            assertThat(SandwichPanel.isKnown(own, core, face, less)).isFalse();
            assertThat(SandwichPanel.isKnown(face, core, own, less)).isFalse();
        }
        MaterialLibrary soft = with(Kind.FOAM, Property.MODULUS, Property.SHEAR_MODULUS);
        assertThat(SandwichPanel.isKnown(face, own, face, soft)).isFalse();
    }

    private static MaterialLibrary with(Kind kind, Property... known) {
        return LIBRARY.with(List.of(made(kind, known)));
    }

    /** Floor on bearers: the widest clear way between those that are set out, and what it is called. */
    @Test
    void floorSpan_isTheWidestBay() {
        BoxPlan plan = StartingPlans.square();
        double spacing = plan.makeUp().floor().bearers().spacingMm();
        assertThat(span(plan, PanelPart.FLOOR))
                .isGreaterThan(0)
                .isLessThanOrEqualTo(spacing + 1e-6);
        Figure figure = figure(plan, "make-up.panel.floor-span");
        assertThat(figure.working().formula()).isEqualTo("L = widest bay between bearers");
        BoxPlan onSteel = floor(plan, f -> f.withSchool(Floor.School.ON_CROSS_MEMBERS));
        assertThat(figure(onSteel, "make-up.panel.floor-span").working().formula())
                .isEqualTo("L = widest gap between cross-members");
    }

    private static Figure figure(BoxPlan plan, String key) {
        return panels(plan).figures().stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /**
     * A person at the edge: strip and bar side by side carry as two springs. By hand, a point at mid-span: bar
     * 48 E b h³/12 / L³ with C24 lying flat; strip by closed form 1 / (8 L³ − 4 L a² + a³)·384 D, the core stiff.
     */
    @Test
    void edge_sharesWithTheBarThatLiesThere() {
        BoxPlan plan = StartingPlans.square();
        double span = span(plan, PanelPart.FLOOR);
        PanelUse use = uses(plan, PanelPart.FLOOR, "edge").getFirst();
        double person = plan.loads().floorPersonKg() * 9.80665;
        double thick = plan.makeUp().walls().framing().section().thicknessMm();
        double deep = plan.makeUp().walls().framing().section().depthMm();
        double bar = 48 * 11000 * (deep * Math.pow(thick, 3) / 12) / Math.pow(span, 3);
        double strip = person / sagUnder(plan, person, span);
        assertThat(use.load().newton())
                .isCloseTo(person * strip / (strip + bar), within(1e-6 * person));
    }

    /** {@return sag of the half strip alone under the person (mm)} */
    private static double sagUnder(BoxPlan plan, double person, double span) {
        Floor floor = plan.makeUp().floor();
        SandwichPanel panel =
                SandwichPanel.of(
                        PanelPart.FLOOR,
                        floor.topFace(),
                        floor.core(),
                        floor.bottomFace(),
                        floor.spanGrain(),
                        LIBRARY);
        return new PanelCheck(panel, PanelLoad.edge(person, span), span, 38)
                .uses()
                .getFirst()
                .check()
                .demand()
                .value();
    }

    /**
     * Walls: zone A beside an edge, between −1.4 for 1 m² and −1.2 for 10 m² by the logarithm of the area, and 0.2 from
     * inside: EN 1991-1-4 table 7.1; 0.613 v² for the wind.
     */
    @Test
    void windOnWalls_byHand() {
        BoxPlan plan = bonded(StartingPlans.square());
        double span = span(plan, PanelPart.WALLS);
        double outside = 1.4 - 0.2 * Math.clamp(Math.log10(span / 1000), 0, 1);
        double pressure = 0.613 * Math.pow(plan.loads().windSpeed(), 2) * (outside + 0.2);
        PanelLoad wind = uses(plan, PanelPart.WALLS, "wind").getFirst().load();
        assertThat(wind.newton()).isCloseTo(pressure * span / 1000, within(1e-6 * wind.newton()));
        assertThat(wind.widthMm()).isEqualTo(1000);
        assertThat(wind.words()).startsWith("wind in zone A, ");
    }

    /**
     * Flat roof, a metre of its end all across. Wind from the end: F over two corners of e/4 by e/10, G between, H behind.
     * Wind from the side: F over e/4 by e/10, G beside it, H to e/2, I beyond; the worse of both. Suction on so large an
     * area by the logarithm; 0.2 from inside: EN 1991-1-4 table 7.2, sharp eaves.
     */
    @Test
    void windOnRoof_byHand() {
        BoxPlan plan = bonded(StartingPlans.square());
        double width = plan.box().widthMm();
        double height = roofOverGround(plan);
        double e = Math.min(width, 2 * height);
        double span = span(plan, PanelPart.ROOF);
        double share = Math.clamp(Math.log10(span / 1000), 0, 1);
        double f = 2.5 - 0.7 * share;
        double g = 2.0 - 0.8 * share;
        double h = 1.2 - 0.5 * share;
        double corners = 2 * e / 4 / width;
        double front = f * corners + g * (1 - corners);
        double fromEnd = (front * e / 10 + h * (1000 - e / 10)) / 1000;
        double aside = Math.min(length(plan), 2 * height);
        double corner = Math.min(1000, aside / 4) / 1000;
        double edge = f * corner + g * (1 - corner);
        double behind = Math.min(width, aside / 2) - aside / 10;
        double far = Math.max(0, width - aside / 2);
        double fromSide = (edge * aside / 10 + h * behind + 0.2 * far) / width;
        double mean = Math.max(fromEnd, fromSide);
        double pressure = 0.613 * Math.pow(plan.loads().windSpeed(), 2) * (mean + 0.2);
        PanelLoad wind = uses(plan, PanelPart.ROOF, "wind").getFirst().load();
        assertThat(wind.newton()).isCloseTo(pressure * span / 1000, within(1e-3 * wind.newton()));
    }

    private static double length(BoxPlan plan) {
        double rear = plan.box().outline().stream().mapToDouble(p -> p.xMm()).max().orElseThrow();
        return rear - plan.box().outline().stream().mapToDouble(p -> p.xMm()).min().orElseThrow();
    }

    private static double roofOverGround(BoxPlan plan) {
        double top = plan.box().outline().stream().mapToDouble(p -> p.zMm()).max().orElseThrow();
        return top + plan.box().raisedMm() - model(plan).carrier().groundMm();
    }

    /**
     * Wind presses and sucks: the thinner skin of a wall is pulled as often as the other. By hand as thin faces, 1.5 q L²/8
     * over lever and thickness, against a glass-fibre skin of 1 mm: 80 / 2 in tension, 100 / 2 in compression.
     */
    @ParameterizedTest
    @CsvSource({"FAR_FACE, 80", "FACE, 100"})
    void windPullsTheThinnerSkin(PanelMode mode, double strength) {
        BoxPlan plan = bonded(StartingPlans.square());
        double span = span(plan, PanelPart.WALLS);
        PanelUse use =
                uses(plan, PanelPart.WALLS, "wind").stream()
                        .filter(u -> u.mode() == mode)
                        .findFirst()
                        .orElseThrow();
        double moment = 1.5 * use.load().newton() * span / 8;
        double stress = moment / (40 + 1.1) / (1000 * 1.0);
        assertThat(use.check().demand().value() / (stress / (strength / 2))).isBetween(1.0, 1.03);
    }

    /** Somebody who works on the roof: 1 kN on a heel, on the roof alone. */
    @Test
    void aPersonOnTheRoof() {
        BoxPlan plan = bonded(StartingPlans.square());
        assertThat(uses(plan, PanelPart.ROOF, "heel"))
                .hasSize(7)
                .allMatch(use -> use.load().newton() == 1000);
        assertThat(uses(plan, PanelPart.WALLS, "heel")).isEmpty();
    }

    /** Walls that bend carry up the bend or across, whichever does better: each counted by itself. */
    @Test
    void bentWalls_carryTheWayThatDoesBetter() {
        BoxPlan plan = bonded(StartingPlans.of(OutlineStart.ROUND_TAIL));
        double span = span(plan, PanelPart.BENT_WALLS);
        double upright = span(plan, PanelPart.WALLS);
        double across = span(plan, PanelPart.ROOF);
        assertThat(List.of(upright, across)).contains(span);
        assertThat(span).isEqualTo(Math.min(upright, across));
        assertThat(uses(plan, PanelPart.BENT_WALLS, "wind")).hasSize(5);
    }

    /** Lining of plywood, aluminium and glass fibre: NDS over its thickness, AISI S100, nothing. */
    @ParameterizedTest
    @CsvSource({"birch-ply, 6.5, 219.0", "aluminium, 2, 259.7", "grp-skin, 1, 0"})
    void screwInLining(String material, double thickness, double newton) {
        Framed walls = BONDED.withInnerSkin(new Layer(material, thickness));
        double pull =
                ScrewFigures.of(PanelPart.WALLS, walls, LIBRARY).stream()
                        .filter(f -> f.key().equals("make-up.pull-face.walls"))
                        .findFirst()
                        .orElseThrow()
                        .quantity()
                        .value();
        assertThat(pull).isCloseTo(newton, within(0.1));
    }

    /** Birch plywood of 6.5 mm by 0.9 / 1.2; metal by 1.1; glass fibre by 2: EN 1995-1-1, EN 1999-1-1, common practice. */
    @ParameterizedTest
    @CsvSource({"aluminium, 1.5, 100", "grp-skin, 1.2, 60", "spruce-ply, 9, 16.5"})
    void faceStrength_byHand(String material, double thickness, double design) {
        SandwichPanel.Sheet face =
                new SandwichPanel.Sheet(new SheetGrain(LIBRARY.get(material), thickness), false);
        FaceStrength strength = new FaceStrength(face, Duration.SHORT, ServiceClass.COVERED);
        assertThat(strength.design(Property.BENDING)).isCloseTo(design, within(1e-6));
    }

    /** Turning helps where a grain runs across, differs both ways, and the sheets of the shop are long enough. */
    @ParameterizedTest
    @CsvSource({
        "spruce-ply, ACROSS, spruce-ply, ACROSS, 2400, true",
        "spruce-ply, ACROSS, spruce-ply, ALONG,  2400, true",
        "spruce-ply, ALONG,  spruce-ply, ACROSS, 2440, true",
        "spruce-ply, ALONG,  spruce-ply, ALONG,  2400, false",
        "spruce-ply, ACROSS, spruce-ply, ACROSS, 2441, false",
        "spruce-ply, ACROSS, birch-ply,  ACROSS, 2470, false",
        "mdf,        ACROSS, mdf,        ACROSS, 2000, false",
        "mdf,        ACROSS, spruce-ply, ACROSS, 2000, true"
    })
    void turning_isPossible(
            String top,
            Layer.Grain topGrain,
            String bottom,
            Layer.Grain bottomGrain,
            double reach,
            boolean possible) {
        SandwichPanel panel =
                SandwichPanel.of(
                        PanelPart.FLOOR,
                        new Layer(top, 9, topGrain, ""),
                        new Layer("xps", 30),
                        new Layer(bottom, 9, bottomGrain, ""),
                        Layer.Grain.ALONG,
                        LIBRARY);
        assertThat(Turning.of(panel, reach).isPossible()).isEqualTo(possible);
    }

    @Test
    void floorUnderHeel_isTheHeelOnTheFloor() {
        Panels panels = panels(bonded(StartingPlans.square()));
        assertThat(panels.floorUnderHeel().keySet()).containsExactlyInAnyOrder(PanelMode.values());
        assertThat(panels.floorUnderHeel().values())
                .extracting(Check::key)
                .allMatch(key -> key.startsWith("floor-heel-"));
    }

    /**
     * Over the middle of two spans, one loaded: 0.09375 P L (any beam table) as a couple in thin faces over a stiff core,
     * a face of a 60th of the depth: what is local to the support is little beside it.
     */
    @Test
    void overSupport_thinFaces_byTheBeamTable() {
        SandwichPanel thin =
                SandwichPanel.of(
                        PanelPart.FLOOR,
                        new Layer("aluminium", 0.5),
                        new Layer("balsa", 30),
                        new Layer("aluminium", 0.5),
                        Layer.Grain.ALONG,
                        LIBRARY);
        PanelLoad heel = PanelLoad.heel(1000, 500);
        PanelUse over =
                new PanelCheck(thin, heel, 500, 60)
                        .uses().stream()
                                .filter(use -> use.mode() == PanelMode.OVER_SUPPORT)
                                .findFirst()
                                .orElseThrow();
        double couple = 1.5 * 0.09375 * 1000 * 500 / 30.5 / (heel.widthMm() * 0.5);
        double byCouple = couple / (110 / 1.1);
        assertThat(over.check().demand().value()).isBetween(byCouple, 1.35 * byCouple);
    }
}
