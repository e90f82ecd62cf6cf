package pteron.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pteron.core.buildup.Framed;
import pteron.core.drawing.Drawing;
import pteron.core.edit.BoxEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.solid.Eye;
import pteron.core.solid.Peel;
import pteron.core.solid.SolidDrawing;

/** Time of the solid view: its body built anew, and one turn of it, beside a calibrating loop. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class SolidBenchmark {

    private static final int LOOPS = 1_000_000;

    private final BoxPlan plan = StartingPlans.of(OutlineStart.ROUND_TAIL);
    private final BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
    private final BoxPlan longer = BoxEdits.withLength(plan, 4350);
    private final SolidDrawing built = SolidDrawing.of(model, Peel.WHOLE);
    private final Peel open = Peel.WHOLE.with(Peel.Coat.OUTER_SKIN, false);
    private final BoxModel large = BoxModel.of(large(plan), MaterialLibrary.starting());
    private final SolidDrawing largeBuilt = SolidDrawing.of(large, Peel.WHOLE);
    private double turn;

    /** {@return a box with more than 300 members and 60 sheets} */
    private static BoxPlan large(BoxPlan plan) {
        MakeUp makeUp = plan.makeUp();
        return BoxEdits.withLength(
                plan.withMakeUp(
                        makeUp.withWalls(close(makeUp.walls())).withRoof(close(makeUp.roof()))),
                7200);
    }

    private static Framed close(Framed framed) {
        return framed.withMembers(framed.members().withSpacing(300));
    }

    /** {@return the round tail after its length was changed} */
    @Benchmark
    public BoxModel editOfABentBox() {
        return model.after(longer);
    }

    /** {@return its body with everything on} */
    @Benchmark
    public SolidDrawing body() {
        return SolidDrawing.of(model, Peel.WHOLE);
    }

    /** {@return its body without its outer skin, every member and every piece of foam in sight} */
    @Benchmark
    public SolidDrawing bodyWithoutSkin() {
        return SolidDrawing.of(model, open);
    }

    /** {@return the body of the large box, everything on} */
    @Benchmark
    public SolidDrawing bodyOfTheLargeBox() {
        return SolidDrawing.of(large, Peel.WHOLE);
    }

    /** {@return the shapes of the large box after a turn} */
    @Benchmark
    public Drawing largeBoxTurned() {
        turn += 5;
        return largeBuilt.seen(new Eye(turn, 18));
    }

    /** {@return its shapes after a turn} */
    @Benchmark
    public Drawing turned() {
        turn += 5;
        return built.seen(new Eye(turn, 18));
    }

    /** {@return a loop that tells how fast the machine is} */
    @Benchmark
    public double calibration() {
        double sum = turn;
        for (int i = 1; i <= LOOPS; i++) {
            sum += Math.sqrt(i);
        }
        return sum;
    }
}
