package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * What road and shop allow. Immutable.
 *
 * @param region name of the region whose rules were taken, or empty
 * @param widthMm greatest legal width (mm)
 * @param heightMm greatest legal height (mm)
 * @param lengthMm greatest legal length of the vehicle (mm)
 * @param shopDoorMm height of the shop's door (mm)
 * @param onRoofMm highest load on the roof above it (mm)
 */
public record RoadLimits(
        String region,
        double widthMm,
        double heightMm,
        double lengthMm,
        double shopDoorMm,
        double onRoofMm) {

    /** Those of the European Union: Directive 96/53/EC, from memory; door and roof are our own. */
    public static final RoadLimits USUAL =
            new RoadLimits("European Union", 2550, 4000, 12000, 3000, 0);

    /** Checks the ranges. */
    public RoadLimits {
        Require.within("legal width", widthMm, PlanLimits.ROAD_LIMIT);
        Require.within("legal height", heightMm, PlanLimits.ROAD_LIMIT);
        Require.within("legal length", lengthMm, PlanLimits.ROAD_LENGTH);
        Require.within("shop door", shopDoorMm, PlanLimits.SHOP_DOOR);
        Require.within("load on the roof", onRoofMm, PlanLimits.ON_ROOF);
    }

    /** {@return these limits with another legal width} */
    public RoadLimits withWidth(double otherMm) {
        return new RoadLimits(region, otherMm, heightMm, lengthMm, shopDoorMm, onRoofMm);
    }

    /** {@return these limits with another legal height} */
    public RoadLimits withHeight(double otherMm) {
        return new RoadLimits(region, widthMm, otherMm, lengthMm, shopDoorMm, onRoofMm);
    }

    /** {@return these limits with another legal length} */
    public RoadLimits withLength(double otherMm) {
        return new RoadLimits(region, widthMm, heightMm, otherMm, shopDoorMm, onRoofMm);
    }

    /** {@return these limits in another shop} */
    public RoadLimits withShopDoor(double otherMm) {
        return new RoadLimits(region, widthMm, heightMm, lengthMm, otherMm, onRoofMm);
    }

    /** {@return these limits with something higher or lower on the roof} */
    public RoadLimits withOnRoof(double otherMm) {
        return new RoadLimits(region, widthMm, heightMm, lengthMm, shopDoorMm, otherMm);
    }
}
