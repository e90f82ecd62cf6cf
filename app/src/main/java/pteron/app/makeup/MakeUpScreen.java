package pteron.app.makeup;

import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.core.drawing.View;
import pteron.core.makeup.MakeUpStation;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;

/** The make-up on the screen: how warm the walls are, tools for layers, tables of schools, glues, materials. */
public final class MakeUpScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(MakeUpStation.MAKE_UP, (model, cutting) -> warmth(model))
                    .tools(MakeUpTools::of)
                    .tables(
                            new StationTable(
                                    SchoolsPane.KEY, "Build-ups side by side", SchoolsPane::new),
                            new StationTable(
                                    GluesPane.KEY,
                                    "Glue or fixing of each joint, outside first",
                                    GluesPane::new),
                            new StationTable(
                                    MaterialsPane.KEY,
                                    "Materials, every value with its source",
                                    MaterialsPane::new))
                    .view(View.SECTION);

    private MakeUpScreen() {}

    /** Metric builders speak of U, others of R. */
    private static String warmth(BoxModel model) {
        UnitSystem units = model.plan().units();
        boolean metric = units == UnitSystem.METRIC;
        return model.figure(MakeUpStation.MAKE_UP.figure(metric ? "walls-u" : "walls-r"))
                .map(figure -> figure.text(units).split(" ")[0])
                .map(number -> "walls %s %s".formatted(metric ? "U-value" : "R-value", number))
                .orElse("layers");
    }
}
