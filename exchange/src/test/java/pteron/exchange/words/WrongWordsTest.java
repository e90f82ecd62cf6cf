package pteron.exchange.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.demo.Demos;

/** Phrases of {@code docs/words.md} that are wrong in every sense stand in no word file, figure, working or field. */
class WrongWordsTest {

    private static List<String> wrong() throws IOException {
        List<String> wrong =
                Files.readAllLines(Path.of("../docs/words.md")).stream()
                        .filter(line -> line.startsWith("| ") && !line.startsWith("| not |"))
                        .map(line -> line.split("\\|")[1].strip())
                        .toList();
        assertThat(wrong).hasSizeGreaterThan(25);
        return wrong;
    }

    private static Stream<String> lines(Path file) {
        try (Stream<String> lines = Files.lines(file)) {
            return lines
                    .filter(line -> line.contains("=") && !line.startsWith("#"))
                    .map(line -> file + ": " + line.substring(line.indexOf('=')))
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void wordFiles_sayNoneOfThem() throws IOException {
        List<String> said;
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            said =
                    files.filter(file -> file.toString().contains("src/main/resources"))
                            .filter(file -> file.toString().endsWith(".properties"))
                            .flatMap(WrongWordsTest::lines)
                            .toList();
        }
        assertThat(said).hasSizeGreaterThan(300);
        assertNone(said);
    }

    @Test
    void figuresOfTheDemos_sayNoneOfThem() throws IOException {
        for (BoxPlan plan : Demos.all()) {
            BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
            List<String> said =
                    model.figures().stream()
                            .flatMap(
                                    figure ->
                                            Stream.concat(
                                                    Stream.of(figure.name()), working(figure)))
                            .toList();
            assertNone(said);
            assertNone(
                    model.findings().stream()
                            .map(finding -> FindingWords.sentence(finding, plan))
                            .toList());
        }
    }

    private static Stream<String> working(Figure figure) {
        return WorkingWords.lines(figure, UnitSystem.METRIC).stream();
    }

    private static void assertNone(List<String> said) throws IOException {
        List<String> wrong = wrong();
        assertThat(said)
                .filteredOn(
                        line -> wrong.stream().anyMatch(line.toLowerCase(Locale.ROOT)::contains))
                .isEmpty();
    }
}
