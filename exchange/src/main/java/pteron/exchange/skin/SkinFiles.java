package pteron.exchange.skin;

import pteron.core.skin.SkinStation;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class SkinFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(SkinStation.SKINS, SkinFiles.class)
                    .lists(
                            new ShopList("sheets", job -> SheetList.text(job.model())),
                            new ShopList("foam", job -> FoamList.text(job.model())),
                            new ShopList(
                                    "panels",
                                    job -> BondedList.isWanted(job.model()),
                                    job -> BondedList.text(job.model())))
                    .buys(SheetPurchases::of)
                    .tables(new BondedTable(), new SheetTable(), new FoamTable())
                    .nodes(SheetNodes::add);

    private SkinFiles() {}
}
