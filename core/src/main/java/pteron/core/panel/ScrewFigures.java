package pteron.core.panel;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.ScrewPull;
import pteron.core.quantity.Quantity;

/** What a screw into the lining bears, with a bar behind it and without. */
final class ScrewFigures {

    /** Thread of a screw in an edge bar (mm); common practice. */
    static final double THREAD_MM = 25;

    private final MaterialLibrary library;
    private final List<Figure> figures = new ArrayList<>();

    private ScrewFigures(MaterialLibrary library) {
        this.library = library;
    }

    /** {@return the pulls of walls or roof} */
    static List<Figure> of(PanelPart part, Framed framed, MaterialLibrary library) {
        ScrewFigures all = new ScrewFigures(library);
        all.screws(part, framed);
        return all.figures;
    }

    /** A screw into an edge bar against one into the bare face. */
    private void screws(PanelPart part, Framed framed) {
        Material bar = library.get(framed.members().timber());
        if (bar.kind() == Material.Kind.TIMBER) {
            double pull =
                    ScrewPull.fromWood(
                            ScrewPull.gravity(bar.density()), ScrewPull.NUMBER_8_MM, THREAD_MM);
            pull(part, "bar", "a No. 8 screw in a bar", pull, "NDS 12.2.2; value not yet checked");
        } else if (framed.members().section().isTube() && bar.has(Property.TENSION)) {
            double pull =
                    ScrewPull.fromSheet(
                            framed.members().section().wallMm(),
                            ScrewPull.NUMBER_8_MM,
                            bar.value(Property.TENSION));
            pull(part, "bar", "a No. 8 screw in a tube", pull, "AISI S100; value not yet checked");
        }
        pull(
                part,
                "face",
                "a No. 8 screw in the bare lining",
                inFace(
                        library.get(framed.innerSkin().material()),
                        framed.innerSkin().thicknessMm()),
                "NDS 12.2.2 over the thickness of boards, AISI S100 for metal, nothing in glass fibre: a pull peels its face off, common practice");
    }

    private static double inFace(Material face, double thicknessMm) {
        if (face.kind() == Material.Kind.BOARD) {
            return ScrewPull.fromWood(
                    ScrewPull.gravity(face.density()), ScrewPull.NUMBER_8_MM, thicknessMm);
        }
        boolean metal =
                face.has(Property.TENSION)
                        && face.has(Property.MODULUS)
                        && FaceStrength.isMetal(face);
        return metal
                ? ScrewPull.fromSheet(
                        thicknessMm, ScrewPull.NUMBER_8_MM, face.value(Property.TENSION))
                : 0;
    }

    private void pull(PanelPart part, String where, String words, double newton, String source) {
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("pull-" + where + "." + part.key()),
                        part.title() + ": pull of " + words,
                        Quantity.newton(newton),
                        () ->
                                Working.of("pull straight out, safety taken off")
                                        .standard(
                                                "D",
                                                "No. 8 screw",
                                                Quantity.mm(ScrewPull.NUMBER_8_MM))
                                        .source(source)));
    }
}
