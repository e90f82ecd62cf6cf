package pteron.core.plan;

import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.plan.Opening.Kind;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.quantity.UnitSystem;

/** Plans to begin from: a tandem-axle flatbed with a plain box, to be changed into one's own. */
public final class StartingPlans {

    private static final double LENGTH = 4300;
    private static final double HEIGHT = 2160;

    private StartingPlans() {}

    /** {@return a square box} */
    public static BoxPlan square() {
        return plan(
                "Square box",
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, HEIGHT),
                        new OutlinePoint(LENGTH, HEIGHT),
                        new OutlinePoint(LENGTH, 0)));
    }

    /** {@return a plan with a ready outline on a trailer; over a cab, on a pickup} */
    public static BoxPlan of(OutlineStart start) {
        if (start == OutlineStart.OVER_CAB) {
            return plan(start.title(), start.points(2480, 2080))
                    .withVehicle(StartingVehicles.pickup())
                    .withBox(new Box(start.points(2480, 2080), 1240, 25))
                    .withOpenings(List.of());
        }
        return plan(start.title(), start.points(LENGTH, HEIGHT));
    }

    private static BoxPlan plan(String name, List<OutlinePoint> outline) {
        return new BoxPlan(
                name,
                "",
                UnitSystem.METRIC,
                StartingVehicles.trailer(),
                new Box(outline, 2050, 0),
                makeUp(),
                openings(),
                List.of(),
                Optional.empty(),
                new Loads(28, 110, 2000, ServiceClass.COVERED),
                RoadLimits.USUAL,
                Climate.USUAL,
                Supplies.usual(UnitSystem.METRIC),
                List.of());
    }

    private static MakeUp makeUp() {
        return new MakeUp(
                new Floor(
                        new Layer("birch-ply", 9),
                        new Layer("xps", 30),
                        new Layer("birch-ply", 6.5),
                        new Members(new Section(38, 63), 450, "c24")),
                new Framed(
                        new Layer("aluminium", 1.5),
                        new Layer("xps", 60),
                        new Layer("poplar-ply", 5),
                        new Members(new Section(38, 63), 500, "c24")),
                new Framed(
                        new Layer("aluminium", 1.5),
                        new Layer("xps", 80),
                        new Layer("poplar-ply", 5),
                        new Members(new Section(38, 89), 450, "c24")),
                new Section(38, 38));
    }

    private static List<Opening> openings() {
        return List.of(
                new Opening(
                        "window-b",
                        "Window B",
                        Kind.WINDOW,
                        Wall.LEFT,
                        new Place(1480, 720),
                        new Size(800, 620),
                        6,
                        9),
                new Opening(
                        "door",
                        "Door",
                        Kind.DOOR,
                        Wall.LEFT,
                        new Place(3180, 0),
                        new Size(640, 1850),
                        6,
                        22));
    }
}
