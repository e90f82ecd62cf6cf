package pteron.core.field;

import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;
import pteron.core.buildup.Section;
import pteron.core.carrier.CarrierStation;
import pteron.core.edit.FoundEdits;
import pteron.core.plan.BoxPlan;

/** Fields of a shell that is there: as measured. */
final class FoundFields {

    private final Fields<FoundShell> shell;
    private final Fields<BoxPlan> all = Fields.at(CarrierStation.CARRIER);

    private FoundFields() {
        this.shell = all.part(plan -> plan.found().orElseThrow(), FoundEdits::with);
    }

    static Fields<BoxPlan> of(BoxPlan plan) {
        FoundFields fields = new FoundFields();
        plan.found().ifPresent(found -> fields.add(plan, found));
        return fields.all;
    }

    private void add(BoxPlan plan, FoundShell now) {
        shell.part(FoundShell::rib, FoundShell::withRib)
                .mm(
                        "found.rib-width",
                        "Posts and bows, width",
                        Section::thicknessMm,
                        Section::withThickness)
                .mm(
                        "found.rib-depth",
                        "Posts and bows, depth",
                        Section::depthMm,
                        Section::withDepth);
        double length = plan.box().outline().getLast().xMm();
        row("left", "Left posts", now.left(), length, FoundShell::left, FoundShell::withLeft);
        row("right", "Right posts", now.right(), length, FoundShell::right, FoundShell::withRight);
        row("roof", "Roof bows", now.roof(), length, FoundShell::roof, FoundShell::withRoof);
        surfaces(plan);
        for (int i = 0; i < now.damages().size(); i++) {
            damage(i);
        }
    }

    private void surfaces(BoxPlan plan) {
        shell.mm(
                        "found.skirting",
                        "Skirting depth",
                        FoundShell::skirtingMm,
                        FoundShell::withSkirting)
                .choice(
                        "found.coating",
                        "Skin, inside surface",
                        FoundShell.Coating.values(),
                        FoundShell::coating,
                        FoundShell::withCoating);
        for (int i = 0; i < plan.vehicle().steel().crossMembersMm().size(); i++) {
            int member = i;
            shell.mm(
                    "found.low." + i,
                    "Cross-member %d, below the highest".formatted(i + 1),
                    found -> found.lowMm(member),
                    (found, v) -> found.withLow(member, v));
        }
    }

    private void row(
            String key,
            String name,
            RibRow now,
            double lengthMm,
            Function<FoundShell, RibRow> get,
            BiFunction<FoundShell, RibRow, FoundShell> set) {
        Fields<RibRow> row = shell.part(get, set);
        row.mm(
                        "found." + key + ".first",
                        name + ", first one behind front of box",
                        RibRow::firstMm,
                        RibRow::withFirst)
                .mm(
                        "found." + key + ".spacing",
                        name + ", spacing",
                        RibRow::spacingMm,
                        RibRow::withSpacing);
        int count = now.placesMm(Math.max(1, lengthMm)).size();
        for (int i = 0; i < count; i++) {
            int rib = i;
            row.mm(
                    "found." + key + ".offset." + i,
                    "%s %d, offset".formatted(name, i + 1),
                    one -> one.offsetMm(rib),
                    (one, v) -> one.withOffset(rib, v));
        }
    }

    private void damage(int index) {
        String key = "found.damage." + index + ".";
        String name = "Damage %d, ".formatted(index + 1);
        Fields<Damage> damage =
                shell.part(FoundShell::damages, FoundShell::withDamages).part(Lens.at(index));
        damage.choice(
                        key + "kind",
                        name + "what",
                        Damage.Kind.values(),
                        Damage::kind,
                        Damage::withKind)
                .choice(
                        key + "face",
                        name + "where",
                        Damage.Face.values(),
                        Damage::face,
                        Damage::withFace);
        measures(key, name, damage);
    }

    private static void measures(String key, String name, Fields<Damage> damage) {
        damage.mm(
                        key + "along",
                        name + "behind front of box",
                        Damage::alongMm,
                        (one, v) -> one.withPlace(v, one.upMm()))
                .mm(
                        key + "up",
                        name + "above floor, or from left",
                        Damage::upMm,
                        (one, v) -> one.withPlace(one.alongMm(), v))
                .mm(
                        key + "length",
                        name + "length",
                        Damage::lengthMm,
                        (one, v) -> one.withSize(v, one.heightMm()))
                .mm(
                        key + "height",
                        name + "height or width",
                        Damage::heightMm,
                        (one, v) -> one.withSize(one.lengthMm(), v));
    }
}
