package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.LiningEdges;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.stage.Stage;

/** Lays sheets on all faces. */
public final class SkinStage {

    private SkinStage() {}

    /**
     * What the sheets read.
     *
     * @param kerfMm what the saw takes (mm)
     * @param library the materials
     * @param frame the frame that they are fixed to
     * @param openings doors and windows cut out of them
     */
    public record Input(double kerfMm, MaterialLibrary library, Frame frame, Openings openings) {

        /** {@return what they read of a plan} */
        public static Input of(
                BoxPlan plan, MaterialLibrary library, Frame frame, Openings openings) {
            return new Input(plan.supplies().kerfMm(), library, frame, openings);
        }
    }

    /** The stage. */
    public static final Stage<Input, Skins> STAGE =
            new Stage<>(
                    Skins.class,
                    given ->
                            given.find(Frame.class)
                                    .map(
                                            frame ->
                                                    Input.of(
                                                            given.plan(),
                                                            given.library(),
                                                            frame,
                                                            given.get(Openings.class))),
                    (Stage.Work<Input, Skins>) SkinStage::of);

    /** {@return the sheets of the box} */
    public static Skins of(Input input) {
        return of(input, Optional.empty());
    }

    /** Panels whose frame and openings have not changed keep their sheets. */
    private static Skins of(Input input, Optional<Stage.Before<Input, Skins>> before) {
        MaterialLibrary library = input.library;
        List<SheetPiece> pieces = new ArrayList<>();
        List<Seam> seams = new ArrayList<>();
        input.frame.panels().parallelStream()
                .map(panel -> kept(panel, input, before).orElseGet(() -> sheets(panel, input)))
                .toList()
                .forEach(
                        sheets -> {
                            pieces.addAll(sheets.pieces);
                            seams.addAll(sheets.seams);
                        });
        List<SheetOrder> orders = SheetCount.orders(pieces, library, input.kerfMm);
        return new Skins(
                pieces, seams, orders, figures(pieces, seams, orders), findings(input, seams));
    }

    private record Sheets(List<SheetPiece> pieces, List<Seam> seams) {}

    private static Optional<Sheets> kept(
            PanelFrame frame, Input input, Optional<Stage.Before<Input, Skins>> before) {
        Panel panel = frame.panel();
        return before.filter(old -> old.input().library.equals(input.library))
                .filter(old -> old.input().frame.panels().contains(frame))
                .filter(old -> old.input().openings.in(panel).equals(input.openings.in(panel)))
                .map(Stage.Before::result)
                .map(
                        old ->
                                new Sheets(
                                        old.pieces().stream()
                                                .filter(one -> one.panel().id().equals(panel.id()))
                                                .toList(),
                                        old.seams().stream()
                                                .filter(one -> one.panel().id().equals(panel.id()))
                                                .toList()));
    }

    private static Sheets sheets(PanelFrame panel, Input input) {
        MaterialLibrary library = input.library;
        Openings openings = input.openings;
        List<Polygon2> holes =
                openings.in(panel.panel()).stream()
                        .map(one -> Polygon2.rectangle(one.cutOut()))
                        .toList();
        Sheets sheets = new Sheets(new ArrayList<>(), new ArrayList<>());
        for (Skin skin : panel.panel().skins()) {
            SkinLayout layout = new SkinLayout(panel, skin, holes, library);
            sheets.pieces.addAll(named(panel, skin, layout.pieces(), library));
            sheets.seams.addAll(layout.seams());
        }
        return sheets;
    }

    private static List<SheetPiece> named(
            PanelFrame panel, Skin skin, List<Polygon2> shapes, MaterialLibrary library) {
        double density = library.get(skin.layer().material()).density();
        String face = faceName(skin.face());
        List<SheetPiece> pieces = new ArrayList<>();
        for (Polygon2 shape : shapes) {
            String name = panel.panel().id() + " " + face + " " + (pieces.size() + 1);
            SheetPiece bare = new SheetPiece(name, panel.panel(), skin, shape, 0);
            double mass = bare.cutShape().area() * skin.layer().thicknessMm() * density / 1e9;
            pieces.add(new SheetPiece(name, panel.panel(), skin, shape, mass));
        }
        return pieces;
    }

    /** {@return what a face is called on the list} */
    public static String faceName(Skin.Face face) {
        return Named.small(face).replace("floor_", "").replace('_', ' ');
    }

    private static List<Finding> findings(Input input, List<Seam> seams) {
        List<Panel> panels = input.frame.panels().stream().map(PanelFrame::panel).toList();
        List<Finding> findings = new ArrayList<>(BendCheck.findings(panels, input.library));
        findings.addAll(PieceCheck.findings(input));
        input.frame.panels().forEach(panel -> findings.addAll(bareEdges(panel, input)));
        for (Seam seam : seams) {
            if (!seam.backed()) {
                Point3 at = seam.panel().surface().at(seam.line().middle(), 0);
                findings.add(
                        new Finding(
                                "SEAM_NOT_BACKED",
                                Severity.WATCH,
                                new Place(
                                        SkinStation.SKINS,
                                        seam.panel().id(),
                                        at.x(),
                                        at.y(),
                                        at.z()),
                                Quantity.mm(seam.line().lengthMm()),
                                Limit.atMost(Quantity.mm(SkinLayout.UNBACKED_MAY_BE_MM)),
                                Cure.advice(
                                        "CLOSER_MEMBERS", Quantity.mm(seam.line().lengthMm()))));
            }
        }
        return findings;
    }

    private static List<Finding> bareEdges(PanelFrame frame, Input input) {
        Panel panel = frame.panel();
        if (panel.kind() == PanelKind.FLOOR) {
            return List.of();
        }
        List<Polygon2> holes =
                input.openings.in(panel).stream()
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        return LiningEdges.bare(panel, frame.members(), holes).stream()
                .map(edge -> bareEdge(panel, edge))
                .toList();
    }

    private static Finding bareEdge(Panel panel, Segment2 edge) {
        Point3 at = panel.surface().at(edge.middle(), panel.depthMm());
        Quantity length = Quantity.mm(edge.lengthMm());
        return new Finding(
                "LINING_EDGE_BARE",
                Severity.NOTE,
                new Place(SkinStation.SKINS, panel.id(), at.x(), at.y(), at.z()),
                length,
                Limit.atMost(Quantity.mm(LiningEdges.MAY_BE_BARE_MM)),
                Cure.advice("CLOSER_MEMBERS", length));
    }

    private static List<Figure> figures(
            List<SheetPiece> pieces, List<Seam> seams, List<SheetOrder> orders) {
        List<Figure> figures = new ArrayList<>();
        int sheets = orders.stream().mapToInt(SheetOrder::sheets).sum();
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("sheets"),
                        "Whole sheets to buy",
                        Quantity.count(sheets),
                        () -> sheetsWorking(orders)));
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("pieces"),
                        "Pieces of sheet",
                        Quantity.count(pieces.size()),
                        () -> piecesWorking(pieces)));
        double mass = pieces.stream().mapToDouble(SheetPiece::massKg).sum();
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("mass"),
                        "Mass of the sheets",
                        Quantity.kg(mass),
                        () -> massWorking(pieces)));
        figures.add(seamLength(seams));
        for (Skin.Face face : Skin.Face.values()) {
            figures.add(area(face, pieces));
        }
        return figures;
    }

    private static Figure seamLength(List<Seam> seams) {
        double metres =
                seams.stream()
                        .filter(seam -> seam.skin().isOutside())
                        .mapToDouble(seam -> seam.line().lengthMm())
                        .sum();
        return Figure.of(
                SkinStation.SKINS.figure("outer-seams"),
                "Seams outside",
                new Quantity(metres / 1000, Unit.METRE),
                () ->
                        Working.of("sum of the seams between outer sheets")
                                .worked(
                                        "n",
                                        "seams outside",
                                        Quantity.count(
                                                seams.stream()
                                                        .filter(s -> s.skin().isOutside())
                                                        .count()),
                                        () -> seamWorking(seams))
                                .source("geometry"));
    }

    private static Figure area(Skin.Face face, List<SheetPiece> pieces) {
        double area =
                pieces.stream()
                        .filter(piece -> piece.skin().face() == face)
                        .mapToDouble(piece -> piece.cutShape().area())
                        .sum();
        return Figure.of(
                SkinStation.SKINS.figure("area." + Named.key(face)),
                "Area of the " + Named.words(face) + " sheets",
                new Quantity(area / 1e6, Unit.SQUARE_METRE),
                () -> areaWorking(pieces.stream().filter(p -> p.skin().face() == face).toList()));
    }

    private static Working piecesWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("n = pieces of all faces");
        for (Skin.Face face : Skin.Face.values()) {
            List<SheetPiece> own = pieces.stream().filter(p -> p.skin().face() == face).toList();
            working.worked("n", faceName(face), Quantity.count(own.size()), () -> areaWorking(own));
        }
        return working.source("counted");
    }

    private static Working areaWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("A = sum of the pieces, openings cut out");
        for (SheetPiece piece : pieces) {
            working.plan(
                    "A",
                    piece.name(),
                    new Quantity(piece.cutShape().area() / 1e6, Unit.SQUARE_METRE));
        }
        return working.plan("n", "pieces", Quantity.count(pieces.size())).source("geometry");
    }

    private static Working seamWorking(List<Seam> seams) {
        Working.Builder working = Working.of("sum of the lengths");
        seams.stream()
                .filter(seam -> seam.skin().isOutside())
                .forEach(
                        seam ->
                                working.plan(
                                        "l", "seam as drawn", Quantity.mm(seam.line().lengthMm())));
        return working.source("geometry");
    }

    private static Working sheetsWorking(List<SheetOrder> orders) {
        Working.Builder working =
                Working.of("pieces side by side on whole sheets, first fit, widest first");
        for (SheetOrder order : orders) {
            working.worked(
                    "n",
                    "%s, %d pieces".formatted(order.material(), order.pieces()),
                    Quantity.count(order.sheets()),
                    () ->
                            Working.of("sheets that hold the pieces side by side")
                                    .plan("n", "pieces", Quantity.count(order.pieces()))
                                    .material("sheet", "as bought", Quantity.count(1))
                                    .source("first fit decreasing, D. S. Johnson 1973"));
        }
        return working.source("first fit decreasing, D. S. Johnson 1973; errs on the large side");
    }

    private static Working massWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("m = sum of area × thickness × density");
        for (Skin.Face face : Skin.Face.values()) {
            List<SheetPiece> own =
                    pieces.stream().filter(piece -> piece.skin().face() == face).toList();
            double mass = own.stream().mapToDouble(SheetPiece::massKg).sum();
            working.worked("m", faceName(face), Quantity.kg(mass), () -> faceMass(own));
        }
        return working.source("densities from the material library");
    }

    private static Working faceMass(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("m = sum of the pieces");
        for (SheetPiece piece : pieces) {
            working.worked("m", piece.name(), Quantity.kg(piece.massKg()), () -> pieceMass(piece));
        }
        return working.plan("n", "pieces", Quantity.count(pieces.size())).source("added up");
    }

    private static Working pieceMass(SheetPiece piece) {
        double area = piece.cutShape().area() / 1e6;
        double thickness = piece.skin().layer().thicknessMm();
        return Working.of("m = A · t · density")
                .plan("A", "area as drawn", new Quantity(area, Unit.SQUARE_METRE))
                .plan("t", "thickness", Quantity.mm(thickness))
                .material(
                        "density",
                        piece.skin().layer().material(),
                        new Quantity(
                                piece.massKg() / (area * thickness / 1000),
                                Unit.KILOGRAM_PER_CUBIC_METRE))
                .source("the material library");
    }
}
