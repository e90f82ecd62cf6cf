package pteron.core.makeup;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Floor;
import pteron.core.plan.MakeUp.Framed;
import pteron.core.plan.MakeUp.Layer;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Checks the layers and adds them up. */
public final class MakeUpStage {

    private MakeUpStage() {}

    /**
     * {@return what follows from the layers}
     *
     * @param makeUp the make-up as planned
     * @param library its materials
     */
    public static Layers of(MakeUp makeUp, MaterialLibrary library) {
        List<Finding> findings = new ArrayList<>();
        LayerUse.of(makeUp).forEach(use -> fit(use, library, findings));
        if (!findings.isEmpty()) {
            return new Layers(false, List.of(), findings);
        }
        insulationFits("walls", makeUp.walls(), findings);
        insulationFits("roof", makeUp.roof(), findings);
        return new Layers(true, figures(makeUp, library), findings);
    }

    private static void fit(LayerUse use, MaterialLibrary library, List<Finding> findings) {
        long missing =
                library.contains(use.material())
                        ? use.needs().stream()
                                .filter(need -> !library.get(use.material()).has(need))
                                .count()
                        : use.needs().size();
        if (missing > 0) {
            findings.add(
                    new Finding(
                            "MATERIAL_UNFIT",
                            Severity.STOPS,
                            Place.of("make-up", use.place()),
                            Quantity.count(missing),
                            Limit.atMost(Quantity.count(0)),
                            Cure.advice("CHOOSE_MATERIAL", Quantity.count(missing))));
        }
    }

    private static void insulationFits(String part, Framed framed, List<Finding> findings) {
        double depth = framed.members().section().depthMm();
        double insulation = framed.insulation().thicknessMm();
        if (insulation > depth) {
            Framed cured = framed.withInsulation(framed.insulation().withThickness(depth));
            findings.add(
                    new Finding(
                            "INSULATION_THICKER_THAN_FRAME",
                            Severity.WATCH,
                            Place.of("make-up", part),
                            Quantity.mm(insulation),
                            Limit.atMost(Quantity.mm(depth)),
                            new Cure(
                                    "SET_INSULATION",
                                    Quantity.mm(depth),
                                    plan ->
                                            plan.withMakeUp(
                                                    part.equals("walls")
                                                            ? plan.makeUp().withWalls(cured)
                                                            : plan.makeUp().withRoof(cured)))));
        }
    }

    private static List<Figure> figures(MakeUp makeUp, MaterialLibrary library) {
        Floor floor = makeUp.floor();
        double bearers = floor.bearers().section().depthMm();
        return List.of(
                thickness(
                        "floor",
                        floor.heightMm(),
                        bearers,
                        List.of(floor.topFace(), floor.core(), floor.bottomFace())),
                thickness("walls", makeUp.walls()),
                thickness("roof", makeUp.roof()),
                mass("floor", List.of(floor.topFace(), floor.core(), floor.bottomFace()), library),
                mass("walls", layers(makeUp.walls()), library),
                mass("roof", layers(makeUp.roof()), library));
    }

    private static List<Layer> layers(Framed framed) {
        return List.of(framed.outerSkin(), framed.insulation(), framed.innerSkin());
    }

    private static Figure thickness(String part, Framed framed) {
        return thickness(
                part,
                framed.thicknessMm(),
                framed.members().section().depthMm(),
                List.of(framed.outerSkin(), framed.innerSkin()));
    }

    private static Figure thickness(String part, double whole, double frame, List<Layer> layers) {
        return Figure.of(
                "make-up." + part + "-thickness",
                "Thickness of the " + part,
                Quantity.mm(whole),
                () -> {
                    Working.Builder working =
                            Working.of("t = frame + layers")
                                    .plan("frame", "depth of the members", Quantity.mm(frame));
                    layers.forEach(
                            layer ->
                                    working.plan(
                                            "t",
                                            layer.material(),
                                            Quantity.mm(layer.thicknessMm())));
                    return working.source("added up");
                });
    }

    private static Figure mass(String part, List<Layer> layers, MaterialLibrary library) {
        double mass =
                layers.stream()
                        .mapToDouble(
                                layer ->
                                        library.get(layer.material()).density()
                                                * layer.thicknessMm()
                                                / 1000)
                        .sum();
        return Figure.of(
                "make-up." + part + "-mass",
                "Mass of the " + part + ", members left out",
                new Quantity(mass, Unit.KILOGRAM_PER_SQUARE_METRE),
                () -> {
                    Working.Builder working = Working.of("m = sum of density × thickness");
                    for (Layer layer : layers) {
                        String name = library.get(layer.material()).name();
                        working.plan("t", name, Quantity.mm(layer.thicknessMm()));
                        working.material(
                                "density",
                                name,
                                new Quantity(
                                        library.get(layer.material()).density(),
                                        Unit.KILOGRAM_PER_CUBIC_METRE));
                    }
                    return working.source("the material library");
                });
    }
}
