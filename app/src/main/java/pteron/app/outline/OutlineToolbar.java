package pteron.app.outline;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Control;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.plan.OutlineStart;

/** Shapes to start from, cut-outs, corners and curves. */
final class OutlineToolbar {

    private OutlineToolbar() {}

    static List<Node> of(Toolbox tools) {
        MenuButton start = tools.menu("start", "Change outline");
        for (OutlineStart one : OutlineStart.values()) {
            tools.item(start, one.title(), plan -> OutlineTools.startedFrom(plan, one));
        }
        MenuButton more = tools.menu("more", "Add detail");
        tools.item(more, "add a wheel arch", OutlineTools::withWheelArch);
        tools.item(more, "remove the last wheel arch", OutlineTools::withoutWheelArch);
        tools.item(more, "drop the floor at the rear", OutlineTools::withDropFloor);
        tools.item(more, "drip edge", OutlineTools::withDripEdge);
        tools.item(more, "roof crown", OutlineTools::withCrown);
        tools.item(more, "wings over bed or wheels", OutlineTools::withWings);
        OutlineHandle handle = OutlineHandle.of(tools.selected());
        int corner = OutlineHandle.arrivesAt(tools.selected());
        List<Control> shaping = new ArrayList<>(corners(tools, handle, corner));
        shaping.addAll(lines(tools, corner));
        List<Node> all = new ArrayList<>(List.of(start, more));
        all.addAll(shaping);
        all.add(tools.table(UprightsPane.KEY, "Uprights"));
        return all;
    }

    private static List<Control> corners(Toolbox tools, OutlineHandle handle, int corner) {
        boolean none = corner < 1;
        return List.of(
                Toolbox.explained(
                        tools.button(
                                "add-corner",
                                "Add corner",
                                plan -> OutlineTools.withCorner(plan, corner)),
                        "Add a corner in the middle of the selected line",
                        !none),
                Toolbox.explained(
                        tools.button(
                                "drop-corner",
                                "Remove corner",
                                plan -> OutlineTools.without(plan, handle)),
                        "Remove the selected corner or point   Delete",
                        handle.corner() >= 1));
    }

    private static List<Control> lines(Toolbox tools, int corner) {
        boolean none = corner < 1;
        return List.of(
                Toolbox.explained(
                        tools.button(
                                "straight",
                                "Straight",
                                plan -> OutlineTools.straight(plan, corner)),
                        "Make the selected line straight",
                        !none),
                Toolbox.explained(
                        tools.button("arc", "Arc", plan -> OutlineTools.arc(plan, corner)),
                        "Bend the selected line as a gentle arc; drag its point",
                        !none),
                Toolbox.explained(
                        tools.button("batten", "Batten", plan -> OutlineTools.batten(plan, corner)),
                        "Bend the selected line as a batten through points",
                        !none),
                Toolbox.explained(
                        tools.button(
                                "spot", "Add point", plan -> OutlineTools.withSpot(plan, corner)),
                        "Add a point to the selected line; the line stays as it is",
                        !none));
    }
}
