package pteron.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.plan.BoxPlan;

/** The builder's own materials in a plan. */
public final class OwnMaterials {

    private OwnMaterials() {}

    /** {@return the plan with materials brought in; one with an id that is there takes its place} */
    public static BoxPlan with(BoxPlan plan, List<Material> materials) {
        Map<String, Material> all = new LinkedHashMap<>();
        plan.materials().forEach(material -> all.put(material.id(), material));
        materials.forEach(material -> all.put(material.id(), material));
        return plan.withMaterials(List.copyOf(all.values()));
    }
}
