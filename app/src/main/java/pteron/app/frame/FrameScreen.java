package pteron.app.frame;

import pteron.app.station.StationScreen;
import pteron.app.station.Telling;
import pteron.core.frame.FrameStation;

/** The frame on the screen: how many members it has. */
public final class FrameScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            FrameStation.FRAME,
                            (model, cutting) ->
                                    Telling.count(
                                            model, FrameStation.FRAME.figure("members"), "members"))
                    .aside("Members", MembersAside::of)
                    .tools(FrameToolbar::of);

    private FrameScreen() {}
}
