package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.Boarding;
import pteron.core.frame.Frame;
import pteron.core.frame.LiningEdges;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;
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
                pieces,
                seams,
                orders,
                SkinFigures.of(pieces, seams, orders),
                findings(input, seams));
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
            if (skin.layer().isFound()) {
                continue;
            }
            SkinLayout layout = new SkinLayout(panel, skin, holes, library);
            sheets.pieces.addAll(named(panel, skin, layout.pieces(), library));
            sheets.seams.addAll(layout.seams());
        }
        return sheets;
    }

    private static List<SheetPiece> named(
            PanelFrame panel, Skin skin, List<Polygon2> shapes, MaterialLibrary library) {
        double density = library.get(skin.layer().material()).density();
        double lapped =
                Boarding.of(skin, library).map(one -> one.widthMm() / one.coverMm()).orElse(1.0);
        String face = skin.face().words();
        List<SheetPiece> pieces = new ArrayList<>();
        for (Polygon2 shape : shapes) {
            String name = panel.panel().words() + " " + face + " " + (pieces.size() + 1);
            SheetPiece bare = new SheetPiece(name, panel.panel(), skin, shape, 0);
            double mass =
                    bare.cutShape().area() * skin.layer().thicknessMm() * density * lapped / 1e9;
            pieces.add(new SheetPiece(name, panel.panel(), skin, shape, mass));
        }
        return pieces;
    }

    private static List<Finding> findings(Input input, List<Seam> seams) {
        List<Panel> panels = input.frame.panels().stream().map(PanelFrame::panel).toList();
        List<Finding> findings = new ArrayList<>(BendCheck.findings(panels, input.library));
        findings.addAll(PieceCheck.findings(input.frame, input.openings, input.library));
        input.frame.panels().forEach(panel -> findings.addAll(bareEdges(panel, input)));
        SeamPastFrame pastFrame = new SeamPastFrame(input.frame);
        for (Seam seam : seams) {
            if (!seam.backed()) {
                findings.add(notBacked(seam, seam.line()));
            }
            pastFrame.bare(seam).forEach(stretch -> findings.add(notBacked(seam, stretch)));
        }
        return findings;
    }

    private static Finding notBacked(Seam seam, Segment2 stretch) {
        Point3 at = seam.panel().surface().at(stretch.middle(), 0);
        Quantity length = Quantity.mm(stretch.lengthMm());
        return new Finding(
                "SEAM_NOT_BACKED",
                Severity.WATCH,
                new Place(SkinStation.SKINS, seam.panel().id(), at.x(), at.y(), at.z()),
                length,
                Limit.atMost(Quantity.mm(SkinLayout.UNBACKED_MAY_BE_MM)),
                Cure.advice("CLOSER_MEMBERS", length));
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
}
