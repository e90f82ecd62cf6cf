package pteron.app.skin;

import pteron.app.station.StationScreen;
import pteron.app.station.Telling;
import pteron.core.skin.SkinStation;

/** Skins on the screen: how many sheets they take. */
public final class SkinScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                    SkinStation.SKINS,
                    (model, cutting) ->
                            Telling.count(model, SkinStation.SKINS.figure("sheets"), "sheets"));

    private SkinScreen() {}
}
