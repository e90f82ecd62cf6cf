package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Alternative;
import pteron.core.edit.MakeUpEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.OwnMaterials;
import pteron.core.edit.VehicleEdits;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingVehicles;
import pteron.exchange.demo.Demos;

/** The published schema and the reader must agree; the validator is another project's. */
class PlanSchemaTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonSchema SCHEMA = schema();

    private static JsonSchema schema() {
        try {
            String text = Files.readString(Path.of("../docs/plan.schema.json"));
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean schemaTakes(JsonNode tree) {
        return SCHEMA.validate(tree).isEmpty();
    }

    private static boolean readerTakes(JsonNode tree) throws IOException {
        try {
            PlanFile.read(
                    new ByteArrayInputStream(MAPPER.writeValueAsBytes(tree)),
                    MaterialLibrary.starting());
            return true;
        } catch (PlanFormatException e) {
            return false;
        }
    }

    private static JsonNode tree(BoxPlan plan) throws IOException {
        return MAPPER.readTree(PlanFile.text(plan));
    }

    @Test
    void demos_areValid() throws IOException {
        for (BoxPlan demo : Demos.all()) {
            assertThat(SCHEMA.validate(tree(demo))).as(demo.name()).isEmpty();
        }
    }

    @Provide
    Arbitrary<BoxPlan> anyPlans() {
        return PlanArbitraries.anyPlans();
    }

    /** Every kind of carrier, outline and scheme: written, valid, and read back the same. */
    @net.jqwik.api.Property(tries = 60, seed = "20261126")
    void everyKind_isValid_andComesBack(@ForAll("anyPlans") BoxPlan plan)
            throws IOException, PlanFormatException {
        String text = PlanFile.text(plan);
        assertThat(SCHEMA.validate(MAPPER.readTree(text))).isEmpty();
        assertThat(
                        PlanFile.read(
                                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                                MaterialLibrary.starting()))
                .isEqualTo(plan);
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @net.jqwik.api.Property(tries = 50, seed = "20261126")
    void everyPlanWritten_isValid(@ForAll("plans") BoxPlan plan) throws IOException {
        assertThat(SCHEMA.validate(MAPPER.readTree(PlanFile.text(plan)))).isEmpty();
    }

    /** A plan with all that the demos leave out: flatbed, arch, drop, drip, alternatives, own material. */
    private static BoxPlan complete() {
        BoxPlan plan = Demos.wagtail().withVehicle(StartingVehicles.flatbed());
        plan = OutlineTools.withWheelArch(plan);
        plan = OutlineTools.withDropFloor(plan);
        plan = OutlineTools.withDripEdge(plan);
        plan = VehicleEdits.withOutrigger(plan);
        for (Alternative.Part part : Alternative.Part.values()) {
            plan = MakeUpEdits.keepPlanned(plan, part, "as it was");
        }
        Material own =
                new Material(
                        "reed-mat",
                        "Reed mat",
                        Material.Kind.FOAM,
                        Map.of(Property.DENSITY, new Material.Sourced(120, "weighed")));
        return OwnMaterials.with(plan, List.of(own));
    }

    /** Every field in turn left out, made a text, made far too large and far too small. */
    @Test
    void eachFieldSpoilt_schemaAndReaderRefuseAlike() throws IOException {
        List<BoxPlan> all = new ArrayList<>(Demos.all());
        all.add(complete());
        for (BoxPlan demo : all) {
            List<String> paths = new ArrayList<>();
            collect(tree(demo), "", paths);
            assertThat(paths).hasSizeGreaterThan(60);
            for (String path : paths) {
                for (Object value : new Object[] {null, "x1", 1e9, -1e9}) {
                    JsonNode tree = tree(demo);
                    spoil(tree, path, value);
                    assertThat(schemaTakes(tree))
                            .as("schema, %s: %s = %s", demo.name(), path, value)
                            .isEqualTo(readerTakes(tree));
                }
            }
        }
    }

    private static void collect(JsonNode node, String path, List<String> paths) {
        node.properties()
                .forEach(
                        entry -> {
                            String here = path + "/" + entry.getKey();
                            // a text may stand where a text stands; materials and ids are checked
                            // by the reader
                            if (!entry.getValue().isTextual()) {
                                paths.add(here);
                            }
                            collect(entry.getValue(), here, paths);
                        });
        for (int i = 0; node.isArray() && i < Math.min(1, node.size()); i++) {
            collect(node.get(i), path + "/" + i, paths);
        }
    }

    private static void spoil(JsonNode tree, String path, Object value) {
        int cut = path.lastIndexOf('/');
        JsonNode parent = tree.at(path.substring(0, cut));
        String name = path.substring(cut + 1);
        if (parent instanceof ObjectNode object) {
            switch (value) {
                case null -> object.remove(name);
                case String text -> object.put(name, text);
                case Double number -> object.put(name, number);
                default -> throw new IllegalArgumentException(value.toString());
            }
        }
    }
}
