package pteron.core.bonded;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.buildup.Layer;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.outline.Outline;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.SkinStation;
import pteron.core.skin.Skins;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;

/** Lists the bonded panels of walls and roof. */
public final class BondedStage {

    /**
     * What the list reads.
     *
     * @param makeUp which walls are bonded, and how they meet
     * @param widthMm outside width of the box (mm)
     * @param crownMm how much its roof rises across (mm)
     * @param library the materials
     * @param outline the outline, usable
     * @param frame bars in the panels
     * @param openings what is cut out
     * @param skins their faces
     */
    public record Input(
            MakeUp makeUp,
            double widthMm,
            double crownMm,
            MaterialLibrary library,
            Outline outline,
            Frame frame,
            Openings openings,
            Skins skins) {}

    /** The stage. */
    public static final Stage<Input, Bonded> STAGE =
            new Stage<>(
                    Bonded.class,
                    given -> given.find(Skins.class).map(skins -> reads(given, skins)),
                    BondedStage::of);

    private BondedStage() {}

    private static Input reads(Given given, Skins skins) {
        return new Input(
                given.plan().makeUp(),
                given.plan().box().widthMm(),
                given.plan().box().details().crownMm(),
                given.library(),
                given.get(Outline.class),
                given.get(Frame.class),
                given.get(Openings.class),
                skins);
    }

    /** {@return the bonded panels, none where walls and roof have a frame} */
    public static Bonded of(Input input) {
        List<BondedPiece> pieces =
                input.frame.panels().stream()
                        .filter(frame -> isPiece(frame.panel()))
                        .map(frame -> piece(frame, input))
                        .toList();
        if (pieces.isEmpty()) {
            return new Bonded(pieces, List.of(), List.of());
        }
        List<Panel> panels = pieces.stream().map(BondedPiece::panel).toList();
        Conduits conduits =
                new Conduits(input.makeUp.joining().conduitMm(), panels, input.openings);
        List<Figure> figures = new ArrayList<>(figures(input, pieces));
        figures.addAll(conduits.figures());
        return new Bonded(pieces, figures, conduits.findings());
    }

    private static boolean isPiece(Panel panel) {
        return panel.isBonded()
                && panel.kind() != PanelKind.FLOOR
                && panel.kind() != PanelKind.WHEEL_BOX;
    }

    private static BondedPiece piece(PanelFrame frame, Input input) {
        Panel panel = frame.panel();
        List<SheetPiece> faces =
                input.skins.pieces().stream()
                        .filter(piece -> piece.panel().id().equals(panel.id()))
                        .toList();
        double bars = frame.all().stream().mapToDouble(Member::massKg).sum();
        double sheets = faces.stream().mapToDouble(SheetPiece::massKg).sum();
        Bounds2 flat = panel.surface().developed(panel.skins().getFirst().area(), 0).bounds();
        double faced = panel.skins().stream().mapToDouble(skin -> skin.layer().thicknessMm()).sum();
        return new BondedPiece(
                panel,
                Math.max(flat.width(), flat.height()),
                Math.min(flat.width(), flat.height()),
                panel.depthMm() + faced,
                bars + sheets + coreKg(frame, input));
    }

    private static double coreKg(PanelFrame frame, Input input) {
        Panel panel = frame.panel();
        Layer core = panel.filling();
        List<Polygon2> holes =
                input.openings.in(panel).stream()
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        double middle = panel.fillingFromMm() + core.thicknessMm() / 2;
        double stretch = panel.surface().stretch(panel.frame(), middle);
        return frame.bays(holes).areaMm2()
                * stretch
                * core.thicknessMm()
                * input.library.get(core.material()).density()
                / 1e9;
    }

    private static List<Figure> figures(Input input, List<BondedPiece> pieces) {
        List<Figure> figures = new ArrayList<>();
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("panels"),
                        "Bonded panels",
                        Quantity.count(pieces.size()),
                        () -> masses(pieces)));
        figures.addAll(heaviest(pieces));
        figures.addAll(
                new CornerStuff(input.makeUp, input.outline, input.widthMm, input.crownMm)
                        .figures());
        return figures;
    }

    private static List<Figure> heaviest(List<BondedPiece> pieces) {
        BondedPiece heaviest =
                pieces.stream().max(Comparator.comparingDouble(BondedPiece::massKg)).orElseThrow();
        return List.of(
                Figure.of(
                        SkinStation.SKINS.figure("heaviest-panel"),
                        "Heaviest panel",
                        Quantity.kg(heaviest.massKg()),
                        () -> masses(pieces)),
                Figure.of(
                        SkinStation.SKINS.figure("carriers"),
                        "People to carry it",
                        Quantity.count(heaviest.people()),
                        () ->
                                Working.of("n = m / 25 rounded up, 2 at the least over 2.5 m")
                                        .plan(
                                                "m",
                                                heaviest.panel().id(),
                                                Quantity.kg(heaviest.massKg()))
                                        .source("common practice")));
    }

    private static Working masses(List<BondedPiece> pieces) {
        Working.Builder working = Working.of("m = bars + faces + core of each panel");
        pieces.forEach(piece -> working.plan("m", piece.panel().id(), Quantity.kg(piece.massKg())));
        return working.source("added up, openings cut out");
    }
}
