package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;
import pteron.core.quantity.UnitSystem;

/**
 * Bars and saw, sealant and tape. Immutable.
 *
 * @param saw how bars are sawn
 * @param stockLengthsMm lengths that the shop sells bars in, shortest first, one or more (mm)
 * @param tubeLengthsMm lengths that it sells tubes in, shortest first, one or more (mm)
 * @param beadWidthMm width of a bead of sealant (mm)
 * @param beadDepthMm depth of a bead of sealant (mm)
 * @param cartridgeMl content of a cartridge (mL)
 * @param tapeRollMm length of a roll of butyl tape (mm)
 */
public record Supplies(
        Saw saw,
        List<Double> stockLengthsMm,
        List<Double> tubeLengthsMm,
        double beadWidthMm,
        double beadDepthMm,
        double cartridgeMl,
        double tapeRollMm) {

    /** Copies the lengths and checks the ranges. */
    public Supplies {
        Require.within("kerf", saw.kerfMm(), PlanLimits.KERF);
        Require.within("end trim", saw.endTrimMm(), PlanLimits.END_TRIM);
        Require.within("length tolerance", saw.toleranceMm(), PlanLimits.LENGTH_TOLERANCE);
        Require.within("bead width", beadWidthMm, PlanLimits.BEAD);
        Require.within("bead depth", beadDepthMm, PlanLimits.BEAD);
        Require.within("cartridge", cartridgeMl, PlanLimits.CARTRIDGE);
        Require.within("tape roll", tapeRollMm, PlanLimits.TAPE_ROLL);
        stockLengthsMm = lengths("stock lengths", stockLengthsMm);
        tubeLengthsMm = lengths("lengths of tubes", tubeLengthsMm);
    }

    /** {@return what shops sell where lengths are told in one system or the other; common practice} */
    public static Supplies usual(UnitSystem units) {
        return switch (units) {
            case METRIC ->
                    new Supplies(
                            Saw.USUAL,
                            List.of(3000.0, 3600.0, 4200.0, 4800.0),
                            List.of(6000.0),
                            6,
                            6,
                            290,
                            15000);
            case INCHES ->
                    new Supplies(
                            Saw.USUAL_INCHES,
                            List.of(2438.4, 3048.0, 3657.6, 4876.8),
                            List.of(6096.0, 7315.2),
                            6.35,
                            6.35,
                            300,
                            15240);
        };
    }

    /** {@return lengths each once, shortest first} */
    private static List<Double> lengths(String name, List<Double> lengthsMm) {
        lengthsMm.forEach(length -> Require.within(name, length, PlanLimits.STOCK_LENGTH));
        if (lengthsMm.isEmpty()) {
            throw new IllegalArgumentException(
                    name + ": there are none; give at least one length the shop sells");
        }
        return lengthsMm.stream().distinct().sorted().toList();
    }

    /** {@return lengths in the shop: of tubes, or of timber and bars (mm)} */
    public List<Double> lengthsMm(boolean tube) {
        return tube ? tubeLengthsMm : stockLengthsMm;
    }

    /** {@return the longest part that can be cut from a tube or a bar in the shop (mm)} */
    public double longestPartMm(boolean tube) {
        return saw.usableMm(lengthsMm(tube).getLast()) - saw.toleranceMm();
    }

    /** {@return width of the saw's cut (mm)} */
    public double kerfMm() {
        return saw.kerfMm();
    }

    /** {@return these supplies sawn in another way} */
    public Supplies withSaw(Saw other) {
        return new Supplies(
                other,
                stockLengthsMm,
                tubeLengthsMm,
                beadWidthMm,
                beadDepthMm,
                cartridgeMl,
                tapeRollMm);
    }

    /** {@return these supplies with a saw of another kerf} */
    public Supplies withKerf(double otherMm) {
        return withSaw(new Saw(otherMm, saw.endTrimMm(), saw.toleranceMm()));
    }

    /** {@return these supplies with another trim of the bars' ends} */
    public Supplies withEndTrim(double otherMm) {
        return withSaw(new Saw(saw.kerfMm(), otherMm, saw.toleranceMm()));
    }

    /** {@return these supplies with another length tolerance of the parts} */
    public Supplies withTolerance(double otherMm) {
        return withSaw(new Saw(saw.kerfMm(), saw.endTrimMm(), otherMm));
    }

    /** {@return these supplies with bars of other lengths} */
    public Supplies withStockLengths(List<Double> otherMm) {
        return new Supplies(
                saw, otherMm, tubeLengthsMm, beadWidthMm, beadDepthMm, cartridgeMl, tapeRollMm);
    }

    /** {@return these supplies with tubes of other lengths} */
    public Supplies withTubeLengths(List<Double> otherMm) {
        return new Supplies(
                saw, stockLengthsMm, otherMm, beadWidthMm, beadDepthMm, cartridgeMl, tapeRollMm);
    }

    /** {@return these supplies with cartridges of another content (mL)} */
    public Supplies withCartridge(double otherMl) {
        return new Supplies(
                saw, stockLengthsMm, tubeLengthsMm, beadWidthMm, beadDepthMm, otherMl, tapeRollMm);
    }

    /** {@return these supplies with rolls of tape of another length} */
    public Supplies withTapeRoll(double otherMm) {
        return new Supplies(
                saw, stockLengthsMm, tubeLengthsMm, beadWidthMm, beadDepthMm, cartridgeMl, otherMm);
    }

    /** {@return these supplies with another bead} */
    public Supplies withBead(double widthMm, double depthMm) {
        return new Supplies(
                saw, stockLengthsMm, tubeLengthsMm, widthMm, depthMm, cartridgeMl, tapeRollMm);
    }
}
