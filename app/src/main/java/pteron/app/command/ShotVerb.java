package pteron.app.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import pteron.app.style.Theme;
import pteron.app.window.AppWindow;
import pteron.core.plan.BoxPlan;

/** Takes a picture of the window, without a monitor. */
@Command(
        name = "shot",
        description = "Take a picture of the window, without a monitor.",
        footer = {"", "Example:", "  ./pteron shot demo --view frame/left --out frame.png"})
final class ShotVerb implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "FILE", description = "a plan, or demo")
    private String file;

    @Option(
            names = "--view",
            paramLabel = "NAME",
            defaultValue = "left",
            description =
                    "a view (left, right, front, rear, floor, roof, flat, 3D, section, all, partitions, frames), a station (carrier … buy-and-cut), station/view, a table (schools, glues, materials, scales, uprights), or start")
    private String view;

    @Option(
            names = "--out",
            paramLabel = "PNG",
            required = true,
            description = "where the picture goes")
    private Path out;

    @Option(
            names = "--size",
            paramLabel = "WxH",
            defaultValue = "1280x800",
            description = "size in pixels")
    private String size;

    @Option(
            names = "--theme",
            paramLabel = "THEME",
            defaultValue = "light",
            description = "light or dark")
    private String theme;

    @Option(
            names = "--working",
            paramLabel = "KEY",
            defaultValue = "",
            description = "open the working of a figure")
    private String working;

    @Option(
            names = "--select",
            paramLabel = "PART",
            defaultValue = "",
            description =
                    "select a part of the drawing, an opening, or outline.2 for the third corner")
    private String part;

    @Option(
            names = "--side",
            paramLabel = "TAB",
            description = "findings, inputs, figures, or chosen; the station's own when left out")
    private String side;

    @Override
    public Integer call() throws Exception {
        BoxPlan plan = PlanArgument.read(file);
        PictureSize picture = PictureSize.parse(size);
        Scenery.check(view);
        Theme chosen = theme(theme);
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Desktop.run(picture, window -> fill(window, plan, chosen), out);
        return 0;
    }

    private static Theme theme(String name) {
        return switch (name) {
            case "light" -> Theme.LIGHT;
            case "dark" -> Theme.DARK;
            default ->
                    throw new IllegalArgumentException(
                            "--theme %s: choose light or dark".formatted(name));
        };
    }

    private void fill(AppWindow window, BoxPlan plan, Theme chosen) {
        window.setTheme(chosen);
        if (view.equals(Scenery.START)) {
            window.showStart();
            return;
        }
        window.show(plan, null);
        Scenery.set(window, view);
        window.bench().selectedProperty().set(part);
        window.bench().workingProperty().set(working);
        if (side != null) {
            window.showSide(side);
        }
    }
}
