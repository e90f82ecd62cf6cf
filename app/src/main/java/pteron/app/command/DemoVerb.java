package pteron.app.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import pteron.exchange.demo.Demos;

/** Opens the demo in the window. */
@Command(
        name = "demo",
        description = "Open the demo in the window.",
        footer = {"", "Example:", "  ./pteron demo --shot demo.png"})
final class DemoVerb implements Callable<Integer> {

    @Option(
            names = "--shot",
            paramLabel = "PNG",
            description = "save a picture of the window and exit")
    private Path shot;

    @Override
    public Integer call() throws Exception {
        Desktop.run(OpenVerb.WINDOW, window -> window.show(Demos.wagtail(), null), shot);
        return 0;
    }
}
