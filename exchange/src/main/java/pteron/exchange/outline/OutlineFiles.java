package pteron.exchange.outline;

import pteron.core.drawing.View;
import pteron.core.outline.OutlineStation;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class OutlineFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(OutlineStation.OUTLINE, OutlineFiles.class)
                    .lists(
                            new ShopList("uprights", job -> OutlineLists.uprights(job.model())),
                            new ShopList("strip", job -> OutlineLists.strip(job.model())))
                    .views(View.UNFOLDED)
                    .tables(OutlineTables::uprights, OutlineTables::strip)
                    .tells(OutlineTables::tells);

    private OutlineFiles() {}
}
