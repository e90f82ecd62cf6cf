package pteron.app.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pteron.core.edit.BoxEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.exchange.file.WholeFile;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.RecoveryFile;

/**
 * Processes killed at random moments while they edit and save: file and recovery file are whole, and together
 * they hold every edit older than the keeper's promise. The keeper looks twenty times as often as in the window, and
 * is held to a tenth of the five seconds.
 */
class PowerCutTest {

    /** Kills; {@code -Dpteron.kills=200} for a longer search. */
    private static final int KILLS = Integer.getInteger("pteron.kills", 20);

    private static final Duration EVERY = Keeper.USUAL.dividedBy(20);
    private static final long PROMISE_MS = 500;

    /** A process's breath on a loaded machine, on top of the promise (ms). */
    private static final long BREATH_MS = 400;

    @TempDir Path folder;

    /** Edits the length of a box again and again, tells each edit, and saves now and then. */
    public static void main(String[] words) throws Exception {
        Path data = Path.of(words[0]);
        Path file = Path.of(words[1]);
        Random random = new Random(Long.parseLong(words[2]));
        Keeper keeper =
                new Keeper(
                        new Recoveries(data),
                        EVERY,
                        new Keeper.Listeners(
                                own -> true,
                                changed -> {},
                                why -> {
                                    throw new IllegalStateException(why.toString());
                                }));
        BoxPlan saved = StartingPlans.square();
        PlanFile.save(saved, file);
        for (int edit = 1; ; edit++) {
            BoxPlan plan = edited(edit);
            keeper.stands(plan, true, Optional.of(file), Stamp.of(file));
            System.out.println(edit);
            Thread.sleep(random.nextInt(40));
            if (random.nextInt(12) == 0) {
                PlanFile.save(plan, file);
                keeper.stands(plan, false, Optional.of(file), Stamp.of(file));
                Thread.sleep(random.nextInt(250));
            }
        }
    }

    private static BoxPlan edited(int number) {
        return BoxEdits.withLength(StartingPlans.square(), 3000 + number * 0.1);
    }

    private static int number(BoxPlan plan) {
        return (int) Math.round((BoxEdits.length(plan) - 3000) / 0.1);
    }

    @Test
    void killedAtRandomMoments() throws Exception {
        int recovered = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            recovered += killed(kill) ? 1 : 0;
        }
        // the kills must reach what they are meant to: many of them between an edit and its saving
        assertThat(recovered).isGreaterThan(KILLS / 4);
    }

    private boolean killed(int seed) throws Exception {
        Path data = folder.resolve("data" + seed);
        Path file = Files.createDirectories(folder.resolve("plans" + seed)).resolve("plan.json");
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-XX:TieredStopAtLevel=1",
                                "-XX:+UseSerialGC",
                                "-cp",
                                System.getProperty("java.class.path"),
                                PowerCutTest.class.getName(),
                                data.toString(),
                                file.toString(),
                                Integer.toString(seed))
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .start();
        Map<Integer, Long> told = new ConcurrentHashMap<>();
        AtomicInteger last = new AtomicInteger();
        Thread listener = Thread.ofVirtual().start(() -> listen(process, told, last));
        while (last.get() == 0 && process.isAlive()) {
            Thread.sleep(5);
        }
        Thread.sleep(900 + new Random(seed).nextInt(900));
        long now = System.nanoTime();
        process.destroyForcibly();
        assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
        listener.join();
        int owed = owed(told, now);
        Recoveries recoveries = new Recoveries(data);
        List<Recoveries.Left> left = recoveries.left();
        WholeFile.tidy(file.getParent());
        int inFile = number(PlanFile.read(file, MaterialLibrary.starting()));
        int kept = left.stream().mapToInt(one -> number(one.kept().plan())).max().orElse(0);
        assertThat(Math.max(inFile, kept))
                .as("kill %d, of %d edits", seed, last.get())
                .isGreaterThanOrEqualTo(owed);
        assertThat(unreadable(data)).isZero();
        assertThat(parts(folder)).as("kill %d", seed).isEmpty();
        return kept > inFile;
    }

    private static void listen(Process process, Map<Integer, Long> told, AtomicInteger last) {
        try (BufferedReader lines =
                new BufferedReader(
                        new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            String line;
            while ((line = lines.readLine()) != null) {
                int edit = Integer.parseInt(line);
                told.put(edit, System.nanoTime());
                last.set(edit);
            }
        } catch (IOException | NumberFormatException e) {
            // the pipe of a killed process may break off in a number
        }
    }

    /** {@return the newest edit that was old enough to have been kept} */
    private static int owed(Map<Integer, Long> told, long now) {
        long since = now - TimeUnit.MILLISECONDS.toNanos(PROMISE_MS + BREATH_MS);
        return told.entrySet().stream()
                .filter(edit -> edit.getValue() < since)
                .mapToInt(Map.Entry::getKey)
                .max()
                .orElse(0);
    }

    private static int unreadable(Path data) throws IOException {
        int unreadable = 0;
        Path recovery = data.resolve("recovery");
        if (!Files.isDirectory(recovery)) {
            return 0;
        }
        try (Stream<Path> files = Files.list(recovery)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".json")).toList()) {
                try {
                    RecoveryFile.read(file);
                } catch (Exception e) {
                    unreadable++;
                }
            }
        }
        return unreadable;
    }

    private static List<Path> parts(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(f -> f.toString().endsWith(".part")).toList();
        }
    }
}
