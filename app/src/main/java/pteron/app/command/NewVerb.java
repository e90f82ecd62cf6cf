package pteron.app.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.buildup.Framed;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierSize;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;
import pteron.exchange.plan.PlanFile;

/** Writes the plan that the start screen would make. */
@Command(
        name = "new",
        description = "Write a new plan: an outline on a carrier of a typical or a given size.",
        footer = {
            "",
            "Example:",
            "  ./pteron new raked-nose --carrier trailer --length 4300 --to my-box.json"
        })
final class NewVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "OUTLINE",
            description = "square, raked-nose, over-cab, arched, round-tail, chamfered")
    private String outline;

    @Option(
            names = "--carrier",
            paramLabel = "KIND",
            defaultValue = "trailer",
            description = "trailer, pickup, flatbed, cab-chassis")
    private String carrier;

    @Option(
            names = "--build",
            paramLabel = "METHOD",
            defaultValue = "studs",
            description = "walls and roof: studs (timber), tube, frameless (bonded), boards")
    private String build;

    @Option(names = "--length", paramLabel = "L", description = "length of the deck or bed")
    private String length;

    @Option(names = "--width", paramLabel = "L", description = "width of the deck or bed")
    private String width;

    @Option(names = "--name", paramLabel = "NAME", description = "name of the plan")
    private String name;

    @Option(names = "--inches", description = "lengths in feet and inches")
    private boolean inches;

    @Option(names = "--to", paramLabel = "FILE", required = true, description = "the file")
    private Path file;

    @Option(names = "--force", description = "overwrite an existing file")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        if (Files.exists(file) && !force) {
            throw new IllegalArgumentException(
                    "--to %s: this file exists; add --force to overwrite it, or choose another file"
                            .formatted(file));
        }
        UnitSystem units = inches ? UnitSystem.INCHES : UnitSystem.METRIC;
        CarrierStart kind = named("--carrier", carrier, CarrierStart.values());
        CarrierSize size = kind.sizes(units).getFirst();
        if (length != null) {
            size = size.withLength(LengthText.parse(length, units));
        }
        if (width != null) {
            size = size.withWidth(LengthText.parse(width, units));
        }
        BoxPlan begun =
                NewPlan.of(kind, size, named("the outline", outline, OutlineStart.values()), units);
        BoxPlan plan = NewPlan.built(begun, named("--build", build, Framed.Scheme.values()));
        BoxPlan called = name == null ? plan : plan.withName(name);
        PlanFile.save(called, file);
        spec.commandLine().getOut().println(file + ": " + NewPlan.words(called));
        return 0;
    }

    private static <E extends Enum<E>> E named(String what, String word, E[] all) {
        return Arrays.stream(all)
                .filter(one -> Named.key(one).equals(word))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "%s %s: choose one of %s"
                                                .formatted(what, word, words(List.of(all)))));
    }

    private static <E extends Enum<E>> String words(List<E> all) {
        return all.stream().map(Named::key).collect(Collectors.joining(", "));
    }
}
