package pteron.core.opening;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.Shell;
import pteron.core.stage.Stage;

/** Lays the openings into their walls. */
public final class OpeningStage {

    private OpeningStage() {}

    /**
     * What the openings read.
     *
     * @param openings doors and windows as planned
     * @param shell its panels, usable
     */
    public record Input(List<Opening> openings, Shell shell) {

        /** {@return what they read of a plan} */
        public static Input of(BoxPlan plan, Shell shell) {
            return new Input(plan.openings(), shell);
        }
    }

    /** The stage. */
    public static final Stage<Input, Openings> STAGE =
            new Stage<>(
                    Openings.class,
                    given ->
                            given.find(Shell.class)
                                    .filter(Shell::usable)
                                    .map(shell -> Input.of(given.plan(), shell)),
                    OpeningStage::of);

    /** {@return the openings in their walls} */
    public static Openings of(Input plan) {
        Shell shell = plan.shell();
        List<PlacedOpening> placed = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (Opening opening : plan.openings()) {
            shell.panel(opening.wall().id())
                    .ifPresentOrElse(
                            panel -> placed.add(place(opening, panel)),
                            () -> findings.add(OpeningCheck.withoutWall(opening)));
        }
        findings.addAll(OpeningCheck.findings(placed));
        List<Figure> figures = new ArrayList<>(figures(placed));
        for (PlacedOpening one : placed) {
            BendFit.of(one)
                    .ifPresent(
                            fit -> {
                                figures.add(fit.figure());
                                findings.addAll(fit.findings());
                            });
        }
        for (Panel panel : shell.panels()) {
            if (Wall.of(panel.id()).isPresent()) {
                figures.add(netArea(panel, placed));
            }
        }
        return new Openings(placed, figures, findings);
    }

    private static Figure netArea(Panel panel, List<PlacedOpening> placed) {
        Polygon2 face = panel.skins().getFirst().area();
        List<Polygon2> holes =
                placed.stream()
                        .filter(one -> one.panel().id().equals(panel.id()))
                        .map(one -> Polygon2.rectangle(one.cutOut()))
                        .toList();
        double net = netArea(face, holes);
        return Figure.of(
                OpeningStation.OPENINGS.figure("net-area." + panel.id()),
                "Area of the " + panel.words() + ", less openings",
                new Quantity(net / 1e6, Unit.SQUARE_METRE),
                () ->
                        Working.of("net = face − cut-outs")
                                .plan(
                                        "face",
                                        "outside of the " + panel.words(),
                                        new Quantity(face.area() / 1e6, Unit.SQUARE_METRE))
                                .plan(
                                        "cut-outs",
                                        "openings in it",
                                        new Quantity((face.area() - net) / 1e6, Unit.SQUARE_METRE))
                                .source("geometry"));
    }

    /** Openings that lie apart take away what each shares with the face; others are cut out of it. */
    private static double netArea(Polygon2 face, List<Polygon2> holes) {
        for (int i = 0; i < holes.size(); i++) {
            for (int j = i + 1; j < holes.size(); j++) {
                if (holes.get(i).bounds().overlaps(holes.get(j).bounds())) {
                    return face.without(holes).stream().mapToDouble(Polygon2::area).sum();
                }
            }
        }
        return face.area() - holes.stream().mapToDouble(face::sharedArea).sum();
    }

    static PlacedOpening place(Opening opening, Panel panel) {
        Point2 zero = panel.zero();
        double fromU = zero.u() + opening.place().alongMm();
        double fromV = zero.v() + opening.place().sillMm();
        Bounds2 cutOut =
                new Bounds2(
                        fromU,
                        fromU + opening.size().widthMm(),
                        fromV,
                        fromV + opening.size().heightMm());
        Bounds2 clear = cutOut.grown(opening.playMm());
        double floor = panel.rim().lowestMm(clear.fromU(), clear.toU());
        boolean reachesFloor =
                opening.wall().standsOnFloor()
                        && clear.fromV() < floor + panel.members().section().thicknessMm()
                        && fromV >= floor;
        double bottom = reachesFloor ? Math.max(clear.fromV(), floor) : clear.fromV();
        return new PlacedOpening(
                opening,
                panel,
                cutOut,
                new Bounds2(clear.fromU(), clear.toU(), bottom, clear.toV()),
                reachesFloor);
    }

    private static List<Figure> figures(List<PlacedOpening> placed) {
        double areaMm2 =
                placed.stream().mapToDouble(one -> Polygon2.rectangle(one.cutOut()).area()).sum();
        double massKg = placed.stream().mapToDouble(one -> one.opening().addedKg()).sum();
        return List.of(
                Figure.of(
                        OpeningStation.OPENINGS.figure("count"),
                        "Doors and windows",
                        Quantity.count(placed.size()),
                        () ->
                                Working.of("n")
                                        .plan(
                                                "n",
                                                "openings in the plan",
                                                Quantity.count(placed.size()))
                                        .source("the plan")),
                Figure.of(
                        OpeningStation.OPENINGS.figure("area"),
                        "Area of the openings",
                        new Quantity(areaMm2 / 1e6, Unit.SQUARE_METRE),
                        () -> areaWorking(placed)),
                Figure.of(
                        OpeningStation.OPENINGS.figure("mass"),
                        "Mass of doors and windows",
                        Quantity.kg(massKg),
                        () -> massWorking(placed)));
    }

    private static Working areaWorking(List<PlacedOpening> placed) {
        Working.Builder working =
                Working.of("A = sum of width × height of each cut-out")
                        .plan("n", "openings", Quantity.count(placed.size()));
        for (PlacedOpening one : placed) {
            String name = one.opening().name();
            working.plan("w", name + ", width", Quantity.mm(one.cutOut().width()));
            working.plan("h", name + ", height", Quantity.mm(one.cutOut().height()));
        }
        return working.source("geometry");
    }

    private static Working massWorking(List<PlacedOpening> placed) {
        Working.Builder working =
                Working.of("m = sum of the units")
                        .plan("n", "units", Quantity.count(placed.size()));
        for (PlacedOpening one : placed) {
            Opening opening = one.opening();
            String name = opening.name() + (opening.isThere() ? ", weighs with the carrier" : "");
            working.plan("m", name, Quantity.kg(opening.addedKg()));
        }
        return working.source("the plan");
    }
}
