package pteron.app.makeup;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Layer;
import pteron.core.edit.MakeUpEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Named;

/** Layers that are added and taken off; tables of schools, glues and materials. */
final class MakeUpTools {

    private MakeUpTools() {}

    static List<Node> of(Toolbox tools) {
        MenuButton add = tools.menu("add-layer", "Add a layer");
        tools.item(add, "floor, finish", layer(MakeUpEdits.Slot.FLOOR_FINISH, "vinyl", 2));
        tools.item(add, "walls, outside", layer(MakeUpEdits.Slot.WALLS_OUTSIDE, "breather", 0.5));
        tools.item(add, "walls, inside", layer(MakeUpEdits.Slot.WALLS_INSIDE, "vapour-film", 0.2));
        tools.item(add, "roof, outside", layer(MakeUpEdits.Slot.ROOF_OUTSIDE, "spruce-ply", 6));
        tools.item(add, "roof, inside", layer(MakeUpEdits.Slot.ROOF_INSIDE, "vapour-film", 0.2));
        MenuButton drop = tools.menu("drop-layer", "Remove a layer");
        for (MakeUpEdits.Slot slot : MakeUpEdits.Slot.values()) {
            String words = Named.small(slot).replace("_", ", ");
            tools.item(drop, words, plan -> MakeUpEdits.withoutLastLayer(plan, slot));
        }
        return List.of(
                Toolbox.explained(add, "Add a layer on the inner side of its part", true),
                Toolbox.explained(drop, "Remove the innermost added layer of a part", true),
                Toolbox.explained(
                        tools.table(SchoolsPane.KEY, "Compare build-ups"),
                        "Up to four ways to build floor, walls and roof, side by side",
                        true),
                Toolbox.explained(
                        tools.table(GluesPane.KEY, "Glues"), "Glue or fixing of each joint", true),
                Toolbox.explained(
                        tools.table(MaterialsPane.KEY, "Materials"),
                        "All materials, every value with its source",
                        true));
    }

    private static UnaryOperator<BoxPlan> layer(
            MakeUpEdits.Slot slot, String material, double thicknessMm) {
        return plan ->
                MakeUpEdits.withLayer(
                        plan, slot, InchShop.of(new Layer(material, thicknessMm), plan.units()));
    }
}
