package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.exchange.demo.Demos;

class PlanFileTest {

    @TempDir Path folder;

    private static BoxPlan read(String text) throws PlanFormatException, IOException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    private static String demo() {
        return PlanFile.text(Demos.wagtail());
    }

    static Stream<Arguments> brokenFiles() {
        return Stream.of(
                broken("unknown field", "\"purpose\"", "\"reason\"", "purpose: is missing"),
                broken(
                        "one field too many",
                        "\"kerfMm\" : 3",
                        "\"kerfMm\" : 3, \"blade\" : 2",
                        "supplies.blade: is no field that Pteron knows here"),
                broken(
                        "wrong type",
                        "\"widthMm\" : 2050",
                        "\"widthMm\" : \"2050\"",
                        "box.widthMm: is \"2050\" and must be a number in mm"),
                broken(
                        "out of range",
                        "\"widthMm\" : 2050",
                        "\"widthMm\" : 20",
                        "box.widthMm: is 20 mm and must be from 600 to 3\u2009500 mm"),
                broken(
                        "newer version",
                        "\"version\" : 8",
                        "\"version\" : 9",
                        "version: is 9 and this Pteron reads up to 8"),
                broken(
                        "another format",
                        "pteron-plan",
                        "shopping-list",
                        "format: is “shopping-list”"),
                broken(
                        "unknown material",
                        "\"material\" : \"xps\"",
                        "\"material\" : \"unobtainium\"",
                        "makeUp.floor.core.material: is “unobtainium”"),
                broken(
                        "unknown choice",
                        "\"wall\" : \"right\"",
                        "\"wall\" : \"attic\"",
                        "openings[3].wall: is “attic” and must be one of left, right, front, nose"),
                broken("an id twice", "\"window-a\"", "\"window-b\"", "openings share an id"),
                broken(
                        "axles out of order",
                        "\"placeMm\" : 2330",
                        "\"placeMm\" : 3900",
                        "axles: [3150.0] mm does not lie behind [3900.0] mm"),
                broken(
                        "an axle out of range",
                        "\"placeMm\" : 2330",
                        "\"placeMm\" : -9000",
                        "vehicle.gear.axles[0].placeMm: is -9000 mm"),
                broken("JSON breaks off", "\"loads\" : {", "\"loads\" : ", "line "),
                broken(
                        "the same field twice",
                        "\"kerfMm\" : 3",
                        "\"kerfMm\" : 3, \"kerfMm\" : 4",
                        "line "),
                broken("a list for an object", "\"drawbar\" : {", "\"drawbar\" : [{", "line "),
                broken("no name", "\"Wagtail\"", "\" \"", "name is empty"));
    }

    private static Arguments broken(String what, String old, String with, String sentence) {
        return Arguments.of(what, old, with, sentence);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("brokenFiles")
    void read_brokenFile_saysPlaceAndCure(String what, String old, String with, String sentence) {
        String text = demo();
        assertThat(text).contains(old);
        String broken = text.replaceFirst(Pattern.quote(old), Matcher.quoteReplacement(with));
        assertThatThrownBy(() -> read(broken))
                .isInstanceOf(PlanFormatException.class)
                .hasMessageContaining(sentence)
                .message()
                .doesNotContain("\n")
                .doesNotContain("Exception");
    }

    @Test
    void read_notJson_empty_list_null() {
        for (String text : new String[] {"", "box", "[]", "null", "{}", "{\"format\":1}"}) {
            assertThatThrownBy(() -> read(text)).as(text).isInstanceOf(PlanFormatException.class);
        }
    }

    @Test
    void read_missingFile_folder() {
        assertThatThrownBy(
                        () ->
                                PlanFile.read(
                                        folder.resolve("none.json"), MaterialLibrary.starting()))
                .isInstanceOf(PlanFormatException.class)
                .hasMessageContaining("does not exist");
        assertThatThrownBy(() -> PlanFile.read(folder, MaterialLibrary.starting()))
                .hasMessageContaining("is a folder");
    }

    @Test
    void save_readAgain_equal() throws Exception {
        Path file = folder.resolve("wagtail.json");
        PlanFile.save(Demos.wagtail(), file);
        assertThat(PlanFile.read(file, MaterialLibrary.starting())).isEqualTo(Demos.wagtail());
        assertThat(Files.readString(file)).endsWith("}\n").contains("\"lengthMm\" : 4320,");
    }

    @Test
    void save_overAnOldFile_leavesNoRest() throws Exception {
        Path file = folder.resolve("plan.json");
        Files.writeString(file, "old");
        PlanFile.save(StartingPlans.square(), file);
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactly(file);
        }
        assertThat(PlanFile.read(file, MaterialLibrary.starting()))
                .isEqualTo(StartingPlans.square());
    }

    @Test
    void save_whereThereIsNoFolder_oldFileStands() {
        assertThatThrownBy(
                        () ->
                                PlanFile.save(
                                        StartingPlans.square(), folder.resolve("no/where.json")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is no folder");
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 100, seed = "20261126")
    void text_readAgain_equal(@ForAll("plans") BoxPlan plan) throws Exception {
        assertThat(read(PlanFile.text(plan))).isEqualTo(plan);
    }

    private static PlanFormatException refusal(String text) {
        return catchThrowableOfType(PlanFormatException.class, () -> read(text));
    }

    /** No parser's words, whatever is wrong: a place or what the file is, and a cure. */
    @Test
    void read_spoiltFiles_haveASentence() {
        assertThat(refusal("")).hasMessageContaining("empty");
        assertThat(refusal(" \n ")).hasMessageContaining("empty");
        assertThat(refusal(demo().substring(0, 900))).hasMessageContaining("breaks off");
        assertThat(refusal(demo().replace("\"metric\"", "metric")))
                .hasMessageContaining("line 6")
                .hasMessageContaining("metric");
        assertThat(refusal("[".repeat(5000))).hasMessageContaining("longer or deeper");
        assertThat(refusal(demo().replace("\"version\" : 8", "\"version\" : 1.5")))
                .hasMessageContaining("version: is 1.5 and must be a whole number");
        String long5 = "x".repeat(5_000_000);
        for (String name : new String[] {"Wagtail", "birch-ply", "metric", "trailer"}) {
            PlanFormatException e =
                    refusal(demo().replace("\"" + name + "\"", "\"" + long5 + "\""));
            assertThat(e.getMessage().length()).as(name).isLessThan(400);
        }
        for (String text :
                new String[] {"", "{", "{\"a\":tru}", "\u0000", demo().substring(0, 900)}) {
            assertThat(refusal(text).getMessage())
                    .as(text)
                    .contains(";")
                    .doesNotContainIgnoringCase("token")
                    .doesNotContainIgnoringCase("Unexpected")
                    .doesNotContain("Exception")
                    .doesNotContain("ObjectMapper");
        }
    }

    /** Saved and read again is equal, minus zero too. */
    @Test
    void minusZero_comesBack() throws Exception {
        BoxPlan plan = Demos.wagtail();
        BoxPlan odd = plan.withBox(plan.box().withOffset(-0.0));
        odd = odd.withOpening("door", o -> o.withPlace(new Opening.Place(3180, -0.0)));
        odd = odd.withSupplies(odd.supplies().withEndTrim(-0.0));
        assertThat(odd).isNotEqualTo(plan);
        assertThat(read(PlanFile.text(odd))).isEqualTo(odd);
    }
}
