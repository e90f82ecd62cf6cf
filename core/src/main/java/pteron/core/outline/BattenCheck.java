package pteron.core.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import pteron.core.curve.Batten;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Point2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.Box;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.Quantity;

/** Whether the battens of an outline survive their bend. */
final class BattenCheck {

    /** Strips as they are planed and sold (mm), thinner ones are laminated; common practice. */
    private static final double[] SOLD_MM = {4, 5, 6, 8, 10, 12, 15, 18, 20, 25, 30};

    /** Share of the bending strength from which a batten is close to breaking; common practice. */
    private static final double CLOSE = 0.8;

    private BattenCheck() {}

    /** {@return the planned batten of an element, null for lines, arcs and fillets} */
    static OutlinePoint.Batten planned(Box box, Element element) {
        return element.curve() instanceof Batten
                        && box.outline().get(element.point()).link()
                                instanceof OutlinePoint.Batten batten
                ? batten
                : null;
    }

    /** {@return whether the library knows what the sums of a batten ask for} */
    static boolean isKnown(OutlinePoint.Batten batten, MaterialLibrary library) {
        return library.contains(batten.timber())
                && library.get(batten.timber()).has(Property.MODULUS)
                && library.get(batten.timber()).has(Property.BENDING);
    }

    static List<Finding> findings(Box box, List<Element> elements, MaterialLibrary library) {
        List<Finding> findings = new ArrayList<>();
        for (Element element : elements) {
            OutlinePoint.Batten batten = planned(box, element);
            if (batten != null && !isKnown(batten, library)) {
                findings.add(unfit(element));
            } else if (batten != null) {
                Material timber = library.get(batten.timber());
                double strength = timber.value(Property.BENDING);
                double stress = stress(element, batten, timber);
                if (stress > CLOSE * strength) {
                    findings.add(bends(element, timber, stress));
                }
            }
        }
        return findings;
    }

    static double stress(Element element, OutlinePoint.Batten batten, Material timber) {
        return Batten.stress(
                timber.value(Property.MODULUS),
                batten.thicknessMm(),
                element.curve().hardestCurvature());
    }

    private static Finding unfit(Element element) {
        return new Finding(
                "MATERIAL_UNFIT",
                Severity.WATCH,
                Place.of(OutlineStation.OUTLINE, "corner-" + element.point()),
                Quantity.count(1),
                Limit.atMost(Quantity.count(0)),
                Cure.advice("CHOOSE_MATERIAL", Quantity.count(1)));
    }

    private static Finding bends(Element element, Material timber, double stress) {
        double strength = timber.value(Property.BENDING);
        boolean breaks = stress > strength;
        Point2 at = element.curve().at(element.curve().hardestMm());
        double thickest =
                CLOSE
                        * Batten.thickest(
                                strength,
                                timber.value(Property.MODULUS),
                                element.curve().hardestCurvature());
        OptionalDouble sold = Arrays.stream(SOLD_MM).filter(one -> one <= thickest).max();
        return new Finding(
                breaks ? "BATTEN_BREAKS" : "BATTEN_CLOSE_TO_BREAKING",
                breaks ? Severity.STOPS : Severity.WATCH,
                Place.of(OutlineStation.OUTLINE, "corner-" + element.point()).at(at.u(), at.v()),
                Quantity.stress(stress),
                Limit.atMost(Quantity.stress(strength)),
                sold.isPresent()
                        ? Cure.press(
                                "SET_BATTEN_THICKNESS",
                                Quantity.mm(sold.getAsDouble()),
                                "corner",
                                (double) element.point())
                        : Cure.advice("GENTLER_BEND", Quantity.mm(thickest)));
    }
}
