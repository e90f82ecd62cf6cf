package pteron.exchange.csv;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * The text of a table as spreadsheets save it: with or without a byte order mark, in UTF-8, UTF-16 or the old
 * Windows encoding; with commas, semicolons or tabs.
 */
final class CsvText {

    private static final char MARK = '\ufeff';

    private CsvText() {}

    /** {@return the text of bytes, without its byte order mark} */
    static String decoded(byte[] bytes) {
        if (startsWith(bytes, 0xff, 0xfe)) {
            return withoutMark(new String(bytes, StandardCharsets.UTF_16LE));
        }
        if (startsWith(bytes, 0xfe, 0xff)) {
            return withoutMark(new String(bytes, StandardCharsets.UTF_16BE));
        }
        try {
            return withoutMark(
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .decode(ByteBuffer.wrap(bytes))
                            .toString());
        } catch (CharacterCodingException e) {
            // every byte means something there: it is what spreadsheets of the West save otherwise
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static boolean startsWith(byte[] bytes, int first, int second) {
        return bytes.length >= 2 && (bytes[0] & 0xff) == first && (bytes[1] & 0xff) == second;
    }

    /** {@return the text without the mark at its beginning} */
    static String withoutMark(String text) {
        return !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    }

    /** {@return what stands between the cells, told from the first line: a comma, a semicolon or a tab} */
    static char separator(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        char best = ',';
        for (char separator : new char[] {';', '\t'}) {
            if (count(first, separator) > count(first, best)) {
                best = separator;
            }
        }
        return best;
    }

    private static long count(String line, char wanted) {
        return line.chars().filter(c -> c == wanted).count();
    }

    /** {@return the text without a separator that ends its first line and every other, or is all of a line} */
    static String withoutEmptyEnds(String text, char separator) {
        String end = Character.toString(separator);
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("").strip();
        if (!first.endsWith(end)) {
            return text;
        }
        StringBuilder trimmed = new StringBuilder();
        text.lines()
                .forEach(
                        line -> {
                            String bare = line.stripTrailing();
                            trimmed.append(
                                            bare.endsWith(end)
                                                    ? bare.substring(0, bare.length() - 1)
                                                    : line)
                                    .append('\n');
                        });
        return trimmed.toString();
    }
}
