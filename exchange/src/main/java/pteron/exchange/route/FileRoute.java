package pteron.exchange.route;

import java.util.List;
import pteron.core.station.Station;
import pteron.exchange.balance.BalanceFiles;
import pteron.exchange.carrier.CarrierFiles;
import pteron.exchange.cutting.CuttingFiles;
import pteron.exchange.frame.FrameFiles;
import pteron.exchange.makeup.MakeUpFiles;
import pteron.exchange.opening.OpeningFiles;
import pteron.exchange.outline.OutlineFiles;
import pteron.exchange.sealing.SealingFiles;
import pteron.exchange.skin.SkinFiles;
import pteron.exchange.station.StationFiles;
import pteron.exchange.tally.TallyFiles;

/** What each station gives to files and paper; a new station is a line here. */
public final class FileRoute {

    /** All stations, in the order of the work. */
    public static final List<StationFiles> ALL =
            List.of(
                    CarrierFiles.FILES,
                    OutlineFiles.FILES,
                    MakeUpFiles.FILES,
                    FrameFiles.FILES,
                    OpeningFiles.FILES,
                    SkinFiles.FILES,
                    SealingFiles.FILES,
                    BalanceFiles.FILES,
                    TallyFiles.FILES,
                    CuttingFiles.FILES);

    private FileRoute() {}

    /**
     * {@return what a station gives}
     *
     * @throws IllegalArgumentException if it is not registered
     */
    public static StationFiles of(Station station) {
        return ALL.stream()
                .filter(files -> files.station().equals(station))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "station [%s] gives nothing to files; register it"
                                                .formatted(station.key())));
    }
}
