package pteron.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.OutlineTools;
import pteron.core.vehicle.Vehicle;

/** Plans by chance, for property tests: outlines of all starts, sizes, spacings, layers, openings. */
public final class PlanArbitraries {

    private PlanArbitraries() {}

    /** {@return plans whose outline is usable} */
    public static Arbitrary<BoxPlan> plans() {
        return Combinators.combine(boxes(), makeUps(), openings().list().ofMaxSize(4), supplies())
                .as(
                        (box, makeUp, openings, supplies) ->
                                StartingPlans.square()
                                        .withBox(box)
                                        .withMakeUp(makeUp)
                                        .withOpenings(numbered(openings))
                                        .withSupplies(supplies));
    }

    private static Arbitrary<Double> mm(int least, int most) {
        return Arbitraries.integers().between(least, most).map(Integer::doubleValue);
    }

    /** {@return boxes with or without nose and tail} */
    public static Arbitrary<Box> boxes() {
        return Combinators.combine(
                        mm(2200, 6400),
                        mm(1600, 2500),
                        mm(1500, 2500),
                        mm(450, 1200),
                        mm(0, 900),
                        mm(0, 900),
                        mm(-200, 300))
                .as(PlanArbitraries::box);
    }

    private static Box box(
            double length,
            double height,
            double width,
            double knee,
            double nose,
            double tail,
            double offset) {
        List<OutlinePoint> points = new ArrayList<>();
        points.add(new OutlinePoint(0, 0));
        if (nose > 150) {
            points.add(new OutlinePoint(0, knee));
            points.add(new OutlinePoint(nose, height));
        } else {
            points.add(new OutlinePoint(0, height));
        }
        if (tail > 150) {
            points.add(new OutlinePoint(length - tail, height));
            points.add(new OutlinePoint(length, knee + 100));
        } else {
            points.add(new OutlinePoint(length, height));
        }
        points.add(new OutlinePoint(length, 0));
        return new Box(points, width, offset);
    }

    /** {@return boxes with an arc, a batten or fillets for a roof} */
    public static Arbitrary<Box> curvedBoxes() {
        return Combinators.combine(
                        mm(2200, 5200),
                        mm(1300, 1900),
                        mm(80, 420),
                        Arbitraries.integers().between(0, 2),
                        mm(-60, 60))
                .as(PlanArbitraries::curved);
    }

    private static Box curved(double length, double wall, double rise, int kind, double skew) {
        OutlinePoint front = new OutlinePoint(0, wall);
        OutlinePoint rear = new OutlinePoint(length, wall);
        OutlinePoint roof =
                switch (kind) {
                    case 0 ->
                            rear.withLink(
                                    new OutlinePoint.Arc(
                                            new OutlinePoint.Spot(length / 2 + skew, wall + rise)));
                    case 1 ->
                            rear.withLink(
                                    new OutlinePoint.Batten(
                                            List.of(
                                                    new OutlinePoint.Spot(
                                                            length * 0.25, wall + rise * 0.72),
                                                    new OutlinePoint.Spot(
                                                            length * 0.5, wall + rise + skew / 4),
                                                    new OutlinePoint.Spot(
                                                            length * 0.75, wall + rise * 0.72)),
                                            8,
                                            "d30"));
                    default -> rear.withFillet(rise);
                };
        OutlinePoint first = kind == 2 ? front.withFillet(rise + 30) : front;
        return new Box(
                List.of(new OutlinePoint(0, 0), first, roof, new OutlinePoint(length, 0)), 1900, 0);
    }

    /** {@return plans of every kind of carrier, with flat or curved outlines, of every scheme} */
    public static Arbitrary<BoxPlan> anyPlans() {
        Arbitrary<Vehicle> vehicles =
                Arbitraries.of(
                        StartingVehicles.trailer(),
                        StartingVehicles.pickup(),
                        StartingVehicles.flatbed());
        return Combinators.combine(
                        Arbitraries.oneOf(curvedBoxes(), boxes()),
                        makeUps(),
                        vehicles,
                        Arbitraries.of(Framed.Scheme.class),
                        Arbitraries.of(Floor.School.class),
                        extras())
                .as(PlanArbitraries::any);
    }

    /** Nothing, or what a tool adds to the outline: an arch, a dropped floor, a drip edge, all of them. */
    private static Arbitrary<UnaryOperator<BoxPlan>> extras() {
        UnaryOperator<BoxPlan> none = plan -> plan;
        UnaryOperator<BoxPlan> all =
                plan ->
                        OutlineTools.withDripEdge(
                                OutlineTools.withDropFloor(OutlineTools.withWheelArch(plan)));
        return Arbitraries.of(
                List.of(
                        none,
                        none,
                        OutlineTools::withWheelArch,
                        OutlineTools::withDropFloor,
                        OutlineTools::withDripEdge,
                        all));
    }

    private static BoxPlan any(
            Box box,
            MakeUp makeUp,
            Vehicle vehicle,
            Framed.Scheme scheme,
            Floor.School bearers,
            UnaryOperator<BoxPlan> extra) {
        MakeUp schemed =
                makeUp.withWalls(makeUp.walls().withScheme(scheme))
                        .withRoof(makeUp.roof().withScheme(scheme))
                        .withFloor(makeUp.floor().withSchool(bearers));
        return extra.apply(
                StartingPlans.square()
                        .withBox(box)
                        .withMakeUp(schemed)
                        .withVehicle(vehicle)
                        .withOpenings(List.of()));
    }

    private static Arbitrary<MakeUp> makeUps() {
        Arbitrary<Members> members =
                Combinators.combine(
                                Arbitraries.of(34.0, 38.0, 45.0),
                                Arbitraries.of(38.0, 45.0, 63.0, 89.0),
                                mm(300, 640),
                                Arbitraries.of("c16", "c24", "d30"))
                        .as(
                                (t, d, spacing, timber) ->
                                        new Members(new Section(t, d), spacing, timber));
        Arbitrary<String> skin = Arbitraries.of("aluminium", "birch-ply", "grp-skin", "spruce-ply");
        Arbitrary<Framed> framed =
                Combinators.combine(
                                members,
                                skin,
                                Arbitraries.of("poplar-ply", "hardboard"),
                                Arbitraries.of(1.5, 3.0, 6.0))
                        .as(
                                (m, outer, inner, t) ->
                                        new Framed(
                                                new Layer(outer, t),
                                                new Layer("xps", m.section().depthMm() - 3),
                                                new Layer(inner, 4),
                                                m));
        return Combinators.combine(
                        framed,
                        framed,
                        members,
                        Arbitraries.of(20.0, 30.0, 40.0),
                        Arbitraries.of(MakeUp.Bends.class),
                        assemblies())
                .as(
                        (walls, roof, bearers, core, bends, assembly) ->
                                new MakeUp(
                                                new Floor(
                                                        new Layer("birch-ply", 9),
                                                        new Layer("xps", core),
                                                        new Layer("spruce-ply", 6),
                                                        bearers),
                                                walls,
                                                roof,
                                                new Section(38, 38))
                                        .withBends(bends)
                                        .withAssembly(assembly));
    }

    /** As most boxes are put together, or in any mixture of schools. */
    private static Arbitrary<Assembly> assemblies() {
        Arbitrary<Assembly> mixed =
                Combinators.combine(
                                Arbitraries.of(Assembly.Corners.class),
                                Arbitraries.of(Assembly.Feet.class),
                                Arbitraries.of(Assembly.Ceiling.class),
                                Arbitraries.of(Assembly.Lining.class),
                                Arbitraries.of(Assembly.Strip.class),
                                Arbitraries.integers().between(1, 6),
                                Arbitraries.integers().between(1, 6))
                        .as(Assembly::new);
        return Arbitraries.oneOf(Arbitraries.just(Assembly.USUAL), mixed);
    }

    /** Mostly upright walls; a third of the rest are pieces that many boxes do not have. */
    private static Arbitrary<Wall> walls() {
        return Arbitraries.frequencyOf(
                Tuple.of(4, Arbitraries.of(Wall.LEFT, Wall.RIGHT, Wall.FRONT, Wall.REAR)),
                Tuple.of(2, Arbitraries.just(Wall.ROOF)),
                Tuple.of(
                        1,
                        Combinators.combine(
                                        Arbitraries.of(Wall.Part.class)
                                                .filter(part -> !new Wall(part, 1).isSide()),
                                        Arbitraries.integers().between(1, 3))
                                .as(Wall::new)));
    }

    private static Arbitrary<Opening> openings() {
        return Combinators.combine(
                        Arbitraries.of(Opening.Kind.class),
                        walls(),
                        mm(0, 5000),
                        mm(200, 1500),
                        mm(300, 1200),
                        mm(300, 1800))
                .as(
                        (kind, wall, along, sill, width, height) ->
                                new Opening(
                                        "x",
                                        "Opening",
                                        kind,
                                        wall,
                                        new Opening.Place(
                                                along, kind == Opening.Kind.DOOR ? 0 : sill),
                                        new Opening.Size(width, height),
                                        5,
                                        10,
                                        width > height
                                                ? Opening.Source.NEW
                                                : Opening.Source.THERE_ALREADY));
    }

    private static List<Opening> numbered(List<Opening> openings) {
        List<Opening> numbered = new ArrayList<>();
        for (Opening o : openings) {
            String id = "opening-" + numbered.size();
            numbered.add(
                    new Opening(
                            id,
                            id,
                            o.kind(),
                            o.wall(),
                            o.place(),
                            o.size(),
                            o.playMm(),
                            o.massKg(),
                            o.source()));
        }
        return numbered;
    }

    private static Arbitrary<Supplies> supplies() {
        return Combinators.combine(
                        Arbitraries.of(0.0, 2.5, 3.0), Arbitraries.of(4800.0, 5400.0, 6000.0))
                .as(
                        (kerf, longest) ->
                                new Supplies(
                                        new Saw(kerf, kerf * 3, kerf / 10),
                                        List.of(3000.0, 3600.0, longest),
                                        List.of(longest),
                                        6,
                                        6,
                                        290,
                                        15000));
    }
}
