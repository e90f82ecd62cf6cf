package pteron.app.window;

import java.util.List;
import javafx.scene.control.TextField;
import pteron.app.station.Workbench;
import pteron.app.style.PlainField;
import pteron.app.window.Dialogs.Choice;

/** Gives the open plan another name. */
final class Renaming {

    private final Workbench bench;
    private final Dialogs dialogs;

    Renaming(Workbench bench, Dialogs dialogs) {
        this.bench = bench;
        this.dialogs = dialogs;
    }

    /** Asks for the name; one step back undoes it. */
    void ask() {
        TextField typed = new PlainField();
        typed.setId("rename-field");
        typed.setAccessibleText("Name of the plan");
        typed.setText(bench.document().plan().name());
        Choice rename = new Choice("Rename", () -> rename(typed.getText().strip()));
        Runnable away =
                dialogs.ask(
                        "Rename the plan",
                        "Pages and exports carry this name. The file keeps its own until you use Save as.",
                        typed,
                        List.of(rename, new Choice("Cancel", () -> {})));
        typed.setOnAction(
                event -> {
                    away.run();
                    rename.action().run();
                });
        typed.requestFocus();
        typed.selectAll();
    }

    private void rename(String name) {
        if (name.isEmpty()) {
            dialogs.tell("Rename the plan", "The name is empty: enter one.");
        } else if (!name.equals(bench.document().plan().name())) {
            bench.edit(plan -> plan.withName(name));
        }
    }
}
