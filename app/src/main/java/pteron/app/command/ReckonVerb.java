package pteron.app.command;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.figure.Figure;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Calculator;
import pteron.core.reckon.Input;
import pteron.core.reckon.Inputs;
import pteron.core.reckon.Reckoner;
import pteron.exchange.figures.FiguresJson;
import pteron.exchange.words.WorkingWords;

/** Lists the small calculators, or answers one. */
@Command(
        name = "reckon",
        description = "List the calculators, or use one.",
        footer = {"", "Example:", "  ./pteron reckon mitre turn=45"})
final class ReckonVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(index = "0", arity = "0..1", paramLabel = "NAME", description = "which calculator")
    private String name;

    @Parameters(index = "1..*", paramLabel = "KEY=VALUE", description = "inputs, as key=value")
    private List<String> pairs = List.of();

    @Option(names = "--json", description = "answer as JSON")
    private boolean json;

    @Option(names = "--inches", description = "a bare length is in inches, answers are too")
    private boolean inches;

    @Override
    public Integer call() {
        if (name == null) {
            list();
            return 0;
        }
        UnitSystem units = inches ? UnitSystem.INCHES : UnitSystem.METRIC;
        Calculator calculator = Reckoner.named(name);
        List<Figure> figures = calculator.answer(new Inputs(typed(), units));
        if (json) {
            print(FiguresJson.text(figures));
        } else {
            figures.forEach(f -> print(f.name() + ": " + f.text(units)));
            WorkingWords.lines(figures.getFirst(), units).stream().skip(1).forEach(this::print);
        }
        return 0;
    }

    private void print(String line) {
        spec.commandLine().getOut().println(line);
    }

    private void list() {
        for (Calculator calculator : Reckoner.all()) {
            print("%-14s%s".formatted(calculator.name(), calculator.title()));
            for (Input input : calculator.inputs()) {
                print(
                        "            %s=%s   %s"
                                .formatted(input.key(), input.usual(), input.words()));
            }
        }
    }

    private Map<String, String> typed() {
        Map<String, String> typed = new LinkedHashMap<>();
        for (String pair : pairs) {
            int equals = pair.indexOf('=');
            if (equals < 1) {
                throw new IllegalArgumentException(
                        "%s: enter inputs as key=value, like span=2000".formatted(pair));
            }
            typed.put(pair.substring(0, equals), pair.substring(equals + 1));
        }
        return typed;
    }
}
