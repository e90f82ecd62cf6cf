package pteron.exchange.pdf;

import java.util.Locale;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sizes of paper. */
public enum Paper {
    /** 210 × 297 mm. */
    A4(PDRectangle.A4),
    /** 8.5 × 11 in. */
    LETTER(PDRectangle.LETTER);

    /** Margin on every side (points): what office printers leave blank, and room for a hole punch. */
    static final float MARGIN = 40;

    private final PDRectangle size;

    Paper(PDRectangle size) {
        this.size = size;
    }

    PDRectangle upright() {
        return size;
    }

    PDRectangle lying() {
        return new PDRectangle(size.getHeight(), size.getWidth());
    }

    /**
     * {@return the paper with that name}
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Paper named(String name) {
        return switch (name.toLowerCase(Locale.ROOT)) {
            case "a4" -> A4;
            case "letter" -> LETTER;
            default ->
                    throw new IllegalArgumentException(
                            "paper is [%s] and must be a4 or letter".formatted(name));
        };
    }
}
