package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.frame.Body;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.placing.WallRoom;
import pteron.core.plan.Assembly;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Partition;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/** Boxes of any shape by chance: set out whole, or refused with a finding; nothing overlaps, sheets cover. */
class SetOutShapesTest {

    /** {@code -Dpteron.boxes=3000} for the longer run. */
    private static final int BOXES = Integer.getInteger("pteron.boxes", 1200);

    private static final long SEED = 20_261_126;

    /** What a pencil line hides (mm). */
    private static final double OVERLAP_MM = 0.1;

    private static double between(Random random, double least, double most) {
        return Math.rint(least + random.nextDouble() * (most - least));
    }

    private static BoxPlan by(Random random) {
        OutlineStart start = OutlineStart.values()[random.nextInt(OutlineStart.values().length)];
        double length = between(random, 1800, 6000);
        double height = between(random, 1500, 2500);
        double width = between(random, 1100, 2400);
        List<OutlinePoint> points = new ArrayList<>(start.points(length, height));
        if (random.nextInt(3) == 0) {
            int corner = 1 + random.nextInt(points.size() - 2);
            points.set(corner, points.get(corner).withFillet(between(random, 100, 500)));
        }
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        Box box = plan.box().withOutline(points).withWidth(width);
        MakeUp makeUp = plan.makeUp();
        Floor.School school = Floor.School.values()[random.nextInt(3)];
        BoxPlan made =
                plan.withBox(box)
                        .withMakeUp(
                                makeUp.withWalls(framed(random, makeUp.walls()))
                                        .withRoof(framed(random, makeUp.roof()))
                                        .withFloor(makeUp.floor().withSchool(school)));
        BoxPlan whole = withSchools(random, withUnderside(random, made));
        return withUnits(random, withPartitions(random, whole));
    }

    /** Half of the boxes are put together as most are; the others in schools that their underside allows. */
    private static BoxPlan withSchools(Random random, BoxPlan plan) {
        if (random.nextBoolean()) {
            return plan;
        }
        BoxDetails details = plan.box().details().withCrown(between(random, 0, 3) * 20);
        boolean winged = details.wings().exists();
        boolean level = details.wheelArches().isEmpty() && !details.dropFloor().exists();
        Assembly.Corners corners = Assembly.Corners.values()[random.nextInt(2)];
        Assembly.Feet feet = Assembly.Feet.values()[random.nextInt(2)];
        Assembly assembly =
                new Assembly(
                        winged ? Assembly.Corners.STRIP_OVER_SIDES : corners,
                        winged || !level ? Assembly.Feet.ON_THE_FLOOR : feet,
                        Assembly.Ceiling.values()[random.nextInt(2)],
                        Assembly.Lining.values()[random.nextInt(3)],
                        Assembly.Strip.values()[random.nextInt(2)],
                        1 + random.nextInt(3),
                        1 + random.nextInt(2));
        return plan.withMakeUp(plan.makeUp().withAssembly(assembly))
                .withBox(plan.box().withDetails(details));
    }

    /** Wings in one of five; of the others a dropped floor in one of four, wheels in one of three. */
    private static BoxPlan withUnderside(Random random, BoxPlan plan) {
        if (random.nextInt(5) == 0) {
            double width = plan.box().widthMm();
            BoxDetails.Wings wings =
                    new BoxDetails.Wings(
                            Math.max(600, width - between(random, 160, 500)),
                            between(random, 250, 700));
            return plan.withBox(plan.box().withDetails(plan.box().details().withWings(wings)));
        }
        BoxPlan made = random.nextInt(4) == 0 ? OutlineTools.withDropFloor(plan) : plan;
        if (random.nextInt(3) == 0) {
            double length = BoxEdits.length(plan);
            BoxDetails.WheelArch arch =
                    new BoxDetails.WheelArch(
                            between(random, 0.2 * length, 0.5 * length),
                            between(random, 500, 900),
                            between(random, 200, 400),
                            between(random, 150, 300),
                            40);
            BoxDetails details = made.box().details().withWheelArches(List.of(arch));
            made = made.withBox(made.box().withDetails(details));
        }
        return made;
    }

    /** A wall inside across one of three boxes, along one of six, of any scheme, held in any way. */
    private static BoxPlan withPartitions(Random random, BoxPlan plan) {
        List<Partition> inside = new ArrayList<>();
        double length = BoxEdits.length(plan);
        if (random.nextInt(3) == 0) {
            inside.add(
                    partition(random, Partition.across("a", between(random, 200, length - 200))));
        }
        if (random.nextInt(6) == 0) {
            double from = between(random, 0, length / 2);
            inside.add(
                    partition(random, Partition.along("b", between(random, -400, 400)))
                            .withStretch(from, from + between(random, 500, length)));
        }
        return plan.withPartitions(inside);
    }

    private static Partition partition(Random random, Partition one) {
        Partition.Hold hold = Partition.Hold.values()[random.nextInt(3)];
        return one.withHold(hold).withBuild(framed(random, one.build()));
    }

    /** Up to three units of the shelf, in any pieces of the box where they find room. */
    private static BoxPlan withUnits(Random random, BoxPlan bare) {
        BoxPlan plan = bare;
        List<Wall> walls = WallRoom.walls(plan);
        for (int i = random.nextInt(4); i > 0; i--) {
            ShelfUnit unit = UnitShelf.UNITS.get(random.nextInt(UnitShelf.UNITS.size()));
            Wall wall = walls.get(random.nextInt(walls.size()));
            boolean door = unit.kind() == Opening.Kind.DOOR && wall.standsOnFloor();
            Place wanted = new Place(between(random, 0, 3000), between(random, 50, 1500));
            boolean room =
                    WallRoom.of(plan, wall)
                            .free(
                                    OpeningEdits.size(plan, unit, wall),
                                    wanted,
                                    door,
                                    plan.openings())
                            .isPresent();
            plan = room ? OpeningEdits.added(plan, unit, wall) : plan;
        }
        return plan;
    }

    /** Half of the walls and roofs are of timber, a sixth of tubes, a sixth bonded panels, a sixth boards on timber. */
    private static Framed framed(Random random, Framed framed) {
        Members members = framed.members().withSpacing(between(random, 300, 600));
        return switch (random.nextInt(6)) {
            case 0 -> tube(random, framed, members);
            case 1 ->
                    framed.withScheme(Framed.Scheme.FRAMELESS)
                            .withMembers(members.withSection(new Section(45, 45)))
                            .withInsulation(
                                    framed.insulation().withThickness(between(random, 25, 70)));
            case 2 -> boarded(random, timber(random, framed, members));
            default -> timber(random, framed, members);
        };
    }

    private static Framed timber(Random random, Framed framed, Members members) {
        double depth = List.of(45.0, 63.0, 89.0).get(random.nextInt(3));
        return framed.withMembers(members.withSection(members.section().withDepth(depth)))
                .withInsulation(framed.insulation().withThickness(depth - 5));
    }

    private static Framed boarded(Random random, Framed framed) {
        Layer.Grain outer = Layer.Grain.values()[random.nextInt(2)];
        Layer.Grain inner = Layer.Grain.values()[random.nextInt(2)];
        Framed boards =
                framed.withScheme(Framed.Scheme.BOARDS)
                        .withOuterSkin(new Layer("larch-boards", 20, outer, Layer.SCREWED));
        return random.nextBoolean()
                ? boards
                : boards.withInnerSkin(new Layer("pine-boards", 12, inner, Layer.SCREWED));
    }

    private static Framed tube(Random random, Framed framed, Members members) {
        double thickness = List.of(25.0, 30.0, 40.0).get(random.nextInt(3));
        double depth = thickness * (1 + random.nextInt(2));
        String metal = random.nextBoolean() ? "alu-6060" : "steel-235";
        return framed.withScheme(Framed.Scheme.TUBE)
                .withMembers(
                        members.withTimber(metal).withSection(new Section(thickness, depth, 2)))
                .withInsulation(framed.insulation().withThickness(depth - 2));
    }

    /** Counted: at least four of five are really set out; the others say why. */
    @Test
    void boxesByChance_areSetOutOrRefused() {
        Random random = new Random(SEED);
        int setOut = 0;
        int curved = 0;
        int stepped = 0;
        int pierced = 0;
        int dropped = 0;
        int wheels = 0;
        int winged = 0;
        int past = 0;
        int between = 0;
        int crowned = 0;
        int tubes = 0;
        int bonded = 0;
        int boarded = 0;
        int parted = 0;
        for (int i = 0; i < BOXES; i++) {
            BoxPlan plan = by(random);
            BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
            if (model.find(Frame.class).isEmpty()) {
                assertThat(model.findings())
                        .as("%s", plan.box())
                        .extracting(Finding::severity)
                        .contains(Severity.STOPS);
                continue;
            }
            setOut++;
            Outline outline = model.get(Outline.class);
            curved += outline.elements().stream().allMatch(one -> one.isStraight()) ? 0 : 1;
            stepped += outline.elements().stream().anyMatch(SetOutShapesTest::facesDown) ? 1 : 0;
            dropped += plan.box().details().dropFloor().exists() ? 1 : 0;
            past += plan.makeUp().assembly().sidesRunPast() ? 1 : 0;
            crowned += model.get(Frame.class).members(Role.FIRRING).isEmpty() ? 0 : 1;
            between += plan.makeUp().assembly().floorBetweenWalls() ? 1 : 0;
            winged += plan.box().details().wings().exists() ? 1 : 0;
            tubes += has(plan, Framed.Scheme.TUBE);
            parted +=
                    model.get(Frame.class).panels().stream().anyMatch(SetOutShapesTest::isInside)
                            ? 1
                            : 0;
            boarded += has(plan, Framed.Scheme.BOARDS);
            bonded += has(plan, Framed.Scheme.FRAMELESS);
            wheels += plan.box().details().wheelArches().isEmpty() ? 0 : 1;
            pierced += plan.openings().stream().allMatch(one -> one.wall().standsOnFloor()) ? 0 : 1;
            if (i % 3 == 0) {
                noneOverlap(
                        plan,
                        model.get(Frame.class).panels().stream()
                                .flatMap(panel -> panel.members().stream())
                                .toList());
                sheetsCover(model);
            }
        }
        System.out.printf(
                "%d boxes: %d set out, %d with curves, %d over a cab, %d with units over the walls,"
                        + " %d with a dropped floor, %d over wheels, %d with wings,"
                        + " %d with sides that run past, %d with the floor between the walls,"
                        + " %d with a roof that rises across, %d with tubes, %d with bonded panels, %d with boards,"
                        + " %d with partitions%n",
                BOXES, setOut, curved, stepped, pierced, dropped, wheels, winged, past, between,
                crowned, tubes, bonded, boarded, parted);
        assertThat(setOut).isGreaterThanOrEqualTo(BOXES * 8 / 10);
        assertThat(curved).isGreaterThan(BOXES / 4);
        assertThat(stepped).isGreaterThan(BOXES / 20);
        assertThat(pierced).isGreaterThan(BOXES / 5);
        assertThat(dropped).isGreaterThan(BOXES / 20);
        assertThat(wheels).isGreaterThan(BOXES / 20);
        assertThat(winged).isGreaterThan(BOXES / 20);
        assertThat(past).isGreaterThan(BOXES / 10);
        assertThat(crowned).isGreaterThan(BOXES / 20);
        assertThat(between).isGreaterThan(BOXES / 20);
        assertThat(tubes).isGreaterThan(BOXES / 5);
        assertThat(bonded).isGreaterThan(BOXES / 5);
        assertThat(boarded).isGreaterThan(BOXES / 5);
        assertThat(parted).isGreaterThan(BOXES / 5);
    }

    private static int has(BoxPlan plan, Framed.Scheme scheme) {
        MakeUp makeUp = plan.makeUp();
        return makeUp.walls().scheme() == scheme || makeUp.roof().scheme() == scheme ? 1 : 0;
    }

    private static boolean isInside(PanelFrame frame) {
        return frame.panel().kind() == PanelKind.PARTITION;
    }

    private static boolean facesDown(Element element) {
        return element.kind() == EdgeKind.UNDER;
    }

    private static void noneOverlap(BoxPlan plan, List<Member> members) {
        List<Body> bodies = members.stream().map(Body::of).toList();
        for (int i = 0; i < bodies.size(); i++) {
            for (int j = i + 1; j < bodies.size(); j++) {
                Body one = bodies.get(i);
                Body other = bodies.get(j);
                assertThat(one.sharedDepthMm(other))
                        .as(
                                "%s and %s of %s in %s",
                                one.member().name(),
                                other.member().name(),
                                plan.box(),
                                plan.makeUp())
                        .isLessThan(OVERLAP_MM);
            }
        }
    }

    /** Pieces of a face share no room and add up to the face. */
    private static void sheetsCover(BoxModel model) {
        Skins skins = model.get(Skins.class);
        model.get(Frame.class)
                .panels()
                .forEach(
                        frame -> {
                            double holes =
                                    model.get(Openings.class).in(frame.panel()).stream()
                                            .mapToDouble(
                                                    one -> Polygon2.rectangle(one.cutOut()).area())
                                            .sum();
                            for (Skin skin : frame.panel().skins()) {
                                double covered =
                                        skins.pieces().stream()
                                                .filter(
                                                        p ->
                                                                p.panel()
                                                                        .id()
                                                                        .equals(frame.panel().id()))
                                                .filter(p -> p.skin().face() == skin.face())
                                                .map(SheetPiece::shape)
                                                .mapToDouble(Polygon2::area)
                                                .sum();
                                assertThat(covered)
                                        .as("%s %s", frame.panel().id(), skin.face())
                                        .isCloseTo(skin.area().area() - holes, within(1.0));
                            }
                        });
    }
}
