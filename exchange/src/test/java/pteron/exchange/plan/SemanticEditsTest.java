package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.carrier.CarrierStation;
import pteron.core.cure.CureTrial;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.View;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.PartitionEdits;
import pteron.core.edit.SchemeEdits;
import pteron.core.edit.VehicleEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.UnitShelf;
import pteron.core.placing.WallRoom;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Partition;
import pteron.core.plan.Wall;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.demo.Demos;
import pteron.exchange.export.Exports;
import pteron.exchange.pdf.Paper;

/**
 * What the reader lets through is worked out, drawn, told and exported: plans after edits that mean something, one after the
 * other, without regard to what they do to each other.
 */
class SemanticEditsTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** Plans; {@code -Dpteron.plans=5000} for a longer search. */
    private static final int PLANS = Integer.getInteger("pteron.plans", 100);

    @TempDir Path folder;

    private static <T> T any(Random random, List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private static double between(Random random, double least, double most) {
        return Math.rint(least + random.nextDouble() * (most - least));
    }

    private static Framed framed(Random random, Framed old) {
        return SchemeEdits.switched(
                old, any(random, List.of(Framed.Scheme.values())), LIBRARY, UnitSystem.METRIC);
    }

    private static BoxPlan unit(Random random, BoxPlan plan) {
        Wall wall = any(random, WallRoom.walls(plan));
        return OpeningEdits.added(plan, any(random, UnitShelf.UNITS), wall);
    }

    private static BoxPlan anywhere(Random random, BoxPlan plan) {
        if (plan.openings().isEmpty()) {
            return plan;
        }
        return OpeningEdits.moved(
                plan,
                List.of(any(random, plan.openings()).id()),
                between(random, -3000, 3000),
                between(random, -1500, 1500));
    }

    private static List<UnaryOperator<BoxPlan>> edits(Random random) {
        return List.of(
                plan -> BoxEdits.withLength(plan, between(random, 1200, 9000)),
                plan -> BoxEdits.withHeight(plan, between(random, 900, 3500)),
                plan -> plan.withBox(plan.box().withWidth(between(random, 900, 3000))),
                plan -> plan.withBox(plan.box().withOffset(between(random, -3000, 4000))),
                plan -> OutlineTools.startedFrom(plan, any(random, List.of(OutlineStart.values()))),
                plan -> OutlineTools.arc(plan, 1 + random.nextInt(4)),
                plan -> OutlineTools.batten(plan, 1 + random.nextInt(4)),
                plan -> OutlineTools.withWheelArch(plan),
                plan -> OutlineTools.withDropFloor(plan),
                plan -> OutlineTools.withWings(plan),
                plan -> OutlineTools.withCrown(plan),
                plan -> OutlineTools.withDripEdge(plan),
                plan -> unit(random, plan),
                plan -> unit(random, unit(random, plan)),
                plan -> anywhere(random, plan),
                plan -> PartitionEdits.added(plan, any(random, List.of(Partition.Run.values()))),
                plan ->
                        plan.withMakeUp(
                                plan.makeUp().withWalls(framed(random, plan.makeUp().walls()))),
                plan ->
                        plan.withMakeUp(
                                plan.makeUp().withRoof(framed(random, plan.makeUp().roof()))),
                plan ->
                        plan.withMakeUp(
                                plan.makeUp()
                                        .withFloor(
                                                plan.makeUp()
                                                        .floor()
                                                        .withSchool(
                                                                any(
                                                                        random,
                                                                        List.of(
                                                                                Floor.School
                                                                                        .values()))))),
                plan ->
                        plan.withMakeUp(
                                plan.makeUp()
                                        .withAssembly(
                                                plan.makeUp()
                                                        .assembly()
                                                        .withCorners(
                                                                any(
                                                                        random,
                                                                        List.of(
                                                                                Assembly.Corners
                                                                                        .values()))))),
                VehicleEdits::withHump,
                VehicleEdits::withTank,
                VehicleEdits::withWheelBox,
                VehicleEdits::withCrossMember,
                VehicleEdits::withoutCrossMember);
    }

    /** An edit that goes out of a range, or that a plan does not take, is refused with a sentence. */
    private static BoxPlan edited(BoxPlan plan, Random random, List<Integer> done) {
        List<UnaryOperator<BoxPlan>> edits = edits(random);
        int which = random.nextInt(edits.size());
        done.add(which);
        try {
            return edits.get(which).apply(plan);
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).isNotBlank();
            return plan;
        }
    }

    @Test
    void whateverIsEdited_isToldDrawnAndExported() throws IOException {
        int exported = 0;
        for (int seed = 0; seed < PLANS; seed++) {
            Random random = new Random(seed);
            BoxPlan plan = any(random, Demos.all());
            List<Integer> done = new ArrayList<>();
            for (int n = 1 + random.nextInt(6); n > 0; n--) {
                plan = edited(plan, random, done);
            }
            exported += answers(plan, "%s %d %s".formatted(plan.name(), seed, done)) ? 1 : 0;
        }
        System.out.printf("%d of %d plans exported%n", exported, PLANS);
        assertThat(exported).isGreaterThan(PLANS * 3 / 4);
    }

    private boolean answers(BoxPlan plan, String told) throws IOException {
        try {
            assertThat(read(PlanFile.text(plan))).as(told).isEqualTo(plan);
            BoxModel model = BoxModel.of(plan, LIBRARY);
            CureTrial.findings(model);
            model.figures().forEach(figure -> figure.working());
            for (View view : View.values()) {
                Exports.view(
                        model,
                        Drawings.of(model, view, CarrierStation.CARRIER, ""),
                        "svg",
                        Paper.A4);
            }
            BarCutting bars =
                    BarCutting.of(model.members(), plan.supplies(), best -> {}, () -> true);
            Path out = folder.resolve("out");
            Exports.write(model, bars, new Exports.Order(out, Exports.KINDS, Paper.A4));
            empty(out);
            return true;
        } catch (IllegalArgumentException e) {
            if (e.getMessage() == null
                    || !e.getMessage().startsWith("this plan cannot be worked out")) {
                throw new AssertionError(told, e);
            }
            return false;
        } catch (RuntimeException | PlanFormatException e) {
            throw new AssertionError(told, e);
        }
    }

    private static BoxPlan read(String text) throws IOException, PlanFormatException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), LIBRARY);
    }

    private static void empty(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }
}
