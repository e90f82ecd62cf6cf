package pteron.app.window;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.station.Workbench;
import pteron.core.edit.OwnMaterials;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.NumberText;
import pteron.exchange.csv.MaterialCsv;
import pteron.exchange.file.WholeFile;

/** Materials that go into a plan and out of it. */
public final class ListActions {

    /** Lines that a dialog tells of those that are refused. */
    private static final int MOST_LINES = 8;

    /** Letters of such a line. */
    private static final int LONGEST_LINE = 200;

    private final PlanWindow window;
    private final FileDesk desk;

    ListActions(PlanWindow window, FileDesk desk) {
        this.window = window;
        this.desk = desk;
    }

    private Dialogs dialogs() {
        return window.dialogs();
    }

    private PlanDocument document() {
        return window.bench().document();
    }

    private Optional<Path> folder() {
        return document().file().map(file -> file.toAbsolutePath().getParent());
    }

    void chooseMaterials() {
        dialogs().chooseMaterials(folder()).ifPresent(this::importMaterials);
    }

    /** Brings own materials out of a CSV file into the plan; bad lines are told, the others taken. */
    public void importMaterials(Path file) {
        Workbench bench = window.bench();
        desk.beside(
                () -> MaterialCsv.read(file),
                reading -> {
                    if (!bench.edit(plan -> OwnMaterials.with(plan, reading.materials()))) {
                        return;
                    }
                    String taken =
                            NumberText.counted(reading.materials().size(), "material", "materials")
                                    + " imported.";
                    window.tell(
                            "Own materials",
                            reading.faults().isEmpty()
                                    ? taken
                                    : taken + "\nRefused:\n" + few(reading.faults()));
                },
                sentence -> window.tell("No materials were imported", sentence));
    }

    /** The first lines that are refused; a dialog of all might be higher than the window. */
    private static String few(List<String> faults) {
        int more = faults.size() - MOST_LINES;
        String told =
                faults.stream()
                        .limit(MOST_LINES)
                        .map(
                                fault ->
                                        fault.length() > LONGEST_LINE
                                                ? fault.substring(0, LONGEST_LINE) + " …"
                                                : fault)
                        .collect(Collectors.joining("\n"));
        return more > 0
                ? told + "\nand %d more: correct these first, then import again.".formatted(more)
                : told;
    }

    void chooseMaterialsToSave() {
        dialogs().chooseMaterialsToSave(folder()).ifPresent(this::saveMaterials);
    }

    /** Saves the library with the plan's own materials: change lines there and import them. */
    public void saveMaterials(Path file) {
        MaterialLibrary library = document().model().library();
        desk.beside(
                () -> {
                    WholeFile.write(
                            file, MaterialCsv.text(library).getBytes(StandardCharsets.UTF_8));
                    return file;
                },
                written -> window.tell("Materials", "Saved in " + written),
                sentence -> window.tell("The materials were not saved", sentence));
    }
}
