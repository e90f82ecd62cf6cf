package pteron.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.RandomAccessFile;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.material.MaterialLibrary;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;

class CommandLineTest {

    @TempDir Path folder;

    private record Run(int status, String out, String err) {}

    private static Run run(String... words) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = PteronCommand.run(new PrintWriter(out), new PrintWriter(err), words);
        return new Run(status, out.toString(), err.toString());
    }

    private static void assertBadInput(Run run, String sentence) {
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err()).startsWith("pteron: ").contains(sentence);
        assertThat(run.err().lines()).hasSize(1);
    }

    @Test
    void figures_demoAndFile_areTheSame() throws Exception {
        Path file = folder.resolve("plan.json");
        PlanFile.save(Demos.wagtail(), file);
        Run demo = run("figures", "demo");
        assertThat(demo.status()).isZero();
        assertThat(run("figures", file.toString()).out()).isEqualTo(demo.out());
        JsonNode root = new ObjectMapper().readTree(demo.out());
        assertThat(root.at("/figures/balance.total-mass/unit").textValue()).isEqualTo("kg");
    }

    /** The plan that the start screen would make, without a window; what is wrong is told in one line. */
    @Test
    void newPlan_isWritten() throws Exception {
        Path file = folder.resolve("mine.json");
        Run run =
                run(
                        "new",
                        "raked-nose",
                        "--carrier",
                        "trailer",
                        "--length",
                        "3.9 m",
                        "--to",
                        file.toString());
        assertThat(run.status()).isZero();
        assertThat(run.out()).contains("long");
        assertThat(run("figures", file.toString()).status()).isZero();
        assertBadInput(run("new", "square", "--to", file.toString()), "--force");
        Path other = folder.resolve("other.json");
        assertBadInput(
                run("new", "over-cab", "--carrier", "trailer", "--to", other.toString()),
                "needs a cab");
        assertBadInput(run("new", "round", "--to", other.toString()), "choose one of square");
        for (String kind : new String[] {"pickup", "flatbed", "cab-chassis"}) {
            assertThat(
                            run(
                                            "new",
                                            "over-cab",
                                            "--carrier",
                                            kind,
                                            "--inches",
                                            "--force",
                                            "--to",
                                            other.toString())
                                    .status())
                    .isZero();
        }
    }

    @Test
    void export_oneView() throws Exception {
        Path out = folder.resolve("views");
        Run run = run("export", "demo", "--to", out.toString(), "--view", "skins/left");
        assertThat(run.status()).isZero();
        assertThat(Files.readString(out.resolve("wagtail-left.svg"))).startsWith("<svg");
        assertBadInput(
                run("export", "demo", "--to", out.toString(), "--view", "skins/left"), "--force");
        assertThat(
                        run(
                                        "export",
                                        "demo",
                                        "--to",
                                        out.toString(),
                                        "--view",
                                        "frame/rear",
                                        "--only",
                                        "pdf")
                                .status())
                .isZero();
        assertBadInput(
                run("export", "demo", "--to", out.toString(), "--view", "moon"), "station/view");
    }

    /** Each verb prints its own help, with an example; a refusal tells where help is. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "demo",
                "open",
                "new",
                "figures",
                "export",
                "shot",
                "reckon",
                "materials",
                "uprights"
            })
    void help_ofEachVerb(String verb) {
        Run run = run(verb, "--help");
        assertThat(run.status()).isZero();
        assertThat(run.out())
                .startsWith("Usage: pteron " + verb)
                .contains("Example:", "./pteron " + verb);
        assertBadInput(run(verb, "--moon"), "./pteron " + verb + " --help shows how");
    }

    /** Views that are none, links that lead out, devices, and files that have a demo's name. */
    @Test
    void nothingIsWrittenOverUnasked() throws Exception {
        for (String view : new String[] {"/", "//", "skins/", "/left", ""}) {
            assertBadInput(
                    run("export", "demo", "--to", folder.toString(), "--view", view), "--view ");
        }
        Path outside = Files.writeString(folder.resolve("precious.txt"), "mine");
        Path out = Files.createDirectories(folder.resolve("linked"));
        Files.createSymbolicLink(out.resolve("wagtail-figures.json"), outside);
        assertBadInput(run("export", "demo", "--to", out.toString(), "--only", "json"), "--force");
        assertBadInput(
                run("export", "demo", "--to", out.toString(), "--only", "json", "--force"),
                "is a link to");
        Path dangling = Files.createDirectories(folder.resolve("dangling"));
        Files.createSymbolicLink(
                dangling.resolve("wagtail-left.svg"), folder.resolve("nowhere.svg"));
        assertBadInput(
                run("export", "demo", "--to", dangling.toString(), "--view", "skins/left"),
                "--force");
        assertThat(folder.resolve("nowhere.svg")).doesNotExist();
        assertThat(Files.readString(outside)).isEqualTo("mine");
        assertBadInput(run("new", "square", "--force", "--to", "/dev/null"), "is a device");
        assertBadInput(
                run("materials", "--from", outside.toString(), "--into", "wagtail"),
                "is a demo, not a file");
    }

    /** Escape sequences of a plan and of what is typed do not reach the terminal; texts have their length. */
    @Test
    void marksAndLongTexts_areRefused() throws Exception {
        Path file = folder.resolve("named.json");
        assertBadInput(
                run("new", "square", "--name", "x".repeat(1001), "--to", file.toString()),
                "may have 1000; shorten it");
        assertBadInput(
                run("new", "square", "--name", "box\u202Exob", "--to", file.toString()), "U+202E");
        assertThat(file).doesNotExist();
        Run run = run("figures", folder.resolve("no\u001b[31m.json").toString());
        assertThat(run.err()).doesNotContain("\u001b").contains("does not exist");
        PlanFile.save(Demos.wagtail(), file);
        Files.writeString(
                file,
                Files.readString(file).replace("\"Wagtail\"", "\"Wag\\u001b[2J\\u202Etail\""));
        assertThat(run("figures", file.toString()).out()).doesNotContain("\u001b", "\u202E");
    }

    /** A table of gigabytes is refused by its size. */
    @Test
    void materials_tooLarge() throws Exception {
        Path plan = folder.resolve("plan.json");
        PlanFile.save(Demos.wagtail(), plan);
        Path table = folder.resolve("huge.csv");
        try (RandomAccessFile sparse = new RandomAccessFile(table.toFile(), "rw")) {
            sparse.setLength(3L << 30);
        }
        assertBadInput(
                run("materials", "--from", table.toString(), "--into", plan.toString()),
                "a table of materials may have 20");
    }

    @Test
    void figures_working() {
        Run run = run("figures", "demo", "--working", "balance.coupler-share");
        assertThat(run.status()).isZero();
        assertThat(run.out()).contains("share = 100 · R / m", "Source: band 10 to 15 %");
        assertThat(run("figures", "demo", "--working", "cutting.bound").out()).contains("Gilmore");
        assertBadInput(
                run("figures", "demo", "--working", "balance.colour"),
                "balance.colour: no such figure");
    }

    /** Ten kinds of broken files, each told in one line that names the place. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"widthMm\" : 2050|\"widthMm\" : 20|box.widthMm",
                "\"widthMm\" : 2050|\"widthMm\" : \"wide\"|box.widthMm",
                "\"offsetMm\" : 10|\"offsetMM\" : 10|box.offset",
                "\"version\" : 8|\"version\" : 9|version",
                "\"pteron-plan\"|\"plan\"|format",
                "\"birch-ply\"|\"oak-ply\"|makeUp.floor.topFace.material",
                "\"kind\" : \"door\"|\"kind\" : \"gate\"|openings[2].kind",
                "\"units\" : \"metric\"|\"units\" : \"cubits\"|units",
                "\"window-b\"|\"window-a\"|openings share an id",
                "\"box\" : {|\"box\" : |line",
                "3150|1000|axles"
            })
    void figures_brokenFile(String old, String with, String place) throws Exception {
        Path file = folder.resolve("broken.json");
        String text = PlanFile.text(Demos.wagtail());
        assertThat(text).contains(old);
        Files.writeString(file, text.replace(old, with));
        String before = Files.readString(file);
        assertBadInput(run("figures", file.toString()), place);
        assertBadInput(
                run("export", file.toString(), "--to", folder.resolve("out").toString()), place);
        assertThat(Files.readString(file)).isEqualTo(before);
        assertThat(folder.resolve("out")).doesNotExist();
    }

    @Test
    void badWords() {
        assertBadInput(run("figures", folder.resolve("none.json").toString()), "does not exist");
        assertBadInput(run("figures"), "FILE");
        assertBadInput(run("fly"), "fly");
        assertBadInput(run("export", "demo"), "--to");
        assertBadInput(run("export", "demo", "--to", folder.toString(), "--only", "dwg"), "[dwg]");
        assertBadInput(run("shot", "demo", "--out", "x.png", "--view", "moon"), "--view moon");
        assertBadInput(run("shot", "demo", "--out", "x.png", "--size", "10"), "--size 10");
        assertBadInput(run("shot", "demo", "--out", "x.png", "--theme", "pink"), "--theme pink");
    }

    /** Whatever is odd is told in one sentence with a cure, never with a parser's or a system's words. */
    @Test
    void oddFilesAndWords_areTold() throws Exception {
        assertBadInput(run("shot", "demo", "--out", "x.png", "--view", "/"), "--view ");
        assertBadInput(run("shot", "demo", "--out", "x.png", "--size", "99999x1"), "4000x4000");
        assertBadInput(run("shot", "demo", "--out", "x.png", "--size", "1280x800x3"), "1280x800");
        assertBadInput(run("figures", folder.toString()), "is a folder");
        Path empty = Files.writeString(folder.resolve("empty.json"), "");
        assertBadInput(run("figures", empty.toString()), "the file is empty");
        Path tooLong = Files.writeString(folder.resolve("long.json"), "x".repeat(5_000_000));
        Run told = run("figures", tooLong.toString());
        assertBadInput(told, "line 1");
        assertThat(told.err()).hasSizeLessThan(300).doesNotContain("token");
        assertBadInput(run("figures", "x".repeat(300) + ".json"), "too long");
        assertBadInput(run("figures", "a\0b.json"), "a name without special characters");
        Path plan = folder.resolve("into.json");
        PlanFile.save(Demos.wagtail(), plan);
        assertBadInput(
                run(
                        "materials",
                        "--from",
                        folder.resolve("no.csv").toString(),
                        "--into",
                        plan.toString()),
                "does not exist");
        assertBadInput(run("reckon", "glue", "coats=1.5"), "whole number");
    }

    /** What is there is not written over unasked; names in any letters are kept apart. */
    @Test
    void export_asksForForce() throws Exception {
        Path out = folder.resolve("Wörk 小");
        Run first = run("export", "demo", "--to", out.toString(), "--only", "csv");
        assertThat(first.status()).isZero();
        assertBadInput(
                run("export", "demo", "--to", out.toString(), "--only", "csv"), "add --force");
        assertThat(
                        run("export", "demo", "--to", out.toString(), "--only", "csv", "--force")
                                .status())
                .isZero();
        Path plan = folder.resolve("other.json");
        PlanFile.save(Demos.wagtail().withName("小屋"), plan);
        assertThat(run("export", plan.toString(), "--to", out.toString(), "--only", "csv").status())
                .isZero();
        PlanFile.save(Demos.wagtail().withName("移動図書"), plan);
        assertThat(run("export", plan.toString(), "--to", out.toString(), "--only", "csv").status())
                .isZero();
    }

    /** Numbers are the same wherever the machine stands. */
    @Test
    void figures_doNotChangeWithTheLocale() {
        Locale before = Locale.getDefault();
        String here = run("figures", "demo").out();
        try {
            for (String tag : new String[] {"de-DE", "ar-EG-u-nu-arab", "tr-TR", "hi-IN"}) {
                Locale.setDefault(Locale.forLanguageTag(tag));
                assertThat(run("figures", "demo").out()).as(tag).isEqualTo(here);
                assertThat(run("reckon", "mitre", "turn=45").out())
                        .as(tag)
                        .startsWith("Mitre: 22.5°");
            }
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void export_onlyCsv() {
        Run run = run("export", "demo", "--to", folder.toString(), "--only", "csv");
        assertThat(run.status()).isZero();
        assertThat(run.out().lines()).hasSize(8).allMatch(line -> line.endsWith(".csv"));
        assertThat(folder.resolve("wagtail-cut-list.csv")).exists();
    }

    @Test
    void reckon_listsAndAnswers() throws Exception {
        assertThat(run("reckon").out())
                .contains("mitre", "upright", "beam", "sandwich", "cartridges", "coupler", "bars");
        assertThat(run("reckon", "mitre", "turn=45").out()).startsWith("Mitre: 22.5°");
        JsonNode json =
                new ObjectMapper()
                        .readTree(
                                run(
                                                "reckon",
                                                "coupler",
                                                "mass=1800",
                                                "centre=3520",
                                                "axles=4000",
                                                "--json")
                                        .out());
        assertThat(json.at("/coupler/value").doubleValue()).isEqualTo(216);
        assertThat(
                        run(
                                        "reckon",
                                        "upright",
                                        "front=48",
                                        "thickness=1 1/2",
                                        "slope=45",
                                        "--inches")
                                .out())
                .contains("4′ 1 1⁄2″");
        assertBadInput(run("reckon", "mitre", "turn"), "span=2000");
        assertBadInput(run("reckon", "mitre", "turn=200"), "turn 200");
        assertBadInput(run("reckon", "beem"), "calculator beem: choose one of");
    }

    /** Each new sum with numbers whose answer can be told without the program. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // a rise of 100 over a chord of 600: r = 300²/200 + 50
                "arc | arc chord=600 along=300 rise=100 | Radius: 500 mm",
                // a square corner: the tangent length is the radius itself
                "fillet | fillet turn=90 radius=300 | edge: 300 mm",
                "steps | steps height=900 most=230 | Steps: 4",
                // two coats of 2 L and a tenth that is lost
                "litres | glue area=12 coats=2 coverage=6 | 4.4 L",
                // ISO 13788: saturated air is at its dew point
                "dew point | dew-point celsius=20 humidity=100 | Dew point: 20 °C",
                // APA, from memory: 1/4 in plywood goes round 2 ft across its face grain
                "plywood | plywood-bend thickness=6.35 radius=700 | 609.6 mm"
            })
    void reckon_newSums(String name, String words, String answer) {
        String[] all = ("reckon " + words.strip()).split(" ");
        Run run = run(all);
        assertThat(run.err()).as(name).isEmpty();
        assertThat(run.out()).as(name).contains(answer.strip());
    }

    @ParameterizedTest
    @ValueSource(strings = {"wagtail", "dipper", "siskin"})
    void everyDemo_givesItsFigures(String demo) throws Exception {
        JsonNode root = new ObjectMapper().readTree(run("figures", demo).out());
        for (String key :
                List.of(
                        "carrier.payload",
                        "outline.strip-total",
                        "outline.standing.1",
                        "make-up.heat-loss",
                        "balance.total-mass")) {
            assertThat(root.path("figures").has(key)).as(key).isTrue();
        }
    }

    /** By hand: 950 + 280 / 560 · 1210 = 1555, atan(1210 / 560) = 65.2°. */
    @Test
    void uprights_anySpacing_anyPlace() {
        assertThat(run("uprights", "demo", "--at", "280").out())
                .contains("Height: 1\u2009555 mm", "Slope and bevel: 65.2°");
        long usual = run("uprights", "demo").out().lines().count();
        Run fine = run("uprights", "demo", "--spacing", "10 in", "--thickness", "20");
        assertThat(fine.out().lines().count()).isGreaterThan(usual);
        assertThat(fine.out()).startsWith("number,place mm,foot mm,front side mm");
        assertThat(fine.out().lines().skip(2).findFirst().orElseThrow()).startsWith("2,254,");
        assertBadInput(run("uprights", "demo", "--at", "9000"), "enter ");
        assertBadInput(run("uprights", "demo", "--spacing", "3"), "spacing of the uprights 3 mm");
    }

    @Test
    void materials_printedAreReadBackAsOwn() throws Exception {
        Path plan = folder.resolve("plan.json");
        PlanFile.save(Demos.siskin(), plan);
        Path own = folder.resolve("own.csv");
        Files.writeString(
                own,
                """
                id,name,kind,source,density,conductivity,vapour
                reed-mat,Reed mat,foam,sheet,120,0.055,2
                """);
        assertThat(run("materials").out().lines().count()).isGreaterThan(60);
        Run taken = run("materials", "--from", own.toString(), "--into", plan.toString());
        assertThat(taken.err()).isEmpty();
        assertThat(PlanFile.read(plan, MaterialLibrary.starting()).materials()).hasSize(1);
    }

    @Test
    void materials_badLine_leavesThePlanAsItWas() throws Exception {
        Path plan = folder.resolve("plan.json");
        PlanFile.save(Demos.siskin(), plan);
        String before = Files.readString(plan);
        Path own = folder.resolve("own.csv");
        Files.writeString(own, "id,name,kind,source,density\nreed,Reed,foam,sheet,heavy\n");
        assertBadInput(
                run("materials", "--from", own.toString(), "--into", plan.toString()), "heavy");
        assertBadInput(run("materials", "--from", own.toString()), "--into");
        assertThat(Files.readString(plan)).isEqualTo(before);
    }
}
