package pteron.core.balance;

import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Alternative;
import pteron.core.extent.Areas;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.found.Found;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.quantity.Quantity;
import pteron.core.school.School;
import pteron.core.school.SideBySide;
import pteron.core.sealing.Sealing;
import pteron.core.skin.Skins;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;

/** Weighs the box. */
public final class WeightStage {

    /**
     * What the weight reads.
     *
     * @param makeUp the layers
     * @param library the materials
     * @param built what is set out, empty where the box is weighed by its areas
     * @param areas what is weighed by areas, empty where the frame is set out
     */
    public record Input(
            MakeUp makeUp,
            MaterialLibrary library,
            Optional<SetOut> built,
            Optional<ByArea> areas) {}

    /**
     * What is weighed by its areas.
     *
     * @param box the box
     * @param openings doors and windows as planned
     * @param outline the outline, usable
     * @param areas the areas
     * @param schools what the build-ups weigh
     */
    public record ByArea(
            Box box, List<Opening> openings, Outline outline, Areas areas, SideBySide schools) {}

    /** The stage. */
    public static final Stage<Input, BoxWeight> STAGE =
            Stage.of(BoxWeight.class, WeightStage::reads, WeightStage::of);

    private WeightStage() {}

    private static Input reads(Given given) {
        Optional<SetOut> built =
                given.find(Sealing.class)
                        .map(
                                sealing ->
                                        new SetOut(
                                                given.get(Frame.class),
                                                given.get(Openings.class),
                                                given.get(Skins.class),
                                                sealing,
                                                given.find(Found.class)));
        Optional<ByArea> areas =
                built.isPresent()
                        ? Optional.empty()
                        : given.find(Areas.class).map(found -> byArea(given, found));
        return new Input(given.plan().makeUp(), given.library(), built, areas);
    }

    private static ByArea byArea(Given given, Areas areas) {
        return new ByArea(
                given.plan().box().withOffset(0).withRaised(0),
                given.plan().openings(),
                given.get(Outline.class),
                areas,
                given.get(SideBySide.class));
    }

    private static BoxWeight of(Input input) {
        if (input.built.isPresent()) {
            SetOut built = input.built.get();
            return new BoxWeight(PartList.box(input.makeUp, input.library, built), List.of());
        }
        return input.areas
                .map(areas -> new BoxWeight(parts(input.makeUp, areas), List.of(byAreas())))
                .orElse(BoxWeight.NONE);
    }

    private static Finding byAreas() {
        return new Finding(
                "WEIGHED_BY_AREAS",
                Severity.NOTE,
                Place.of(FrameStation.FRAME),
                Quantity.count(0),
                Limit.atLeast(Quantity.count(1)),
                Cure.advice("FRAME_NOT_SET_OUT", Quantity.count(1)));
    }

    private static List<pteron.core.stage.Part> parts(MakeUp makeUp, ByArea by) {
        AreaParts.PerArea mass =
                new AreaParts.PerArea(
                        mass(by.schools, Alternative.Part.FLOOR),
                        mass(by.schools, Alternative.Part.WALLS),
                        mass(by.schools, Alternative.Part.ROOF));
        return AreaParts.of(
                new AreaParts.Input(by.box, by.openings, makeUp, by.outline), by.areas, mass);
    }

    private static double mass(SideBySide schools, Alternative.Part part) {
        return schools.all().stream()
                .filter(school -> school.planned() && school.part() == part)
                .map(School::sums)
                .mapToDouble(sums -> sums.massKg())
                .findFirst()
                .orElseThrow();
    }
}
