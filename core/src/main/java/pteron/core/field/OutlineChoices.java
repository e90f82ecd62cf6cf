package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import pteron.core.edit.BoxEdits;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.PlanKeys;

/** Choices of the outline: what a batten is made of. */
final class OutlineChoices {

    private OutlineChoices() {}

    static List<ChoiceField> of(BoxPlan plan, MaterialLibrary library) {
        List<ChoiceField> choices = new ArrayList<>();
        List<OutlinePoint> outline = plan.box().outline();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.get(i).link() instanceof Batten batten) {
                choices.add(timber(i, options(batten.timber(), library.offered(plan.units()))));
            }
        }
        return choices;
    }

    private static ChoiceField timber(int corner, List<String> options) {
        return new ChoiceField(
                PlanKeys.corner(corner) + ".timber",
                OutlineStation.OUTLINE,
                "Batten before corner " + (corner + 1) + ", of",
                options,
                plan -> batten(plan, corner).timber(),
                (plan, id) -> {
                    Batten old = batten(plan, corner);
                    Batten other = new Batten(old.spots(), old.thicknessMm(), id);
                    return BoxEdits.withLink(plan, corner, other);
                });
    }

    private static Batten batten(BoxPlan plan, int corner) {
        return (Batten) plan.box().outline().get(corner).link();
    }

    /** Whatever can be bent and whose strength is known, the planned one in any case. */
    private static List<String> options(String planned, List<Material> offered) {
        List<String> options = new ArrayList<>();
        for (Material material : offered) {
            boolean bends =
                    material.kind() == Material.Kind.TIMBER
                            || material.kind() == Material.Kind.BOARD;
            if (bends && material.has(Property.MODULUS) && material.has(Property.BENDING)) {
                options.add(material.id());
            }
        }
        if (!options.contains(planned)) {
            options.add(planned);
        }
        return options;
    }
}
