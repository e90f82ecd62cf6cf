package pteron.app.style;

import javafx.scene.control.TextField;
import javafx.scene.control.TextFormatter;
import pteron.core.quantity.PlainText;

/**
 * A field for one line of text in which every mark that cannot be seen is made visible as it is typed or pasted: nothing
 * hides in it, and no mark turns what stands beside it.
 */
public final class PlainField extends TextField {

    /** An empty field. */
    public PlainField() {
        this("");
    }

    /** A field with a text. */
    public PlainField(String text) {
        super(PlainText.visible(text));
        setTextFormatter(new TextFormatter<>(PlainField::plain));
    }

    private static TextFormatter.Change plain(TextFormatter.Change change) {
        String typed = change.getText();
        String seen = PlainText.visible(typed);
        if (!seen.equals(typed)) {
            int shorter = typed.length() - seen.length();
            change.setText(seen);
            int length = change.getControlNewText().length();
            change.setCaretPosition(Math.clamp(change.getCaretPosition() - shorter, 0, length));
            change.setAnchor(Math.clamp(change.getAnchor() - shorter, 0, length));
        }
        return change;
    }
}
