package pteron.core.bonded;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.figure.Finding;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;
import pteron.core.shell.PanelKind;
import pteron.core.skin.Seam;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/** Bonded panels: glass fibre of 1500 kg/m³, 1.8 and 1.5 mm, on 40 mm of foam of 33, bars of 38 at their edges and seams. */
class BondedTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static Framed bonded() {
        return new Framed(
                        new Layer("grp-skin", 1.8),
                        new Layer("xps", 40),
                        new Layer("grp-skin", 1.5),
                        new Members(new Section(38, 40), 1200, "c24"))
                .withScheme(Framed.Scheme.FRAMELESS);
    }

    private static BoxPlan plan(OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        MakeUp makeUp = plan.makeUp().withWalls(bonded()).withRoof(bonded());
        return plan.withMakeUp(makeUp);
    }

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static BondedPiece piece(BoxModel model, PanelKind kind) {
        return model.get(Bonded.class).pieces().stream()
                .filter(piece -> piece.panel().kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /**
     * Left wall of the square box: bars by their lengths, faces by their areas, and the core is what the bars leave of the
     * frame. 4300 long less both outer faces of 1.8.
     */
    @Test
    void wall_weighsByHand() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        PanelFrame left = model.get(Frame.class).panel(PanelKind.LEFT);
        double bars = left.members().stream().mapToDouble(Member::lengthMm).sum();
        double room = left.panel().frame().area();
        double outer = left.panel().skins().getFirst().area().area();
        double inner = left.panel().skins().getLast().area().area();
        double byHand =
                bars * 38 * 40 * 420 / 1e9
                        + (outer * 1.8 + inner * 1.5) * 1500 / 1e9
                        + (room - bars * 38) * 40 * 33 / 1e9;
        BondedPiece piece = piece(model, PanelKind.LEFT);
        assertThat(piece.massKg()).isCloseTo(byHand, within(0.01));
        assertThat(piece.thickMm()).isCloseTo(43.3, within(1e-9));
        assertThat(piece.longMm()).isCloseTo(4300 - 2 * 1.8, within(1e-6));
        assertThat(piece.people()).isEqualTo((int) Math.ceil(byHand / 25));
    }

    /** Bars stand at the edges and under the seams of sheets of 2500 only: one within 4.3 m. */
    @Test
    void bars_standUnderSeamsOnly() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        PanelFrame left = model.get(Frame.class).panel(PanelKind.LEFT);
        assertThat(left.members().stream().filter(one -> one.role() == Role.STUD)).hasSize(3);
        assertThat(left.members()).allMatch(one -> one.section().depthMm() == 40);
    }

    /** The starting plans as bonded panels, inner sheets of 1220 or 1300 on outer ones of another width: no seam over foam alone. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void seamsOfBothFaces_lieOnBars(OutlineStart start) {
        for (String inner : List.of("poplar-ply", "hpl")) {
            Framed bonded = bonded().withInnerSkin(new Layer(inner, 4));
            BoxPlan plan = StartingPlans.of(start);
            MakeUp makeUp = plan.makeUp().withWalls(bonded).withRoof(bonded);
            Skins skins = model(plan.withMakeUp(makeUp)).get(Skins.class);
            assertThat(skins.seams()).isNotEmpty().allMatch(Seam::backed);
        }
    }

    /** Strips of 20 mm as a lining: no bar under each of their 200 seams, which are told instead. */
    @Test
    void strips_getNoBars() {
        Material birch = LIBRARY.get("birch-ply");
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        for (Property property : Property.values()) {
            if (birch.has(property)) {
                double value = property == Property.SHEET_WIDTH ? 20 : birch.value(property);
                values.put(property, new Sourced(value, "made up"));
            }
        }
        Material strips = new Material("strips", "Strips", Material.Kind.BOARD, values);
        Framed bonded = bonded().withInnerSkin(new Layer("strips", 4));
        BoxPlan plan = plan(OutlineStart.SQUARE).withMaterials(List.of(strips));
        MakeUp makeUp = plan.makeUp().withWalls(bonded);
        BoxModel model = BoxModel.of(plan.withMakeUp(makeUp), LIBRARY.with(List.of(strips)));
        PanelFrame left = model.get(Frame.class).panel(PanelKind.LEFT);
        assertThat(left.members().stream().filter(one -> one.role() == Role.STUD)).hasSize(3);
        assertThat(model.findings()).extracting(Finding::code).contains("SEAM_NOT_BACKED");
    }

    /** 25 kg each; two at least past 2.5 m: common practice. */
    @ParameterizedTest
    @CsvSource({
        "61, 4300, 3",
        "18, 2600, 2",
        "18, 2400, 1",
        "25, 1000, 1",
        "25.1, 1000, 2",
        "0, 9000, 2"
    })
    void people_byWeightAndLength(double kg, double mm, int people) {
        assertThat(BondedPiece.people(kg, mm)).isEqualTo(people);
    }

    /** Two ways to the same metres: along the strip and across its corners, and the joints that are sealed there. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void corners_areAsLongAsWhatIsSealed(OutlineStart start) {
        BoxModel model = model(plan(start));
        double angles = model.figure("skins.angles-outside").orElseThrow().value();
        double sealed = model.get(Sealing.class).lengthMm(JointKind.CORNER) / 1000;
        assertThat(angles).isCloseTo(sealed, within(1e-6));
    }

    /** By hand: twice the strip of 2160 + 4300 + 2160, and 2050 across both corners: 17.24 + 4.1 = 21.34 m. */
    @Test
    void corners_ofASquareBox_byHand() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        assertThat(model.figure("skins.angles-outside").orElseThrow().value())
                .isCloseTo(21.34, within(1e-9));
    }

    /**
     * By hand: at 600 over the floor both sides from 41.8 to 4258.2, front and rear from side to side, 2050 − 2 · 1.8: 2 · 4216.4
     * + 2 · 2046.4 mm. A window that it meets is told.
     */
    @Test
    void conduit_byHand() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        MakeUp makeUp = plan.makeUp();
        BoxPlan wired = plan.withMakeUp(makeUp.withJoining(makeUp.joining().withConduit(600)));
        assertThat(model(wired).figure("skins.conduit").orElseThrow().value())
                .isCloseTo((2 * 4216.4 + 2 * 2046.4) / 1000, within(1e-6));
        assertThat(model(plan).figure("skins.conduit")).isEmpty();
        BoxModel pierced =
                model(wired.withOpenings(StartingPlans.square().openings().subList(1, 2)));
        assertThat(pierced.findings()).extracting(Finding::code).contains("CONDUIT_MEETS_OPENING");
    }

    @Test
    void corners_areMadeAsChosen() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        for (Joining.Panels way : Joining.Panels.values()) {
            MakeUp makeUp = plan.makeUp();
            BoxModel model =
                    model(plan.withMakeUp(makeUp.withJoining(makeUp.joining().withPanels(way))));
            assertThat(model.figure("skins.tongues").isPresent())
                    .isEqualTo(way == Joining.Panels.TONGUED);
            assertThat(model.figure("skins.rebates").isPresent())
                    .isEqualTo(way == Joining.Panels.REBATED);
        }
        assertThat(model(StartingPlans.square()).get(Bonded.class).pieces()).isEmpty();
    }

    private static double figure(BoxModel model, String key) {
        return model.figure("skins." + key).orElseThrow().value();
    }

    /** Bonded walls under a framed roof, and the other way round, by hand: which edges one of them lies at. */
    @Test
    void corners_whereOnlyOneIsBonded_byHand() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        MakeUp framed = StartingPlans.square().makeUp();
        MakeUp walls = plan.makeUp().withRoof(framed.roof());
        assertThat(figure(model(plan.withMakeUp(walls)), "angles-outside"))
                .isCloseTo(21.34, within(1e-9));
        // the roof alone: twice 4300 beside, 2050 over front and rear
        MakeUp roof = plan.makeUp().withWalls(framed.walls());
        assertThat(figure(model(plan.withMakeUp(roof)), "angles-outside"))
                .isCloseTo(2 * 4.3 + 2 * 2.05, within(1e-9));
        assertThat(figure(model(plan.withMakeUp(roof)), "angles-inside"))
                .isCloseTo(2 * 4.3 + 2 * 2.05, within(1e-9));
    }

    /** Angles go outside and inside, rebates want none inside, tongues none outside. */
    @Test
    void angles_goWithTheWayOfJoining() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        MakeUp makeUp = plan.makeUp();
        for (Joining.Panels way : Joining.Panels.values()) {
            BoxModel model =
                    model(plan.withMakeUp(makeUp.withJoining(makeUp.joining().withPanels(way))));
            assertThat(model.figure("skins.angles-outside").isPresent())
                    .isEqualTo(way != Joining.Panels.TONGUED);
            assertThat(model.figure("skins.angles-inside").isPresent())
                    .isEqualTo(way != Joining.Panels.REBATED);
        }
    }

    /** A bent roof: its core counts as long as its own middle is, not as the outer face. */
    @Test
    void bentCore_isAsLongAsItsMiddle() {
        BoxModel model = model(plan(OutlineStart.ARCHED));
        PanelFrame roof = model.get(Frame.class).panel(PanelKind.ROOF);
        double from = roof.panel().frame().bounds().fromU();
        double to = roof.panel().frame().bounds().toU();
        double outside = roof.panel().surface().lengthMm(from, to, 0);
        double middle = roof.panel().surface().lengthMm(from, to, 20);
        assertThat(middle).isLessThan(outside - 5);
        double bars = roof.all().stream().mapToDouble(Member::massKg).sum();
        double faces =
                model.get(Skins.class).pieces().stream()
                        .filter(piece -> piece.panel().id().equals("roof"))
                        .mapToDouble(SheetPiece::massKg)
                        .sum();
        double core = piece(model, PanelKind.ROOF).massKg() - bars - faces;
        double area =
                roof.panel().rooms().stream().mapToDouble(Polygon2::area).sum()
                        - roof.members().stream().mapToDouble(m -> m.profile().area()).sum();
        assertThat(core).isCloseTo(area * middle / outside * 40 * 33 / 1e9, within(0.01));
    }

    /** Heaviest panel, who carries it, metres of angle: each working tells the terms that it is made of. */
    @Test
    void workings_addUp() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        Bonded bonded = model.get(Bonded.class);
        double heaviest =
                bonded.pieces().stream().mapToDouble(BondedPiece::massKg).max().orElseThrow();
        assertThat(figure(model, "panels")).isEqualTo(bonded.pieces().size());
        assertThat(figure(model, "heaviest-panel")).isEqualTo(heaviest);
        assertThat(figure(model, "carriers")).isEqualTo(Math.max(2, Math.ceil(heaviest / 25)));
        Working masses = model.figure("skins.heaviest-panel").orElseThrow().working();
        assertThat(masses.terms()).hasSameSizeAs(bonded.pieces());
        assertThat(masses).isEqualTo(model.figure("skins.panels").orElseThrow().working());
        Working carriers = model.figure("skins.carriers").orElseThrow().working();
        assertThat(carriers.terms().getFirst().quantity().value()).isEqualTo(heaviest);
        Working angles = model.figure("skins.angles-outside").orElseThrow().working();
        assertThat(angles.terms().stream().map(term -> term.quantity().value()))
                .containsExactly(17.24, 4.1);
    }

    /** A window from 700 to 1320 over the floor, 5 more all round: a conduit at 600 passes under it, one at 1300 does not. */
    @Test
    void conduit_passesUnderAWindow() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        Opening window =
                StartingPlans.square().openings().getFirst().withPlace(new Opening.Place(900, 700));
        double top = 700 + window.size().heightMm() + window.playMm();
        for (double at : new double[] {600, top - 10, top + 10}) {
            Joining joining = plan.makeUp().joining().withConduit(at);
            BoxPlan wired =
                    plan.withMakeUp(plan.makeUp().withJoining(joining))
                            .withOpenings(List.of(window));
            BoxModel model = model(wired);
            List<Finding> met =
                    model.findings().stream()
                            .filter(one -> one.code().equals("CONDUIT_MEETS_OPENING"))
                            .toList();
            assertThat(met).hasSize(at > 650 && at < top ? 1 : 0);
            met.forEach(
                    one -> {
                        assertThat(one.demand().value()).isEqualTo(at);
                        assertThat(one.cure().amount().value()).isCloseTo(10, within(1e-6));
                    });
            Working working = model.figure("skins.conduit").orElseThrow().working();
            assertThat(working.terms()).hasSize(4);
        }
    }
}
