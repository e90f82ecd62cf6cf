package pteron.app.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import pteron.app.window.AppWindow;
import pteron.core.plan.BoxPlan;

/** Opens a plan in the window. */
@Command(
        name = "open",
        description = "Open a plan in the window, or the start screen without one.",
        footer = {"", "Example:", "  ./pteron open my-box.json"})
final class OpenVerb implements Callable<Integer> {

    /** Size of the window as it opens. */
    static final PictureSize WINDOW = new PictureSize(1280, 800);

    @Parameters(
            index = "0",
            arity = "0..1",
            paramLabel = "FILE",
            description = "a plan, or demo; the start screen when left out")
    private String file;

    @Option(
            names = "--shot",
            paramLabel = "PNG",
            description = "save a picture of the window and exit")
    private Path shot;

    @Override
    public Integer call() throws Exception {
        if (file == null) {
            Desktop.run(WINDOW, AppWindow::showStart, shot);
            return 0;
        }
        BoxPlan plan = PlanArgument.read(file);
        Path where = PlanArgument.file(file);
        Desktop.run(WINDOW, window -> window.show(plan, where), shot);
        return 0;
    }
}
