package pteron.bench;

import java.util.List;
import java.util.Optional;
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
import pteron.core.carrier.Carrier;
import pteron.core.carrier.CarrierStage;
import pteron.core.edit.BoxEdits;
import pteron.core.extent.Areas;
import pteron.core.extent.FrameShare;
import pteron.core.frame.Frame;
import pteron.core.glue.GlueStage;
import pteron.core.inside.Inside;
import pteron.core.inside.InsideStage;
import pteron.core.makeup.MakeUpStage;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.panel.PanelStage;
import pteron.core.plan.BoxPlan;
import pteron.core.school.SchoolStage;
import pteron.core.warmth.WarmthStage;
import pteron.exchange.demo.Demos;

/** Time of carrier, outline and make-up after an edit of the length, for every demo. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class StationsBenchmark {

    /** Which demo. */
    @Param({"Wagtail", "Dipper", "Siskin"})
    public String demo;

    private final MaterialLibrary library = MaterialLibrary.starting();
    private BoxPlan edited;
    private Optional<Frame> frame;

    /** Makes the edit. */
    @Setup
    public void edit() {
        BoxPlan plan =
                Demos.all().stream()
                        .filter(one -> one.name().equals(demo))
                        .findFirst()
                        .orElseThrow();
        edited = BoxEdits.withLength(plan, BoxEdits.length(plan) + 40);
        frame = BoxModel.of(plan, library).built().map(built -> built.frame());
    }

    /** {@return all that the three stations work out} */
    @Benchmark
    public List<Object> carrierOutlineMakeUp() {
        Outline outline = OutlineStage.of(edited.box(), library);
        Carrier carrier = CarrierStage.of(edited, outline);
        Inside inside = InsideStage.of(edited, outline);
        Areas areas = Areas.of(edited, outline);
        FrameShare share = FrameShare.of(edited.makeUp().walls(), edited.makeUp().roof(), frame);
        return List.of(
                carrier,
                MakeUpStage.of(edited.makeUp(), library),
                WarmthStage.of(edited, library, share, areas, inside.volumeM3()),
                GlueStage.of(edited.makeUp(), library, areas),
                PanelStage.of(edited, library, carrier, outline, inside),
                SchoolStage.of(edited.makeUp(), share, library));
    }
}
