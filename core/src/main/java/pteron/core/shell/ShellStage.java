package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.makeup.Layers;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;
import pteron.core.station.Station;

/** Takes the box apart into panels. */
public final class ShellStage {

    /**
     * What the shell reads.
     *
     * @param widthMm outside width of the box (mm)
     * @param makeUp its layers
     * @param outline its outline, usable and of flat panels
     */
    public record Input(double widthMm, MakeUp makeUp, Outline outline) {

        /** {@return what it reads of a plan} */
        public static Input of(BoxPlan plan, Outline outline) {
            return new Input(plan.box().widthMm(), plan.makeUp(), outline);
        }
    }

    /** The stage; empty where flat panels of timber do not make the box up. */
    public static final Stage<Input, Shell> STAGE =
            new Stage<>(Shell.class, ShellStage::reads, ShellStage::of);

    private ShellStage() {}

    private static Optional<Input> reads(Given given) {
        Outline outline = given.get(Outline.class);
        boolean sets =
                outline.usable()
                        && given.get(Layers.class).usable()
                        && Framing.isSetOut(given.plan(), outline, given.library());
        return sets ? Optional.of(Input.of(given.plan(), outline)) : Optional.empty();
    }

    /**
     * {@return the panels of the box}
     */
    public static Shell of(Input plan) {
        Outline outline = plan.outline();
        List<Band> bands =
                outline.edges().stream().map(edge -> Band.of(edge, plan.makeUp())).toList();
        SideLines sides = SideLines.of(bands, plan.makeUp().floor().structureMm());
        List<Finding> findings = check(plan, sides);
        if (!findings.isEmpty()) {
            return new Shell(List.of(), findings);
        }
        PanelMaker maker = new PanelMaker(plan, bands, sides);
        List<Panel> panels = new ArrayList<>();
        panels.add(maker.floor());
        panels.add(maker.side(PanelKind.LEFT));
        panels.add(maker.side(PanelKind.RIGHT));
        panels.addAll(maker.strip());
        return new Shell(panels, List.of());
    }

    private static List<Finding> check(Input plan, SideLines sides) {
        List<Finding> findings = new ArrayList<>();
        double insideWidth = plan.widthMm() - 2 * plan.makeUp().walls().thicknessMm();
        double needed = 2 * plan.makeUp().walls().members().section().thicknessMm();
        if (insideWidth < needed) {
            findings.add(noRoom("inside-width", insideWidth, needed));
        }
        if (!sides.hold()) {
            findings.add(noRoom("side", sides.leastEdgeMm(), 1));
        }
        return findings;
    }

    private static Finding noRoom(String part, double hasMm, double needsMm) {
        return new Finding(
                "LAYERS_FILL_THE_BOX",
                Severity.STOPS,
                Place.of(Station.MAKE_UP, part),
                Quantity.mm(hasMm),
                Limit.atLeast(Quantity.mm(needsMm)),
                Cure.advice("THINNER_OR_LARGER", Quantity.mm(needsMm - hasMm)));
    }

    /**
     * The chains of a side wall, from the front foot over the top to the rear foot (x, z).
     *
     * @param skin edge of the outer skin, down to the deck
     * @param frame edge of the frame, down to the floor's top
     * @param lining edge of the lining, down to the floor's top
     */
    record SideLines(
            List<Point2> skin, List<Point2> frame, List<Point2> lining, double leastEdgeMm) {

        static SideLines of(List<Band> bands, double floorMm) {
            List<Point2> skin = chain(bands, Band::frameOut, 0);
            List<Point2> frame = chain(bands, Band::frameIn, floorMm);
            List<Point2> lining = chain(bands, Band::inside, floorMm);
            double least = Math.min(leastEdge(bands, frame), leastEdge(bands, lining));
            return new SideLines(skin, frame, lining, least);
        }

        private static List<Point2> chain(
                List<Band> bands, Function<Band, Line2> line, double floorMm) {
            Line2 floor = level(floorMm);
            List<Point2> chain = new ArrayList<>();
            chain.add(onFloor(bands.getFirst(), line, floor));
            for (int i = 1; i < bands.size(); i++) {
                Band before = bands.get(i - 1);
                Band after = bands.get(i);
                chain.add(Joint.corner(line.apply(before), line.apply(after), after.edge().from()));
            }
            chain.add(onFloor(bands.getLast(), line, floor));
            return chain;
        }

        private static Point2 onFloor(Band band, Function<Band, Line2> line, Line2 floor) {
            return Joint.corner(line.apply(band), floor, band.edge().from());
        }

        private static double leastEdge(List<Band> bands, List<Point2> chain) {
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < bands.size(); i++) {
                Point2 step = chain.get(i + 1).minus(chain.get(i));
                least = Math.min(least, bands.get(i).outside().direction().dot(step));
            }
            return least;
        }

        /** {@return whether every edge is still there and none crosses another} */
        boolean hold() {
            return leastEdgeMm > 1
                    && Polygon2.of(frame).isSimple()
                    && Polygon2.of(lining).isSimple();
        }
    }

    static Line2 level(double heightMm) {
        return new Line2(new Point2(0, heightMm), new Point2(1, 0));
    }
}
