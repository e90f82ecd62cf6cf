package pteron.core.found;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.carrier.Carrier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.frame.FrameStation;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.Outline;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;
import pteron.core.stage.Given;
import pteron.core.stage.Part;
import pteron.core.stage.Stage;

/** Works out what goes into a bought shell beside its new frame. */
public final class FoundStage {

    /**
     * What it reads.
     *
     * @param found the shell as measured
     * @param makeUp the layers
     * @param widthMm outside width of the box (mm)
     * @param lengthMm its length (mm)
     * @param crossMembersMm middles of the carrier's cross-members (mm)
     * @param library the materials
     * @param panels left, right and roof
     */
    public record Input(
            FoundShell found,
            MakeUp makeUp,
            double widthMm,
            double lengthMm,
            List<Double> crossMembersMm,
            MaterialLibrary library,
            List<Panel> panels) {

        /** Copies the lists. */
        public Input {
            crossMembersMm = List.copyOf(crossMembersMm);
            panels = List.copyOf(panels);
        }
    }

    /** The stage; empty for a box that is built anew. */
    public static final Stage<Input, Found> STAGE =
            new Stage<>(Found.class, FoundStage::reads, FoundStage::of);

    private FoundStage() {}

    private static Optional<Input> reads(Given given) {
        return given.find(Shell.class)
                .filter(Shell::usable)
                .flatMap(
                        shell ->
                                given.plan()
                                        .found()
                                        .map(
                                                found ->
                                                        new Input(
                                                                found,
                                                                given.plan().makeUp(),
                                                                given.plan().box().widthMm(),
                                                                given.get(Outline.class).lengthMm(),
                                                                given.get(Carrier.class)
                                                                        .crossMembersMm(),
                                                                given.library(),
                                                                shell.panels())));
    }

    /** {@return the ribs of a panel, empty for panels without} */
    static List<Double> ribs(FoundShell found, PanelKind kind, double lengthMm) {
        return row(found, kind).map(row -> row.placesMm(lengthMm)).orElse(List.of());
    }

    private static Optional<RibRow> row(FoundShell found, PanelKind kind) {
        return switch (kind) {
            case LEFT -> Optional.of(found.left());
            case RIGHT -> Optional.of(found.right());
            case ROOF -> Optional.of(found.roof());
            default -> Optional.empty();
        };
    }

    /** {@return what a bought shell wants} */
    public static Found of(Input input) {
        List<RibFoam> foam = new ArrayList<>();
        for (Panel panel : input.panels) {
            foam.addAll(foam(input, panel));
        }
        List<Repair> repairs =
                input.found.damages().stream()
                        .filter(Damage::isReplaced)
                        .map(damage -> Repair.of(damage, supports(input, damage.face())))
                        .toList();
        List<Packing> packings = packings(input);
        return new Found(
                foam,
                repairs,
                packings,
                figures(foam, repairs, packings),
                FoundCheck.findings(input),
                parts(input, foam));
    }

    private static List<Double> supports(Input input, Damage.Face face) {
        return switch (face) {
            case LEFT -> input.found.left().placesMm(input.lengthMm);
            case RIGHT -> input.found.right().placesMm(input.lengthMm);
            case ROOF -> input.found.roof().placesMm(input.lengthMm);
            case FLOOR -> input.crossMembersMm;
        };
    }

    /** {@return what lies between the ribs: the layer right behind the skin, empty where there is none} */
    static Optional<Layer> ribLayer(MakeUp makeUp, PanelKind kind) {
        Framed framed = kind.isRoof() ? makeUp.roof() : makeUp.walls();
        return framed.outside().stream().findFirst();
    }

    private static List<RibFoam> foam(Input input, Panel panel) {
        List<Double> ribs = ribs(input.found, panel.kind(), input.lengthMm);
        Optional<Layer> layer = ribLayer(input.makeUp, panel.kind());
        List<RibFoam> pieces = new ArrayList<>();
        if (ribs.isEmpty() || layer.isEmpty()) {
            return pieces;
        }
        Framed framed = panel.kind().isRoof() ? input.makeUp.roof() : input.makeUp.walls();
        Bounds2 room = panel.frame().bounds();
        double gap = framed.fit().gapMm();
        double thick = Math.min(layer.get().thicknessMm(), input.found.rib().depthMm());
        for (double[] bay :
                RibFoam.bays(
                        ribs, input.found.rib().thicknessMm(), gap, room.fromU(), room.toU())) {
            String name = panel.id() + " rib foam " + (pieces.size() + 1);
            pieces.add(new RibFoam(name, panel, bay[0], bay[1], room.height() - 2 * gap, thick));
        }
        return pieces;
    }

    private static List<Packing> packings(Input input) {
        List<Packing> packings = new ArrayList<>();
        for (int i = 0; i < input.crossMembersMm.size(); i++) {
            double low = input.found.lowMm(i);
            if (low > 0) {
                packings.add(new Packing(input.crossMembersMm.get(i), low, input.widthMm));
            }
        }
        return packings;
    }

    private static List<Part> parts(Input input, List<RibFoam> foam) {
        List<Part> parts = new ArrayList<>();
        for (RibFoam piece : foam) {
            String material = ribLayer(input.makeUp, piece.panel().kind()).orElseThrow().material();
            double density = input.library.get(material).density();
            Point2 middle =
                    new Point2(
                            (piece.fromMm() + piece.toMm()) / 2,
                            piece.panel().frame().bounds().middle().v());
            parts.add(
                    new Part(
                            piece.name(),
                            Part.Group.FOAM,
                            piece.volumeMm3() * density / 1e9,
                            piece.panel().surface().at(middle, -piece.thicknessMm() / 2),
                            Optional.of(new Quantity(density, Unit.KILOGRAM_PER_CUBIC_METRE))));
        }
        return parts;
    }

    private static List<Figure> figures(
            List<RibFoam> foam, List<Repair> repairs, List<Packing> packings) {
        double area = foam.stream().mapToDouble(one -> one.widthMm() * one.heightMm()).sum();
        return List.of(
                Figure.of(
                        FrameStation.FRAME.figure("rib-foam"),
                        "Foam between the ribs",
                        new Quantity(area / 1e6, Unit.SQUARE_METRE),
                        () -> {
                            Working.Builder working = Working.of("A = sum of w · h");
                            foam.forEach(
                                    one ->
                                            working.plan(
                                                    "w", one.name(), Quantity.mm(one.widthMm())));
                            return working.source("ribs as measured, less the gap at both sides");
                        }),
                count("repairs", "Pieces that replace damage", repairs.size()),
                count("packings", "Packings under the floor", packings.size()));
    }

    private static Figure count(String key, String name, int count) {
        return Figure.of(
                FrameStation.FRAME.figure(key),
                name,
                Quantity.count(count),
                () ->
                        Working.of("n = as found")
                                .plan("n", name, Quantity.count(count))
                                .source("measured"));
    }
}
