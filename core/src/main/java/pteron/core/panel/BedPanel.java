package pteron.core.panel;

import java.util.List;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;

/** The bonded floor of a bed over the cab: a strip of it from side wall to side wall, under those who lie on it. */
final class BedPanel {

    /** People who lie on it: common practice. */
    private static final double PEOPLE = 2;

    /** Patch of a knee through a mattress 60 mm thick, which spreads it at 45° all around (mm); assumed. */
    static final double KNEE_MM = 200;

    private BedPanel() {}

    /** {@return length of what faces down over a cab, 0 where there is no bed (mm)} */
    static double lengthMm(Outline outline) {
        return outline.elements().stream()
                .filter(element -> element.kind() == EdgeKind.UNDER)
                .mapToDouble(Element::lengthMm)
                .sum();
    }

    /**
     * {@return what a bed must bear: all who lie on it, spread over the whole bed, or one person on one knee}
     *
     * @param personKg heaviest person (kg)
     * @param areaMm2 area of the bed (mm²), above 0
     * @param spanMm from side wall to side wall (mm)
     */
    static List<PanelLoad> loads(double personKg, double areaMm2, double spanMm) {
        double person = personKg * Constants.GRAVITY;
        return List.of(
                PanelLoad.spread(
                        "lying",
                        "two people lying",
                        PEOPLE * person / areaMm2,
                        spanMm,
                        Duration.MEDIUM),
                PanelLoad.patch(
                        "knee",
                        "one person on a knee",
                        person,
                        KNEE_MM,
                        spanMm,
                        "patch through a mattress of 60 mm is assumed"));
    }

    /** {@return how hard it works; it is loaded from inside} */
    static List<PanelUse> uses(
            SandwichPanel fromInside, List<PanelLoad> loads, double spanMm, double supportMm) {
        return loads.stream()
                .flatMap(
                        load -> new PanelCheck(fromInside, load, spanMm, supportMm).uses().stream())
                .toList();
    }
}
