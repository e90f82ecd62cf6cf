package pteron.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes CSV: comma, a header line, line ends {@code \\n}, numbers without locale. */
public final class Csv {

    private Csv() {}

    /** {@return a number with so many decimals at most} */
    public static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    /** {@return a cell that a spreadsheet does not take for a sum: words led by = + − @ get an apostrophe} */
    static Object harmless(Object cell) {
        return cell instanceof String text && isSum(text) ? "'" + text : cell;
    }

    private static boolean isSum(String text) {
        return !text.isEmpty()
                && "=+-@\t\r".indexOf(text.charAt(0)) >= 0
                && !text.matches("-?[0-9]+(\\.[0-9]+)?");
    }

    /** {@return a cell as it was before it was made harmless} */
    static String disarmed(String cell) {
        return cell.startsWith("'") && isSum(cell.substring(1)) ? cell.substring(1) : cell;
    }

    /** Fills a table with its rows. */
    public interface Filling {
        void fill(Rows rows);
    }

    /** Takes the rows of a table. */
    public interface Rows {
        void print(Object... values);
    }

    /** {@return a table with a header line} */
    public static String text(String[] header, Filling filling) {
        StringBuilder text = new StringBuilder();
        CSVFormat format =
                CSVFormat.RFC4180.builder().setHeader(header).setRecordSeparator("\n").get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            filling.fill(
                    values -> {
                        try {
                            printer.printRecord(Stream.of(values).map(Csv::harmless));
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
