package pteron.app.route;

import java.util.List;
import java.util.Optional;
import pteron.app.balance.BalanceScreen;
import pteron.app.carrier.CarrierScreen;
import pteron.app.cutting.CuttingScreen;
import pteron.app.frame.FrameScreen;
import pteron.app.makeup.MakeUpScreen;
import pteron.app.opening.OpeningScreen;
import pteron.app.outline.OutlineScreen;
import pteron.app.sealing.SealingScreen;
import pteron.app.skin.SkinScreen;
import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.app.tally.TallyScreen;
import pteron.core.station.Station;

/** What each station shows on the screen; a new station is a line here. */
public final class ScreenRoute {

    /** All stations, in the order of the work. */
    public static final List<StationScreen> ALL =
            List.of(
                    CarrierScreen.SCREEN,
                    OutlineScreen.SCREEN,
                    MakeUpScreen.SCREEN,
                    FrameScreen.SCREEN,
                    OpeningScreen.SCREEN,
                    SkinScreen.SCREEN,
                    SealingScreen.SCREEN,
                    BalanceScreen.SCREEN,
                    TallyScreen.SCREEN,
                    CuttingScreen.SCREEN);

    private ScreenRoute() {}

    /**
     * {@return what a station shows}
     *
     * @throws IllegalArgumentException if it is not registered
     */
    public static StationScreen of(Station station) {
        return ALL.stream()
                .filter(screen -> screen.station().equals(station))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "station [%s] has no screen; register it"
                                                .formatted(station.key())));
    }

    /** {@return the station that a table belongs to, empty when there is no such table} */
    public static Optional<Station> withTable(String key) {
        return ALL.stream()
                .filter(screen -> screen.tables().stream().anyMatch(t -> t.key().equals(key)))
                .map(StationScreen::station)
                .findFirst();
    }

    /** {@return keys of all tables that can be chosen, in the order of the stations} */
    public static List<String> tables() {
        return ALL.stream()
                .flatMap(screen -> screen.tables().stream())
                .map(StationTable::key)
                .toList();
    }
}
