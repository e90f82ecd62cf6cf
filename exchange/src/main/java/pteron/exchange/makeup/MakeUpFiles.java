package pteron.exchange.makeup;

import pteron.core.drawing.View;
import pteron.core.makeup.MakeUpStation;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class MakeUpFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(MakeUpStation.MAKE_UP, MakeUpFiles.class)
                    .lists(new ShopList("glue", job -> GlueList.text(job.model())))
                    .buys(FoamPurchases::of)
                    .views(View.SECTION)
                    .tables(new GlueTable());

    private MakeUpFiles() {}
}
