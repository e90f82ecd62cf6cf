package pteron.core.bonded;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Segment2;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.skin.SkinStation;

/**
 * A conduit for wires in the core of bonded walls, level all round the box: it is laid in before the second face goes on,
 * notched to bend round corners, and opened from one panel into the next.
 */
final class Conduits {

    private static final Set<PanelKind> WALLS =
            Set.of(PanelKind.LEFT, PanelKind.RIGHT, PanelKind.FRONT, PanelKind.REAR);

    private final double heightMm;
    private final List<Panel> walls;
    private final Openings openings;

    Conduits(double heightMm, List<Panel> panels, Openings openings) {
        this.heightMm = heightMm;
        this.openings = openings;
        this.walls =
                panels.stream()
                        .filter(panel -> heightMm > 0 && panel.isBonded())
                        .filter(panel -> WALLS.contains(panel.kind()))
                        .toList();
    }

    /** {@return the stretches of one wall at the height of the conduit (mm)} */
    private List<Segment2> level(Panel wall) {
        return wall.frame().levelAt(wall.zero().v() + heightMm);
    }

    private double lengthMm(Panel wall) {
        return level(wall).stream().mapToDouble(Segment2::lengthMm).sum();
    }

    List<Figure> figures() {
        if (walls.isEmpty()) {
            return List.of();
        }
        double all = walls.stream().mapToDouble(this::lengthMm).sum();
        return List.of(
                Figure.of(
                        SkinStation.SKINS.figure("conduit"),
                        "Conduit in bonded walls",
                        metres(all),
                        () -> {
                            Working.Builder working = Working.of("L = sum of the walls");
                            walls.forEach(
                                    wall -> working.plan("L", wall.id(), metres(lengthMm(wall))));
                            return working.source("level, from edge to edge of each wall");
                        }));
    }

    private static Quantity metres(double mm) {
        return new Quantity(mm / 1000, Unit.METRE);
    }

    /** {@return the openings that a conduit would run through} */
    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (Panel wall : walls) {
            double at = wall.zero().v() + heightMm;
            openings.in(wall).stream()
                    .filter(one -> meets(one.clear(), at))
                    .forEach(one -> findings.add(meets(one, at)));
        }
        return findings;
    }

    private static boolean meets(Bounds2 clear, double at) {
        return clear.fromV() < at && at < clear.toV();
    }

    private Finding meets(PlacedOpening one, double at) {
        Point3 middle = one.middle();
        double over = one.clear().toV() - at;
        return new Finding(
                "CONDUIT_MEETS_OPENING",
                Severity.NOTE,
                new Place(
                        SkinStation.SKINS, one.opening().id(), middle.x(), middle.y(), middle.z()),
                Quantity.mm(heightMm),
                Limit.atLeast(Quantity.mm(heightMm + over)),
                Cure.advice("CONDUIT_ROUND_IT", Quantity.mm(over)));
    }
}
