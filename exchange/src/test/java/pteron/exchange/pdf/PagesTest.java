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

    /** Who has the second page in hand sees whose list it is and what its columns are. */
    @Test
    void longTable_hasItsHeadOnEveryPage() throws IOException {
        float[] shares = {0.5f, 0.5f};
        try (PDDocument document =
                written(
                        Paper.A4,
                        pages -> {
                            pages.heading("Roof, pieces");
                            pages.row(true, shares, List.of("piece", "length"));
                            for (int i = 0; i < 150; i++) {
                                pages.row(false, shares, List.of("row " + i, "x"));
                            }
                        })) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            List<String> lines = text(document).lines().toList();
            assertThat(lines).filteredOn("piece length"::equals).hasSize(3);
            assertThat(lines).filteredOn("Roof, pieces, continued"::equals).hasSize(2);
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

    /** A cell of many words takes more lines, and the next row stands below all of them. */
    @Test
    void longCell_isWrapped_nothingLost() throws IOException {
        String words = "extruded polystyrene to poplar plywood, glued all over and pressed";
        try (PDDocument document =
                written(
                        Paper.A4,
                        pages -> {
                            float[] shares = {0.25f, 0.75f};
                            pages.row(false, shares, List.of(words, "first"));
                            float after = pages.y();
                            pages.row(false, shares, List.of("short", "second"));
                            assertThat(pages.y()).isLessThan(after);
                        })) {
            String text = text(document);
            for (String word : words.split(" ")) {
                assertThat(text).contains(word);
            }
            assertThat(text.indexOf("pressed")).isLessThan(text.indexOf("short"));
            assertThat(text).doesNotContain("…");
        }
    }

    /** One word wider than its column. */
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
