package pteron.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.station.Workbench;
import pteron.app.window.Dialogs.Choice;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.export.Exports;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;

/** What goes out of a plan: lists, paper and the view that is looked at, in one go with one summary. */
public final class ExportActions {

    /** Names of files that the summary tells. */
    private static final int MOST_NAMES = 12;

    private final PlanWindow window;
    private final FileDesk desk;

    ExportActions(PlanWindow window, FileDesk desk) {
        this.window = window;
        this.desk = desk;
    }

    /**
     * All that one export writes. Immutable.
     *
     * @param model the box
     * @param lists which lists, where to, on which paper
     * @param drawing the view that is looked at
     * @param views as what it is written: svg, pdf-view, png
     * @param png the picture, null where none is written
     */
    private record Parcel(
            BoxModel model, Exports.Order lists, Drawing drawing, Set<String> views, byte[] png) {

        private Path file(String kind) {
            String name = Exports.viewName(model, drawing);
            return lists.folder().resolve(name + "." + plain(kind));
        }

        private static String plain(String kind) {
            return kind.equals("pdf-view") ? "pdf" : kind;
        }

        List<Path> alreadyThere() {
            Stream<Path> viewed =
                    views.stream()
                            .map(this::file)
                            .filter(file -> Files.exists(file, LinkOption.NOFOLLOW_LINKS));
            return Stream.concat(Exports.alreadyThere(model, lists).stream(), viewed)
                    .sorted()
                    .toList();
        }

        void write(List<Path> written) throws IOException {
            BarCutting cutting =
                    lists.kinds().isEmpty()
                            ? BarCutting.NONE
                            : BarCutting.of(model.members(), model.plan().supplies());
            Exports.write(model, cutting, lists, written::add);
            for (String kind : views) {
                byte[] content =
                        kind.equals("png")
                                ? png
                                : Exports.view(model, drawing, plain(kind), lists.paper());
                WholeFile.writeHere(file(kind), content);
                written.add(file(kind));
            }
        }
    }

    private PlanDocument document() {
        return window.bench().document();
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
        window.dialogs()
                .ask(
                        "Export",
                        "Choose what to export:",
                        card,
                        List.of(
                                new Choice("Choose the folder …", () -> export(card, drawing)),
                                new Choice("Cancel", () -> {})));
    }

    private void export(ExportCard card, Drawing drawing) {
        Path beside =
                document()
                        .file()
                        .map(file -> file.toAbsolutePath().getParent())
                        .orElse(Path.of(System.getProperty("user.home")));
        window.dialogs()
                .chooseFolder("Export into a folder", beside)
                .map(
                        folder ->
                                new Exports.Order(
                                        folder, card.kinds(), card.paper(), card.isAlsoMetric()))
                .ifPresent(order -> export(parcel(order, drawing, card.views())));
    }

    private Parcel parcel(Exports.Order order, Drawing drawing, Set<String> views) {
        BoxModel model = document().model();
        byte[] png =
                views.contains("png")
                        ? ViewPicture.png(drawing, window.bench().themeProperty().get(), model)
                        : null;
        return new Parcel(model, order, drawing, views, png);
    }

    /** Exports all lists and drawings into a folder; asks before anything there is written over. */
    public void exportTo(Path folder) {
        boolean metric = document().plan().units() == UnitSystem.METRIC;
        Paper paper = metric ? Paper.A4 : Paper.LETTER;
        export(parcel(new Exports.Order(folder, Exports.KINDS, paper), null, Set.of()));
    }

    /** Exports one view as it stands: svg, pdf-view or png; asks before anything there is written over. */
    public void exportView(Drawing drawing, Set<String> kinds, Paper paper, Path folder) {
        export(parcel(new Exports.Order(folder, Set.of(), paper), drawing, kinds));
    }

    private void export(Parcel parcel) {
        Runnable over = window.underway("Looking at the folder …");
        desk.beside(
                parcel::alreadyThere,
                there -> {
                    over.run();
                    if (there.isEmpty()) {
                        write(parcel);
                    } else {
                        askFirst(parcel, there);
                    }
                },
                sentence -> {
                    over.run();
                    window.tell("Nothing was exported", sentence);
                });
    }

    private void askFirst(Parcel parcel, List<Path> there) {
        window.dialogs()
                .ask(
                        "Overwrite %d files?".formatted(there.size()),
                        "%s holds files of that name, %s among them."
                                .formatted(parcel.lists().folder(), there.getFirst().getFileName()),
                        List.of(
                                new Choice("Overwrite", () -> write(parcel)),
                                new Choice("Another folder …", this::chooseAndExport),
                                new Choice("Cancel", () -> {})));
    }

    private void write(Parcel parcel) {
        Runnable over = window.underway("Exporting …");
        List<Path> written = Collections.synchronizedList(new ArrayList<>());
        desk.beside(
                () -> {
                    parcel.write(written);
                    return written;
                },
                files -> {
                    over.run();
                    window.tell("Exported", summary(parcel, files));
                },
                sentence -> {
                    over.run();
                    failed(parcel, written, sentence);
                });
    }

    private void failed(Parcel parcel, List<Path> written, String sentence) {
        if (written.isEmpty()) {
            window.tell("Nothing was exported", sentence);
        } else {
            window.tell(
                    "Not everything was exported",
                    sentence + "\nWritten before that: " + summary(parcel, written));
        }
    }

    private static String summary(Parcel parcel, List<Path> files) {
        String names =
                files.stream()
                        .map(file -> file.getFileName().toString())
                        .sorted()
                        .limit(MOST_NAMES)
                        .collect(Collectors.joining("\n"));
        int more = files.size() - MOST_NAMES;
        return "%s in %s:\n%s%s"
                .formatted(
                        NumberText.counted(files.size(), "file", "files"),
                        parcel.lists().folder(),
                        names,
                        more > 0 ? "\nand %d more".formatted(more) : "");
    }
}
