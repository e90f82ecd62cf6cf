package pteron.core.makeup;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Partition;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Stage;

/** Checks the layers and adds them up. */
public final class MakeUpStage {

    /**
     * What the layers read.
     *
     * @param makeUp the make-up as planned
     * @param partitions walls inside
     * @param library its materials
     */
    public record Input(MakeUp makeUp, List<Partition> partitions, MaterialLibrary library) {

        /** Copies the partitions. */
        public Input {
            partitions = List.copyOf(partitions);
        }
    }

    /** The stage. */
    public static final Stage<Input, Layers> STAGE =
            Stage.of(
                    Layers.class,
                    given ->
                            new Input(
                                    given.plan().makeUp(),
                                    given.plan().partitions(),
                                    given.library()),
                    MakeUpStage::of);

    private MakeUpStage() {}

    /**
     * {@return what follows from the layers}
     *
     * @param makeUp the make-up as planned
     * @param library its materials
     */
    public static Layers of(MakeUp makeUp, MaterialLibrary library) {
        return of(new Input(makeUp, List.of(), library));
    }

    private static Layers of(Input input) {
        MakeUp makeUp = input.makeUp;
        MaterialLibrary library = input.library;
        List<Finding> findings = new ArrayList<>();
        LayerUse.of(input.partitions).forEach(use -> fit(use, library, findings));
        LayerUse.of(makeUp).forEach(use -> fit(use, library, findings));
        if (!findings.isEmpty()) {
            return new Layers(false, List.of(), findings);
        }
        insulationFits("walls", makeUp.walls(), findings);
        insulationFits("roof", makeUp.roof(), findings);
        boarded("walls", makeUp.walls(), library, findings);
        boarded("roof", makeUp.roof(), library, findings);
        return new Layers(true, figures(makeUp, library), findings);
    }

    /** {@return whether the library knows all that the sums of an alternative ask for} */
    public static boolean isUsable(Alternative alternative, MaterialLibrary library) {
        return LayerUse.of(alternative).stream().allMatch(use -> missing(use, library) == 0);
    }

    private static long missing(LayerUse use, MaterialLibrary library) {
        return library.contains(use.material())
                ? use.needs().stream()
                        .filter(need -> !library.get(use.material()).has(need))
                        .count()
                : use.needs().size();
    }

    private static void fit(LayerUse use, MaterialLibrary library, List<Finding> findings) {
        long missing = missing(use, library);
        if (missing > 0) {
            findings.add(
                    new Finding(
                            "MATERIAL_UNFIT",
                            Severity.STOPS,
                            Place.of(MakeUpStation.MAKE_UP, use.place()),
                            Quantity.count(missing),
                            Limit.atMost(Quantity.count(0)),
                            Cure.advice("CHOOSE_MATERIAL", Quantity.count(missing))));
        }
    }

    private static void insulationFits(String part, Framed framed, List<Finding> findings) {
        double depth = framed.frameMm();
        double insulation = framed.insulation().thicknessMm();
        boolean flush =
                framed.scheme() != Scheme.FRAMELESS && framed.fit().over() == Fit.Over.FLUSH;
        if (flush && insulation > depth) {
            findings.add(
                    new Finding(
                            "INSULATION_THICKER_THAN_FRAME",
                            Severity.WATCH,
                            Place.of(MakeUpStation.MAKE_UP, part),
                            Quantity.mm(insulation),
                            Limit.atMost(Quantity.mm(depth)),
                            Cure.press("PACK_OUT_FRAME", Quantity.mm(insulation - depth), part)));
        }
    }

    private static void boarded(
            String part, Framed framed, MaterialLibrary library, List<Finding> findings) {
        boolean sheets = !library.get(framed.outerSkin().material()).has(Property.LAP);
        if (framed.scheme() == Scheme.BOARDS && sheets) {
            findings.add(
                    new Finding(
                            "BOARDS_ARE_SHEETS",
                            Severity.WATCH,
                            Place.of(MakeUpStation.MAKE_UP, part + ".outerSkin"),
                            Quantity.count(0),
                            Limit.atLeast(Quantity.count(1)),
                            Cure.advice("CHOOSE_BOARDS", Quantity.count(1))));
        }
    }

    private static List<Figure> figures(MakeUp makeUp, MaterialLibrary library) {
        Floor floor = makeUp.floor();
        List<Layer> onFloor =
                new ArrayList<>(List.of(floor.topFace(), floor.core(), floor.bottomFace()));
        onFloor.addAll(floor.finish());
        return List.of(
                thickness(
                        "floor",
                        floor.heightMm(),
                        floor.bearersMm() + floor.betweenFacesMm() - floor.core().thicknessMm(),
                        onFloor),
                thickness("walls", makeUp.walls()),
                thickness("roof", makeUp.roof()),
                mass("floor", onFloor, library),
                mass("walls", layers(makeUp.walls()), library),
                mass("roof", layers(makeUp.roof()), library));
    }

    private static List<Layer> layers(Framed framed) {
        List<Layer> layers = new ArrayList<>(List.of(framed.outerSkin()));
        layers.addAll(framed.outside());
        layers.add(framed.insulation());
        layers.addAll(framed.inside());
        layers.add(framed.innerSkin());
        return layers;
    }

    private static Figure thickness(String part, Framed framed) {
        List<Layer> layers = layers(framed);
        layers.remove(framed.insulation());
        return thickness(
                part, framed.thicknessMm(), framed.frameMm() + framed.overFrameMm(), layers);
    }

    private static Figure thickness(String part, double whole, double frame, List<Layer> layers) {
        return Figure.of(
                MakeUpStation.MAKE_UP.figure(part + "-thickness"),
                "Thickness of the " + part,
                Quantity.mm(whole),
                () -> {
                    Working.Builder working =
                            Working.of("t = frame + layers")
                                    .plan("frame", "members and packing", Quantity.mm(frame));
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
                MakeUpStation.MAKE_UP.figure(part + "-mass"),
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
