package pteron.app.window;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.station.Workbench;
import pteron.app.style.Theme;
import pteron.app.window.Dialogs.Choice;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.edit.OwnMaterials;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.MaterialCsv;
import pteron.exchange.export.Exports;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;

/** What goes out of a plan and into it besides its own file: lists, drawings, materials. */
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
                    String taken = "%d materials imported.".formatted(reading.materials().size());
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

    /** Lets what goes out be chosen, warns of what stops the job, then lets the folder be chosen. */
    void chooseAndExport() {
        Workbench bench = window.bench();
        BoxModel model = document().model();
        Drawing drawing =
                bench.viewProperty().get() == View.SOLID
                        ? bench.solid().drawing(model)
                        : Drawings.of(
                                model,
                                bench.viewProperty().get(),
                                bench.stationProperty().get(),
                                "",
                                bench.aspectProperty().get());
        ExportCard card = new ExportCard(model, drawing.view().title());
        dialogs()
                .ask(
                        "Export",
                        "Choose what to export:",
                        card,
                        List.of(
                                new Choice("Choose the folder …", () -> export(card, drawing)),
                                new Choice("Cancel", () -> {})));
    }

    private void export(ExportCard card, Drawing drawing) {
        dialogs()
                .chooseFolder(
                        "Export into a folder",
                        folder().orElse(Path.of(System.getProperty("user.home"))))
                .ifPresent(
                        folder -> {
                            if (!card.views().isEmpty()) {
                                exportView(drawing, card.views(), card.paper(), folder);
                            }
                            if (!card.kinds().isEmpty()) {
                                exportTo(
                                        new Exports.Order(
                                                folder,
                                                card.kinds(),
                                                card.paper(),
                                                card.isAlsoMetric()));
                            }
                        });
    }

    /** Exports all lists and drawings into a folder; asks before anything there is written over. */
    public void exportTo(Path folder) {
        boolean metric = document().plan().units() == UnitSystem.METRIC;
        exportTo(new Exports.Order(folder, Exports.KINDS, metric ? Paper.A4 : Paper.LETTER));
    }

    private void exportTo(Exports.Order order) {
        BoxModel model = document().model();
        desk.alreadyThere(
                model,
                order,
                there -> {
                    if (there.isEmpty()) {
                        export(model, order);
                    } else {
                        askFirst(model, order, there);
                    }
                },
                sentence -> window.tell("Nothing was exported", sentence));
    }

    private void askFirst(BoxModel model, Exports.Order order, List<Path> there) {
        askFirst(there, order.folder(), () -> export(model, order));
    }

    private void askFirst(List<Path> there, Path folder, Runnable write) {
        dialogs()
                .ask(
                        "Overwrite %d files?".formatted(there.size()),
                        "%s holds files of that name, %s among them."
                                .formatted(folder, there.getFirst().getFileName()),
                        List.of(
                                new Choice("Overwrite", write),
                                new Choice("Another folder …", this::chooseAndExport),
                                new Choice("Cancel", () -> {})));
    }

    private void export(BoxModel model, Exports.Order order) {
        desk.export(
                model,
                order,
                written ->
                        window.tell(
                                "Exported",
                                "%d files are in %s.".formatted(written.size(), order.folder())),
                sentence -> window.tell("Nothing was exported", sentence));
    }

    /** Exports one view as it stands: svg, pdf-view or png; asks before anything there is written over. */
    public void exportView(Drawing drawing, Set<String> kinds, Paper paper, Path folder) {
        String name = Exports.viewName(document().model(), drawing);
        desk.beside(
                () ->
                        kinds.stream()
                                .map(kind -> viewFile(folder, name, kind))
                                .filter(file -> Files.exists(file, LinkOption.NOFOLLOW_LINKS))
                                .sorted()
                                .toList(),
                there -> {
                    Runnable write = () -> writeView(drawing, kinds, paper, folder);
                    if (there.isEmpty()) {
                        write.run();
                    } else {
                        askFirst(there, folder, write);
                    }
                },
                sentence -> window.tell("Nothing was exported", sentence));
    }

    private static Path viewFile(Path folder, String name, String kind) {
        return folder.resolve(name + "." + plain(kind));
    }

    private static String plain(String kind) {
        return kind.equals("pdf-view") ? "pdf" : kind;
    }

    private void writeView(Drawing drawing, Set<String> kinds, Paper paper, Path folder) {
        BoxModel model = document().model();
        Theme theme = window.bench().themeProperty().get();
        String name = Exports.viewName(model, drawing);
        byte[] png = kinds.contains("png") ? ViewPicture.png(drawing, theme, model) : null;
        desk.beside(
                () -> {
                    Files.createDirectories(folder);
                    List<Path> written = new ArrayList<>();
                    for (String kind : kinds) {
                        Path file = viewFile(folder, name, kind);
                        WholeFile.writeHere(
                                file,
                                kind.equals("png")
                                        ? png
                                        : Exports.view(model, drawing, plain(kind), paper));
                        written.add(file);
                    }
                    return written;
                },
                written -> window.tell("Exported", "The view is in " + written.getFirst()),
                sentence -> window.tell("Nothing was exported", sentence));
    }
}
