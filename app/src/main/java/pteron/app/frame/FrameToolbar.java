package pteron.app.frame;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.drawing.View;
import pteron.core.edit.PartitionEdits;
import pteron.core.page.FramePage;
import pteron.core.page.FramePages;
import pteron.core.plan.Partition;

/** Walls inside: put in and taken out. */
final class FrameToolbar {

    private FrameToolbar() {}

    static List<Node> of(Toolbox tools) {
        return tools.view() == View.FRAMES
                ? List.of(pages(tools), partitions(tools))
                : List.of(partitions(tools));
    }

    /** One page for each panel. */
    private static MenuButton pages(Toolbox tools) {
        List<FramePage> pages = FramePages.of(tools.model());
        MenuButton menu = tools.menu("pages", "Page");
        for (FramePage page : pages) {
            tools.aspectItem(menu, page.title(), page.panel().id());
        }
        return menu;
    }

    private static MenuButton partitions(Toolbox tools) {
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
                    "remove " + all.get(i).name(),
                    plan -> PartitionEdits.without(plan, index));
        }
        return menu;
    }
}
