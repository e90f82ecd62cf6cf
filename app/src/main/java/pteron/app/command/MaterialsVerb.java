package pteron.app.command;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import pteron.core.edit.OwnMaterials;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.csv.MaterialCsv;
import pteron.exchange.plan.PlanFile;

/** Prints the material library, or brings own materials into a plan. */
@Command(
        name = "materials",
        description = "Print the material library as CSV, or bring own materials into a plan.",
        footer = {"", "Example:", "  ./pteron materials --from own.csv --into my-box.json"})
final class MaterialsVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Option(
            names = "--from",
            paramLabel = "CSV",
            description = "own materials, in the columns that this verb prints")
    private Path from;

    @Option(names = "--into", paramLabel = "FILE", description = "the plan that takes them")
    private Path into;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        if ((from == null) != (into == null)) {
            throw new IllegalArgumentException(
                    "--from and --into go together: name the CSV and the plan");
        }
        if (from == null) {
            out.print(MaterialCsv.text(MaterialLibrary.starting()));
            return 0;
        }
        if (!Files.exists(into) && PlanArgument.isDemo(into.toString())) {
            throw new IllegalArgumentException(
                    "--into %s: this is a demo, not a file; save it as a plan of your own first"
                            .formatted(into));
        }
        // a file may have a demo's name
        BoxPlan plan = PlanArgument.read(into);
        MaterialCsv.Reading reading = MaterialCsv.read(from);
        if (!reading.faults().isEmpty()) {
            throw new IllegalArgumentException(
                    "%d of %d lines have errors; nothing was changed; %s"
                            .formatted(
                                    reading.faults().size(),
                                    reading.faults().size() + reading.materials().size(),
                                    String.join("; ", reading.faults())));
        }
        PlanFile.save(OwnMaterials.with(plan, reading.materials()), into);
        out.printf("%d materials are in %s%n", reading.materials().size(), into);
        return 0;
    }
}
