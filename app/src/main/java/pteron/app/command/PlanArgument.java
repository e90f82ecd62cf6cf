package pteron.app.command;

import java.io.IOException;
import java.nio.file.Path;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/** A FILE on the command line; {@code demo} stands for the demo plan. */
final class PlanArgument {

    private static final String DEMO = "demo";

    private PlanArgument() {}

    static BoxPlan read(String argument) throws PlanFormatException, IOException {
        return argument.equals(DEMO)
                ? Demos.wagtail()
                : PlanFile.read(Path.of(argument), MaterialLibrary.starting());
    }

    /** {@return the file, null for the demo} */
    static Path file(String argument) {
        return argument.equals(DEMO) ? null : Path.of(argument);
    }
}
