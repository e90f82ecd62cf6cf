package pteron.app.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.InvalidPathException;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import pteron.app.keep.Faults;
import pteron.app.window.AppWindow;
import pteron.core.quantity.PlainText;
import pteron.exchange.file.FileWords;
import pteron.exchange.plan.PlanFormatException;

/** The command line; without a verb it opens the start screen. */
@Command(
        name = "pteron",
        description = "Plans the body of a camper, from the bare deck to the cut list.",
        mixinStandardHelpOptions = true,
        version = "Pteron 0.1.0",
        subcommands = {
            DemoVerb.class,
            OpenVerb.class,
            NewVerb.class,
            FiguresVerb.class,
            ExportVerb.class,
            ShotVerb.class,
            ReckonVerb.class,
            MaterialsVerb.class,
            UprightsVerb.class
        })
public final class PteronCommand implements Callable<Integer> {

    private static final int BAD_INPUT = 2;
    private static final int OUR_FAULT = 1;

    @Override
    public Integer call() throws Exception {
        Desktop.run(OpenVerb.WINDOW, AppWindow::showStart, null);
        return 0;
    }

    /**
     * {@return exit status of a command line: 0 done, 2 bad input, 1 a fault of ours}
     *
     * @param out what is printed
     * @param err one line for the builder when something is wrong
     * @param words the words of the command line
     */
    public static int run(PrintWriter out, PrintWriter err, String... words) {
        CommandLine line = new CommandLine(new PteronCommand());
        line.setOut(out);
        line.setErr(err);
        line.getSubcommands()
                .values()
                .forEach(verb -> verb.getCommandSpec().mixinStandardHelpOptions(true));
        line.setParameterExceptionHandler(
                (exception, given) -> {
                    String how = exception.getCommandLine().getCommandSpec().qualifiedName(" ");
                    err.println(
                            "pteron: %s; ./%s --help shows how"
                                    .formatted(oneLine(exception.getMessage()), how));
                    return BAD_INPUT;
                });
        line.setExecutionExceptionHandler(
                (exception, command, result) -> {
                    Optional<String> sentence = sentence(exception);
                    err.println("pteron: " + oneLine(sentence.orElseGet(() -> fault(exception))));
                    return sentence.isPresent() ? BAD_INPUT : OUR_FAULT;
                });
        int status = executed(line, err, words);
        out.flush();
        err.flush();
        return status;
    }

    /** Memory that gives out and the like get a sentence and a report too. */
    private static int executed(CommandLine line, PrintWriter err, String... words) {
        try {
            return line.execute(words);
        } catch (Error e) {
            err.println("pteron: " + oneLine(Faults.report(e)));
            return OUR_FAULT;
        }
    }

    /** {@return a sentence for bad input, empty for a fault of ours} */
    private static Optional<String> sentence(Exception exception) {
        return switch (exception) {
            case IOException e -> Optional.of(FileWords.sentence(e));
            case InvalidPathException e ->
                    Optional.of(
                            "file %s: enter a name without special characters"
                                    .formatted(e.getInput()));
            case PlanFormatException e -> Optional.of(e.getMessage());
            case IllegalArgumentException e -> Optional.ofNullable(e.getMessage());
            default -> Optional.empty();
        };
    }

    private static String fault(Exception exception) {
        return Faults.report(exception);
    }

    /** {@return a message in one line, with nothing in it that a terminal would obey} */
    private static String oneLine(String message) {
        return message == null
                ? "something is wrong"
                : PlainText.visible(
                        String.join(" ", message.strip().lines().map(String::strip).toList()));
    }
}
