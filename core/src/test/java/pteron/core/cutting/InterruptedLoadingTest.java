package pteron.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.plan.Saw;

/** Whoever is interrupted while the solvers are loaded does not spoil them for those who come after. */
class InterruptedLoadingTest {

    private static final int BARS = 20;

    /** Twenty bars, each cut into three parts at random: what only the solvers put together again. */
    private static CuttingJob job() {
        Random random = new Random(60);
        List<CutPart> parts = new ArrayList<>();
        for (int bar = 0; bar < BARS; bar++) {
            double first = 380 + random.nextInt(110);
            double second = 250 + random.nextInt((int) (1000 - first) / 2 - 250);
            for (double length : new double[] {first, second, 1000 - first - second}) {
                parts.add(new CutPart("part " + parts.size(), length));
            }
        }
        return new CuttingJob(parts, List.of(1000.0), Saw.of(0));
    }

    /** Interrupts a cutting after so many milliseconds, then cuts in peace and tells the number of bars. */
    public static void main(String[] words) throws Exception {
        Thread first = new Thread(() -> CuttingStage.of(job()));
        first.start();
        Thread.sleep(Integer.parseInt(words[0]));
        first.interrupt();
        first.join();
        System.out.println("bars " + CuttingStage.of(job()).bars().size());
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 80, 150, 300})
    void interruptedLoading_isMadeGood(int afterMs) throws Exception {
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-XX:TieredStopAtLevel=1",
                                "--enable-native-access=ALL-UNNAMED",
                                "-cp",
                                System.getProperty("java.class.path"),
                                InterruptedLoadingTest.class.getName(),
                                Integer.toString(afterMs))
                        .redirectErrorStream(true)
                        .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        assertThat(said).contains("bars " + BARS).doesNotContain("Exception", "Error");
    }
}
