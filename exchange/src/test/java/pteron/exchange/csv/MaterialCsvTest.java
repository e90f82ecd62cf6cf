package pteron.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.glue.Glues;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.exchange.demo.Demos;
import pteron.exchange.export.WrittenLists;

/** Own materials line by line, and the lists of the first stations. */
class MaterialCsvTest {

    private static final String HEADER = "id,name,kind,source,density,conductivity,vapour\n";

    @Test
    void library_comesBackAsItWent() {
        MaterialCsv.Reading reading =
                MaterialCsv.read(MaterialCsv.text(MaterialLibrary.starting()));
        assertThat(reading.faults()).isEmpty();
        List<Material> all = MaterialLibrary.starting().all();
        assertThat(reading.materials()).hasSameSizeAs(all);
        for (int i = 0; i < all.size(); i++) {
            Material read = reading.materials().get(i);
            assertThat(read.id()).isEqualTo(all.get(i).id());
            assertThat(read.kind()).isEqualTo(all.get(i).kind());
            for (Property property : all.get(i).values().keySet()) {
                assertThat(read.value(property)).isEqualTo(all.get(i).value(property));
            }
        }
    }

    @Test
    void goodLine_hasItsValuesAndSource() {
        Material wool =
                MaterialCsv.read(HEADER + "reed-mat,Reed mat,foam,maker's sheet,120,0.055,2\n")
                        .materials()
                        .getFirst();
        assertThat(wool.kind()).isEqualTo(Kind.FOAM);
        assertThat(wool.value(Property.CONDUCTIVITY)).isEqualTo(0.055);
        assertThat(wool.sourced(Property.VAPOUR).source()).isEqualTo("maker's sheet");
        assertThat(wool.has(Property.MODULUS)).isFalse();
    }

    /** Each bad line is told with its number, field, value, limit and cure; good ones stand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "reed,Reed,foam,sheet,heavy,0.05,2|density is [heavy] and must be a number",
                "reed,Reed,foam,sheet,120,50000,2|conductivity is [50000] W/(m·K) and must be from",
                "reed,Reed,foam,sheet,,0.05,2|density is empty",
                "reed,,foam,sheet,120,0.05,2|name is empty",
                "Reed!,Reed,foam,sheet,120,0.05,2|id is [Reed!] and must be small letters",
                "reed,Reed,straw,sheet,120,0.05,2|kind is [straw] and must be one of",
                "reed,Reed,foam,,120,0.05,2|source is empty",
                "reed,Reed,foam,sheet,120|has [5] cells and the first line has 7"
            })
    void badLine_isRefused_theOthersStand(String line, String sentence) {
        String good = "hemp-mat,Hemp mat,foam,sheet,40,0.04,2\n";
        MaterialCsv.Reading reading = MaterialCsv.read(HEADER + good + line + "\n");
        assertThat(reading.materials()).extracting(Material::id).containsExactly("hemp-mat");
        assertThat(reading.faults()).singleElement().asString().startsWith("line 3: ");
        assertThat(reading.faults().getFirst()).contains(sentence);
    }

    @Test
    void header_and_twice() {
        assertThatThrownBy(() -> MaterialCsv.read("id,name\nx,X\n"))
                .hasMessageContaining("column [kind] is missing");
        assertThatThrownBy(() -> MaterialCsv.read("id,name,kind,source,colour\n"))
                .hasMessageContaining("column [colour] is no property");
        String line = "hemp-mat,Hemp mat,foam,sheet,40,0.04,2\n";
        assertThat(MaterialCsv.read(HEADER + line + line).faults().getFirst())
                .contains("stands twice");
    }

    @Test
    void ownMaterial_isUsedLikeAnyOther() {
        Material reed =
                MaterialCsv.read(HEADER + "reed-mat,Reed mat,foam,sheet,120,0.055,2\n")
                        .materials()
                        .getFirst();
        BoxPlan plan = StartingPlans.square();
        var walls = plan.makeUp().walls();
        BoxPlan own =
                plan.withMaterials(List.of(reed))
                        .withMakeUp(
                                plan.makeUp()
                                        .withWalls(
                                                walls.withInsulation(
                                                        walls.insulation()
                                                                .withMaterial("reed-mat"))));
        double before = u(plan);
        assertThat(u(own)).isGreaterThan(before);
    }

    private static double u(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting())
                .figure("make-up.walls-u")
                .orElseThrow()
                .value();
    }

    private static List<String> lines(String csv) {
        return csv.lines().toList();
    }

    @Test
    void uprights_strip_glue_ofTheDemos() {
        BoxModel siskin = BoxModel.of(Demos.siskin(), MaterialLibrary.starting());
        List<String> uprights = lines(WrittenLists.of("uprights", siskin));
        assertThat(uprights.getFirst())
                .isEqualTo(
                        "number,place mm,foot mm,front side mm,rear side mm,long point mm,bevel degrees");
        assertThat(uprights).hasSize(1 + siskin.outline().uprights(1250, 35).size());
        List<String> strip = lines(WrittenLists.of("strip", siskin));
        assertThat(strip).hasSize(4);
        assertThat(strip.get(2)).startsWith("2,roof,1480,");
        List<String> glue = lines(WrittenLists.of("glue", siskin));
        assertThat(glue).hasSize(1 + siskin.made().orElseThrow().get(Glues.class).joints().size());
        assertThat(glue).anyMatch(line -> line.contains("Polyurethane glue, foaming"));
    }

    @Test
    void lists_ofEveryStart_haveAsManyCellsAsHeads() {
        for (OutlineStart start : OutlineStart.values()) {
            BoxModel model = BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
            List<String> all = new ArrayList<>();
            for (String list :
                    List.of(
                            WrittenLists.of("uprights", model),
                            WrittenLists.of("strip", model),
                            WrittenLists.of("glue", model))) {
                List<String> lines = lines(list);
                int heads = lines.getFirst().split(",", -1).length;
                for (String line : lines) {
                    // names may stand in quotes with a comma in them
                    assertThat(line.split(",", -1).length).isGreaterThanOrEqualTo(heads);
                }
                all.addAll(lines);
            }
            assertThat(all).isNotEmpty();
        }
    }

    private static final String GOOD =
            "id,name,kind,source,density,conductivity\nreed-mat,Reed mat,foam,weighed,120.5,0.055\n";

    private static Material only(byte[] bytes) {
        MaterialCsv.Reading reading = MaterialCsv.read(bytes);
        assertThat(reading.faults()).isEmpty();
        assertThat(reading.materials()).hasSize(1);
        return reading.materials().getFirst();
    }

    /** As spreadsheets save: marks, semicolons with decimal commas, tabs, other encodings, a comma too many. */
    @Test
    void whateverASpreadsheetSaves_isRead() {
        Material wanted = only(GOOD.getBytes(StandardCharsets.UTF_8));
        assertThat(wanted.density()).isEqualTo(120.5);
        String semicolons = GOOD.replace(',', ';').replace('.', ',');
        for (byte[] bytes :
                List.of(
                        ("\ufeff" + GOOD).getBytes(StandardCharsets.UTF_8),
                        semicolons.getBytes(StandardCharsets.UTF_8),
                        GOOD.replace(',', '\t').getBytes(StandardCharsets.UTF_8),
                        ("\ufeff" + GOOD).getBytes(StandardCharsets.UTF_16LE),
                        ("\ufeff" + GOOD).getBytes(StandardCharsets.UTF_16BE),
                        GOOD.replace("\n", ",\n").getBytes(StandardCharsets.UTF_8),
                        GOOD.replace("\n", "\r\n").getBytes(StandardCharsets.UTF_8),
                        GOOD.replace("id,name", "ID,Name").getBytes(StandardCharsets.UTF_8))) {
            assertThat(only(bytes)).isEqualTo(wanted);
        }
        assertThat(
                        only(GOOD.replace("Reed mat", "Dämmfilz")
                                        .getBytes(Charset.forName("windows-1252")))
                                .name())
                .isEqualTo("Dämmfilz");
    }

    @Test
    void brokenTables_areRefusedByName() {
        assertThatThrownBy(
                        () ->
                                MaterialCsv.read(
                                        "id,name,kind,source,density\nx,\"Open,board,me,4\n"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("quote");
        assertThatThrownBy(() -> MaterialCsv.read("id,name,kind,source,density,density\n"))
                .hasMessageContaining("[density] stands twice");
        assertThatThrownBy(() -> MaterialCsv.read("")).hasMessageContaining("empty");
        assertThat(MaterialCsv.read(GOOD.replace("120.5", "12d")).faults())
                .singleElement()
                .asString()
                .contains("density is [12d] and must be a number");
        assertThat(MaterialCsv.read(GOOD.replace("Reed mat", "x".repeat(1001))).faults())
                .singleElement()
                .asString()
                .contains("name is a text of 1001 letters");
    }

    /** A cell led by = + − @ is no sum for a spreadsheet, and comes back as it was. */
    @Test
    void sums_areMadeHarmless() {
        for (String name : List.of("=1+1", "+SUM(A1)", "-oak", "@cmd", "plain")) {
            Material material =
                    new Material(
                            "own",
                            name,
                            Material.Kind.BOARD,
                            Map.of(Property.DENSITY, new Material.Sourced(400, "=weighed")));
            String text = MaterialCsv.text(new MaterialLibrary(List.of(material)));
            assertThat(text.lines().skip(1)).noneMatch(l -> l.matches(".*(^|,)\"?[=+@-][^0-9].*"));
            Material back = MaterialCsv.read(text).materials().getFirst();
            assertThat(back.name()).isEqualTo(name);
            assertThat(back.sourced(Property.DENSITY).source()).isEqualTo("=weighed");
        }
    }

    /** The whole library comes back with each value's own source. */
    @Test
    void everySource_isKept() {
        MaterialLibrary library = MaterialLibrary.starting();
        assertThat(MaterialCsv.read(MaterialCsv.text(library)).materials())
                .isEqualTo(library.all());
    }
}
