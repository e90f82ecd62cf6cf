package pteron.core.field;

import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.PartitionEdits;
import pteron.core.edit.SchemeEdits;
import pteron.core.frame.FrameStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Partition;
import pteron.core.plan.PlanKeys;
import pteron.core.quantity.UnitSystem;

/** Fields of the walls inside. */
final class PartitionFields {

    private final MaterialLibrary library;
    private final UnitSystem units;
    private final Fields<BoxPlan> fields = Fields.at(FrameStation.FRAME);

    private PartitionFields(MaterialLibrary library, UnitSystem units) {
        this.library = library;
        this.units = units;
    }

    static Fields<BoxPlan> of(BoxPlan plan, MaterialLibrary library) {
        PartitionFields all = new PartitionFields(library, plan.units());
        for (int i = 0; i < plan.partitions().size(); i++) {
            all.partition(i, plan.partitions().get(i));
        }
        return all.fields;
    }

    private void partition(int index, Partition now) {
        String key = PlanKeys.partition(index) + ".";
        String name = now.name() + ", ";
        Fields<Partition> one =
                fields.part(
                        plan -> plan.partitions().get(index),
                        (plan, other) -> PartitionEdits.with(plan, index, other));
        one.choice(
                key + "run",
                name + "runs",
                Partition.Run.values(),
                Partition::run,
                Partition::withRun);
        boolean across = now.run() == Partition.Run.ACROSS;
        one.mm(
                key + "place",
                name + (across ? "behind front of box" : "right of centre line"),
                Partition::placeMm,
                Partition::withPlace);
        if (!across) {
            stretch(key, name, one);
        }
        one.choice(
                key + "hold",
                name + "fixing",
                Partition.Hold.values(),
                Partition::hold,
                Partition::withHold);
        build(key, name, one.part(Partition::build, Partition::withBuild));
    }

    private static void stretch(String key, String name, Fields<Partition> one) {
        one.mm(
                key + "from",
                name + "start, behind front of box",
                Partition::fromMm,
                (partition, v) -> partition.withStretch(v, partition.toMm()));
        one.mm(
                key + "to",
                name + "end, behind front of box",
                Partition::toMm,
                (partition, v) -> partition.withStretch(partition.fromMm(), v));
    }

    private void build(String key, String name, Fields<Framed> build) {
        build.choice(
                key + "scheme",
                name + "build method",
                Framed.Scheme.values(),
                Framed::scheme,
                (one, scheme) -> SchemeEdits.switched(one, scheme, library, units));
        layer(
                key + "outerSkin",
                name + "first face",
                build.part(Framed::outerSkin, Framed::withOuterSkin));
        layer(
                key + "insulation",
                name + "filling",
                build.part(Framed::insulation, Framed::withInsulation));
        layer(
                key + "innerSkin",
                name + "second face",
                build.part(Framed::innerSkin, Framed::withInnerSkin));
        members(key, name, build.part(Framed::members, Framed::withMembers));
    }

    private void members(String key, String name, Fields<Members> members) {
        members.choice(
                key + "members",
                name + "member material",
                Fitting.at("walls.members", library, units),
                Members::timber,
                Members::withTimber);
        members.mm(
                key + "spacing", name + "member spacing", Members::spacingMm, Members::withSpacing);
        members.part(Members::section, Members::withSection)
                .mm(
                        key + "thickness",
                        name + "members, thickness",
                        Section::thicknessMm,
                        Section::withThickness)
                .mm(key + "depth", name + "members, depth", Section::depthMm, Section::withDepth);
    }

    private void layer(String key, String name, Fields<Layer> layer) {
        String slot = "walls." + key.substring(key.lastIndexOf('.') + 1);
        List<String> fit = Fitting.at(slot, library, units);
        layer.choice(key, name, fit, Layer::material, Layer::withMaterial);
        layer.mm(
                key + ".thickness", name + ", thickness", Layer::thicknessMm, Layer::withThickness);
    }
}
