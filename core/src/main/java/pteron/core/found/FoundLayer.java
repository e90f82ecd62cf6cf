package pteron.core.found;

import java.util.Optional;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.outline.Outline;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;

/** Posts and bows of a bought shell, and what is damaged, laid over the box. */
public final class FoundLayer implements Layer {

    @Override
    public void overFrame(Canvas canvas) {
        Optional<FoundShell> found = canvas.box().plan().found();
        kind(canvas.view())
                .ifPresent(
                        kind ->
                                found.ifPresent(
                                        shell ->
                                                canvas.box().find(Shell.class).stream()
                                                        .flatMap(one -> one.panels().stream())
                                                        .filter(panel -> panel.kind() == kind)
                                                        .forEach(
                                                                panel ->
                                                                        ribs(
                                                                                canvas, shell,
                                                                                panel))));
    }

    /** Damages lie over everything, the floor's too where the station shows the carrier alone. */
    @Override
    public void overBox(Canvas canvas) {
        canvas.box().plan().found().stream()
                .flatMap(shell -> shell.damages().stream())
                .forEach(damage -> damage(canvas, damage));
    }

    private static Optional<PanelKind> kind(View view) {
        return switch (view) {
            case LEFT -> Optional.of(PanelKind.LEFT);
            case RIGHT -> Optional.of(PanelKind.RIGHT);
            case ROOF -> Optional.of(PanelKind.ROOF);
            default -> Optional.empty();
        };
    }

    private static void ribs(Canvas canvas, FoundShell shell, Panel panel) {
        double length = canvas.box().get(Outline.class).lengthMm();
        Rib.of(shell, panel, length)
                .forEach(
                        rib ->
                                canvas.area(
                                        Matter.STEEL,
                                        rib.shape().corners().stream()
                                                .map(place -> at(canvas, panel, place))
                                                .toList()));
    }

    private static Point2 at(Canvas canvas, Panel panel, Point2 place) {
        return canvas.at(panel.surface().at(place, 0));
    }

    private static void damage(Canvas canvas, Damage damage) {
        View view =
                switch (damage.face()) {
                    case LEFT -> View.LEFT;
                    case RIGHT -> View.RIGHT;
                    case ROOF -> View.ROOF;
                    case FLOOR -> View.PLAN;
                };
        if (canvas.view() != view) {
            return;
        }
        double half = canvas.box().plan().box().widthMm() / 2;
        double floor = canvas.box().plan().makeUp().floor().structureMm();
        boolean upright = view.isSide();
        double from = damage.alongMm();
        double to = from + damage.lengthMm();
        double low = upright ? floor + damage.upMm() : damage.upMm() - half;
        double high = low + damage.heightMm();
        Point2 one = upright ? canvas.at(from, 0, low) : canvas.at(from, low, 0);
        Point2 other = upright ? canvas.at(to, 0, high) : canvas.at(to, high, 0);
        canvas.rectangle(Matter.SOLID, one, other);
        canvas.add(
                new Shape.Label(
                        one.plus(other).times(0.5),
                        damage.kind().name().toLowerCase(java.util.Locale.ROOT),
                        Shape.Label.Kind.NAME,
                        Math.abs(other.u() - one.u())));
    }
}
