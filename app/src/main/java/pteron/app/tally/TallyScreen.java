package pteron.app.tally;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.app.station.Telling;
import pteron.app.station.Workbench;
import pteron.core.tally.Tally;
import pteron.core.tally.TallyStation;

/** The tally on the screen. */
public final class TallyScreen {

    private static final String KEY = "tallies";

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            TallyStation.TALLY,
                            (model, cutting) ->
                                    Telling.count(
                                            model, TallyStation.TALLY.figure("members"), "counted"))
                    .tools(tools -> List.of(tools.table(KEY, "By panel")))
                    .tables(new StationTable(KEY, "Members by panel", TallyScreen::table));

    private TallyScreen() {}

    private static Node table(Workbench bench) {
        VBox rows = new VBox();
        Cells.whileOpen(
                bench,
                KEY,
                () -> {
                    rows.getChildren().clear();
                    bench.document().model().find(Tally.class).stream()
                            .flatMap(tally -> tally.members().entrySet().stream())
                            .map(one -> Cells.mono(one.getKey() + "  " + one.getValue()))
                            .forEach(rows.getChildren()::add);
                });
        return rows;
    }
}
