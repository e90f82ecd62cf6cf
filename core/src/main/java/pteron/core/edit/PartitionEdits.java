package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pteron.core.buildup.InchShop;
import pteron.core.outline.Outline;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Partition;
import pteron.core.plan.Wall;

/** Walls inside: put in, taken out, moved. */
public final class PartitionEdits {

    static final Map<String, CureWay> WAYS =
            Map.of(
                    "MOVE_PARTITION_BACK",
                    (plan, mm, press) -> moved(plan, press.part(), press.numbers().getFirst()),
                    "MOVE_PARTITION_AHEAD",
                    (plan, mm, press) -> moved(plan, press.part(), press.numbers().getFirst()));

    private PartitionEdits() {}

    /**
     * {@return a plan with a light partition more: across in the middle of the box, or along its middle}
     *
     * @throws IllegalArgumentException if there are as many as there may be
     */
    public static BoxPlan added(BoxPlan plan, Partition.Run run) {
        List<Partition> all = new ArrayList<>(plan.partitions());
        String name = "Partition " + (all.size() + 1);
        Outline outline = OutlineStage.of(plan.box());
        double middle =
                (plan.box().outline().getFirst().xMm() + plan.box().outline().getLast().xMm()) / 2;
        double place = outline.usable() ? Math.rint(middle / 10) * 10 : 1000;
        Partition usual =
                run == Partition.Run.ACROSS
                        ? Partition.across(name, place)
                        : Partition.along(name, 0);
        all.add(usual.withBuild(InchShop.of(usual.build(), plan.units())));
        return plan.withPartitions(all);
    }

    /** {@return a plan without one of its partitions and the openings in it} */
    public static BoxPlan without(BoxPlan plan, int index) {
        List<Partition> left = new ArrayList<>(plan.partitions());
        left.remove(index);
        List<Opening> openings = new ArrayList<>();
        for (Opening opening : plan.openings()) {
            Wall wall = opening.wall();
            boolean inside = wall.part() == Wall.Part.PARTITION;
            if (!inside || wall.number() <= index) {
                openings.add(opening);
            } else if (wall.number() > index + 1) {
                openings.add(opening.withWall(new Wall(wall.part(), wall.number() - 1)));
            }
        }
        return plan.withOpenings(openings).withPartitions(left);
    }

    /** {@return a plan with one of its partitions changed} */
    public static BoxPlan with(BoxPlan plan, int index, Partition other) {
        List<Partition> all = new ArrayList<>(plan.partitions());
        all.set(index, other);
        return plan.withPartitions(all);
    }

    private static BoxPlan moved(BoxPlan plan, String id, double backMm) {
        int index = Wall.of(id).orElseThrow().number() - 1;
        Partition one = plan.partitions().get(index);
        return with(plan, index, one.withPlace(one.placeMm() + backMm));
    }
}
