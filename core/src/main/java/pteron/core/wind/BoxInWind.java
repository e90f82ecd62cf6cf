package pteron.core.wind;

import java.util.ArrayList;
import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.curve.Curve;
import pteron.core.geometry.Point2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.OutlinePoint;

/** The box on its carrier in the wind. */
public final class BoxInWind {

    /** Places that the rise of a bend is looked for at. */
    private static final int PLACES = 64;

    private BoxInWind() {}

    /** {@return the walls of a box on its carrier} */
    public static WallWind walls(Box box, Carrier carrier) {
        List<OutlinePoint> outline = box.outline();
        double front = outline.stream().mapToDouble(OutlinePoint::xMm).min().orElse(0);
        double rear = outline.stream().mapToDouble(OutlinePoint::xMm).max().orElse(0);
        double top = outline.stream().mapToDouble(OutlinePoint::zMm).max().orElse(0);
        double height = top + box.raisedMm() - carrier.groundMm();
        return new WallWind(Math.max(1, rear - front), box.widthMm(), Math.max(1, height));
    }

    /**
     * {@return what the pieces of the roof are to the wind, in the order of the outline}
     *
     * @param box the box
     * @param walls its walls in the wind
     * @param outline its outline, usable
     */
    public static List<RoofFace> roofs(Box box, WallWind walls, Outline outline) {
        List<Element> elements = outline.elements();
        List<RoofFace> roofs = new ArrayList<>();
        for (int i = 0; i < elements.size(); i++) {
            if (elements.get(i).kind() == EdgeKind.ROOF) {
                roofs.add(face(box, walls, elements, i));
            }
        }
        return roofs;
    }

    private static RoofFace face(Box box, WallWind walls, List<Element> elements, int i) {
        Element element = elements.get(i);
        RoofForm form = form(box, walls, elements, i);
        boolean laidOut = form instanceof RoofForm.Vault vault && vault.along();
        double length = laidOut ? element.lengthMm() : Math.abs(run(element));
        return new RoofFace(form, Math.max(1, length), box.widthMm());
    }

    /** What slopes from end to end is a slope, bent or not; what bends from one height to the same is a vault. */
    private static RoofForm form(Box box, WallWind walls, List<Element> elements, int i) {
        Element element = elements.get(i);
        double slope = slopeDegrees(element);
        boolean lowAtStart = slope > 0;
        if (Math.abs(slope) > RoofForm.FLAT_TO_DEGREES) {
            return hasRidge(elements, i, lowAtStart)
                    ? new RoofForm.OneOfTwo(
                            Math.min(Math.abs(slope), RoofForm.STEEPEST_DEGREES), lowAtStart)
                    : RoofForm.straight(Math.abs(slope), lowAtStart);
        }
        return element.bends()
                ? vault(walls, riseMm(element.curve()), Math.abs(run(element)), true)
                : vault(walls, crownMm(box, element), box.widthMm(), false);
    }

    private static double crownMm(Box box, Element element) {
        return element.crown(box).isPresent() ? box.details().crownMm() : 0;
    }

    private static RoofForm vault(WallWind walls, double riseMm, double spanMm, boolean along) {
        double springing = Math.max(0, walls.heightMm() - riseMm);
        return riseMm < RoofForm.LEAST_RISE * spanMm
                ? new RoofForm.Flat()
                : new RoofForm.Vault(riseMm / spanMm, springing / spanMm, along);
    }

    /** {@return whether the piece beyond its higher edge falls away from it} */
    private static boolean hasRidge(List<Element> elements, int i, boolean lowAtStart) {
        int beyond = lowAtStart ? i + 1 : i - 1;
        if (beyond < 0 || beyond >= elements.size()) {
            return false;
        }
        Element other = elements.get(beyond);
        boolean roof = other.kind() == EdgeKind.ROOF && !other.bends();
        double slope = slopeDegrees(other);
        return roof
                && (lowAtStart
                        ? slope < -RoofForm.FLAT_TO_DEGREES
                        : slope > RoofForm.FLAT_TO_DEGREES);
    }

    private static double run(Element element) {
        Curve curve = element.curve();
        return curve.to().u() - curve.from().u();
    }

    /** {@return slope of its chord, above 0 where it rises to the rear (degrees)} */
    private static double slopeDegrees(Element element) {
        Curve curve = element.curve();
        return Math.toDegrees(
                Math.atan2(curve.to().v() - curve.from().v(), Math.abs(run(element))));
    }

    /** {@return how far a curve rises over its chord (mm)} */
    private static double riseMm(Curve curve) {
        Point2 from = curve.from();
        Point2 chord = curve.to().minus(from);
        double rise = 0;
        for (int i = 1; i < PLACES; i++) {
            Point2 at = curve.at(curve.lengthMm() * i / PLACES).minus(from);
            rise = Math.max(rise, at.cross(chord) / -Math.hypot(chord.u(), chord.v()));
        }
        return rise;
    }
}
