package pteron.exchange.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.BarCutting;
import pteron.core.frame.EndCut;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.page.FramePage;
import pteron.core.page.FramePages;
import pteron.core.page.Piece;
import pteron.core.page.SawSetting;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.LengthText;
import pteron.exchange.demo.Demos;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.Paper;
import pteron.exchange.station.Job;

/** The pages of frames on paper, and the columns of the cut list that tell where a piece goes. */
class FramePageTableTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC).replaceAll("\\s+", " ");
    }

    private static String paper(BoxModel model) throws Exception {
        try (Pages pages = new Pages(Paper.A4, "made up")) {
            new FramePageTable().write(new Job(model, BarCutting.NONE), pages);
            try (PDDocument document = Loader.loadPDF(pages.bytes())) {
                return plain(new PDFTextStripper().getText(document));
            }
        }
    }

    /** Each piece of each demo stands on paper with its number, its length and its place, and nothing is cut short. */
    @Test
    void everyPiece_standsOnPaper() throws Exception {
        for (BoxPlan plan : Demos.all()) {
            BoxModel model = model(plan);
            String text = paper(model);
            assertThat(text).doesNotContain("…").doesNotContain("?");
            assertThat(FramePages.of(model)).isNotEmpty();
            for (FramePage page : FramePages.of(model)) {
                assertThat(text).contains(page.title() + ", frame", page.title() + ", pieces");
                for (Piece piece : page.pieces()) {
                    assertThat(text)
                            .contains(piece.number() + " " + piece.title())
                            .contains(plain(LengthText.format(piece.longPointMm(), plan.units())))
                            .contains(plain(LengthText.format(piece.fromZeroMm(), plan.units())));
                }
            }
        }
    }

    @Test
    void sawWords() {
        assertThat(SawSetting.words(new EndCut(List.of(0.0)))).isEqualTo("0°");
        assertThat(SawSetting.words(new EndCut(List.of(-65.2)))).isEqualTo("24.8° block");
        assertThat(SawSetting.words(new EndCut(List.of(24.8, -10.0)))).isEqualTo("24.8° / 10°");
    }

    /** One row a member, each with its page and its number on it. */
    @Test
    void cutList_tellsPageAndNumber() {
        BoxModel model = model(Demos.wagtail());
        List<String> rows = CutList.text(model).lines().toList();
        assertThat(rows).hasSize(model.members().size() + 1);
        int page = Arrays.asList(rows.getFirst().split(",")).indexOf("page");
        assertThat(rows.stream().skip(1).map(row -> row.split(",", -1)))
                .extracting(cells -> cells[page] + "|" + cells[page + 1])
                .doesNotHaveDuplicates()
                .contains("Left wall|1", "Floor|1");
    }
}
