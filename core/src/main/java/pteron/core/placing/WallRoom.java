package pteron.core.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.outline.StripWall;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.PlanLimits;
import pteron.core.plan.Wall;
import pteron.core.shell.Panel;
import pteron.core.shell.Shell;
import pteron.core.shell.ShellInput;
import pteron.core.shell.ShellStage;
import pteron.core.shell.Skin;

/**
 * The shape of a wall, along it and over the floor, and where an opening still fits. Immutable.
 *
 * @param wall which one
 * @param shape along the wall from the box's front face or left side, and over the floor's top (mm)
 * @param lining shape of its lining, past which other walls join: no opening reaches over it
 * @param edgeMm timber that must stand between an opening and the ends of the wall (mm)
 * @param aboveMm timber that must lie between an opening and the edges over and under it (mm)
 */
public record WallRoom(Wall wall, Polygon2 shape, Polygon2 lining, double edgeMm, double aboveMm) {

    /** How far apart places are tried (mm). */
    private static final double STEP_MM = 10;

    /** Area of a cut-out that may reach over by rounding (mm²). */
    private static final double SLACK_MM2 = 1;

    /** A wall that the box does not have: nothing fits into it. */
    private static final Polygon2 NOWHERE = Polygon2.rectangle(new Bounds2(0, 1, 0, 1));

    /** {@return a wall of a plan: where it is framed its frame, else the outline's} */
    public static WallRoom of(BoxPlan plan, Wall wall) {
        Outline outline = OutlineStage.of(plan.box());
        double timber = plan.makeUp().walls().members().section().thicknessMm();
        double edge = timber + UnitShelf.PLAY_MM;
        double above = 2 * timber + UnitShelf.PLAY_MM;
        return shell(plan, outline)
                .flatMap(shell -> shell.panel(wall.id()))
                .map(panel -> framed(plan, wall, panel))
                .orElseGet(() -> bare(wall, bare(plan, outline, wall), edge, above));
    }

    private static WallRoom bare(Wall wall, Polygon2 shape, double edge, double above) {
        return new WallRoom(wall, shape, shape, edge, above);
    }

    /** {@return the walls that a plan's box has, the sides first} */
    public static List<Wall> walls(BoxPlan plan) {
        Outline outline = OutlineStage.of(plan.box());
        List<String> framed =
                shell(plan, outline).stream()
                        .flatMap(shell -> shell.panels().stream())
                        .map(Panel::id)
                        .toList();
        return framed.isEmpty()
                ? bare(outline)
                : framed.stream().flatMap(id -> Wall.of(id).stream()).toList();
    }

    private static List<Wall> bare(Outline outline) {
        List<Wall> walls = new ArrayList<>(List.of(Wall.LEFT, Wall.RIGHT));
        Map<Wall.Part, Integer> count = new EnumMap<>(Wall.Part.class);
        for (Element element : outline.elements()) {
            Wall.Part part = Wall.Part.valueOf(element.kind().name());
            walls.add(new Wall(part, count.merge(part, 1, Integer::sum)));
        }
        return walls;
    }

    /** {@return whether places of a wall are counted along the box and across it, as in a roof} */
    public static boolean isAcross(BoxPlan plan, Wall wall) {
        return switch (wall.part()) {
            case LEFT, RIGHT, FRONT, REAR, PARTITION -> false;
            case ROOF, UNDER -> true;
            case NOSE, TAIL -> isBent(plan, wall);
        };
    }

    /** {@return whether what stands upright in a wall is measured along it by its height: on a nose or tail that bends} */
    public static boolean isUpright(BoxPlan plan, Wall wall) {
        boolean leans = wall.part() == Wall.Part.NOSE || wall.part() == Wall.Part.TAIL;
        return leans && isBent(plan, wall);
    }

    private static boolean isBent(BoxPlan plan, Wall wall) {
        return StripWall.of(plan, OutlineStage.of(plan.box()), wall)
                .map(StripWall::isAcross)
                .orElse(false);
    }

    private static Optional<Shell> shell(BoxPlan plan, Outline outline) {
        boolean flat = outline.usable() && outline.elements().size() > 2;
        return flat ? Optional.of(ShellStage.of(ShellInput.of(plan, outline))) : Optional.empty();
    }

    private static WallRoom framed(BoxPlan plan, Wall wall, Panel panel) {
        Point2 zero = panel.zero();
        double corner =
                panel.kind().isSide()
                        ? 0
                        : Math.max(panel.cornerBackingToMm(), panel.farBackingToMm());
        double timber = panel.members().section().thicknessMm();
        double play = UnitShelf.PLAY_MM;
        double edge = timber + play + corner;
        double above = 2 * timber + play;
        return new WallRoom(
                wall,
                moved(panel.frame(), -zero.u(), -zero.v()),
                moved(panel.skin(Skin.Face.INNER).area(), -zero.u(), -zero.v()),
                edge,
                above);
    }

    private static Polygon2 moved(Polygon2 shape, double alongMm, double upMm) {
        Point2 by = new Point2(alongMm, upMm);
        return Polygon2.of(shape.corners().stream().map(corner -> corner.plus(by)).toList());
    }

    private static Polygon2 bare(BoxPlan plan, Outline outline, Wall wall) {
        double floor = plan.makeUp().floor().structureMm();
        return StripWall.of(plan, outline, wall)
                .map(strip -> Polygon2.rectangle(strip.room()))
                .orElseGet(
                        () ->
                                wall.isSide()
                                        ? moved(outline.shape().polygon(), 0, -floor)
                                        : NOWHERE);
    }

    /** {@return the nearest place to a wanted one at which an opening lies inside the wall's edges} */
    public Optional<Place> inside(Size size, Place wanted, boolean onFloor) {
        return places(size, onFloor, wanted)
                .filter(place -> fits(size, place, onFloor))
                .findFirst();
    }

    /** {@return the nearest such place that is clear of other openings too} */
    public Optional<Place> free(Size size, Place wanted, boolean onFloor, List<Opening> others) {
        return places(size, onFloor, wanted)
                .filter(place -> isFree(size, place, onFloor, others))
                .findFirst();
    }

    /** {@return whether an opening at a place lies inside the wall's edges and clear of others} */
    public boolean isFree(Size size, Place place, boolean onFloor, List<Opening> others) {
        return fits(size, place, onFloor)
                && others.stream().allMatch(other -> apart(size, place, other));
    }

    private Stream<Place> places(Size size, boolean onFloor, Place wanted) {
        Bounds2 all = shape.bounds();
        double from = Math.max(all.fromU(), PlanLimits.OPENING_PLACE.least());
        double to = Math.min(all.toU(), PlanLimits.OPENING_PLACE.most());
        double low = Math.ceil(from / STEP_MM) * STEP_MM;
        return DoubleStream.iterate(low, u -> u + size.widthMm() <= to, u -> u + STEP_MM)
                .boxed()
                .flatMap(u -> sills(size, onFloor, wanted).mapToObj(v -> new Place(u, v)))
                .sorted(Comparator.comparingDouble(place -> distance(place, wanted)));
    }

    /** The wanted sill, else lower or higher ones. */
    private DoubleStream sills(Size size, boolean onFloor, Place wanted) {
        if (onFloor) {
            return within(DoubleStream.of(0, Math.min(0, shape.bounds().fromV())).distinct());
        }
        double most = shape.bounds().toV() - aboveMm - size.heightMm();
        DoubleStream others =
                DoubleStream.iterate(
                        STEP_MM * Math.ceil(aboveMm / STEP_MM),
                        v -> v <= most,
                        v -> v + 4 * STEP_MM);
        return within(DoubleStream.concat(DoubleStream.of(Math.max(0, wanted.sillMm())), others));
    }

    /** What a plan may say. */
    private static DoubleStream within(DoubleStream sills) {
        return sills.filter(
                v -> v >= PlanLimits.OPENING_SILL.least() && v <= PlanLimits.OPENING_SILL.most());
    }

    private static double distance(Place place, Place wanted) {
        return Math.abs(place.alongMm() - wanted.alongMm())
                + 3 * Math.abs(place.sillMm() - wanted.sillMm());
    }

    private boolean fits(Size size, Place place, boolean onFloor) {
        double low = onFloor ? place.sillMm() : place.sillMm() - aboveMm;
        Polygon2 needed =
                Polygon2.rectangle(
                        new Bounds2(
                                place.alongMm() - edgeMm,
                                place.alongMm() + size.widthMm() + edgeMm,
                                low,
                                place.sillMm() + size.heightMm() + aboveMm));
        return shape.contains(needed, SLACK_MM2)
                && lining.contains(clear(size, place, onFloor), SLACK_MM2)
                && !(onFloor && hangs(size, place));
    }

    private static Polygon2 clear(Size size, Place place, boolean onFloor) {
        double play = UnitShelf.PLAY_MM;
        return Polygon2.rectangle(
                new Bounds2(
                        place.alongMm() - play,
                        place.alongMm() + size.widthMm() + play,
                        place.sillMm() - (onFloor ? 0 : play),
                        place.sillMm() + size.heightMm() + play));
    }

    /** {@return whether a door would hang over a dropped part of the floor} */
    private boolean hangs(Size size, Place place) {
        Bounds2 below =
                new Bounds2(
                        place.alongMm(),
                        place.alongMm() + size.widthMm(),
                        place.sillMm() - STEP_MM,
                        place.sillMm());
        return shape.sharedArea(Polygon2.rectangle(below)) > SLACK_MM2;
    }

    private boolean apart(Size size, Place place, Opening other) {
        double gap = 2 * edgeMm;
        boolean along =
                place.alongMm() + size.widthMm() + gap <= other.place().alongMm()
                        || other.place().alongMm() + other.size().widthMm() + gap
                                <= place.alongMm();
        boolean up =
                place.sillMm() + size.heightMm() + 2 * gap <= other.place().sillMm()
                        || other.place().sillMm() + other.size().heightMm() + 2 * gap
                                <= place.sillMm();
        return along || up;
    }
}
