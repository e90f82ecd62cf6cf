package pteron.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;
import pteron.core.edit.BoxEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.exchange.demo.Demos;

/** Edits of each demo and of the largest plan, half of them and 95 of 100 as quick, beside a fixed sum. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 3)
public class EditBenchmark {

    private static final long TOKENS = 1_000_000;

    /** Which plan. */
    @Param({"Wagtail", "Dipper", "Siskin", "Plover", "Largest"})
    public String plan;

    private BoxModel model;
    private BoxPlan longer;
    private BoxPlan moved;
    private BoxPlan shifted;

    /** Works the plan out and makes the edits. */
    @Setup
    public void edits() {
        BoxPlan base =
                Demos.all().stream()
                        .filter(one -> one.name().equals(plan))
                        .findFirst()
                        .orElseGet(LargestPlan::make);
        model = BoxModel.of(base, MaterialLibrary.starting());
        longer = BoxEdits.withLength(base, BoxEdits.length(base) - 10);
        Opening first = base.openings().getFirst();
        moved =
                base.withOpening(
                        first.id(),
                        one ->
                                one.withPlace(
                                        new Opening.Place(
                                                one.place().alongMm() + 5, one.place().sillMm())));
        shifted = base.withBox(base.box().withOffset(base.box().offsetMm() + 10));
    }

    /** {@return the model after an edit of the length, which touches every stage} */
    @Benchmark
    public BoxModel length() {
        return model.after(longer);
    }

    /** {@return the model after one opening was moved} */
    @Benchmark
    public BoxModel opening() {
        return model.after(moved);
    }

    /** {@return the model after the box was moved on the deck} */
    @Benchmark
    public BoxModel place() {
        return model.after(shifted);
    }

    /** {@return the plan worked out from nothing} */
    @Benchmark
    public BoxModel fromNothing() {
        return BoxModel.of(model.plan(), MaterialLibrary.starting());
    }

    /** A fixed sum, by which machines can be compared. */
    @Benchmark
    public void calibration() {
        Blackhole.consumeCPU(TOKENS);
    }
}
