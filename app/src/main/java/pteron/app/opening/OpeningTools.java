package pteron.app.opening;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.OpeningRows;
import pteron.core.placing.WallRoom;
import pteron.core.plan.Wall;

/** What can be done with the chosen doors, windows and hatches. */
final class OpeningTools {

    private OpeningTools() {}

    static List<Node> of(Toolbox tools) {
        List<String> ids =
                tools.chosen().stream()
                        .filter(
                                id ->
                                        tools.plan().openings().stream()
                                                .anyMatch(o -> o.id().equals(id)))
                        .toList();
        List<Node> all = new ArrayList<>(one(tools, ids));
        all.addAll(several(tools, ids));
        return List.copyOf(all);
    }

    private static List<Node> one(Toolbox tools, List<String> ids) {
        boolean some = !ids.isEmpty();
        return List.of(
                Toolbox.explained(
                        tools.button(
                                "duplicate", "Duplicate", p -> OpeningEdits.duplicated(p, ids)),
                        "Make a copy beside it   Ctrl+D",
                        some),
                Toolbox.explained(
                        tools.button(
                                "copy-across",
                                "Copy to opposite wall",
                                p -> OpeningEdits.copiedAcross(p, ids)),
                        "Make a copy straight across the box",
                        some),
                Toolbox.explained(
                        tools.button("mirror", "Mirror", p -> OpeningEdits.mirrored(p, ids)),
                        "Mirror about the middle of the wall",
                        some),
                Toolbox.explained(walls(tools, ids), "Move it to another wall", some));
    }

    private static List<Node> several(Toolbox tools, List<String> ids) {
        return List.of(
                Toolbox.explained(
                        tools.button("heads", "Align heads", p -> OpeningRows.headsInLine(p, ids)),
                        "Set heads level with the first selected, or with the door; Shift+click to select several",
                        ids.size() > 1),
                Toolbox.explained(
                        tools.button(
                                "space", "Space evenly", p -> OpeningRows.spacedEvenly(p, ids)),
                        "Make equal gaps between three or more; Shift+click to select several",
                        ids.size() > 2),
                Toolbox.explained(
                        tools.button("delete", "Delete", p -> OpeningEdits.without(p, ids)),
                        "Remove it from the wall   Delete",
                        !ids.isEmpty()));
    }

    private static MenuButton walls(Toolbox tools, List<String> ids) {
        MenuButton walls = tools.menu("wall", "Other wall");
        for (Wall wall : WallRoom.walls(tools.plan())) {
            tools.item(walls, wall.label(), plan -> OpeningEdits.onWall(plan, ids, wall));
        }
        return walls;
    }
}
