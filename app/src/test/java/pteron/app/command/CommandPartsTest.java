package pteron.app.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;

class CommandPartsTest {

    @TempDir Path folder;

    @Test
    void pictureSize() {
        assertThat(PictureSize.parse("1280x800")).isEqualTo(new PictureSize(1280, 800));
        assertThat(PictureSize.parse("1600×900")).isEqualTo(new PictureSize(1600, 900));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "1280", "wide x high", "10x10", "1280x90000"})
    void pictureSize_illegalArguments(String text) {
        assertThatThrownBy(() -> PictureSize.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("like 1280x800");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left",
                "all",
                "carrier",
                "cutting",
                "make-up",
                "buy-and-cut",
                "3D",
                "frame/rear",
                "start"
            })
    void scenery_known(String name) {
        assertThatCode(() -> Scenery.check(name)).doesNotThrowAnyException();
    }

    @Test
    void scenery_unknown_listsWhatThereIs() {
        assertThatThrownBy(() -> Scenery.check("frame/moon"))
                .hasMessageContaining("moon")
                .hasMessageContaining("layers")
                .hasMessageContaining("rear");
    }

    @Test
    void planArgument_demoOrFile() throws Exception {
        assertThat(PlanArgument.read("demo")).isEqualTo(Demos.wagtail());
        assertThat(PlanArgument.file("demo")).isNull();
        Path file = folder.resolve("a.json");
        PlanFile.save(Demos.wagtail().withName("Mine"), file);
        assertThat(PlanArgument.read(file.toString()).name()).isEqualTo("Mine");
        assertThat(PlanArgument.file(file.toString())).isEqualTo(file);
    }

    /** What does not answer is named after a while, once; what answers in time is not. */
    @Test
    void waitingNotice() throws Exception {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
        try (WaitingNotice _ = new WaitingNotice(Path.of("pipe"), Duration.ofMillis(20), out)) {
            Thread.sleep(400);
        }
        assertThat(said.toString(StandardCharsets.UTF_8))
                .containsOnlyOnce("waiting for pipe")
                .contains("Ctrl+C");
        said.reset();
        new WaitingNotice(Path.of("file"), Duration.ofMillis(300), out).close();
        Thread.sleep(400);
        assertThat(said.size()).isZero();
    }

    /** The README names every verb. */
    @Test
    void readme_namesEveryVerb() throws Exception {
        String readme = Files.readString(Path.of("../README.md"));
        for (String verb :
                new String[] {
                    "demo", "open", "figures", "export", "shot", "reckon", "test", "bench"
                }) {
            assertThat(readme).contains("./pteron " + verb);
        }
    }
}
