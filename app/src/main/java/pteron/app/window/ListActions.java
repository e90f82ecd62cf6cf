package pteron.app.window;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.station.Workbench;
import pteron.app.window.Dialogs.Choice;
import pteron.core.edit.OwnMaterials;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.exchange.csv.MaterialCsv;
import pteron.exchange.file.WholeFile;

/** What goes out of a plan and into it besides its own file: lists, drawings, materials. */
public final class ListActions {

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
                () -> MaterialCsv.read(Files.readAllBytes(file)),
                reading -> {
                    if (!bench.edit(plan -> OwnMaterials.with(plan, reading.materials()))) {
                        return;
                    }
                    String taken = "%d materials were taken.".formatted(reading.materials().size());
                    window.tell(
                            "Own materials",
                            reading.faults().isEmpty()
                                    ? taken
                                    : taken + "\nRefused:\n" + String.join("\n", reading.faults()));
                },
                sentence -> window.tell("No materials were taken", sentence));
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

    void chooseAndExport() {
        dialogs().chooseFolder("Export lists and drawings into a folder").ifPresent(this::exportTo);
    }

    /** Exports lists and drawings into a folder; asks before anything there is written over. */
    public void exportTo(Path folder) {
        BoxModel model = document().model();
        desk.alreadyThere(
                model,
                folder,
                there -> {
                    if (there.isEmpty()) {
                        export(model, folder);
                    } else {
                        dialogs()
                                .ask(
                                        "Write over %d files?".formatted(there.size()),
                                        "%s holds files of that name, %s among them."
                                                .formatted(folder, there.getFirst().getFileName()),
                                        List.of(
                                                new Choice(
                                                        "Write over them",
                                                        () -> export(model, folder)),
                                                new Choice(
                                                        "Another folder …", this::chooseAndExport),
                                                new Choice("Cancel", () -> {})));
                    }
                },
                sentence -> window.tell("Nothing was exported", sentence));
    }

    private void export(BoxModel model, Path folder) {
        desk.export(
                model,
                folder,
                written ->
                        window.tell(
                                "Exported",
                                "%d files are in %s.".formatted(written.size(), folder)),
                sentence -> window.tell("Nothing was exported", sentence));
    }
}
