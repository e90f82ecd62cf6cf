package pteron.core.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.KerfBend;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.PanelKind;
import pteron.core.tube.TubeEnd.Kind;

/** Ends of tubes by hand, 40 × 40 × 2 in 6060, 2.7 g/cm³. */
class TubeStageTest {

    private static final Section TUBE = new Section(40, 40, 2);

    private static Framed ofTube(Framed framed) {
        return framed.withScheme(Framed.Scheme.TUBE)
                .withMembers(new Members(TUBE, 600, "alu-6060"))
                .withInsulation(framed.insulation().withThickness(40));
    }

    private static BoxPlan plan(OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                makeUp.withWalls(ofTube(makeUp.walls())).withRoof(ofTube(makeUp.roof())));
    }

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static List<TubeEnd> ends(BoxModel model, String panel) {
        return model.get(Tubes.class).ends().stream()
                .filter(end -> end.member().panel().id().equals(panel))
                .toList();
    }

    private static long count(List<TubeEnd> ends, Kind kind) {
        return ends.stream().filter(end -> end.kind() == kind).count();
    }

    private static double figure(BoxModel model, String key) {
        return model.get(Tubes.class).figures().stream()
                .filter(figure -> figure.key().equals("frame." + key))
                .map(Figure::value)
                .mapToDouble(Double::doubleValue)
                .findFirst()
                .orElseThrow();
    }

    /**
     * Square box, left wall between front and rear of 1.5 + 40 mm: 4300 − 83 = 4217 mm. Sheets of 1250 divided by 3 for
     * 600 at the most: middles at 416.67 k, 10 within. 12 uprights butt twice, 2 plates are open twice; each end is welded
     * round 4 × 40 mm.
     */
    @Test
    void wall_ofASquareBox() {
        List<TubeEnd> ends = ends(model(plan(OutlineStart.SQUARE)), "left");
        assertThat(count(ends, Kind.BUTT)).isEqualTo(24);
        assertThat(count(ends, Kind.OPEN)).isEqualTo(4);
        assertThat(count(ends, Kind.MITRE)).isZero();
        assertThat(ends.stream().mapToDouble(TubeEnd::weldMm).sum()).isCloseTo(3840, within(1e-6));
    }

    /** 304 mm² of 2.7 g/cm³: 0.8208 kg/m, geometry as the tables of the Aluminum Design Manual. */
    @Test
    void members_weighWhatTheTableSays() {
        Frame frame = model(plan(OutlineStart.SQUARE)).get(Frame.class);
        Member stud = frame.members(Role.STUD).getFirst();
        assertThat(stud.lengthMm()).isCloseTo(1930, within(1e-6));
        assertThat(stud.massKg()).isCloseTo(0.8208 * 1.930, within(1e-3));
    }

    /** The working of a tube's mass tells the area of its wall, 304 mm², and the metal's own density, not a solid bar's. */
    @Test
    void workingOfATube_tellsItsWall() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        String text = leaf(model.figure("frame.mass").orElseThrow().working(), 3);
        assertThat(text).contains("304.0").contains("m = A · l · density");
    }

    /** The workings one inside the other, with their formulas and numbers. */
    private static String leaf(Working working, int depth) {
        StringBuilder text = new StringBuilder(working.formula());
        working.terms().forEach(term -> text.append(' ').append(term.quantity().value()));
        if (depth > 0) {
            working.terms().stream()
                    .map(Working.Term::lead)
                    .filter(Working.Lead.ToWorking.class::isInstance)
                    .map(Working.Lead.ToWorking.class::cast)
                    .forEach(lead -> text.append(leaf(lead.working().get(), depth - 1)));
        }
        return text.toString();
    }

    /**
     * Where two plates turn by a, both are cut at a / 2 and the cut is 40 / cos(a / 2) long: round it twice that and twice
     * 40. The two ends are welded once.
     */
    @Test
    void plates_areMitredAtHalfTheTurn() {
        BoxModel model = model(plan(OutlineStart.RAKED_NOSE));
        List<TubeEnd> mitres =
                ends(model, "left").stream().filter(end -> end.kind() == Kind.MITRE).toList();
        assertThat(mitres).isNotEmpty().hasSize(2 * (mitres.size() / 2));
        for (TubeEnd end : mitres) {
            double half =
                    end.atEnd()
                            ? end.member().endCut().degrees().getFirst()
                            : end.member().startCut().degrees().getFirst();
            double cut = 40 / Math.cos(Math.toRadians(half));
            assertThat(end.aroundMm()).isCloseTo(2 * cut + 80, within(0.01));
            assertThat(end.weldMm()).isCloseTo(cut + 40, within(0.01));
            assertThat(end.joints()).isEqualTo(0.5);
        }
    }

    @Test
    void sleeves_orBrackets_forEachJoint() {
        BoxPlan plan = plan(OutlineStart.SQUARE);
        MakeUp makeUp = plan.makeUp();
        Joining.Tubes[] ways = {Joining.Tubes.SLEEVED, Joining.Tubes.BRACKETED};
        for (Joining.Tubes way : ways) {
            BoxModel model =
                    model(plan.withMakeUp(makeUp.withJoining(makeUp.joining().withTubes(way))));
            String key = way == Joining.Tubes.SLEEVED ? "sleeves" : "brackets";
            long butts = count(model.get(Tubes.class).ends(), Kind.BUTT);
            assertThat(figure(model, key)).isEqualTo(butts);
            assertThat(figure(model, "foot-plates")).isEqualTo(8);
        }
    }

    /** 21 cuts across 50.8 and down twice 25.4 are 21 × 101.6 = 2133.6 mm. */
    @Test
    void notches_areWeldedShut() {
        BoxPlan plan = plan(OutlineStart.ROUND_TAIL);
        MakeUp makeUp = plan.makeUp();
        BoxModel rolled = model(plan);
        BoxModel notched =
                model(
                        plan.withMakeUp(
                                makeUp.withJoining(
                                        makeUp.joining().withCurves(Joining.Curves.NOTCHED))));
        double cuts =
                notched.get(Frame.class).members().stream().mapToDouble(TubeStage::notchesMm).sum();
        assertThat(cuts).isGreaterThan(1000);
        assertThat(figure(notched, "welds") - figure(rolled, "welds"))
                .isCloseTo(cuts / 1000, within(0.01));
    }

    @Test
    void timber_hasNoEndsOfTubes() {
        Tubes tubes = model(StartingPlans.square()).get(Tubes.class);
        assertThat(tubes.ends()).isEmpty();
        assertThat(tubes.figures()).isEmpty();
    }

    private static BoxModel joined(OutlineStart start, UnaryOperator<Joining> way) {
        BoxPlan plan = plan(start);
        MakeUp makeUp = plan.makeUp();
        return model(plan.withMakeUp(makeUp.withJoining(way.apply(makeUp.joining()))));
    }

    private static Tubes welded(OutlineStart start) {
        return model(plan(start)).get(Tubes.class);
    }

    /**
     * Left wall of the square box: twelve uprights butt onto each plate, 40 wide. Their middles lie at 416.67 k, the plate
     * begins 20 before the first: joints 40 long, at their place on the plate.
     */
    @Test
    void joints_onAPlate_byHand() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        Tubes tubes = model.get(Tubes.class);
        Member plate =
                model.get(Frame.class).members(Role.BOTTOM_PLATE).stream()
                        .filter(member -> member.panel().id().equals("left"))
                        .findFirst()
                        .orElseThrow();
        List<Joint> joints = tubes.onSides().get(plate.name());
        assertThat(joints).hasSize(12).allMatch(joint -> Math.abs(joint.lengthMm() - 40) < 1e-6);
        assertThat(joints.stream().mapToDouble(Joint::fromMm).min().orElseThrow())
                .isCloseTo(0, within(1e-6));
        assertThat(joints.stream().mapToDouble(Joint::toMm).max().orElseThrow())
                .isCloseTo(plate.lengthMm(), within(1e-6));
        double start = plate.bounds().fromU();
        for (Member upright : model.get(Frame.class).panel(PanelKind.LEFT).members()) {
            if (upright.isUpright()) {
                double from = upright.bounds().fromU() - start;
                assertThat(joints).anyMatch(joint -> Math.abs(joint.fromMm() - from) < 1e-6);
            }
        }
    }

    /** Every joint on a side is a butt's; a mitre meets end to end and is on no side. */
    @Test
    void mitres_areOnNoSide() {
        Tubes tubes = welded(OutlineStart.RAKED_NOSE);
        long butts =
                tubes.ends().stream()
                        .filter(end -> end.kind() == Kind.BUTT)
                        .mapToLong(end -> end.met().size())
                        .sum();
        assertThat(tubes.onSides().values().stream().mapToLong(List::size).sum()).isEqualTo(butts);
    }

    @Test
    void capsAndWelds_areThoseOfTheEnds() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        Tubes tubes = model.get(Tubes.class);
        assertThat(figure(model, "end-caps")).isEqualTo(count(tubes.ends(), Kind.OPEN));
        assertThat(tubes.caps()).isEqualTo(count(tubes.ends(), Kind.OPEN)).isPositive();
        double welds = tubes.ends().stream().mapToDouble(TubeEnd::weldMm).sum();
        assertThat(tubes.weldMm()).isEqualTo(welds).isPositive();
        assertThat(figure(model, "welds")).isCloseTo(welds / 1000, within(1e-9));
        assertThat(figure(model, "foot-plates")).isEqualTo(8);
    }

    /** Workings: the welds panel by panel, the ends kind by kind, the posts. */
    @Test
    void workings_addUp() {
        BoxModel model = model(plan(OutlineStart.SQUARE));
        Working welds = model.figure("frame.welds").orElseThrow().working();
        Working byPanel =
                welds.terms().stream()
                        .map(Working.Term::lead)
                        .filter(Working.Lead.ToWorking.class::isInstance)
                        .map(lead -> ((Working.Lead.ToWorking) lead).working().get())
                        .findFirst()
                        .orElseThrow();
        double sum = byPanel.terms().stream().mapToDouble(one -> one.quantity().value()).sum();
        assertThat(sum).isCloseTo(figure(model, "welds"), within(1e-9));
        Working caps = model.figure("frame.end-caps").orElseThrow().working();
        assertThat(caps.terms().stream().mapToDouble(term -> term.quantity().value()).sum())
                .isEqualTo(model.get(Tubes.class).ends().size());
        for (Kind kind : Kind.values()) {
            double told =
                    caps.terms().stream()
                            .filter(term -> term.meaning().equals("ends, " + kind.label()))
                            .mapToDouble(term -> term.quantity().value())
                            .sum();
            assertThat(told).isEqualTo(count(model.get(Tubes.class).ends(), kind));
            assertThat(kind.label()).isNotBlank();
        }
        Working feet = model.figure("frame.foot-plates").orElseThrow().working();
        assertThat(feet.terms().getFirst().quantity().value()).isEqualTo(8);
    }

    @Test
    void sleeves_tellTheirEnds() {
        BoxModel model = joined(OutlineStart.SQUARE, old -> old.withTubes(Joining.Tubes.SLEEVED));
        Working sleeves = model.figure("frame.sleeves").orElseThrow().working();
        assertThat(sleeves.terms()).hasSize(Kind.values().length);
    }

    /** Example of the doc comment: 21 cuts in a tube of 25.4 × 50.8: 21 · (50.8 + 2 · 25.4) = 2133.6 mm. */
    @Test
    void notch_workedExample() {
        BoxModel notched =
                joined(OutlineStart.ROUND_TAIL, old -> old.withCurves(Joining.Curves.NOTCHED));
        List<Member> bent =
                notched.get(Frame.class).members().stream()
                        .filter(member -> TubeStage.notchesMm(member) > 0)
                        .toList();
        assertThat(bent).isNotEmpty();
        for (Member member : bent) {
            KerfBend way = (KerfBend) member.bend().orElseThrow().way().orElseThrow();
            assertThat(TubeStage.notchesMm(member)).isCloseTo(way.cuts() * 120.0, within(1e-9));
        }
    }
}
