package pteron.core.solid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.OutlineTools;
import pteron.core.frame.Body;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Partition;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;
import pteron.core.skin.FoamPiece;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/**
 * Members, sheets and foam as convex bodies: none lies deeper in another than a tenth of a millimetre, across panels
 * too. The outer sheets of the strip are mitred where they meet and are not held against each other.
 */
class SolidsApartTest {

    /** What a pencil line hides (mm). */
    private static final double APART_MM = 0.1;

    /** A part with its pieces. */
    private record Part(
            String kind, String panel, boolean shallow, Skin.Face face, List<ConvexBody> pieces) {}

    private static List<Part> parts(BoxModel model) {
        List<Part> parts = new ArrayList<>();
        for (Member member : model.get(Frame.class).members()) {
            boolean shallow = member.section().depthMm() < member.panel().depthMm() - 0.1;
            parts.add(
                    new Part(
                            member.role() == Role.FIRRING ? "firring" : "member",
                            member.panel().id(),
                            shallow,
                            null,
                            member.role() == Role.FIRRING
                                    ? ConvexBody.of(
                                            member.name(),
                                            member.surface(),
                                            member.profile(),
                                            member.fromInwardMm(),
                                            member.toInwardMm())
                                    : ConvexBody.of(Body.of(member))));
        }
        for (SheetPiece piece : model.get(Skins.class).pieces()) {
            double from = piece.skin().fromInwardMm();
            parts.add(
                    new Part(
                            "sheet",
                            piece.panel().id(),
                            false,
                            piece.skin().face(),
                            ConvexBody.of(
                                    piece.name(),
                                    piece.surface(),
                                    piece.laid(),
                                    from,
                                    from + piece.skin().layer().thicknessMm())));
        }
        for (FoamPiece piece :
                FoamPiece.of(
                        model.get(Frame.class), model.get(Openings.class), model.plan().makeUp())) {
            Panel panel = piece.panel();
            double from = panel.fillingFromMm();
            double to = Math.min(from + piece.layer().thicknessMm(), panel.depthMm());
            parts.add(
                    new Part(
                            "foam",
                            panel.id(),
                            false,
                            null,
                            ConvexBody.of(piece.name(), panel.surface(), piece.shape(), from, to)));
        }
        return parts;
    }

    /** What may share room: foam is cut out over shallow blocks; outer sheets are mitred. */
    private static boolean mayShare(Part one, Part other) {
        boolean same = one.panel().equals(other.panel());
        boolean blockInFoam =
                same
                        && (one.kind().equals("foam") && other.shallow()
                                || other.kind().equals("foam") && one.shallow());
        boolean mitred = outermost(one) && outermost(other);
        return blockInFoam || mitred;
    }

    /** Outer sheets, and the firrings that lift one of them up to where the next one ends. */
    private static boolean outermost(Part part) {
        return part.face() == Skin.Face.OUTER || part.kind().equals("firring");
    }

    /** A bow stands straight on a bend: by so much its corners stand out of the sheet that is bent over it. */
    private static double slack(BoxModel model, Part one) {
        Panel panel =
                model.get(Frame.class).panels().stream()
                        .map(frame -> frame.panel())
                        .filter(own -> own.id().equals(one.panel()))
                        .findFirst()
                        .orElseThrow();
        boolean crowned = panel.skins().getFirst().crown().isPresent();
        if (!panel.surface().isBent()) {
            return crowned && one.face() == Skin.Face.OUTER ? 0.5 : 0;
        }
        var all = panel.frame().bounds();
        double radius = panel.surface().leastRadiusMm(all.fromU(), all.toU(), panel.depthMm());
        double thickness = panel.memberRoomMm();
        // the bow itself, and the lines that draw the bend
        return thickness * thickness / (8 * radius) + 0.5;
    }

    private static List<String> overlaps(BoxModel model, List<Part> parts) {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 1; j < parts.size(); j++) {
                Part one = parts.get(i);
                Part other = parts.get(j);
                if (!mayShare(one, other)) {
                    double deep = deepest(one, other);
                    if (deep > APART_MM
                            && deep > APART_MM + slack(model, one) + slack(model, other)) {
                        found.add(
                                "%s in %s by %.2f"
                                        .formatted(
                                                one.pieces().getFirst().name(),
                                                other.pieces().getFirst().name(),
                                                deep));
                    }
                }
            }
        }
        return found;
    }

    private static double deepest(Part one, Part other) {
        double deepest = 0;
        for (ConvexBody a : one.pieces()) {
            for (ConvexBody b : other.pieces()) {
                deepest = Math.max(deepest, a.sharedMm(b));
            }
        }
        return deepest;
    }

    private static BoxPlan winged(BoxPlan plan) {
        return plan.withOpenings(List.of())
                .withBox(
                        plan.box()
                                .withDetails(plan.box().details().withWings(new Wings(1450, 600))));
    }

    private static BoxPlan wheeled(BoxPlan plan) {
        WheelArch arch = new WheelArch(1200, 700, 320, 250, 60);
        return plan.withOpenings(List.of())
                .withBox(
                        plan.box()
                                .withDetails(plan.box().details().withWheelArches(List.of(arch))));
    }

    private static BoxPlan crowned(BoxPlan plan) {
        return plan.withBox(plan.box().withDetails(plan.box().details().withCrown(60)));
    }

    private static BoxPlan joists(BoxPlan plan) {
        Floor floor = plan.makeUp().floor().withSchool(Floor.School.BETWEEN_JOISTS);
        return plan.withMakeUp(plan.makeUp().withFloor(floor));
    }

    /** The schools in which a box is put together, each on its own and all at once. */
    private static Map<String, UnaryOperator<BoxPlan>> schools() {
        Assembly usual = Assembly.USUAL;
        Assembly past = usual.withCorners(Assembly.Corners.SIDES_OVER_STRIP);
        Assembly beside = usual.withFeet(Assembly.Feet.BESIDE_THE_FLOOR);
        Assembly inside = usual.withCeiling(Assembly.Ceiling.FROM_INSIDE_OUT);
        return Map.of(
                "sides run past",
                plan -> plan.withMakeUp(plan.makeUp().withAssembly(past)),
                "floor between the walls",
                plan -> plan.withMakeUp(plan.makeUp().withAssembly(beside)),
                "roof from inside",
                plan -> plan.withMakeUp(plan.makeUp().withAssembly(inside)),
                "all of it",
                plan ->
                        plan.withMakeUp(
                                plan.makeUp()
                                        .withAssembly(
                                                beside.withCorners(past.corners())
                                                        .withLining(Assembly.Lining.IN_HALVES)
                                                        .withStrip(Assembly.Strip.OFF_A_ROLL)
                                                        .withFloor(2, 2))));
    }

    static Stream<Arguments> boxes() {
        List<Arguments> boxes = new ArrayList<>();
        for (OutlineStart start : OutlineStart.values()) {
            boxes.add(box(start.title(), start, plan -> plan));
        }
        boxes.add(box("wings", OutlineStart.SQUARE, SolidsApartTest::winged));
        boxes.add(box("wheels", OutlineStart.RAKED_NOSE, SolidsApartTest::wheeled));
        boxes.add(
                box(
                        "dropped",
                        OutlineStart.SQUARE,
                        plan -> OutlineTools.withDropFloor(plan.withOpenings(List.of()))));
        boxes.add(
                box(
                        "over a cab, with wings",
                        OutlineStart.OVER_CAB,
                        plan ->
                                plan.withBox(
                                        plan.box()
                                                .withWidth(1780)
                                                .withDetails(
                                                        plan.box()
                                                                .details()
                                                                .withWings(
                                                                        new Wings(1240, 560))))));
        boxes.add(box("crowned", OutlineStart.RAKED_NOSE, SolidsApartTest::crowned));
        boxes.add(box("joists", OutlineStart.SQUARE, SolidsApartTest::joists));
        for (OutlineStart start :
                List.of(OutlineStart.SQUARE, OutlineStart.OVER_CAB, OutlineStart.ROUND_TAIL)) {
            schools()
                    .forEach(
                            (name, school) ->
                                    boxes.add(box(name + ", " + start.title(), start, school)));
        }
        for (OutlineStart start :
                List.of(OutlineStart.RAKED_NOSE, OutlineStart.OVER_CAB, OutlineStart.ARCHED)) {
            schemes()
                    .forEach(
                            (name, scheme) ->
                                    boxes.add(box(name + ", " + start.title(), start, scheme)));
            boxes.add(box("parted, " + start.title(), start, SolidsApartTest::parted));
        }
        return boxes.stream();
    }

    private static BoxPlan of(BoxPlan plan, UnaryOperator<Framed> scheme) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                makeUp.withWalls(scheme.apply(makeUp.walls()))
                        .withRoof(scheme.apply(makeUp.roof())));
    }

    /** Every scheme that is not of studs. */
    private static Map<String, UnaryOperator<BoxPlan>> schemes() {
        Members tubes = new Members(new Section(25, 50, 2), 450, "alu-6060");
        return Map.of(
                "tubes",
                plan ->
                        of(
                                plan,
                                framed ->
                                        framed.withScheme(Framed.Scheme.TUBE)
                                                .withMembers(tubes)
                                                .withInsulation(
                                                        framed.insulation().withThickness(50))),
                "bonded",
                plan ->
                        of(
                                plan,
                                framed ->
                                        framed.withScheme(Framed.Scheme.FRAMELESS)
                                                .withInsulation(
                                                        framed.insulation().withThickness(45))),
                "boards",
                plan ->
                        of(
                                plan,
                                framed ->
                                        framed.withScheme(Framed.Scheme.BOARDS)
                                                .withOuterSkin(new Layer("larch-boards", 20))
                                                .withInnerSkin(
                                                        new Layer(
                                                                "pine-boards",
                                                                12,
                                                                Layer.Grain.ACROSS,
                                                                Layer.SCREWED))));
    }

    private static BoxPlan parted(BoxPlan plan) {
        return plan.withOpenings(List.of())
                .withPartitions(
                        List.of(
                                Partition.across("across", 900),
                                Partition.along("along", 200).withStretch(948, 2100)));
    }

    private static Arguments box(String name, OutlineStart start, UnaryOperator<BoxPlan> change) {
        return Arguments.of(name, change.apply(StartingPlans.of(start)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("boxes")
    void nothingSharesRoom(String name, BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        List<Part> parts = parts(model);
        assertThat(parts).extracting(Part::kind).contains("member", "sheet", "foam");
        assertThat(overlaps(model, parts)).as(name).isEmpty();
    }

    /** Every part in turn, moved by half a millimetre the one way and the other, is found in a neighbour. */
    @Test
    void plantedOverlaps_areCaught() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        List<Part> parts = parts(model);
        int planted = 0;
        int caught = 0;
        for (int i = 0; i < parts.size(); i += 7) {
            Part part = parts.get(i);
            if (part.kind().equals("foam")) {
                continue; // it has a gap all round
            }
            planted++;
            boolean found = false;
            for (int way = 0; way < 6 && !found; way++) {
                double by = way % 2 == 0 ? 0.5 : -0.5;
                Point3 step =
                        new Point3(
                                way / 2 == 0 ? by : 0,
                                way / 2 == 1 ? by : 0,
                                way / 2 == 2 ? by : 0);
                Part moved =
                        new Part(
                                part.kind(),
                                part.panel(),
                                part.shallow(),
                                part.face(),
                                part.pieces().stream().map(piece -> piece.moved(step)).toList());
                for (Part other : parts) {
                    found |=
                            other != part && !mayShare(moved, other) && deepest(moved, other) > 0.3;
                }
            }
            caught += found ? 1 : 0;
        }
        assertThat(planted).isGreaterThan(20);
        assertThat(caught).isEqualTo(planted);
    }
}
