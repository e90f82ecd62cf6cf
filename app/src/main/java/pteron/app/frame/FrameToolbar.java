package pteron.app.frame;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.edit.PartitionEdits;
import pteron.core.plan.Partition;

/** Walls inside: put in and taken out. */
final class FrameToolbar {

    private FrameToolbar() {}

    static List<Node> of(Toolbox tools) {
        MenuButton menu = tools.menu("partitions", "Partitions");
        tools.item(
                menu,
                "add one across the box",
                plan -> PartitionEdits.added(plan, Partition.Run.ACROSS));
        tools.item(
                menu,
                "add one along the box",
                plan -> PartitionEdits.added(plan, Partition.Run.ALONG));
        List<Partition> all = tools.plan().partitions();
        for (int i = 0; i < all.size(); i++) {
            int index = i;
            tools.item(
                    menu,
                    "take out " + all.get(i).name(),
                    plan -> PartitionEdits.without(plan, index));
        }
        return List.of(menu);
    }
}
