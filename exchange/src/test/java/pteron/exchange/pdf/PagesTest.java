package pteron.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PagesTest {

    private interface Writing {
        void write(Pages pages) throws IOException;
    }

    private static PDDocument written(Paper paper, Writing writing) throws IOException {
        try (Pages pages = new Pages(paper, "footer")) {
            pages.page(false);
            writing.write(pages);
            return Loader.loadPDF(pages.bytes());
        }
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document);
    }

    @Test
    void longList_turnsThePage_andNumbersIt() throws IOException {
        try (PDDocument document =
                written(
                        Paper.A4,
                        pages -> {
                            for (int i = 0; i < 150; i++) {
                                pages.row(
                                        false, new float[] {0.5f, 0.5f}, List.of("row " + i, "x"));
                            }
                        })) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            assertThat(text(document)).contains("row 149", "page 1", "page 3");
        }
    }

    @Test
    void longLine_isWrapped() throws IOException {
        String sentence = "a word and another ".repeat(30).strip();
        try (PDDocument document = written(Paper.LETTER, pages -> pages.line(sentence))) {
            assertThat(text(document).lines().count()).isGreaterThan(3);
            assertThat(text(document).replaceAll("\\s+", " ")).contains(sentence);
        }
    }

    @Test
    void wideCell_isCutShort_notWrittenOver() throws IOException {
        try (PDDocument document =
                written(
                        Paper.A4,
                        pages ->
                                pages.row(
                                        false,
                                        new float[] {0.1f, 0.9f},
                                        List.of("x".repeat(200), "next")))) {
            assertThat(text(document))
                    .contains("…")
                    .contains("next")
                    .doesNotContain("x".repeat(100));
        }
    }

    @Test
    void signsThatTheFontLacks_becomeQuestionMarks() throws IOException {
        try (PDDocument document = written(Paper.A4, pages -> pages.line("a 漢 b, flat floor"))) {
            assertThat(text(document)).contains("a ? b, flat floor");
        }
    }
}
