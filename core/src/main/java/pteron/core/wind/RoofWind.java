package pteron.core.wind;

import java.util.List;
import java.util.function.ToDoubleFunction;
import pteron.core.geometry.Bounds2;
import pteron.core.quantity.NumberText;

/**
 * Wind on the roof of a box, as parts of the wind's pressure. Immutable. Edges are taken as sharp.
 *
 * <p>Source: EN 1991-1-4, 7.2.3 to 7.2.5 and 7.2.8, 7.2.9(6); from memory. Wind along the axis of a vault is not in it:
 * there the flat roof is taken, the vault laid out flat, which is assumed.
 *
 * @param walls the box that the roof is on
 */
public record RoofWind(WallWind walls) {

    /**
     * {@return the worst suction on a part of a roof, the mean over it, with the pressure inside}
     *
     * @param face the piece of roof
     * @param strip the part (u, v), within the piece; of some width and length
     * @param areaM2 area whose wind it carries (m²)
     */
    public Zone suction(RoofFace face, Bounds2 strip, double areaM2) {
        return worst(face, strip, Zone.INSIDE_PRESSURE, c -> c.suction(areaM2));
    }

    /** {@return the worst pressure on a part of a roof, the mean over it, with the suction inside} */
    public Zone pressure(RoofFace face, Bounds2 strip) {
        return worst(face, strip, Zone.INSIDE_SUCTION, Coefficient::pressure);
    }

    private Zone worst(
            RoofFace face, Bounds2 strip, double inside, ToDoubleFunction<Coefficient> outside) {
        // a vault that is laid out flat is longer than the box
        double longest = Math.max(walls.lengthMm(), face.lengthMm());
        RoofZones zones = new RoofZones(face, walls.edge(walls.widthMm()), walls.edge(longest));
        Zone worst = new Zone("", -1);
        for (List<RoofZones.Area> direction : zones.directions()) {
            Mean mean = new Mean(strip.width() * strip.height());
            for (RoofZones.Area area : direction) {
                mean.add(
                        area.name(),
                        outside.applyAsDouble(area.coefficient()),
                        shared(area.place(), strip));
            }
            worst = worst.harder(new Zone(mean.names() + of(face.form()), mean.value() + inside));
        }
        return worst;
    }

    private static double shared(Bounds2 one, Bounds2 other) {
        double along = Math.min(one.toU(), other.toU()) - Math.max(one.fromU(), other.fromU());
        double across = Math.min(one.toV(), other.toV()) - Math.max(one.fromV(), other.fromV());
        return Math.max(0, along) * Math.max(0, across);
    }

    private static String of(RoofForm form) {
        return switch (form) {
            case RoofForm.Flat flat -> "";
            case RoofForm.OneSlope slope -> sloped(slope.degrees());
            case RoofForm.OneOfTwo slope -> sloped(slope.degrees());
            case RoofForm.Vault vault -> " of a vaulted roof (flat roof along its axis, assumed)";
        };
    }

    private static String sloped(double degrees) {
        return " of a roof of %s°".formatted(NumberText.format(degrees, 0));
    }
}
