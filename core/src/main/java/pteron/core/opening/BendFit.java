package pteron.core.opening;

import java.util.List;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.quantity.Quantity;
import pteron.core.shell.Skin;
import pteron.core.surface.Crown;
import pteron.core.surface.Surface;

/**
 * A flat unit on a skin that bends: how far its flange stands off.
 *
 * <pre>  rise = greatest distance of the skin from the chord under the flange;  on an arc R − √(R² − c²/4)  </pre>
 *
 * c chord from edge to edge of the flange, R radius of the skin (mm). Source: geometry. Example: R 1000, a cut-out of 500 with
 * a flange of 25 on both sides, measured as c 550: 38.6 mm.
 */
final class BendFit {

    /** A flange reaches over the cut-out by so much (mm); common practice. */
    static final double FLANGE_MM = 25;

    /** What a sealing tape under the flange takes up (mm); common practice: of 3 mm, pressed to 1. */
    static final double TAPE_MM = 2;

    /** What a packing cut to the bend takes up, tape and all (mm); common practice: a ply ring that clamps still reach over. */
    static final double PACKING_MM = 12;

    /** Places that the skin is looked at. */
    private static final int PLACES = 256;

    private final PlacedOpening placed;
    private final double riseMm;

    private BendFit(PlacedOpening placed, double riseMm) {
        this.placed = placed;
        this.riseMm = riseMm;
    }

    /** {@return how a unit sits on a skin that bends, empty where its skin is flat} */
    static Optional<BendFit> of(PlacedOpening placed) {
        Skin skin = placed.panel().skins().getFirst();
        Surface surface = placed.panel().surface();
        double rise = 0;
        if (surface.isBent()) {
            rise = alongMm(surface, placed.cutOut().grown(FLANGE_MM), skin.fromInwardMm());
        } else if (skin.crown().isPresent()) {
            rise = acrossMm(skin.crown().get(), placed.cutOut().grown(FLANGE_MM));
        }
        return rise > 0 ? Optional.of(new BendFit(placed, rise)) : Optional.empty();
    }

    private static double alongMm(Surface surface, Bounds2 flange, double skinMm) {
        double v = flange.middle().v();
        Point3 from = surface.at(new Point2(flange.fromU(), v), skinMm);
        Point3 to = surface.at(new Point2(flange.toU(), v), skinMm);
        double chord = Math.hypot(to.x() - from.x(), to.z() - from.z());
        double rise = 0;
        for (int i = 1; i < PLACES; i++) {
            double u = flange.fromU() + flange.width() * i / PLACES;
            Point3 at = surface.at(new Point2(u, v), skinMm);
            double cross =
                    (to.x() - from.x()) * (at.z() - from.z())
                            - (to.z() - from.z()) * (at.x() - from.x());
            rise = Math.max(rise, Math.abs(cross) / chord);
        }
        return rise;
    }

    private static double acrossMm(Crown crown, Bounds2 flange) {
        double chord = flange.height();
        double radius = crown.radiusMm();
        return radius - Math.sqrt(Math.max(0, radius * radius - chord * chord / 4));
    }

    double riseMm() {
        return riseMm;
    }

    Figure figure() {
        Bounds2 flange = placed.cutOut().grown(FLANGE_MM);
        boolean across = !placed.panel().surface().isBent();
        return Figure.of(
                OpeningStation.OPENINGS.figure("rise." + placed.opening().id()),
                placed.opening().name() + ": rise of the skin under its flange",
                Quantity.mm(riseMm),
                () ->
                        Working.of("rise = greatest distance of the skin from the chord")
                                .plan(
                                        "c",
                                        "cut-out and flange along the bend",
                                        Quantity.mm(across ? flange.height() : flange.width()))
                                .standard(
                                        "flange",
                                        "over the cut-out on each side, common practice",
                                        Quantity.mm(FLANGE_MM))
                                .standard("tape", "takes up", Quantity.mm(TAPE_MM))
                                .standard(
                                        "packing",
                                        "cut to the bend, takes up",
                                        Quantity.mm(PACKING_MM))
                                .source("geometry; on an arc R − √(R² − c²/4)"));
    }

    /** {@return what is to be minded: nothing where tape takes it up, packing, or that the unit does not sit there} */
    List<Finding> findings() {
        if (riseMm <= TAPE_MM) {
            return List.of();
        }
        boolean packed = riseMm <= PACKING_MM;
        Point3 middle = placed.middle();
        Place place =
                new Place(
                        OpeningStation.OPENINGS,
                        placed.opening().id(),
                        middle.x(),
                        middle.y(),
                        middle.z());
        return List.of(
                new Finding(
                        packed ? "UNIT_WANTS_PACKING" : "UNIT_TOO_FLAT_FOR_BEND",
                        packed ? Severity.WATCH : Severity.STOPS,
                        place,
                        Quantity.mm(riseMm),
                        Limit.atMost(Quantity.mm(packed ? TAPE_MM : PACKING_MM)),
                        Cure.advice(
                                packed ? "PACK_TO_THE_BEND" : "SMALLER_UNIT_OR_FLAT_WALL",
                                Quantity.mm(packed ? riseMm : PACKING_MM))));
    }
}
