package pteron.exchange.cutting;

import pteron.core.cutting.CuttingStation;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class CuttingFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(CuttingStation.CUTTING, CuttingFiles.class)
                    .lists(
                            new ShopList(
                                    "bars",
                                    job ->
                                            BarList.text(
                                                    job.cutting(),
                                                    job.model().library(),
                                                    job.units())))
                    .buys(BarPurchases::of)
                    .tables(new BarTable())
                    .nodes(BarNodes::add);

    private CuttingFiles() {}
}
