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
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.edit.BoxEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** Time of one whole evaluation of the demo, of one edit, of its drawing and of its cutting. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class EvaluationBenchmark {

    private final BoxPlan plan = Demos.wagtail();
    private final BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
    private final BoxPlan longer = BoxEdits.withLength(plan, 4350);
    private final BoxPlan moved = plan.withBox(plan.box().withOffset(60));

    /** {@return the demo worked out from nothing} */
    @Benchmark
    public BoxModel wholeEvaluation() {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    /** {@return the demo after its length was changed, which touches every stage} */
    @Benchmark
    public BoxModel editOfTheLength() {
        return model.after(longer);
    }

    /** {@return the demo after the box was moved on the deck, which keeps frame and sheets} */
    @Benchmark
    public BoxModel editOfThePlace() {
        return model.after(moved);
    }

    /** {@return the left elevation} */
    @Benchmark
    public Drawing drawing() {
        return Drawings.of(model, View.LEFT, OpeningStation.OPENINGS, "");
    }

    /** {@return the bars, which are cut beside} */
    @Benchmark
    public BarCutting cutting() {
        return BarCutting.of(model.members(), plan.supplies());
    }
}
