package pteron.exchange.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.BarCutting;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** An outsider works the figures out again from what is printed. */
class FiguresJsonTest {

    private static JsonNode root;

    @BeforeAll
    static void print() throws IOException {
        BoxPlan plan = Demos.wagtail();
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        root =
                new ObjectMapper()
                        .readTree(
                                FiguresJson.text(
                                        model, BarCutting.of(model.members(), plan.supplies())));
    }

    private static double figure(String key) {
        return root.at("/figures/" + key + "/value").doubleValue();
    }

    @Test
    void masses_addUp_andBalance() {
        double mass = 0;
        double moment = 0;
        double coupler = -1350 - 10;
        double axles = (2330 + 3150) / 2.0 - 10;
        for (JsonNode part : root.get("masses")) {
            mass += part.get("kg").doubleValue();
            moment += part.get("kg").doubleValue() * (part.get("x").doubleValue() - coupler);
        }
        assertThat(mass).isCloseTo(figure("balance.total-mass"), within(1e-6));
        double onAxles = moment / (axles - coupler);
        assertThat(onAxles).isCloseTo(figure("balance.axles-load"), within(1e-6));
        assertThat(100 * (mass - onAxles) / mass)
                .isCloseTo(figure("balance.coupler-share"), within(1e-6));
    }

    @Test
    void members_massFromSectionAndProfile() {
        double mass = 0;
        for (JsonNode member : root.get("members")) {
            mass += member.get("massKg").doubleValue();
            double section =
                    member.at("/section/thicknessMm").doubleValue()
                            * member.at("/section/depthMm").doubleValue();
            double longest = section * member.get("lengthMm").doubleValue() * 420 / 1e9;
            assertThat(member.get("massKg").doubleValue())
                    .isPositive()
                    .isLessThanOrEqualTo(longest + 1e-6);
            assertThat(length(member))
                    .isCloseTo(member.get("lengthMm").doubleValue(), within(1e-6));
            assertThat(member.get("profile")).hasSizeGreaterThanOrEqualTo(3);
        }
        assertThat(mass).isCloseTo(figure("frame.mass"), within(1e-6));
        assertThat(root.get("members")).hasSize((int) figure("frame.members"));
    }

    private static double length(JsonNode member) {
        double sum = 0;
        for (String axis : new String[] {"x", "y", "z"}) {
            sum +=
                    Math.pow(
                            member.at("/end/" + axis).doubleValue()
                                    - member.at("/start/" + axis).doubleValue(),
                            2);
        }
        return Math.sqrt(sum);
    }

    @Test
    void cuts_takeEveryMemberOnce_andFitTheirBars() {
        Map<String, Double> wanted = new HashMap<>();
        root.get("members")
                .forEach(
                        m ->
                                wanted.put(
                                        m.get("name").textValue(),
                                        m.get("lengthMm").doubleValue()));
        double bought = 0;
        for (JsonNode bar : root.get("cuts")) {
            double used = 0;
            for (JsonNode piece : bar.get("pieces")) {
                assertThat(wanted.remove(piece.get("name").textValue()))
                        .isCloseTo(piece.get("lengthMm").doubleValue(), within(1e-6));
                used += piece.get("lengthMm").doubleValue();
            }
            used += bar.get("kerfMm").doubleValue() * (bar.get("pieces").size() - 1);
            assertThat(used).isLessThanOrEqualTo(bar.get("stockMm").doubleValue() + 1e-6);
            bought += bar.get("stockMm").doubleValue();
        }
        assertThat(wanted).isEmpty();
        assertThat(bought / 1000).isCloseTo(figure("cutting.bought"), within(1e-6));
        assertThat(figure("cutting.bound")).isLessThanOrEqualTo(figure("cutting.bought") + 1e-9);
    }

    @Test
    void sheets_areaFromPolygonLessHoles() {
        double outer = 0;
        for (JsonNode sheet : root.get("sheets")) {
            double area = area(sheet.get("polygon"));
            for (JsonNode hole : sheet.get("holes")) {
                area -= area(hole);
            }
            assertThat(area / 1e6).isCloseTo(sheet.get("areaM2").doubleValue(), within(1e-6));
            outer += sheet.get("face").textValue().equals("outer") ? area / 1e6 : 0;
        }
        assertThat(outer).isCloseTo(figure("skins.area.outer"), within(1e-5));
    }

    private static double area(JsonNode polygon) {
        double twice = 0;
        for (int i = 0; i < polygon.size(); i++) {
            JsonNode a = polygon.get(i);
            JsonNode b = polygon.get((i + 1) % polygon.size());
            twice +=
                    a.get(0).doubleValue() * b.get(1).doubleValue()
                            - b.get(0).doubleValue() * a.get(1).doubleValue();
        }
        return Math.abs(twice) / 2;
    }

    /** Under the nose, from (0, 950) to (560, 2160): heights by the two-point line. */
    @Test
    void uprights_underTheNose() {
        assertThat(root.get("uprights")).hasSizeGreaterThan(20);
        for (JsonNode upright : root.get("uprights")) {
            double x = upright.get("xMm").doubleValue();
            double height = x < 560 ? 950 + 1210 * x / 560 : 2160;
            assertThat(upright.get("frontFaceMm").doubleValue()).isCloseTo(height, within(1e-6));
            assertThat(upright.get("lengthMm").doubleValue())
                    .isLessThan(upright.get("rearFaceMm").doubleValue());
        }
    }

    @Test
    void findings_areWhole() {
        for (JsonNode finding : root.get("findings")) {
            for (String key :
                    new String[] {
                        "code", "severity", "place", "demand", "limit", "margin", "cure", "sentence"
                    }) {
                assertThat(finding.has(key)).as(key).isTrue();
            }
        }
    }

    private static String pattern(String key) {
        return key.replaceAll("\\.\\d+$", ".N")
                .replaceAll("axle-\\d+$", "axle-N")
                .replaceAll("net-area\\..*", "net-area.PANEL")
                .replaceAll("^make-up\\.(floor|walls|roof)-", "make-up.PART-")
                .replaceAll("^make-up\\.glue\\..*", "make-up.glue.GLUE")
                .replaceAll("^(make-up\\.pull-\\w+)\\..*", "$1.PART")
                .replaceAll("^openings\\.rise\\..*", "openings.rise.ID")
                .replaceAll("^make-up\\.panel\\.bent-walls-", "make-up.panel.walls-")
                .replaceAll("^make-up\\.panel\\.\\w+-span$", "make-up.panel.PART-span")
                .replaceAll(
                        "^make-up\\.panel\\.\\w+-\\w+-[a-z-]+$", "make-up.panel.PART-LOAD-MODE");
    }

    /** Every key that is printed stands in docs/figures.md, numbered ones by their pattern. */
    @Test
    void everyKey_isDocumented() throws IOException {
        String docs = Files.readString(Path.of("../docs/figures.md"));
        for (BoxPlan plan : Demos.all()) {
            BoxModel.of(plan, MaterialLibrary.starting()).figures().stream()
                    .map(figure -> "`" + pattern(figure.key()) + "`")
                    .forEach(key -> assertThat(docs).contains(key));
        }
        root.get("figures")
                .fieldNames()
                .forEachRemaining(key -> assertThat(docs).contains("`" + pattern(key) + "`"));
        for (String list :
                new String[] {
                    "figures", "members", "uprights", "sheets", "cuts", "masses", "findings"
                }) {
            assertThat(docs).contains("## `" + list + "`");
        }
    }
}
