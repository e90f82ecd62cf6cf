package pteron.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/**
 * A list as a shop reads it that works in inches: columns headed mm, m², kg become in, ft², lb. A length is written in
 * inches as a tape reads it, {@code 74 3/16}, thin ones by the thousandth.
 */
public final class InchCsv {

    private static final double MM_PER_INCH = 25.4;
    private static final int PARTS = 16;

    /** Below this a length is a thickness and no tape reads it (mm): a quarter of an inch. */
    private static final double THIN_MM = 6.35;

    private static final String NUMBER = "-?[0-9]+(\\.[0-9]+)?";

    private static final Map<String, Unit> UNITS =
            Map.of(
                    "mm", Unit.MILLIMETRE,
                    "m", Unit.METRE,
                    "m²", Unit.SQUARE_METRE,
                    "m2", Unit.SQUARE_METRE,
                    "C", Unit.CELSIUS,
                    "litres", Unit.LITRE,
                    "kg", Unit.KILOGRAM,
                    "mL", Unit.MILLILITRE,
                    "L", Unit.LITRE);

    private InchCsv() {}

    /**
     * {@return a list in inches and pounds}
     *
     * @param metric the list as it is written in millimetres
     * @param alsoMetric whether the metric columns stand beside
     */
    public static String of(String metric, boolean alsoMetric) {
        CSVFormat format = CSVFormat.RFC4180.builder().setRecordSeparator("\n").get();
        try (CSVParser parser = CSVParser.parse(metric, format)) {
            List<CSVRecord> records = parser.getRecords();
            List<String> heads = records.getFirst().toList();
            String[] header = columns(heads, heads, alsoMetric, true).toArray(String[]::new);
            return Csv.text(
                    header,
                    rows ->
                            records.stream()
                                    .skip(1)
                                    .map(row -> columns(heads, row.toList(), alsoMetric, false))
                                    .forEach(row -> rows.print(row.toArray())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> columns(
            List<String> heads, List<String> cells, boolean alsoMetric, boolean isHead) {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < heads.size(); i++) {
            String head = heads.get(i);
            String symbol = head.substring(head.lastIndexOf(' ') + 1);
            Unit unit = UNITS.get(symbol);
            String cell = Csv.disarmed(cells.get(i));
            if (unit == null) {
                out.add(cell);
                continue;
            }
            out.add(isHead ? head(head, symbol, unit) : shown(cell, unit));
            if (alsoMetric) {
                out.add(cell);
            }
        }
        return out;
    }

    private static String head(String head, String symbol, Unit unit) {
        return head.substring(0, head.length() - symbol.length()) + unit.symbol(UnitSystem.INCHES);
    }

    private static String shown(String cell, Unit unit) {
        if (!cell.matches(NUMBER)) {
            return cell;
        }
        double value = Double.parseDouble(cell);
        return unit == Unit.MILLIMETRE
                ? inches(value)
                : Csv.number(unit.shown(value, UnitSystem.INCHES), 3);
    }

    /**
     * {@return a length in inches without a unit}
     *
     * <p>Example: 1885 mm is {@code 74 3/16}, 0.8 mm is {@code 0.031}.
     */
    static String inches(double mm) {
        double sixteenths = mm / MM_PER_INCH * PARTS;
        boolean onTape = Math.abs(sixteenths - Math.rint(sixteenths)) < 0.01;
        if (Math.abs(mm) < THIN_MM && !onTape) {
            return Csv.number(mm / MM_PER_INCH, 3);
        }
        long parts = Math.round(Math.abs(sixteenths));
        String sign = mm < 0 && parts > 0 ? "-" : "";
        long whole = parts / PARTS;
        long rest = parts % PARTS;
        int shift = rest == 0 ? 0 : Long.numberOfTrailingZeros(rest);
        String fraction = rest == 0 ? "" : (rest >> shift) + "/" + (PARTS >> shift);
        return sign + (whole == 0 && rest > 0 ? fraction : (whole + " " + fraction).strip());
    }
}
