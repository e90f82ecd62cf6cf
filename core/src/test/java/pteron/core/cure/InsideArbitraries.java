package pteron.core.cure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.FoundEdits;
import pteron.core.edit.PartitionEdits;
import pteron.core.field.ChoiceField;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.material.MaterialLibrary;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.Partition;
import pteron.core.plan.Wall;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierSize;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** Boxes of one's own with walls inside, half of them in a bought shell with damage, each field edited by chance. */
final class InsideArbitraries {

    private static final int EDITS = 8;

    private InsideArbitraries() {}

    static Arbitrary<BoxPlan> plans() {
        return Arbitraries.longs().between(1, 1_000_000).map(seed -> plan(new Random(seed)));
    }

    private static BoxPlan plan(Random random) {
        BoxPlan plan = begun(random);
        List<UnaryOperator<BoxPlan>> edits = new ArrayList<>();
        edits.add(one -> partition(one, random, Partition.Run.ACROSS));
        if (random.nextInt(3) == 0) {
            edits.add(one -> partition(one, random, Partition.Run.ALONG));
        }
        if (plan.found().isPresent()) {
            edits.add(FoundEdits::withDamage);
        }
        edits.add(one -> unit(one, random));
        edits.add(one -> unit(one, random));
        Stream.generate(() -> (UnaryOperator<BoxPlan>) one -> field(one, random))
                .limit(EDITS)
                .forEach(edits::add);
        for (UnaryOperator<BoxPlan> edit : edits) {
            plan = taken(plan, edit);
        }
        return plan;
    }

    private static BoxPlan taken(BoxPlan plan, UnaryOperator<BoxPlan> edit) {
        try {
            return edit.apply(plan);
        } catch (IllegalArgumentException refused) {
            return plan;
        }
    }

    private static BoxPlan begun(Random random) {
        List<CarrierStart> carriers = List.of(CarrierStart.values());
        CarrierStart carrier =
                random.nextBoolean()
                        ? carriers.stream().filter(CarrierStart::isBought).findFirst().orElseThrow()
                        : carriers.get(random.nextInt(carriers.size()));
        CarrierSize size =
                carrier.sizes(UnitSystem.METRIC)
                        .get(random.nextInt(carrier.sizes(UnitSystem.METRIC).size()));
        List<OutlineStart> outlines =
                Stream.of(OutlineStart.values())
                        .filter(outline -> NewPlan.refusal(carrier, outline).isEmpty())
                        .toList();
        OutlineStart outline = outlines.get(random.nextInt(outlines.size()));
        return NewPlan.of(carrier, size, outline, UnitSystem.METRIC);
    }

    private static BoxPlan partition(BoxPlan plan, Random random, Partition.Run run) {
        BoxPlan with = PartitionEdits.added(plan, run);
        int last = with.partitions().size() - 1;
        double place =
                run == Partition.Run.ACROSS
                        ? 200 + random.nextDouble() * (BoxEdits.length(plan) - 400)
                        : 800 * random.nextDouble() - 400;
        return PartitionEdits.with(with, last, with.partitions().get(last).withPlace(place));
    }

    private static BoxPlan unit(BoxPlan plan, Random random) {
        List<Wall> walls = WallRoom.walls(plan);
        ShelfUnit unit = UnitShelf.UNITS.get(random.nextInt(UnitShelf.UNITS.size()));
        return OpeningEdits.added(plan, unit, walls.get(random.nextInt(walls.size())));
    }

    /** A number a little larger or smaller, or another choice. */
    private static BoxPlan field(BoxPlan plan, Random random) {
        PlanFields fields = PlanFields.of(plan, MaterialLibrary.starting());
        if (random.nextInt(4) == 0) {
            ChoiceField choice = fields.choices().get(random.nextInt(fields.choices().size()));
            List<String> options = choice.options();
            return choice.set().apply(plan, options.get(random.nextInt(options.size())));
        }
        List<NumberField> inside =
                fields.numbers().stream()
                        .filter(one -> one.key().matches("(partition|found|opening|box)\\..*"))
                        .toList();
        NumberField number =
                Optional.of(inside)
                        .filter(some -> !some.isEmpty())
                        .map(some -> some.get(random.nextInt(some.size())))
                        .orElseThrow();
        double value = number.value(plan).value();
        return number.with(plan, value * (0.8 + 0.4 * random.nextDouble()) + random.nextInt(3));
    }
}
