package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * Bars and saw, sealant and tape. Immutable.
 *
 * @param kerfMm width of the saw's cut (mm)
 * @param stockLengthsMm lengths that the shop sells bars in, shortest first, one or more (mm)
 * @param beadWidthMm width of a bead of sealant (mm)
 * @param beadDepthMm depth of a bead of sealant (mm)
 * @param cartridgeMl content of a cartridge (mL)
 * @param tapeRollMm length of a roll of butyl tape (mm)
 */
public record Supplies(
        double kerfMm,
        List<Double> stockLengthsMm,
        double beadWidthMm,
        double beadDepthMm,
        double cartridgeMl,
        double tapeRollMm) {
    /** Copies the lengths and checks the ranges. */
    public Supplies {
        Require.within("kerf", kerfMm, PlanLimits.KERF);
        Require.within("bead width", beadWidthMm, PlanLimits.BEAD);
        Require.within("bead depth", beadDepthMm, PlanLimits.BEAD);
        Require.within("cartridge", cartridgeMl, PlanLimits.CARTRIDGE);
        Require.within("tape roll", tapeRollMm, PlanLimits.TAPE_ROLL);
        stockLengthsMm.forEach(
                length -> Require.within("stock length", length, PlanLimits.STOCK_LENGTH));
        stockLengthsMm = stockLengthsMm.stream().distinct().sorted().toList();
        if (stockLengthsMm.isEmpty()) {
            throw new IllegalArgumentException(
                    "stock lengths: there are none; give at least one length the shop sells");
        }
    }

    /** {@return the longest bar in the shop (mm)} */
    public double longestStockMm() {
        return stockLengthsMm.getLast();
    }

    /** {@return these supplies with another saw} */
    public Supplies withKerf(double otherMm) {
        return new Supplies(
                otherMm, stockLengthsMm, beadWidthMm, beadDepthMm, cartridgeMl, tapeRollMm);
    }

    /** {@return these supplies with bars of other lengths} */
    public Supplies withStockLengths(List<Double> otherMm) {
        return new Supplies(kerfMm, otherMm, beadWidthMm, beadDepthMm, cartridgeMl, tapeRollMm);
    }

    /** {@return these supplies with another bead} */
    public Supplies withBead(double widthMm, double depthMm) {
        return new Supplies(kerfMm, stockLengthsMm, widthMm, depthMm, cartridgeMl, tapeRollMm);
    }
}
