package pteron.core.glue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.extent.Areas;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.glue.GlueJoint.Held;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Stage;

/** Gives every joint of the make-up its glue. */
public final class GlueStage {

    private final MaterialLibrary library;
    private final List<GlueJoint> joints = new ArrayList<>();

    private GlueStage(MaterialLibrary library) {
        this.library = library;
    }

    /**
     * What the joints read.
     *
     * @param makeUp the layers
     * @param library the materials
     * @param areas areas of the parts
     */
    public record Input(MakeUp makeUp, MaterialLibrary library, Areas areas) {}

    /** The stage. */
    public static final Stage<Input, Glues> STAGE =
            new Stage<>(
                    Glues.class,
                    given ->
                            given.find(Areas.class)
                                    .map(
                                            areas ->
                                                    new Input(
                                                            given.plan().makeUp(),
                                                            given.library(),
                                                            areas)),
                    input -> of(input.makeUp, input.library, input.areas));

    /**
     * {@return the joints of floor, walls and roof, each with its glue}
     *
     * @param makeUp the make-up, its materials known
     * @param library its materials
     * @param areas areas of the parts
     */
    public static Glues of(MakeUp makeUp, MaterialLibrary library, Areas areas) {
        GlueStage stage = new GlueStage(library);
        Floor floor = makeUp.floor();
        List<Layer> layers = new ArrayList<>();
        layers.add(floor.bottomFace());
        layers.add(floor.core());
        layers.add(floor.topFace());
        layers.addAll(floor.finish());
        stage.part("floor", layers, areas.floorM2());
        stage.part("walls", layers(makeUp.walls()), areas.wallsM2());
        stage.part("roof", layers(makeUp.roof()), areas.roofM2());
        return new Glues(stage.joints, stage.figures(), stage.findings());
    }

    private static List<Layer> layers(Framed framed) {
        List<Layer> layers = new ArrayList<>(List.of(framed.outerSkin()));
        layers.addAll(framed.outside());
        layers.add(framed.insulation());
        layers.addAll(framed.inside());
        layers.add(framed.innerSkin());
        return layers;
    }

    private void part(String part, List<Layer> layers, double areaM2) {
        for (int i = 1; i < layers.size(); i++) {
            Layer outer = layers.get(i - 1);
            Layer inner = layers.get(i);
            String one = library.get(outer.material()).name();
            String other = library.get(inner.material()).name();
            Held held = held(outer, inner);
            Optional<Glue> glue = glue(outer, inner, held);
            joints.add(new GlueJoint(part, i, one, other, glue, held, areaM2));
        }
    }

    private Substrate substrate(Layer layer) {
        return Substrate.of(library.get(layer.material()));
    }

    private Held held(Layer outer, Layer inner) {
        Substrate one = substrate(outer);
        Substrate other = substrate(inner);
        if (one == Substrate.AIR || other == Substrate.AIR) {
            return Held.OPEN;
        }
        if (outer.fixing().equals(Layer.SCREWED)) {
            return Held.SCREWED;
        }
        if (outer.isFound() && inner.isFound()) {
            return Held.THERE;
        }
        boolean wool = one == Substrate.WOOL || other == Substrate.WOOL;
        if (outer.fixing().equals(Layer.LOOSE) || (isOpen(outer) && wool)) {
            return Held.LOOSE;
        }
        if (isOpen(outer)) {
            return GlueTable.first(one, other).isPresent() ? Held.GLUED : Held.NOTHING_SUITS;
        }
        Optional<Glue> chosen = GlueTable.named(outer.fixing());
        if (chosen.isEmpty()) {
            return Held.NOTHING_SUITS;
        }
        if (chosen.get().eats(one, other)) {
            return Held.EATS;
        }
        return chosen.get().joins(one, other) ? Held.GLUED : Held.DOES_NOT_HOLD;
    }

    /** {@return whether nobody has said what holds a layer; what is there says nothing of what comes on it} */
    private static boolean isOpen(Layer outer) {
        return outer.fixing().isEmpty() || outer.isFound();
    }

    private Optional<Glue> glue(Layer outer, Layer inner, Held held) {
        return switch (held) {
            case SCREWED, LOOSE, THERE, OPEN, NOTHING_SUITS -> Optional.empty();
            default ->
                    isOpen(outer)
                            ? GlueTable.first(substrate(outer), substrate(inner))
                            : GlueTable.named(outer.fixing());
        };
    }

    private List<Figure> figures() {
        Map<String, List<GlueJoint>> byGlue = new LinkedHashMap<>();
        for (GlueJoint joint : joints) {
            joint.glue()
                    .ifPresent(
                            glue ->
                                    byGlue.computeIfAbsent(glue.id(), id -> new ArrayList<>())
                                            .add(joint));
        }
        List<Figure> figures = new ArrayList<>();
        byGlue.forEach(
                (id, all) -> {
                    Glue glue = all.getFirst().glue().orElseThrow();
                    figures.add(litres(glue, all));
                    if (glue.spread().tubeMl() > 0) {
                        figures.add(tubes(glue, all));
                    }
                });
        return figures;
    }

    private Figure tubes(Glue glue, List<GlueJoint> joints) {
        double litres = sum(joints);
        return Figure.of(
                MakeUpStation.MAKE_UP.figure("glue-tubes." + glue.id()),
                name(glue) + ", tubes",
                Quantity.count(glue.tubes(litres)),
                () ->
                        Working.of("n = ceil(V / v)")
                                .worked(
                                        "V",
                                        "all joints",
                                        new Quantity(litres, Unit.LITRE),
                                        MakeUpStation.MAKE_UP.figure("glue." + glue.id()))
                                .standard(
                                        "v",
                                        "in a tube",
                                        new Quantity(glue.spread().tubeMl(), Unit.MILLILITRE))
                                .source("common practice"));
    }

    private static double sum(List<GlueJoint> joints) {
        return joints.stream().mapToDouble(GlueJoint::litres).sum();
    }

    private String name(Glue glue) {
        return library.contains(glue.id()) ? library.get(glue.id()).name() : glue.id();
    }

    private Figure litres(Glue glue, List<GlueJoint> joints) {
        double litres = sum(joints);
        return Figure.of(
                MakeUpStation.MAKE_UP.figure("glue." + glue.id()),
                name(glue),
                new Quantity(litres, Unit.LITRE),
                () -> {
                    Working.Builder working = Working.of("V = A · n / c · 1.1");
                    for (GlueJoint joint : joints) {
                        working.plan(
                                "A",
                                "as drawn, %s: %s to %s"
                                        .formatted(joint.part(), joint.outer(), joint.inner()),
                                new Quantity(joint.areaM2(), Unit.SQUARE_METRE));
                    }
                    return working.standard("n", "coats", Quantity.count(glue.spread().coats()))
                            .standard(
                                    "c",
                                    "m² from a litre in one coat",
                                    Quantity.ratio(glue.spread().coverage()))
                            .source(
                                    "common practice, the label governs: %.0f to %.0f °C, open %.0f min, cure %.0f h"
                                            .formatted(
                                                    glue.window().leastC(),
                                                    glue.window().mostC(),
                                                    glue.times().openMinutes(),
                                                    glue.times().cureHours()));
                });
    }

    private List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (GlueJoint joint : joints) {
            switch (joint.held()) {
                case EATS -> findings.add(finding(joint, "GLUE_EATS_FOAM", Severity.STOPS));
                case DOES_NOT_HOLD ->
                        findings.add(finding(joint, "GLUE_DOES_NOT_HOLD", Severity.WATCH));
                case NOTHING_SUITS -> findings.add(finding(joint, "NO_GLUE_SUITS", Severity.WATCH));
                default -> {}
            }
        }
        return findings;
    }

    private static Finding finding(GlueJoint joint, String code, Severity severity) {
        return new Finding(
                code,
                severity,
                Place.of(MakeUpStation.MAKE_UP, joint.part() + ", joint " + joint.number()),
                Quantity.count(1),
                Limit.atMost(Quantity.count(0)),
                Cure.press(
                        "TAKE_FIRST_GLUE",
                        Quantity.count(1),
                        joint.part(),
                        (double) joint.number()));
    }
}
