package pteron.exchange.plan;

import static pteron.exchange.plan.PlanNodes.lower;
import static pteron.exchange.plan.PlanNodes.object;
import static pteron.exchange.plan.PlanNodes.put;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Writes vehicles. */
final class VehicleWriter {

    private VehicleWriter() {}

    static ObjectNode vehicle(Vehicle vehicle) {
        ObjectNode node = object();
        node.put("kind", lower(vehicle.kind()));
        switch (vehicle) {
            case Trailer trailer -> {
                node.set("deck", deck(trailer.deck()));
                node.put("deckOverWheels", trailer.overWheels());
                node.set("drawbar", drawbar(trailer.drawbar()));
            }
            case Pickup pickup -> {
                node.set("bed", bed(pickup.bed()));
                node.set("cab", cab(pickup.driver()));
                put(node, "payloadKg", pickup.payloadKg());
            }
            case Flatbed flatbed -> {
                node.set("deck", deck(flatbed.deck()));
                node.set("cab", cab(flatbed.driver()));
            }
        }
        node.set("gear", gear(vehicle.gear()));
        node.set("steel", steel(vehicle.steel()));
        ArrayNode solids = node.putArray("solids");
        vehicle.measuredSolids().forEach(solid -> solids.add(solid(solid)));
        return node;
    }

    private static ObjectNode deck(Deck deck) {
        ObjectNode node = object();
        put(node, "lengthMm", deck.lengthMm());
        put(node, "widthMm", deck.widthMm());
        put(node, "heightMm", deck.heightMm());
        return node;
    }

    private static ObjectNode drawbar(Trailer.Drawbar bar) {
        ObjectNode node = object();
        node.put("form", lower(bar.form()));
        put(node, "aheadMm", bar.aheadMm());
        put(node, "emptyKg", bar.emptyKg());
        put(node, "ratingKg", bar.ratingKg());
        return node;
    }

    private static ObjectNode bed(Pickup.Bed bed) {
        ObjectNode node = object();
        node.set("floor", deck(bed.floor()));
        put(node, "railLengthMm", bed.railLengthMm());
        put(node, "railWidthMm", bed.railWidthMm());
        put(node, "railHeightMm", bed.railHeightMm());
        ObjectNode wells = node.putObject("wells");
        put(wells, "betweenMm", bed.wells().betweenMm());
        put(wells, "fromMm", bed.wells().fromMm());
        put(wells, "lengthMm", bed.wells().lengthMm());
        put(wells, "heightMm", bed.wells().heightMm());
        ObjectNode gate = node.putObject("tailgate");
        gate.put("position", lower(bed.tailgate().position()));
        put(gate, "heightMm", bed.tailgate().heightMm());
        return node;
    }

    private static ObjectNode cab(Cab cab) {
        ObjectNode node = object();
        put(node, "gapMm", cab.gapMm());
        put(node, "roofMm", cab.roofMm());
        put(node, "roofLengthMm", cab.roofLengthMm());
        put(node, "widthMm", cab.widthMm());
        ObjectNode window = node.putObject("window");
        put(window, "sillMm", cab.window().sillMm());
        put(window, "widthMm", cab.window().widthMm());
        put(window, "heightMm", cab.window().heightMm());
        put(node, "frameMovesDegrees", cab.frameMovesDegrees());
        return node;
    }

    private static ObjectNode gear(RunningGear gear) {
        ObjectNode node = object();
        ArrayNode axles = node.putArray("axles");
        for (Axle axle : gear.axles()) {
            ObjectNode one = axles.addObject();
            put(one, "placeMm", axle.placeMm());
            put(one, "emptyKg", axle.emptyKg());
            put(one, "ratingKg", axle.ratingKg());
        }
        Wheels wheels = gear.wheels();
        ObjectNode round = node.putObject("wheels");
        put(round, "diameterMm", wheels.diameterMm());
        put(round, "widthMm", wheels.widthMm());
        put(round, "trackMm", wheels.trackMm());
        put(round, "bumpMm", wheels.bumpMm());
        put(node, "grossKg", gear.grossKg());
        ObjectNode weighed = node.putObject("weighed");
        weighed.put("source", lower(gear.weighed().source()));
        put(weighed, "fuelPercent", gear.weighed().fuelPercent());
        weighed.put("driverAboard", gear.weighed().driverAboard());
        return node;
    }

    private static ObjectNode steel(Steel steel) {
        ObjectNode node = object();
        put(node, "railSpacingMm", steel.railSpacingMm());
        node.set("rail", section(steel.rail()));
        node.set("crossMember", section(steel.crossMember()));
        put(node, "crossMembersMm", steel.crossMembersMm());
        node.set("outrigger", section(steel.outrigger()));
        ArrayNode outriggers = node.putArray("outriggers");
        for (Outrigger outrigger : steel.outriggers()) {
            ObjectNode one = outriggers.addObject();
            put(one, "placeMm", outrigger.placeMm());
            put(one, "reachMm", outrigger.reachMm());
            one.put("end", lower(outrigger.end()));
        }
        return node;
    }

    private static ObjectNode section(Steel.Section section) {
        ObjectNode node = object();
        node.put("shape", lower(section.shape()));
        put(node, "depthMm", section.depthMm());
        put(node, "flangeMm", section.flangeMm());
        put(node, "thicknessMm", section.thicknessMm());
        return node;
    }

    private static ObjectNode solid(Solid solid) {
        ObjectNode node = object();
        node.put("name", solid.name());
        node.put("kind", lower(solid.kind()));
        node.set("along", stretch(solid.along()));
        node.set("across", stretch(solid.across()));
        node.set("up", stretch(solid.up()));
        node.put("mirrored", solid.mirrored());
        return node;
    }

    private static ObjectNode stretch(Stretch stretch) {
        ObjectNode node = object();
        put(node, "fromMm", stretch.fromMm());
        put(node, "toMm", stretch.toMm());
        return node;
    }
}
