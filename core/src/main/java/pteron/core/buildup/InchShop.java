package pteron.core.buildup;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/**
 * What a build-up told in millimetres becomes in a shop that sells by feet and inches: lumber by its dry sizes, tube by the
 * inch, sheets of 4 × 8 ft, plywood by its real thickness, foam by the half inch, metal sheet by gauge. Common practice.
 */
public final class InchShop {

    private static final double MM_PER_INCH = 25.4;

    /** What plywood sold as 1/8, 1/4, 3/8, 1/2, 5/8, 3/4 measures (in): US PS 1; value not yet checked. */
    private static final double[] PLYWOOD = {0.125, 0.21875, 0.34375, 0.46875, 0.59375, 0.71875};

    private static final double[] FOAM = {0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6};

    /** Aluminium by the thousandth, the usual gauges 20, 18, 16, 14 among them (in); common practice. */
    private static final double[] METAL = {0.024, 0.032, 0.04, 0.05, 0.063, 0.08, 0.09, 0.125};

    private static final double[] TUBE = {0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4};

    /** Walls of tube, gauges 18, 16, 14, 11 by BWG, then plates (in). */
    private static final double[] TUBE_WALL = {0.049, 0.065, 0.083, 0.12, 0.1875, 0.25};

    /** Centres on which the seams of sheets of 4 ft land (in). */
    private static final double[] CENTRES = {12, 16, 24, 48};

    /** Timber that is sold there in place of a strength class of EN 338. */
    private static final Map<String, String> TIMBER =
            Map.of(
                    "c14", "spf", "c16", "spf", "c18", "spf", "c22", "spf", "c24", "spf", "c27",
                    "dfl", "c30", "dfl");

    private InchShop() {}

    /** {@return a framed part as the shop of a unit system sells it} */
    public static Framed of(Framed framed, UnitSystem units) {
        return units == UnitSystem.METRIC ? framed : of(framed);
    }

    /** {@return a floor as the shop of a unit system sells it} */
    public static Floor of(Floor floor, UnitSystem units) {
        return units == UnitSystem.METRIC ? floor : of(floor);
    }

    /** {@return a layer as the shop of a unit system sells it} */
    public static Layer of(Layer layer, UnitSystem units) {
        return units == UnitSystem.METRIC ? layer : of(layer);
    }

    /** {@return a section as the shop of a unit system sells it} */
    public static Section of(Section section, UnitSystem units) {
        return units == UnitSystem.METRIC ? section : of(section);
    }

    private static Framed of(Framed framed) {
        return framed.withOuterSkin(of(framed.outerSkin()))
                .withInsulation(of(framed.insulation()))
                .withInnerSkin(of(framed.innerSkin()))
                .withOutside(framed.outside().stream().map(InchShop::of).toList())
                .withInside(framed.inside().stream().map(InchShop::of).toList())
                .withMembers(of(framed.members()));
    }

    private static Floor of(Floor floor) {
        return floor.withTopFace(of(floor.topFace()))
                .withCore(of(floor.core()))
                .withBottomFace(of(floor.bottomFace()))
                .withFinish(floor.finish().stream().map(InchShop::of).toList())
                .withBearers(of(floor.bearers()));
    }

    private static Layer of(Layer layer) {
        String id = MaterialLibrary.inFeet(layer.material());
        return layer.withMaterial(id).withThickness(thickness(layer));
    }

    private static double thickness(Layer layer) {
        double mm = layer.thicknessMm();
        MaterialLibrary starting = MaterialLibrary.starting();
        if (!starting.contains(layer.material())) {
            return mm;
        }
        Material material = starting.get(layer.material());
        if (material.has(Property.LAP)) {
            return Lumber.nearestMm(mm);
        }
        // air and wool come in no sheets: they are as thick as they are
        if (!material.has(Property.SHEET_WIDTH)) {
            return mm;
        }
        return switch (material.kind()) {
            case BOARD ->
                    mm > PLYWOOD[PLYWOOD.length - 1] * MM_PER_INCH ? mm : nearest(mm, PLYWOOD);
            case FOAM -> nearest(mm, FOAM);
            case SHEET -> mm > METAL[METAL.length - 1] * MM_PER_INCH ? mm : nearest(mm, METAL);
            default -> mm;
        };
    }

    private static Members of(Members members) {
        return members.withSection(of(members.section()))
                .withSpacing(notAbove(members.spacingMm(), CENTRES))
                .withTimber(TIMBER.getOrDefault(members.timber(), members.timber()));
    }

    private static Section of(Section section) {
        if (section.isTube()) {
            return new Section(
                    nearest(section.thicknessMm(), TUBE),
                    nearest(section.depthMm(), TUBE),
                    nearest(section.wallMm(), TUBE_WALL));
        }
        return new Section(
                Lumber.nearestMm(section.thicknessMm()), Lumber.nearestMm(section.depthMm()));
    }

    private static double nearest(double mm, double[] inches) {
        return millimetres(inches).stream()
                .min(Comparator.comparingDouble(one -> Math.abs(one - mm)))
                .orElseThrow();
    }

    /** The greatest that is not above; a spacing only becomes closer. */
    private static double notAbove(double mm, double[] inches) {
        return millimetres(inches).stream()
                .filter(one -> one <= mm + 1)
                .max(Comparator.naturalOrder())
                .orElse(mm);
    }

    private static List<Double> millimetres(double[] inches) {
        return Arrays.stream(inches).map(LengthText::fromInches).boxed().toList();
    }
}
