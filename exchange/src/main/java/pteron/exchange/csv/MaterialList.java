package pteron.exchange.csv;

import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.quantity.Named;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.Skins;
import pteron.core.stage.Part;

/** What to buy, in the units of the shop. */
public final class MaterialList {

    private MaterialList() {}

    /** {@return what to buy: bars, sheets, foam, doors and windows, sealant, tape} */
    public static String text(BoxModel model, BarCutting cutting) {
        return Csv.text(
                new String[] {"kind", "material", "size", "amount", "unit"},
                rows -> {
                    bars(rows, cutting, model.library());
                    model.built().ifPresent(built -> bought(rows, built, model));
                });
    }

    private static void bars(Csv.Rows rows, BarCutting cutting, MaterialLibrary library) {
        cutting.kinds()
                .forEach(
                        (kind, plan) ->
                                plan.bars().stream()
                                        .mapToDouble(Bar::stockMm)
                                        .distinct()
                                        .forEach(
                                                stock ->
                                                        rows.print(
                                                                "bar",
                                                                library.get(kind.timber()).name(),
                                                                Csv.number(
                                                                                kind.section()
                                                                                        .thicknessMm(),
                                                                                1)
                                                                        + " × "
                                                                        + Csv.number(
                                                                                kind.section()
                                                                                        .depthMm(),
                                                                                1)
                                                                        + " × "
                                                                        + Csv.number(stock, 0),
                                                                count(plan, stock),
                                                                "bars")));
    }

    private static long count(CuttingPlan plan, double stock) {
        return plan.bars().stream().filter(bar -> bar.stockMm() == stock).count();
    }

    private static void bought(Csv.Rows rows, BoxModel built, BoxModel model) {
        for (SheetOrder order : built.get(Skins.class).orders()) {
            rows.print(
                    "sheet",
                    model.library().get(order.material()).name(),
                    Csv.number(order.thicknessMm(), 1)
                            + " × "
                            + Csv.number(order.widthMm(), 0)
                            + " × "
                            + Csv.number(order.lengthMm(), 0),
                    order.sheets(),
                    "sheets");
        }
        model.balance().parts().stream()
                .filter(part -> part.group() == Part.Group.FOAM)
                .forEach(
                        part ->
                                rows.print(
                                        "foam",
                                        part.name(),
                                        "",
                                        Csv.number(part.massKg(), 2),
                                        "kg"));
        built.get(Openings.class)
                .placed()
                .forEach(
                        one ->
                                rows.print(
                                        Named.small(one.opening().kind()),
                                        one.opening().name(),
                                        Csv.number(one.cutOut().width(), 0)
                                                + " × "
                                                + Csv.number(one.cutOut().height(), 0),
                                        1,
                                        "unit"));
        double metres = built.get(Sealing.class).lengthMm(JointKind.OPENING_FLANGE) / 1000;
        rows.print(
                "sealant",
                "Polyurethane sealant",
                Csv.number(model.plan().supplies().cartridgeMl(), 0) + " mL",
                built.get(Sealing.class).cartridges(),
                "cartridges");
        rows.print(
                "tape",
                "Butyl tape",
                "for " + Csv.number(metres, 1) + " m",
                built.get(Sealing.class).tapeRolls(),
                "rolls");
    }
}
