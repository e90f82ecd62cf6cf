package pteron.app.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.cutting.BarCutting;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.model.Route;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.exchange.export.Exports;
import pteron.exchange.file.WholeFile;
import pteron.exchange.pdf.Paper;

/** Writes lists and drawings into a folder. */
@Command(
        name = "export",
        description = "Write cut list, material list and drawings into a folder.",
        footer = {"", "Example:", "  ./pteron export my-box.json --to shop --only csv,pdf"})
final class ExportVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "a plan, or demo")
    private String file;

    @Option(
            names = "--to",
            paramLabel = "DIR",
            required = true,
            description = "folder, made if missing")
    private Path folder;

    @Option(
            names = "--only",
            split = ",",
            paramLabel = "KIND",
            description = "csv, pdf, json; with --view: svg, pdf")
    private Set<String> only = Exports.KINDS;

    @Option(
            names = "--paper",
            paramLabel = "PAPER",
            description = "a4 or letter; goes by the plan's units")
    private String paper;

    @Option(
            names = "--view",
            paramLabel = "STATION/VIEW",
            description = "one view alone, such as skins/left, as svg or pdf")
    private String view;

    @Option(names = "--also-mm", description = "lists of a plan in inches with millimetres beside")
    private boolean alsoMetric;

    @Option(names = "--force", description = "overwrite existing files")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        BoxPlan plan = PlanArgument.read(file);
        Paper chosen =
                paper != null
                        ? Paper.named(paper)
                        : plan.units() == UnitSystem.METRIC ? Paper.A4 : Paper.LETTER;
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        if (view != null) {
            return oneView(model, chosen);
        }
        Exports.Order order = new Exports.Order(folder, only, chosen, alsoMetric);
        List<Path> there = Exports.alreadyThere(model, order);
        if (!there.isEmpty() && !force) {
            throw new IllegalArgumentException(
                    "--to %s: %s and %d more of these files exist; add --force to overwrite them, or choose another folder"
                            .formatted(folder, there.getFirst().getFileName(), there.size() - 1));
        }
        BarCutting cutting = BarCutting.of(model.members(), plan.supplies());
        Exports.write(model, cutting, order)
                .forEach(written -> spec.commandLine().getOut().println(written));
        return 0;
    }

    private int oneView(BoxModel model, Paper chosen) throws IOException {
        Drawing drawing = drawing(model);
        Set<String> kinds = only.equals(Exports.KINDS) ? Set.of("svg") : only;
        for (String kind : kinds) {
            Path file = folder.resolve(Exports.viewName(model, drawing) + "." + kind);
            if (Files.exists(file, LinkOption.NOFOLLOW_LINKS) && !force) {
                throw new IllegalArgumentException(
                        "--to %s: %s exists; add --force to overwrite it, or choose another folder"
                                .formatted(folder, file.getFileName()));
            }
            byte[] bytes = Exports.view(model, drawing, kind, chosen);
            Files.createDirectories(folder);
            WholeFile.writeHere(file, bytes);
            spec.commandLine().getOut().println(file);
        }
        return 0;
    }

    private static String views() {
        return Arrays.stream(View.values()).map(View::label).collect(Collectors.joining(", "));
    }

    private Drawing drawing(BoxModel model) {
        String[] words = view.split("/", -1);
        Station station =
                Route.station(words[0])
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "--view %s: enter station/view, such as skins/left"
                                                        .formatted(view)));
        String key = words.length > 1 ? words[1] : "left";
        View seen =
                Arrays.stream(View.values())
                        .filter(one -> one.isCalled(key))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "--view %s: no view %s; choose one of %s"
                                                        .formatted(view, key, views())));
        return Drawings.of(model, seen, station, "");
    }
}
