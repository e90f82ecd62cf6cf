package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Layer.Grain;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point3;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Quantity;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;
import pteron.core.surface.Crown;

/** Sheets that go round a bend, against the least radius of their material. */
final class BendCheck {

    private BendCheck() {}

    /** {@return a finding for every face whose sheet is too stiff for its bend} */
    static List<Finding> findings(List<Panel> panels, MaterialLibrary library) {
        List<Finding> findings = new ArrayList<>();
        for (Panel panel : panels) {
            if (panel.surface().isBent()) {
                panel.skins().forEach(skin -> check(panel, skin, library, findings));
            }
            panel.skins().stream()
                    .filter(skin -> skin.crown().isPresent())
                    .forEach(skin -> check(panel, skin, library, findings));
        }
        return findings;
    }

    private static void check(
            Panel panel, Skin skin, MaterialLibrary library, List<Finding> findings) {
        Material material = library.get(skin.layer().material());
        // the sheet's length lies across the box: grain along it lies along the axis of a bend, and
        // round
        // a crown
        boolean round = (skin.layer().grain() == Grain.ALONG) == skin.crown().isPresent();
        Property limit = round ? Property.BEND_ALONG : Property.BEND_ACROSS;
        if (!material.has(limit)) {
            return;
        }
        Bounds2 area = skin.area().bounds();
        double middle = skin.fromInwardMm() + skin.layer().thicknessMm() / 2;
        double radius = radiusMm(panel, skin, middle);
        double least = material.value(limit) * skin.layer().thicknessMm();
        if (radius < least) {
            Point3 at = panel.surface().at(area.middle(), skin.fromInwardMm());
            findings.add(
                    new Finding(
                            "SHEET_TOO_STIFF_FOR_BEND",
                            Severity.WATCH,
                            new Place(SkinStation.SKINS, panel.id(), at.x(), at.y(), at.z()),
                            Quantity.mm(radius),
                            Limit.atLeast(Quantity.mm(least)),
                            Cure.advice(
                                    "THINNER_SHEET", Quantity.mm(radius / material.value(limit)))));
        }
    }

    private static double radiusMm(Panel panel, Skin skin, double middleMm) {
        Bounds2 area = skin.area().bounds();
        return skin.crown()
                .map(Crown::radiusMm)
                .orElseGet(() -> panel.surface().leastRadiusMm(area.fromU(), area.toU(), middleMm));
    }
}
