package pteron.exchange.pdf;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/** Pages being written from the top down. */
public final class Pages implements AutoCloseable {

    static final Color INK = new Color(0x1E2B2A);
    static final Color QUIET = new Color(0x66736F);

    /** Size of the letters in a table (points). */
    private static final float CELL_POINTS = 8;

    /** Distance of two lines of a cell (points). */
    private static final float LINE = 10;

    /** Kept under a drawing for a line about it (points). */
    private static final float LINE_KEPT = 10;

    private final PDDocument document = new PDDocument();
    private final Paper paper;
    private final String footer;
    private final PDFont plain;
    private final PDFont bold;
    private final PDFont mono;
    private PDPageContentStream content;
    private PDRectangle size;

    private float y;
    private float firstLine;
    private String lastHeading = "";
    private float[] headShares;
    private List<String> headCells;
    private int number;

    /** No pages yet; the footer stands on each. */
    public Pages(Paper paper, String footer) throws IOException {
        this.paper = paper;
        this.footer = footer;
        this.plain = font("overpass-400.ttf");
        this.bold = font("overpass-700.ttf");
        this.mono = font("overpass-mono-400.ttf");
    }

    private PDFont font(String name) throws IOException {
        try (InputStream in = Pages.class.getResourceAsStream("/pteron/exchange/fonts/" + name)) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // joined letters such as fl would be lost when the text is searched or copied
            font.setEnableGsub(false);
            return PDType0Font.load(document, font, true);
        }
    }

    PDFont plain() {
        return plain;
    }

    PDFont bold() {
        return bold;
    }

    PDFont mono() {
        return mono;
    }

    PDPageContentStream content() {
        return content;
    }

    PDRectangle size() {
        return size;
    }

    /** {@return how far up the pen stands (points)} */
    public float y() {
        return y;
    }

    /** {@return how far up the first line of the table row stands that was written last (points)} */
    float firstLine() {
        return firstLine;
    }

    /** {@return what is left of the page under what stands on it, a little kept for a line} */
    public PDRectangle left() {
        return new PDRectangle(Paper.MARGIN, Paper.MARGIN, width(), y() - Paper.MARGIN - LINE_KEPT);
    }

    /** {@return width between the margins (points)} */
    public float width() {
        return size.getWidth() - 2 * Paper.MARGIN;
    }

    /** Begins a page, lying or upright. */
    public void page(boolean lying) throws IOException {
        endPage();
        size = lying ? paper.lying() : paper.upright();
        PDPage page = new PDPage(size);
        document.addPage(page);
        content = new PDPageContentStream(document, page);
        number++;
        text(plain, 8, QUIET, Paper.MARGIN, 22, footer + "  ·  page " + number);
        y = size.getHeight() - Paper.MARGIN;
    }

    private void endPage() throws IOException {
        if (content != null) {
            content.close();
            content = null;
        }
    }

    /** Moves the pen down (points). */
    public void down(float points) {
        y -= points;
    }

    /** Writes a heading. */
    public void heading(String text) throws IOException {
        room(60);
        y -= 26;
        text(bold, 14, INK, Paper.MARGIN, y, text);
        y -= 8;
        lastHeading = text;
        headShares = null;
    }

    /** Writes a line, broken where it is too long. */
    public void line(String text) throws IOException {
        line(plain, 9, INK, text);
    }

    /** Writes a small line. */
    public void quiet(String text) throws IOException {
        line(plain, 8, QUIET, text);
    }

    private void line(PDFont font, float points, Color color, String text) throws IOException {
        for (String part : wrapped(font, points, text, width())) {
            room(points + 4);
            y -= points + 4;
            text(font, points, color, Paper.MARGIN, y, part);
        }
    }

    /** Turns the page where so much height is not left. */
    void room(float height) throws IOException {
        if (y - height < Paper.MARGIN) {
            page(size.getWidth() > size.getHeight());
        }
    }

    /** Writes a table row; shares are parts of the width, texts too long for theirs are cut short. */
    public void row(boolean head, float[] shares, List<String> cells) throws IOException {
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            lines.add(lines(cellFont(head, i), cells.get(i), shares[i] * width() - 6));
        }
        int most = lines.stream().mapToInt(List::size).max().orElse(1);
        roomForRow(head, 13 + LINE * (most - 1), shares);
        if (head) {
            headShares = shares;
            headCells = cells;
        }
        y -= 12;
        firstLine = y;
        float x = Paper.MARGIN;
        for (int i = 0; i < cells.size(); i++) {
            for (int k = 0; k < lines.get(i).size(); k++) {
                Color ink = head ? QUIET : INK;
                text(cellFont(head, i), CELL_POINTS, ink, x, y - LINE * k, lines.get(i).get(k));
            }
            x += shares[i] * width();
        }
        y -= LINE * (most - 1);
        content.setStrokingColor(new Color(0xD9D2C3));
        content.setLineWidth(0.4f);
        content.moveTo(Paper.MARGIN, y - 3);
        content.lineTo(Paper.MARGIN + width(), y - 3);
        content.stroke();
    }

    /** Where a row of a table turns the page, its heading and head stand on the next one too. */
    private void roomForRow(boolean head, float height, float[] shares) throws IOException {
        int before = number;
        room(height);
        if (number != before && !head && shares == headShares) {
            List<String> cells = headCells;
            String heading = lastHeading;
            heading(heading + ", continued");
            lastHeading = heading;
            row(true, shares, cells);
        }
    }

    private List<String> lines(PDFont font, String text, float wide) throws IOException {
        List<String> lines = new ArrayList<>();
        for (String line : wrapped(font, CELL_POINTS, text, wide)) {
            lines.add(fitted(font, CELL_POINTS, line, wide));
        }
        return lines;
    }

    private PDFont cellFont(boolean head, int column) {
        return head ? bold : column == 0 ? plain : mono;
    }

    void text(PDFont font, float points, Color color, float x, float at, String text)
            throws IOException {
        content.beginText();
        content.setFont(font, points);
        content.setNonStrokingColor(color);
        content.newLineAtOffset(x, at);
        content.showText(writable(font, text));
        content.endText();
    }

    /** Writes upwards, from a point on. */
    void upward(PDFont font, float points, float x, float at, String text) throws IOException {
        content.beginText();
        content.setFont(font, points);
        content.setNonStrokingColor(INK);
        content.setTextMatrix(Matrix.getRotateInstance(Math.PI / 2, x, at));
        content.showText(writable(font, text));
        content.endText();
    }

    static float width(PDFont font, float points, String text) throws IOException {
        return font.getStringWidth(writable(font, text)) / 1000 * points;
    }

    /** {@return the text with a question mark for every sign that the font lacks} */
    private static String writable(PDFont font, String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints()
                .forEach(
                        sign -> {
                            try {
                                String one = Character.toString(sign);
                                font.encode(one);
                                out.append(one);
                            } catch (IOException | IllegalArgumentException e) {
                                out.append('?');
                            }
                        });
        return out.toString();
    }

    /** {@return the text, or as much of a single long word as the column holds} */
    private static String fitted(PDFont font, float points, String text, float wide)
            throws IOException {
        String fit = text;
        while (fit.length() > 1 && width(font, points, fit) > wide) {
            fit = fit.substring(0, fit.length() - 2) + "…";
        }
        return fit;
    }

    private static List<String> wrapped(PDFont font, float points, String text, float wide)
            throws IOException {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (width(font, points, longer) > wide && !line.isEmpty()) {
                lines.add(line);
                line = word;
            } else {
                line = longer;
            }
        }
        lines.add(line);
        return lines;
    }

    /** {@return all pages as a file} */
    public byte[] bytes() throws IOException {
        endPage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        endPage();
        document.close();
    }
}
