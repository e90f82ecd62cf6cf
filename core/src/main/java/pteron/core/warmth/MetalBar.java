package pteron.core.warmth;

import pteron.core.quantity.Require;
import pteron.core.warmth.WarmLayer.Stuff;

/**
 * A metal member that goes through the foam of a wall. Immutable.
 *
 * @param thicknessMm along the wall (mm), above 0
 * @param wallMm wall of a tube (mm); 0 for a solid bar
 * @param conductivity of the metal (W/(m·K)), above 0
 * @param alike a solid stuff that leads as much heat straight through, by which its layers are known
 */
public record MetalBar(double thicknessMm, double wallMm, double conductivity, Stuff alike) {

    /** Checks the sizes. */
    public MetalBar {
        Require.positive("thickness of the metal", thicknessMm, "mm");
        Require.within("wall of the tube", wallMm, new Require.Range(0, thicknessMm / 2, "mm"));
        Require.positive("conductivity of the metal", conductivity, "W/(m·K)");
    }

    /** {@return whether it stands in a layer} */
    boolean standsIn(WarmLayer layer) {
        return layer.member().equals(alike);
    }
}
