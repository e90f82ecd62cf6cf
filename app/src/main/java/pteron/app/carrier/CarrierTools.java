package pteron.app.carrier;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.edit.FoundEdits;
import pteron.core.edit.VehicleEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.start.CarrierChange;
import pteron.core.start.CarrierStart;
import pteron.core.vehicle.Vehicle;

/** Kind of the carrier; what is added to it and taken off. */
final class CarrierTools {

    private CarrierTools() {}

    static List<Node> of(Toolbox tools) {
        MenuButton kind = kind(tools);
        MenuButton add = tools.menu("add", "Add");
        tools.item(add, "axle", VehicleEdits::withAxle);
        tools.item(add, "cross-member", VehicleEdits::withCrossMember);
        tools.item(add, "outrigger", VehicleEdits::withOutrigger);
        tools.item(add, "wheel box", VehicleEdits::withWheelBox);
        tools.item(add, "hump", VehicleEdits::withHump);
        tools.item(add, "fuel tank", VehicleEdits::withTank);
        tools.item(add, "mud flaps", VehicleEdits::withMudFlaps);
        boolean found = tools.plan().found().isPresent();
        if (found) {
            tools.item(add, "damage to the shell", FoundEdits::withDamage);
        }
        MenuButton drop = drop(tools, found);
        return List.of(
                Toolbox.explained(
                        kind,
                        "Another kind of carrier; what both kinds have stays as measured",
                        true),
                Toolbox.explained(add, "An axle, steel, or an obstruction", true),
                Toolbox.explained(drop, "Remove a part of the carrier", true),
                Toolbox.explained(
                        tools.table(ScalesPane.KEY, "Weigh …"),
                        "Unladen mass from scales under the wheels",
                        true));
    }

    private static MenuButton kind(Toolbox tools) {
        MenuButton kind = tools.menu("kind", "Change to");
        Vehicle now = tools.plan().vehicle();
        for (CarrierStart one : CarrierChange.offered(now)) {
            tools.item(kind, words(now, one), plan -> changed(plan, one));
        }
        return kind;
    }

    private static String words(Vehicle now, CarrierStart to) {
        List<String> lost = CarrierChange.lost(now, to);
        return lost.isEmpty() ? to.title() : to.title() + "; lost: " + String.join(", ", lost);
    }

    private static BoxPlan changed(BoxPlan plan, CarrierStart to) {
        return plan.withVehicle(CarrierChange.changed(plan.vehicle(), to, plan.units()));
    }

    private static MenuButton drop(Toolbox tools, boolean found) {
        MenuButton drop = tools.menu("drop", "Remove");
        tools.item(drop, "the rearmost axle", VehicleEdits::withoutAxle);
        tools.item(drop, "the rearmost cross-member", VehicleEdits::withoutCrossMember);
        tools.item(drop, "the rearmost outrigger", VehicleEdits::withoutOutrigger);
        tools.item(drop, "the last obstruction", VehicleEdits::withoutSolid);
        if (found) {
            tools.item(drop, "the last damage to the shell", FoundEdits::withoutDamage);
        }
        return drop;
    }
}
