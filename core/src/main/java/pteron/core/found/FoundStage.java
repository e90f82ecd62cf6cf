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
import pteron.core.geometry.Polygon2;
import pteron.core.opening.Openings;
import pteron.core.outline.Outline;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.PanelTitle;
import pteron.core.shell.Shell;
import pteron.core.skin.FoamPiece;
import pteron.core.stage.Given;
import pteron.core.stage.Part;
import pteron.core.stage.Stage;

/** Works out what goes into a bought shell beside its new frame. */
public final class FoundStage {

    /** The stage; empty for a box that is built anew. */
    public static final Stage<FoundInput, Found> STAGE =
            new Stage<>(Found.class, FoundStage::reads, FoundStage::of);

    private FoundStage() {}

    private static Optional<FoundInput> reads(Given given) {
        return given.find(Shell.class)
                .filter(Shell::usable)
                .flatMap(
                        shell ->
                                given.plan()
                                        .found()
                                        .map(
                                                found ->
                                                        new FoundInput(
                                                                found,
                                                                given.plan().makeUp(),
                                                                given.plan().box().widthMm(),
                                                                given.get(Outline.class).lengthMm(),
                                                                given.get(Carrier.class)
                                                                        .crossMembersMm(),
                                                                given.library(),
                                                                shell.panels(),
                                                                given.get(Openings.class))));
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
    public static Found of(FoundInput input) {
        List<FoamPiece> foam = new ArrayList<>();
        for (Panel panel : input.panels()) {
            foam.addAll(foam(input, panel));
        }
        List<Repair> repairs =
                input.found().damages().stream()
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

    private static List<Double> supports(FoundInput input, Damage.Face face) {
        return switch (face) {
            case LEFT -> input.found().left().placesMm(input.lengthMm());
            case RIGHT -> input.found().right().placesMm(input.lengthMm());
            case ROOF -> input.found().roof().placesMm(input.lengthMm());
            case FLOOR -> input.crossMembersMm();
        };
    }

    /** {@return what lies between the ribs: the layer right behind the skin, empty where there is none} */
    static Optional<Layer> ribLayer(MakeUp makeUp, PanelKind kind) {
        Framed framed = kind.isRoof() ? makeUp.roof() : makeUp.walls();
        return framed.outside().stream().findFirst();
    }

    private static List<FoamPiece> foam(FoundInput input, Panel panel) {
        List<Double> ribs = ribs(input.found(), panel.kind(), input.lengthMm());
        Optional<Layer> layer = ribLayer(input.makeUp(), panel.kind());
        List<FoamPiece> pieces = new ArrayList<>();
        if (ribs.isEmpty() || layer.isEmpty()) {
            return pieces;
        }
        Framed framed = panel.kind().isRoof() ? input.makeUp().roof() : input.makeUp().walls();
        Bounds2 room = panel.frame().bounds();
        double gap = framed.fit().gapMm();
        double thick = Math.min(layer.get().thicknessMm(), input.found().rib().depthMm());
        List<Polygon2> holes =
                input.openings().in(panel).stream()
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        for (double[] bay :
                RibBays.between(
                        ribs, input.found().rib().thicknessMm(), gap, room.fromU(), room.toU())) {
            Bounds2 whole = new Bounds2(bay[0], bay[1], room.fromV() + gap, room.toV() - gap);
            for (Polygon2 shape : panel.frame().shared(Polygon2.rectangle(whole))) {
                for (Polygon2 piece : shape.without(holes)) {
                    String name = panel.words() + " rib foam " + (pieces.size() + 1);
                    Layer foam = layer.get().withThickness(thick);
                    pieces.add(new FoamPiece(name, panel, foam, piece));
                }
            }
        }
        return pieces;
    }

    private static List<Packing> packings(FoundInput input) {
        List<Packing> packings = new ArrayList<>();
        for (int i = 0; i < input.crossMembersMm().size(); i++) {
            double low = input.found().lowMm(i);
            if (low > 0) {
                packings.add(new Packing(input.crossMembersMm().get(i), low, input.widthMm()));
            }
        }
        return packings;
    }

    private static List<Part> parts(FoundInput input, List<FoamPiece> foam) {
        List<Part> parts = new ArrayList<>();
        for (FoamPiece piece : foam) {
            double density = input.library().get(piece.layer().material()).density();
            double thick = piece.layer().thicknessMm();
            parts.add(
                    new Part(
                            piece.name(),
                            PanelTitle.of(piece.panel()),
                            Part.Group.FOAM,
                            piece.shape().area() * thick * density / 1e9,
                            piece.panel().surface().at(piece.shape().centroid(), -thick / 2),
                            Optional.of(new Quantity(density, Unit.KILOGRAM_PER_CUBIC_METRE))));
        }
        return parts;
    }

    private static List<Figure> figures(
            List<FoamPiece> foam, List<Repair> repairs, List<Packing> packings) {
        double area = foam.stream().mapToDouble(one -> one.shape().area()).sum();
        return List.of(
                Figure.of(
                        FrameStation.FRAME.figure("rib-foam"),
                        "Foam between the ribs",
                        new Quantity(area / 1e6, Unit.SQUARE_METRE),
                        () -> {
                            Working.Builder working =
                                    Working.of("A = sum of the pieces, openings cut out");
                            foam.forEach(
                                    one ->
                                            working.plan(
                                                    "A",
                                                    one.name(),
                                                    new Quantity(
                                                            one.shape().area() / 1e6,
                                                            Unit.SQUARE_METRE)));
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
