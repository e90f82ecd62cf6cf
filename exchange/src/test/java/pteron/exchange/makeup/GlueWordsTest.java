package pteron.exchange.makeup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.text.Normalizer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.buildup.Layer;
import pteron.core.cutting.BarCutting;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.exchange.pdf.Paper;
import pteron.exchange.report.ReportPdf;
import pteron.exchange.station.Job;

/** What holds a joint: said the same on the screen and on paper, and never as if it held where it does not. */
class GlueWordsTest {

    private static BoxModel fixed(String how) {
        BoxPlan plan = StartingPlans.square();
        var walls = plan.makeUp().walls();
        return BoxModel.of(
                plan.withMakeUp(
                        plan.makeUp()
                                .withWalls(walls.withOuterSkin(walls.outerSkin().withFixing(how)))),
                MaterialLibrary.starting());
    }

    private static String outermost(BoxModel model) {
        GlueJoint joint =
                model.made().orElseThrow().get(Glues.class).joints().stream()
                        .filter(one -> one.part().equals("walls") && one.number() == 1)
                        .findFirst()
                        .orElseThrow();
        return GlueWords.held(joint, model.library());
    }

    @ParameterizedTest
    @CsvSource({
        "pu-glue, 'Polyurethane glue, foaming'",
        "contact-glue, Contact glue with solvent dissolves it",
        "pva, White wood glue does not bond it",
        "spit, no glue bonds it: screw it"
    })
    void held_saysWhetherItHolds(String how, String words) {
        assertThat(outermost(fixed(how))).isEqualTo(words);
    }

    @Test
    void held_withoutGlue() {
        assertThat(outermost(fixed(Layer.SCREWED))).isEqualTo("screws");
        assertThat(outermost(fixed(Layer.LOOSE))).isEqualTo("laid in loose");
    }

    /** A glue that eats the foam must not stand on paper as if it were the one to take. */
    @Test
    void onPaper_theSame() throws IOException {
        BoxModel eaten = fixed("contact-glue");
        byte[] report =
                ReportPdf.bytes(
                        new Job(eaten, BarCutting.of(eaten.members(), eaten.plan().supplies())),
                        Paper.A4);
        try (PDDocument document = Loader.loadPDF(report)) {
            String text =
                    Normalizer.normalize(
                            new PDFTextStripper().getText(document), Normalizer.Form.NFKC);
            assertThat(text.replaceAll("\\s+", " "))
                    .contains("Contact glue with solvent dissolves it");
        }
    }
}
