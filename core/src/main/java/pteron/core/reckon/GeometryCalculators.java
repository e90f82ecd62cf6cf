package pteron.core.reckon;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.outline.Corner;
import pteron.core.outline.Upright;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Require;

/** Mitre and upright height. */
final class GeometryCalculators {

    private GeometryCalculators() {}

    static Calculator mitre() {
        Input turn =
                Input.number("turn", "how far the edge turns (degrees, 0 to 180)", "45")
                        .from(0, 180);
        return new Calculator(
                "mitre",
                "Mitre of a corner: half the turn",
                List.of(turn),
                in -> {
                    double degrees = in.number(turn);
                    return List.of(
                            Figure.of(
                                    "mitre",
                                    "Mitre",
                                    Quantity.degrees(Corner.mitre(degrees)),
                                    () ->
                                            Working.of("mitre = turn / 2")
                                                    .plan(
                                                            "turn",
                                                            "how far the edge turns",
                                                            Quantity.degrees(degrees))
                                                    .source("geometry; for pieces of one depth")));
                });
    }

    static Calculator upright() {
        Input front = Input.length("front", "height at the front face (length)", "1200");
        Input thickness = Input.length("thickness", "thickness of the upright (length)", "38");
        Input slope =
                Input.number("slope", "slope of the roof, rising to the rear (degrees)", "30")
                        .from(-89, 89);
        return new Calculator(
                "upright",
                "Height of an upright under a slope, at both faces",
                List.of(front, thickness, slope),
                in -> {
                    double degrees =
                            Require.within(
                                    "slope", in.number(slope), new Require.Range(-89, 89, "°"));
                    double t = Require.positive("thickness", in.mm(thickness), "mm");
                    Upright upright = Upright.under(in.mm(front), t, degrees);
                    return heights(upright, in.mm(front), t, degrees);
                });
    }

    private static List<Figure> heights(Upright upright, double front, double t, double degrees) {
        double rear = upright.rearFaceMm();
        double side = upright.longSideMm();
        return List.of(
                height("rear", "Height at the rear face", rear, front, t, degrees),
                height("long-side", "Length to cut, long point", side, front, t, degrees),
                height("bevel", "Bevel", 0, front, t, degrees));
    }

    private static Figure height(
            String key, String name, double mm, double front, double thickness, double slope) {
        Quantity value = key.equals("bevel") ? Quantity.degrees(Math.abs(slope)) : Quantity.mm(mm);
        return Figure.of(
                key,
                name,
                value,
                () ->
                        Working.of("rear = front + t · tan(slope); bevel = slope")
                                .plan("front", "height at the front face", Quantity.mm(front))
                                .plan("t", "thickness", Quantity.mm(thickness))
                                .plan("slope", "slope of the roof", Quantity.degrees(slope))
                                .source("geometry"));
    }
}
