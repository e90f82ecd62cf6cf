package pteron.app.command;

import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingStation;
import pteron.core.figure.Figure;
import pteron.core.frame.Member;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.PlainText;
import pteron.exchange.figures.FiguresJson;
import pteron.exchange.frame.WhyWords;
import pteron.exchange.words.WorkingWords;

/** Prints everything that follows from a plan as one JSON object, or the working of one figure. */
@Command(
        name = "figures",
        description = "Print everything that follows from a plan, as JSON.",
        footer = {"", "Example:", "  ./pteron figures my-box.json --working balance.total-mass"})
final class FiguresVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "a plan, or demo")
    private String file;

    @Option(
            names = "--working",
            paramLabel = "KEY",
            description = "print the working of one figure")
    private String working;

    @Option(
            names = "--why",
            paramLabel = "MEMBER",
            description = "print why a member is as thick as it is, and what the next sizes give")
    private String why;

    @Override
    public Integer call() throws Exception {
        BoxPlan plan = PlanArgument.read(file);
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        if (why != null) {
            return printWhy(model);
        }
        if (working != null && !CuttingStation.CUTTING.has(working)) {
            return printWorking(model, model.figures().stream());
        }
        BarCutting cutting = BarCutting.of(model.members(), plan.supplies());
        if (working != null) {
            return printWorking(model, cutting.figures().stream());
        }
        spec.commandLine().getOut().println(FiguresJson.text(model, cutting));
        return 0;
    }

    private Integer printWhy(BoxModel model) {
        Member member =
                model.members().stream()
                        .filter(one -> one.name().equalsIgnoreCase(why))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "--why %s: no such member; the cut list names them, such as \"left stud 2\""
                                                        .formatted(PlainText.visible(why))));
        WhyWords.lines(model, member).forEach(spec.commandLine().getOut()::println);
        return 0;
    }

    private Integer printWorking(BoxModel model, Stream<Figure> figures) {
        Figure figure =
                figures.filter(one -> one.key().equals(working))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "--working %s: no such figure; `figures FILE` lists the keys"
                                                        .formatted(working)));
        WorkingWords.lines(figure, model.plan().units())
                .forEach(spec.commandLine().getOut()::println);
        return 0;
    }
}
