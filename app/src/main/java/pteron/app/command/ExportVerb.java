package pteron.app.command;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.cutting.BarCutting;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.export.Exports;
import pteron.exchange.pdf.Paper;

/** Writes lists and drawings into a folder. */
@Command(name = "export", description = "Write cut list, material list and drawings into a folder.")
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

    @Option(names = "--only", split = ",", paramLabel = "KIND", description = "csv, pdf, json")
    private Set<String> only = Exports.KINDS;

    @Option(
            names = "--paper",
            paramLabel = "PAPER",
            description = "a4 or letter; goes by the plan's units")
    private String paper;

    @Option(names = "--force", description = "write over files that are there already")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        BoxPlan plan = PlanArgument.read(file);
        Paper chosen =
                paper != null
                        ? Paper.named(paper)
                        : plan.units() == UnitSystem.METRIC ? Paper.A4 : Paper.LETTER;
        Exports.Order order = new Exports.Order(folder, only, chosen);
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        List<Path> there = Exports.alreadyThere(model, order);
        if (!there.isEmpty() && !force) {
            throw new IllegalArgumentException(
                    "--to is [%s], where %s and %d more of these files are already; give --force to write over them, or another folder"
                            .formatted(folder, there.getFirst().getFileName(), there.size() - 1));
        }
        BarCutting cutting = BarCutting.of(model.members(), plan.supplies());
        Exports.write(model, cutting, order)
                .forEach(written -> spec.commandLine().getOut().println(written));
        return 0;
    }
}
