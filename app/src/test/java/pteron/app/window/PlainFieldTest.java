package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pteron.app.style.PlainField;

/** Marks that cannot be seen are seen in a field, and break no layout. */
class PlainFieldTest {

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @Test
    void marks_areMadeVisible_whereverTheyComeIn() {
        WaitForAsyncUtils.waitForAsyncFx(
                20_000,
                () -> {
                    PlainField field = new PlainField("a\u202Eb");
                    new Scene(new StackPane(field), 300, 80);
                    assertThat(field.getText()).isEqualTo("a\uFFFDb");
                    field.insertText(1, "\u202Ex\u0001");
                    assertThat(field.getText()).isEqualTo("a\uFFFDx\uFFFD\uFFFDb");
                    field.setText("\u2066" + new String(Character.toChars(0x1FFFF)) + "旅 👩‍🔧");
                    assertThat(field.getText()).isEqualTo("\uFFFD\uFFFD旅 👩‍🔧");
                    field.applyCss();
                    field.getParent().layout();
                    return null;
                });
    }
}
