package pteron.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import pteron.core.balance.Part;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.model.Built;
import pteron.core.sealing.JointKind;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.SheetPiece;

/** Writes the lists. */
public final class ShopLists {

    private ShopLists() {}

    /** {@return one row for each member: what to cut, how long, at which angles} */
    public static String cutList(BoxModel model) {
        return csv(
                new String[] {
                    "name",
                    "role",
                    "panel",
                    "timber",
                    "thickness mm",
                    "depth mm",
                    "length mm",
                    "start cut °",
                    "end cut °",
                    "rip °",
                    "mass kg"
                },
                rows -> {
                    for (Member member : model.members()) {
                        rows.print(
                                member.name(),
                                member.role().label(),
                                member.panel().id(),
                                member.timber(),
                                number(member.section().thicknessMm(), 1),
                                number(member.section().depthMm(), 1),
                                number(member.lengthMm(), 1),
                                angles(member.startCut()),
                                angles(member.endCut()),
                                number(member.ripDegrees(), 1),
                                number(member.massKg(), 3));
                    }
                });
    }

    /** {@return one row for each piece of sheet: where it goes and how large it is} */
    public static String sheetList(BoxModel model) {
        return csv(
                new String[] {
                    "piece",
                    "panel",
                    "face",
                    "material",
                    "thickness mm",
                    "width mm",
                    "height mm",
                    "area m²",
                    "holes",
                    "mass kg"
                },
                rows ->
                        model.built()
                                .ifPresent(
                                        built ->
                                                built.skins()
                                                        .pieces()
                                                        .forEach(piece -> sheet(rows, piece))));
    }

    private static void sheet(Rows rows, SheetPiece piece) {
        rows.print(
                piece.name(),
                piece.panel().id(),
                piece.skin().face().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                piece.skin().layer().material(),
                number(piece.skin().layer().thicknessMm(), 1),
                number(piece.shape().bounds().width(), 1),
                number(piece.shape().bounds().height(), 1),
                number(piece.shape().area() / 1e6, 3),
                piece.shape().holes().size(),
                number(piece.massKg(), 2));
    }

    /** {@return one row for each bar: what it is and what is cut from it} */
    public static String barList(BarCutting cutting) {
        return csv(
                new String[] {
                    "bar",
                    "timber",
                    "thickness mm",
                    "depth mm",
                    "stock mm",
                    "kerf mm",
                    "rest mm",
                    "pieces"
                },
                rows -> {
                    int number = 0;
                    for (Map.Entry<BarCutting.Kind, CuttingPlan> kind :
                            cutting.kinds().entrySet()) {
                        for (Bar bar : kind.getValue().bars()) {
                            number++;
                            rows.print(
                                    number,
                                    kind.getKey().timber(),
                                    number(kind.getKey().section().thicknessMm(), 1),
                                    number(kind.getKey().section().depthMm(), 1),
                                    number(bar.stockMm(), 1),
                                    number(bar.kerfMm(), 1),
                                    number(bar.restMm(), 1),
                                    pieces(bar));
                        }
                    }
                });
    }

    /** {@return the pieces of a bar in one line, longest first} */
    public static String pieces(Bar bar) {
        return String.join(
                "; ",
                bar.pieces().stream()
                        .map(piece -> piece.name() + " " + number(piece.lengthMm(), 1))
                        .toList());
    }

    /** {@return what to buy: bars, sheets, foam, doors and windows, sealant, tape} */
    public static String materialList(BoxModel model, BarCutting cutting) {
        return csv(
                new String[] {"kind", "material", "size", "amount", "unit"},
                rows -> {
                    bars(rows, cutting, model.library());
                    model.built().ifPresent(built -> bought(rows, built, model));
                });
    }

    private static void bars(Rows rows, BarCutting cutting, MaterialLibrary library) {
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
                                                                number(
                                                                                kind.section()
                                                                                        .thicknessMm(),
                                                                                1)
                                                                        + " × "
                                                                        + number(
                                                                                kind.section()
                                                                                        .depthMm(),
                                                                                1)
                                                                        + " × "
                                                                        + number(stock, 0),
                                                                count(plan, stock),
                                                                "bars")));
    }

    private static long count(CuttingPlan plan, double stock) {
        return plan.bars().stream().filter(bar -> bar.stockMm() == stock).count();
    }

    private static void bought(Rows rows, Built built, BoxModel model) {
        for (SheetOrder order : built.skins().orders()) {
            rows.print(
                    "sheet",
                    model.library().get(order.material()).name(),
                    number(order.thicknessMm(), 1)
                            + " × "
                            + number(order.widthMm(), 0)
                            + " × "
                            + number(order.lengthMm(), 0),
                    order.sheets(),
                    "sheets");
        }
        model.balance().parts().stream()
                .filter(part -> part.group() == Part.Group.FOAM)
                .forEach(
                        part ->
                                rows.print(
                                        "foam", part.name(), "", number(part.massKg(), 2), "kg"));
        built.openings()
                .placed()
                .forEach(
                        one ->
                                rows.print(
                                        one.opening().kind().name().toLowerCase(Locale.ROOT),
                                        one.opening().name(),
                                        number(one.cutOut().width(), 0)
                                                + " × "
                                                + number(one.cutOut().height(), 0),
                                        1,
                                        "unit"));
        double metres = built.sealing().lengthMm(JointKind.OPENING_FLANGE) / 1000;
        rows.print(
                "sealant",
                "Polyurethane sealant",
                number(model.plan().supplies().cartridgeMl(), 0) + " mL",
                built.sealing().cartridges(),
                "cartridges");
        rows.print(
                "tape",
                "Butyl tape",
                "for " + number(metres, 1) + " m",
                built.sealing().tapeRolls(),
                "rolls");
    }

    private static String angles(EndCut cut) {
        return String.join(" / ", cut.degrees().stream().map(angle -> number(angle, 1)).toList());
    }

    static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    private interface Filling {
        void fill(Rows rows);
    }

    private interface Rows {
        void print(Object... values);
    }

    private static String csv(String[] header, Filling filling) {
        StringBuilder text = new StringBuilder();
        CSVFormat format =
                CSVFormat.RFC4180.builder().setHeader(header).setRecordSeparator("\n").get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            filling.fill(
                    values -> {
                        try {
                            printer.printRecord(values);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
