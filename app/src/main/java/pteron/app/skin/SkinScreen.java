package pteron.app.skin;

import java.util.List;
import javafx.scene.Node;
import pteron.app.station.StationScreen;
import pteron.app.station.Telling;
import pteron.app.station.Toolbox;
import pteron.core.skin.SheetLayer;
import pteron.core.skin.SkinStation;

/** Skins on the screen: how many sheets they take. */
public final class SkinScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            SkinStation.SKINS,
                            (model, cutting) ->
                                    Telling.count(
                                            model, SkinStation.SKINS.figure("sheets"), "sheets"))
                    .tools(SkinScreen::ways)
                    .aside("Sheets", SheetsAside::of);

    /** Outer sheets, foam and lining, as they lie from outside to inside. */
    private static List<Node> ways(Toolbox tools) {
        return List.of(
                Toolbox.explained(
                        tools.aspect("", "Outside"),
                        "The outer sheets, and what is walked on",
                        true),
                Toolbox.explained(
                        tools.aspect(SheetLayer.FOAM, "Insulation"),
                        "The insulation between the members",
                        true),
                Toolbox.explained(
                        tools.aspect(SheetLayer.INSIDE, "Inside"),
                        "The lining, and the underside of the floor",
                        true));
    }

    private SkinScreen() {}
}
