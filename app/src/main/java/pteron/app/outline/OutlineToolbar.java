package pteron.app.outline;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.plan.OutlineStart;

/** Shapes to start from, cut-outs, corners and curves. */
final class OutlineToolbar {

    private OutlineToolbar() {}

    static List<Node> of(Toolbox tools) {
        MenuButton start = tools.menu("start", "Start from");
        for (OutlineStart one : OutlineStart.values()) {
            tools.item(start, one.title(), plan -> OutlineTools.startedFrom(plan, one));
        }
        MenuButton more = tools.menu("more", "Cut-outs");
        tools.item(more, "add a wheel arch", OutlineTools::withWheelArch);
        tools.item(more, "take off the last wheel arch", OutlineTools::withoutWheelArch);
        tools.item(more, "drop the floor behind", OutlineTools::withDropFloor);
        tools.item(more, "roof edge with drip", OutlineTools::withDripEdge);
        OutlineHandle handle = OutlineHandle.of(tools.selected());
        int corner = OutlineHandle.arrivesAt(tools.selected());
        boolean none = corner < 1;
        Node[] shaping = {
            tools.button("add-corner", "Corner", plan -> OutlineTools.withCorner(plan, corner)),
            tools.button("drop-corner", "Remove", plan -> OutlineTools.without(plan, handle)),
            tools.button("straight", "Straight", plan -> OutlineTools.straight(plan, corner)),
            tools.button("arc", "Arc", plan -> OutlineTools.arc(plan, corner)),
            tools.button("batten", "Batten", plan -> OutlineTools.batten(plan, corner)),
            tools.button("spot", "Spot", plan -> OutlineTools.withSpot(plan, corner)),
        };
        for (Node tool : shaping) {
            tool.setDisable(none);
        }
        List<Node> all = new ArrayList<>(List.of(start, more));
        all.addAll(List.of(shaping));
        all.add(tools.table(UprightsPane.KEY, "Uprights"));
        return all;
    }
}
