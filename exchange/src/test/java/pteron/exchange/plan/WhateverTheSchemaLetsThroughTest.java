package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.carrier.CarrierStation;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.View;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/**
 * Plans with numbers set anywhere in the range that the schema gives them: each is refused with a sentence,
 * or everything that follows from it can be worked out.
 */
class WhateverTheSchemaLetsThroughTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** Plans a demo; {@code -Dpteron.plans=5000} for a longer search. */
    private static final int PLANS = Integer.getInteger("pteron.plans", 100);

    /** A number in a plan with the range that the schema gives it. */
    private record Place(String parent, String name, double least, double most) {}

    private static void places(JsonNode tree, JsonNode schema, String path, List<Place> places) {
        for (JsonNode choice : schema.path("oneOf")) {
            places(tree, choice, path, places);
        }
        schema.path("properties")
                .properties()
                .forEach(
                        property -> {
                            JsonNode value = tree.path(property.getKey());
                            JsonNode told = property.getValue();
                            if (value.isNumber() && told.has("maximum")) {
                                places.add(
                                        new Place(
                                                path,
                                                property.getKey(),
                                                told.path("minimum").asDouble(),
                                                told.path("maximum").asDouble()));
                            }
                            places(value, told, path + "/" + property.getKey(), places);
                        });
        for (int i = 0; tree.isArray() && i < tree.size(); i++) {
            JsonNode told = schema.path("items");
            if (tree.get(i).isNumber() && told.has("maximum")) {
                places.add(
                        new Place(
                                path,
                                Integer.toString(i),
                                told.path("minimum").asDouble(),
                                told.path("maximum").asDouble()));
            }
            places(tree.get(i), told, path + "/" + i, places);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Wagtail", "Dipper", "Siskin", "Plover"})
    void plan_isRefusedOrWorkedOut(String name) throws IOException {
        BoxPlan demo =
                Demos.all().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow();
        JsonNode schema = MAPPER.readTree(Files.readString(Path.of("../docs/plan.schema.json")));
        JsonNode whole = MAPPER.readTree(PlanFile.text(demo));
        List<Place> places = new ArrayList<>();
        places(whole, schema, "", places);
        assertThat(places).hasSizeGreaterThan(40);
        int worked = 0;
        for (int seed = 0; seed < PLANS; seed++) {
            worked += works(whole.deepCopy(), places, new Random(seed), name + " " + seed) ? 1 : 0;
        }
        // one wild number seldom makes a plan that is refused
        assertThat(worked).isGreaterThan(PLANS / 2);
    }

    /** An axle 10 m behind the deck once was taken and made the drawing of its wheels fail. */
    @Test
    void axleFarBehindTheDeck() throws IOException {
        JsonNode tree = MAPPER.readTree(PlanFile.text(Demos.wagtail()));
        ((ObjectNode) tree.at("/vehicle/gear/axles/1")).put("placeMm", 14681);
        assertThat(answers(tree, "axle at 14 681")).isIn(true, false);
    }

    private static boolean works(JsonNode tree, List<Place> places, Random random, String told)
            throws IOException {
        StringBuilder set = new StringBuilder(told);
        for (int n = 1 + random.nextInt(3); n > 0; n--) {
            Place place = places.get(random.nextInt(places.size()));
            double share = random.nextInt(6) == 0 ? random.nextInt(2) : random.nextDouble();
            double value = place.least + share * (place.most - place.least);
            set.append(" ")
                    .append(place.parent)
                    .append("/")
                    .append(place.name)
                    .append("=")
                    .append(value);
            if (tree.at(place.parent) instanceof ObjectNode object) {
                object.put(place.name, value);
            } else if (tree.at(place.parent) instanceof ArrayNode array) {
                array.set(Integer.parseInt(place.name), MAPPER.getNodeFactory().numberNode(value));
            }
        }
        return answers(tree, set.toString());
    }

    private static boolean answers(JsonNode tree, String set) throws IOException {
        BoxPlan plan;
        try {
            plan =
                    PlanFile.read(
                            new ByteArrayInputStream(MAPPER.writeValueAsBytes(tree)),
                            MaterialLibrary.starting());
        } catch (PlanFormatException e) {
            assertThat(e.getMessage()).as(set).contains(";");
            return false;
        }
        try {
            BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
            model.findings();
            model.figures().forEach(figure -> figure.working());
            for (View view : View.values()) {
                Drawings.of(model, view, CarrierStation.CARRIER, "");
            }
            BarCutting.of(model.members(), plan.supplies(), best -> {}, () -> true);
            return true;
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).as(set).startsWith("this plan cannot be worked out");
            return false;
        } catch (RuntimeException e) {
            throw new AssertionError(set, e);
        }
    }
}
