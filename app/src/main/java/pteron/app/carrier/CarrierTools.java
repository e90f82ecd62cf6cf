package pteron.app.carrier;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import pteron.app.station.Toolbox;
import pteron.core.edit.VehicleEdits;
import pteron.core.plan.StartingVehicles;
import pteron.core.quantity.Named;
import pteron.core.vehicle.Vehicle;

/** Kind of the carrier; what is added to it and taken off. */
final class CarrierTools {

    private CarrierTools() {}

    static List<Node> of(Toolbox tools) {
        MenuButton kind = tools.menu("kind", "Another kind");
        for (Vehicle.Kind one : Vehicle.Kind.values()) {
            String words = Named.small(one);
            tools.item(kind, words, plan -> plan.withVehicle(StartingVehicles.of(one)));
        }
        MenuButton add = tools.menu("add", "Add");
        tools.item(add, "axle", VehicleEdits::withAxle);
        tools.item(add, "cross-member", VehicleEdits::withCrossMember);
        tools.item(add, "outrigger", VehicleEdits::withOutrigger);
        tools.item(add, "wheel box", VehicleEdits::withWheelBox);
        tools.item(add, "hump", VehicleEdits::withHump);
        tools.item(add, "fuel tank", VehicleEdits::withTank);
        tools.item(add, "mud flaps", VehicleEdits::withMudFlaps);
        MenuButton drop = tools.menu("drop", "Take off the last");
        tools.item(drop, "axle", VehicleEdits::withoutAxle);
        tools.item(drop, "cross-member", VehicleEdits::withoutCrossMember);
        tools.item(drop, "outrigger", VehicleEdits::withoutOutrigger);
        tools.item(drop, "solid", VehicleEdits::withoutSolid);
        return List.of(kind, add, drop, tools.table(ScalesPane.KEY, "Weigh …"));
    }
}
