package pteron.exchange.pdf;

import java.awt.Color;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Small drawings in the row of a table that was written last: a piece with its cuts, a box to tick. */
public final class PieceSketch {

    private static final Color TIMBER = new Color(0xF2E3C4);

    /** Height of the piece (points). */
    private static final float HIGH = 7;

    /** Length of the piece between the middles of its cuts (points). */
    private static final float LONG = 34;

    /** The farthest that a slanted end reaches to either side (points). */
    private static final float REACH = 7;

    /** Distance of two lines of the hatch (points). */
    private static final float HATCH = 2;

    private final Pages pages;
    private final PDPageContentStream content;

    /** Draws beside the row that was written last. */
    public PieceSketch(Pages pages) {
        this.pages = pages;
        this.content = pages.content();
    }

    /** An empty box, a part of the width from the left margin. */
    public void box(float share) throws IOException {
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(0.6f);
        content.addRect(Paper.MARGIN + share * pages.width(), pages.firstLine() - 1.5f, 8, 8);
        content.stroke();
    }

    /**
     * The piece lying, its start at the left, the edge nearer to the zero up; what is cut off is hatched.
     *
     * @param share a part of the width from the left margin
     * @param startDegrees angle of the start from a square cut, as a member has it (degrees)
     * @param endDegrees angle of the end
     */
    public void piece(float share, double startDegrees, double endDegrees) throws IOException {
        float left = Paper.MARGIN + share * pages.width() + REACH;
        float low = pages.firstLine() - 1.5f;
        float top = low + HIGH;
        float start = lean(startDegrees);
        float end = lean(endDegrees);
        float right = left + LONG;
        content.setNonStrokingColor(TIMBER);
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(0.5f);
        content.moveTo(left - start, top);
        content.lineTo(left + start, low);
        content.lineTo(right + end, low);
        content.lineTo(right - end, top);
        content.closeAndFillAndStroke();
        waste(left, start, low, -1);
        waste(right, end, low, 1);
    }

    private static float lean(double degrees) {
        double lean = Math.tan(Math.toRadians(degrees)) * HIGH / 2;
        return (float) Math.clamp(lean, -REACH, REACH);
    }

    /** The wedge that falls off beside a slanted cut. */
    private void waste(float at, float lean, float low, int way) throws IOException {
        content.setLineWidth(0.3f);
        for (float up = 0; up < HIGH && lean != 0; up += HATCH) {
            float cut = at + lean - 2 * lean * up / HIGH;
            float far = at + way * Math.abs(lean);
            content.moveTo(cut, low + up);
            content.lineTo(far, low + up);
            content.stroke();
        }
    }
}
