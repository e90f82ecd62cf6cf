package pteron.app.opening;

import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import pteron.app.station.Toolbox;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.picture.WallPlace;
import pteron.core.picture.WallPlaces;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.Wall;

/** Puts units of the shelf into the box: where there is room, or where they were let go. */
public final class UnitPlacing {

    private final Workbench bench;
    private final Toolbox toolbox;
    private final ReadOnlyStringWrapper refused = new ReadOnlyStringWrapper("");

    /** Puts units into the plan of a workbench. */
    public UnitPlacing(Workbench bench) {
        this.bench = bench;
        this.toolbox = new Toolbox(bench);
        toolbox.refusedProperty().subscribe(refused::set);
    }

    /** {@return why the last unit was not taken, empty when it was} */
    public ReadOnlyStringProperty refusedProperty() {
        return refused.getReadOnlyProperty();
    }

    /** Puts a unit where there is room: into the wall that is looked at, a roof's unit into the roof. */
    public void add(ShelfUnit unit) {
        boolean above = unit.home() == ShelfUnit.Home.ROOF;
        Optional<Wall> wall =
                above
                        ? OpeningEdits.longestRoof(toolbox.plan())
                        : Optional.of(wall(bench.viewProperty().get()).orElse(Wall.LEFT));
        if (wall.isEmpty()) {
            refused.set("This box has no roof for it: drag it onto a wall");
            return;
        }
        boolean looks = wall(bench.viewProperty().get()).isPresent();
        if (above || !looks) {
            bench.viewProperty().set(View.of(wall.get()));
        }
        toolbox.edit(plan -> OpeningEdits.added(plan, unit, wall.get()));
    }

    /** Puts a unit where it was let go, its middle under the pointer. */
    void drop(ShelfUnit unit, Point2 at) {
        View view = bench.viewProperty().get();
        Optional<WallPlace> found =
                WallPlaces.under(bench.document().model(), view, at).or(() -> bare(view, at));
        if (found.isEmpty()) {
            refused.set("Units go into walls and roofs: show a side, an end or the roof first");
            return;
        }
        Point2 middle = found.get().place();
        Size size = OpeningEdits.size(toolbox.plan(), unit, found.get().wall());
        Place place =
                new Place(
                        round(middle.u() - size.widthMm() / 2, 14000),
                        round(middle.v() - size.heightMm() / 2, 4400));
        toolbox.edit(plan -> OpeningEdits.added(plan, unit, found.get().wall(), place));
    }

    /** Beside the frame of a wall, or where none is set out: the upright wall that is looked at. */
    private Optional<WallPlace> bare(View view, Point2 at) {
        double half = toolbox.plan().box().widthMm() / 2;
        double deck = -bench.document().model().carrier().groundMm();
        double up = at.v() - deck - toolbox.plan().makeUp().floor().structureMm();
        return wall(view)
                .filter(wall -> view != View.INSIDE)
                .map(
                        wall -> {
                            double along = wall.isSide() ? at.u() : half + at.u();
                            double mirrored = wall.isSide() ? -at.u() : half - at.u();
                            boolean turned = view == View.RIGHT || view == View.FRONT;
                            return new WallPlace(wall, new Point2(turned ? mirrored : along, up));
                        });
    }

    private static double round(double mm, double most) {
        return Math.clamp(Math.rint(mm / 5) * 5, -400, most);
    }

    private static Optional<Wall> wall(View view) {
        return switch (view) {
            case LEFT -> Optional.of(Wall.LEFT);
            case RIGHT -> Optional.of(Wall.RIGHT);
            case FRONT -> Optional.of(Wall.FRONT);
            case REAR -> Optional.of(Wall.REAR);
            case INSIDE -> Optional.of(new Wall(Wall.Part.PARTITION, 1));
            default -> Optional.empty();
        };
    }
}
