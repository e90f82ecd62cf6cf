package pteron.app.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.function.Supplier;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/** A FILE on the command line; {@code demo} and the names of the demos stand for them. */
final class PlanArgument {

    private static final Map<String, Supplier<BoxPlan>> DEMOS =
            Map.of(
                    "demo", Demos::wagtail,
                    "wagtail", Demos::wagtail,
                    "dipper", Demos::dipper,
                    "siskin", Demos::siskin,
                    "plover", Demos::plover);

    private PlanArgument() {}

    static BoxPlan read(String argument) throws PlanFormatException, IOException {
        return DEMOS.containsKey(argument) ? DEMOS.get(argument).get() : read(Path.of(argument));
    }

    /** {@return the plan in a file; while a pipe or the network does not answer, it says so and waits} */
    static BoxPlan read(Path file) throws PlanFormatException, IOException {
        try (WaitingNotice _ = new WaitingNotice(file)) {
            return PlanFile.read(file, MaterialLibrary.starting());
        }
    }

    /** {@return whether a word names a demo} */
    static boolean isDemo(String argument) {
        return DEMOS.containsKey(argument);
    }

    /** {@return the file, null for the demo} */
    static Path file(String argument) {
        return DEMOS.containsKey(argument) ? null : Path.of(argument);
    }
}
