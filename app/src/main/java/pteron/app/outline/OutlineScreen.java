package pteron.app.outline;

import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.core.outline.OutlineStation;
import pteron.core.quantity.Quantity;

/** The outline on the screen: its height, tools that shape it, its uprights as a table. */
public final class OutlineScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            OutlineStation.OUTLINE,
                            (model, cutting) ->
                                    Quantity.mm(model.outline().heightMm())
                                                    .text(model.plan().units())
                                            + " high")
                    .tools(OutlineToolbar::of)
                    .tables(
                            new StationTable(
                                    UprightsPane.KEY,
                                    "Uprights under the outline",
                                    UprightsPane::new));

    private OutlineScreen() {}
}
