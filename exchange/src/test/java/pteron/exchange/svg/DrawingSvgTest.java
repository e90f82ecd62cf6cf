package pteron.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.picture.Drawings;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.demo.Demos;

/** Every view of every demo is a sound SVG, read by the parser of the platform. */
class DrawingSvgTest {

    @ParameterizedTest
    @EnumSource(View.class)
    void everyView_isSound(View view) throws Exception {
        for (var plan : Demos.all()) {
            BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
            Drawing drawing = Drawings.of(model, view, OpeningStation.OPENINGS, "");
            String text = DrawingSvg.text(drawing, UnitSystem.METRIC);
            Document document =
                    DocumentBuilderFactory.newInstance()
                            .newDocumentBuilder()
                            .parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
            Element root = document.getDocumentElement();
            assertThat(root.getTagName()).isEqualTo("svg");
            long areas =
                    drawing.shapes().stream()
                            .filter(s -> s instanceof Shape.Area || s instanceof Shape.Face)
                            .count();
            assertThat(root.getElementsByTagName("polygon").getLength()).isEqualTo((int) areas);
            String[] box = root.getAttribute("viewBox").split(" ");
            assertThat(Double.parseDouble(box[2])).isGreaterThan(drawing.bounds().width());
            assertThat(text).doesNotContain("NaN").doesNotContain("Infinity");
        }
    }
}
