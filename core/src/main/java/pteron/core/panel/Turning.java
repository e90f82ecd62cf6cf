package pteron.core.panel;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import pteron.core.material.Property;

/**
 * What turning the sheets of both faces would do for a panel.
 *
 * @param panel as it lies
 * @param along the same with both grains along the span
 * @param isPossible whether that is another panel, and the sheets of the shop are long enough for it
 */
record Turning(SandwichPanel panel, SandwichPanel along, boolean isPossible) {

    /**
     * {@return what turning would do}
     *
     * @param panel the panel as it lies
     * @param reachMm how long a sheet must be to carry without a seam across the span (mm)
     */
    static Turning of(SandwichPanel panel, double reachMm) {
        boolean turned = panel.loaded().across() || panel.other().across();
        boolean grained =
                Stream.of(panel.loaded(), panel.other())
                        .anyMatch(
                                face ->
                                        face.grain().bendingModulus(false)
                                                > face.grain().bendingModulus(true));
        boolean longEnough =
                Stream.of(panel.loaded(), panel.other())
                        .allMatch(face -> lengthMm(face) >= reachMm);
        return new Turning(panel, panel.laid(false), turned && grained && longEnough);
    }

    private static double lengthMm(SandwichPanel.Sheet face) {
        return face.material().has(Property.SHEET_LENGTH)
                ? face.material().value(Property.SHEET_LENGTH)
                : 0;
    }

    /** {@return the uses of the panel as it lies; those that fail and would hold with its sheets turned say so} */
    List<PanelUse> uses(Function<SandwichPanel, List<PanelUse>> checks) {
        List<PanelUse> lying = checks.apply(panel);
        if (!isPossible || worst(lying) <= 1) {
            return lying;
        }
        List<PanelUse> turned = checks.apply(along);
        return Stream.iterate(0, i -> i < lying.size(), i -> i + 1)
                .map(i -> lying.get(i).turnedTo(turned.get(i).check().utilisation()))
                .toList();
    }

    /** {@return the greatest utilisation of some uses} */
    static double worst(List<PanelUse> uses) {
        return uses.stream().mapToDouble(use -> use.check().utilisation()).max().orElse(0);
    }
}
