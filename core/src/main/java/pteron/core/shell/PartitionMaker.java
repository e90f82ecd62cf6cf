package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Segment2;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.Partition;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.surface.FlatSurface;

/** Makes the walls inside the box: from lining to lining, from the floor to the ceiling. */
final class PartitionMaker {

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    /** Lowest and shortest partition that is worth framing (mm); common practice. */
    private static final double LEAST_MM = 300;

    private final ShellInput plan;
    private final Underside underside;
    private final RoomLine room;
    private final double inside;
    private final double lowerInside;
    private final List<Panel> panels = new ArrayList<>();
    private final List<Bounds2> taken = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();

    PartitionMaker(ShellInput plan, List<Band> bands, Underside underside) {
        this.plan = plan;
        this.underside = underside;
        this.room = RoomLine.of(bands, underside.plain(), plan.makeUp().assembly());
        double walls = plan.makeUp().walls().thicknessMm();
        this.inside = plan.widthMm() / 2 - walls;
        this.lowerInside =
                underside.wings().exists() ? underside.wings().lowerWidthMm() / 2 - walls : inside;
        for (int i = 0; i < plan.partitions().size(); i++) {
            add(new Wall(Wall.Part.PARTITION, i + 1).id(), plan.partitions().get(i));
        }
    }

    /** {@return the partitions that find room} */
    List<Panel> panels() {
        return panels;
    }

    /** {@return why others do not} */
    List<Finding> findings() {
        return findings;
    }

    private void add(String id, Partition one) {
        Optional<Panel> made = one.run() == Partition.Run.ACROSS ? across(id, one) : along(id, one);
        if (made.isEmpty()) {
            findings.add(refused("PARTITION_FINDS_NO_ROOM", id, one, "MOVE_IT_INTO_THE_ROOM"));
            return;
        }
        Bounds2 foot = footprint(made.get(), one);
        if (taken.stream().anyMatch(foot::overlaps)) {
            findings.add(refused("PARTITIONS_CROSS", id, one, "END_IT_AT_THE_OTHER"));
            return;
        }
        taken.add(foot);
        panels.add(made.get());
    }

    /** {@return the floor that a partition takes up (x, y)} */
    private static Bounds2 footprint(Panel panel, Partition one) {
        Bounds2 frame = panel.frame().bounds();
        double from = one.placeMm();
        double to = from + one.thicknessMm();
        return one.run() == Partition.Run.ACROSS
                ? new Bounds2(from, to, frame.fromU(), frame.toU())
                : new Bounds2(frame.fromU(), frame.toU(), from, to);
    }

    private Optional<Panel> across(String id, Partition one) {
        Optional<Segment2> front = room.upright(one.placeMm());
        Optional<Segment2> rear = room.upright(one.placeMm() + one.thicknessMm());
        if (front.isEmpty() || rear.isEmpty()) {
            return Optional.empty();
        }
        double low = Math.max(front.get().from().v(), rear.get().from().v());
        double high = Math.min(front.get().to().v(), rear.get().to().v());
        Foot foot = foot(one, low);
        if (high - foot.wideMm < LEAST_MM) {
            return Optional.empty();
        }
        Bounds2 wide = new Bounds2(-inside, inside, foot.wideMm, high);
        List<Point2> bottom = foot.corners(low);
        Rim rim = new Rim(RimEdge.round(wide), bottom);
        Point3 origin = new Point3(one.placeMm() + one.build().toFrameMm(), 0, 0);
        FlatSurface surface = new FlatSurface(origin, RIGHT, UP, BACK);
        return Optional.of(panel(id, one.build(), surface, rim, new Point2(-inside, low)));
    }

    /**
     * What a partition across stands on.
     *
     * @param halfMm half its width at the floor (mm)
     * @param wideMm height from which on it is as wide as the room (mm)
     */
    private record Foot(double halfMm, double wideMm) {

        List<Point2> corners(double floorMm) {
            return wideMm > floorMm
                    ? List.of(
                            new Point2(halfMm, wideMm),
                            new Point2(halfMm, floorMm),
                            new Point2(-halfMm, floorMm),
                            new Point2(-halfMm, wideMm))
                    : List.of();
        }
    }

    private Foot foot(Partition one, double floorMm) {
        if (underside.wings().exists()) {
            return new Foot(lowerInside, underside.liningFromMm());
        }
        for (WheelRoom wheel : underside.wheels()) {
            Bounds2 boxed = wheel.boxed();
            if (boxed.fromU() < one.placeMm() + one.thicknessMm() && one.placeMm() < boxed.toU()) {
                double lining = plan.makeUp().walls().innerSkin().thicknessMm();
                double taken = wheel.arch().depthMm() + wheel.boardMm() + wheel.frameMm() + lining;
                return new Foot(plan.widthMm() / 2 - taken, boxed.toV());
            }
        }
        return new Foot(inside, floorMm);
    }

    private Optional<Panel> along(String id, Partition one) {
        boolean beside =
                one.placeMm() < -lowerInside
                        || one.placeMm() + one.thicknessMm() > lowerInside
                        || isInWheelBox(one);
        List<RimEdge> edges = beside ? List.of() : room.stretch(one.fromMm(), one.toMm());
        if (edges.isEmpty()) {
            return Optional.empty();
        }
        double from = edges.getFirst().from().u();
        double to = edges.getLast().to().u();
        Rim rim = new Rim(edges, room.step(from, to));
        Point3 origin = new Point3(0, one.placeMm() + one.build().toFrameMm(), 0);
        FlatSurface surface = new FlatSurface(origin, BACK, UP, RIGHT);
        Point2 zero = new Point2(from, edges.getFirst().from().v());
        return Optional.of(panel(id, one.build(), surface, rim, zero));
    }

    private boolean isInWheelBox(Partition one) {
        return underside.wheels().stream()
                .anyMatch(
                        wheel -> {
                            double free =
                                    foot(
                                                    one.withRun(Partition.Run.ACROSS)
                                                            .withPlace(wheel.fromMm()),
                                                    0)
                                            .halfMm;
                            return one.placeMm() < -free
                                    || one.placeMm() + one.thicknessMm() > free;
                        });
    }

    private static Panel panel(String id, Framed build, FlatSurface surface, Rim rim, Point2 zero) {
        return new Panel(
                id,
                PanelKind.PARTITION,
                surface,
                rim,
                List.of(),
                zero,
                Panel.Rips.NONE,
                Panel.Core.of(build),
                List.of(Skin.near(build, rim.room()), Skin.inner(build, rim.room())));
    }

    private static Finding refused(String code, String id, Partition one, String advice) {
        return new Finding(
                code,
                Severity.STOPS,
                Place.of(OutlineStation.OUTLINE, id),
                Quantity.mm(one.placeMm()),
                Limit.atLeast(Quantity.mm(0)),
                Cure.advice(advice, Quantity.mm(one.thicknessMm())));
    }
}
