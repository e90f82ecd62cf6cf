package pteron.app.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pteron.core.edit.BoxEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.RecoveryFile;

/** What is kept besides the file. */
class KeepTest {

    private static final Duration OFTEN = Duration.ofMillis(20);

    @TempDir Path data;
    @TempDir Path plans;

    private interface Condition {
        boolean holds() throws Exception;
    }

    private static void await(Condition condition) throws Exception {
        Instant end = Instant.now().plusSeconds(20);
        while (!condition.holds()) {
            assertThat(Instant.now()).isBefore(end);
            Thread.sleep(10);
        }
    }

    private static BoxPlan longer(double mm) {
        return BoxEdits.withLength(StartingPlans.square(), mm);
    }

    @Test
    void earlierSaves_keepTwenty_newestFirst() throws Exception {
        EarlierSaves saves = new EarlierSaves(data);
        Path file = plans.resolve("a.json");
        Instant start = Instant.parse("2026-11-26T06:00:00Z");
        for (int n = 0; n < 25; n++) {
            saves.keep(longer(3000 + n), file, start.plusSeconds(n / 2));
        }
        List<EarlierSaves.Save> all = saves.all(file);
        assertThat(all).hasSize(EarlierSaves.MOST);
        assertThat(Files.readString(all.getFirst().copy())).isEqualTo(PlanFile.text(longer(3024)));
        assertThat(saves.all(plans.resolve("b.json"))).isEmpty();
    }

    @Test
    void openPlans_aSecondIsTold_byWhateverPath() throws Exception {
        Path file = plans.resolve("a.json");
        PlanFile.save(StartingPlans.square(), file);
        Path link = Files.createSymbolicLink(plans.resolve("link.json"), file);
        try (OpenPlans first = new OpenPlans(data);
                OpenPlans second = new OpenPlans(data)) {
            assertThat(first.open(file)).isTrue();
            assertThat(second.open(link)).isFalse();
            assertThat(first.open(plans.resolve("other.json"))).isTrue();
            assertThat(second.open(link)).isTrue();
        }
    }

    @Test
    void keeper_whereNothingCanBeWritten_saysSoOnce() throws Exception {
        Path full = Files.writeString(plans.resolve("no-folder"), "");
        List<Optional<String>> told = new CopyOnWriteArrayList<>();
        try (Keeper keeper =
                new Keeper(
                        new Recoveries(full),
                        OFTEN,
                        new Keeper.Listeners(own -> false, f -> {}, told::add))) {
            keeper.stands(longer(3100), true, Optional.empty(), Stamp.NONE);
            await(() -> !told.isEmpty());
            Thread.sleep(100);
            assertThat(told).singleElement().asString().contains("no-folder", ";");
            // the foot says so until it can be kept again
            Files.delete(full);
            await(() -> told.size() == 2);
            assertThat(told.getLast()).isEmpty();
        }
    }

    @Test
    void keeper_closed_leavesNothing_living_isNotOffered() throws Exception {
        Recoveries recoveries = new Recoveries(data);
        try (Keeper keeper =
                new Keeper(
                        recoveries, OFTEN, new Keeper.Listeners(own -> false, f -> {}, s -> {}))) {
            keeper.stands(longer(3200), true, Optional.empty(), Stamp.NONE);
            await(() -> Files.isDirectory(data.resolve("recovery")) && count() > 1);
            assertThat(recoveries.left()).isEmpty();
        }
        assertThat(count()).isZero();
    }

    private long count() throws Exception {
        try (var files = Files.list(data.resolve("recovery"))) {
            return files.count();
        }
    }

    /** A file that does not answer stops no keeping: here a pipe, and one that grew beyond all memory. */
    @Test
    void keeper_goesOn_whateverTheFileDoes() throws Exception {
        Path pipe = plans.resolve("pipe.json");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        Path grown = plans.resolve("grown.json");
        try (RandomAccessFile sparse = new RandomAccessFile(grown.toFile(), "rw")) {
            sparse.setLength(3L << 30);
        }
        for (Path file : List.of(pipe, grown)) {
            Recoveries recoveries = new Recoveries(data.resolve(file.getFileName().toString()));
            Path kept = data.resolve(file.getFileName().toString()).resolve("recovery");
            List<Path> others = new CopyOnWriteArrayList<>();
            try (Keeper keeper =
                    new Keeper(
                            recoveries,
                            OFTEN,
                            new Keeper.Listeners(own -> false, others::add, why -> {}))) {
                for (double length : new double[] {3100, 3200, 3300}) {
                    keeper.stands(longer(length), true, Optional.of(file), new Stamp("mine"));
                    await(() -> holds(kept, longer(length)));
                }
            }
            assertThat(others.size()).isEqualTo(file.equals(grown) ? 1 : 0);
        }
    }

    private static boolean holds(Path folder, BoxPlan plan) {
        if (!Files.isDirectory(folder)) {
            return false;
        }
        try (var files = Files.list(folder)) {
            for (Path file : files.filter(one -> one.toString().endsWith(".json")).toList()) {
                RecoveryFile kept = RecoveryFile.read(file);
                return kept.plan().equals(plan) && kept.known().equals("mine");
            }
            return false;
        } catch (Exception e) {
            return false;
        }
    }

    @Test
    void keeper_tellsOfOthers_onceForEachChange() throws Exception {
        Path file = plans.resolve("a.json");
        PlanFile.save(longer(3000), file);
        List<Path> told = new CopyOnWriteArrayList<>();
        List<Stamp> underway = new CopyOnWriteArrayList<>();
        try (Keeper keeper =
                new Keeper(
                        new Recoveries(data),
                        OFTEN,
                        new Keeper.Listeners(underway::contains, told::add, sentence -> {}))) {
            keeper.stands(longer(3000), false, Optional.of(file), Stamp.of(file));
            Thread.sleep(100);
            assertThat(told).isEmpty();
            underway.add(Stamp.of(PlanFile.text(longer(3222)).getBytes(StandardCharsets.UTF_8)));
            PlanFile.save(longer(3222), file);
            Thread.sleep(100);
            assertThat(told).as("written by this window itself").isEmpty();
            PlanFile.save(longer(3333), file);
            await(() -> told.size() == 1);
            Thread.sleep(100);
            assertThat(told).hasSize(1);
            Files.delete(file);
            Thread.sleep(100);
            PlanFile.save(longer(3444), file);
            await(() -> told.size() == 2);
        }
    }

    @Test
    void spoiltRecovery_isNoReasonToFail() throws Exception {
        Path recovery = Files.createDirectories(data.resolve("recovery"));
        Files.writeString(recovery.resolve("spoilt.json"), "{\"format\":");
        Files.writeString(recovery.resolve("other.json"), "[]");
        assertThat(new Recoveries(data).left()).isEmpty();
        assertThat(recovery.resolve("spoilt.json")).exists();
    }

    @Test
    void stamp_isByContent() throws Exception {
        Path file = plans.resolve("a");
        assertThat(Stamp.of(file)).isEqualTo(Stamp.NONE);
        Files.writeString(file, "one");
        Stamp one = Stamp.of(file);
        Files.writeString(file, "two");
        assertThat(Stamp.of(file)).isNotEqualTo(one);
        assertThat(Stamp.of("one".getBytes(StandardCharsets.UTF_8))).isEqualTo(one);
    }
}
