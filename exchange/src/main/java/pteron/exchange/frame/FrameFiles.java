package pteron.exchange.frame;

import pteron.core.drawing.View;
import pteron.core.frame.FrameStation;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class FrameFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(FrameStation.FRAME, FrameFiles.class)
                    .lists(
                            new ShopList("cut-list", job -> CutList.text(job.model())),
                            new ShopList(
                                    "as-found",
                                    job -> job.model().plan().found().isPresent(),
                                    job -> FoundList.text(job.model())))
                    .views(View.PLAN, View.ROOF, View.SOLID, View.INSIDE)
                    .tables(
                            new FramePageTable(),
                            new CutTable(),
                            new FoundTable(),
                            new CheckTable())
                    .nodes(FrameNodes::add);

    private FrameFiles() {}
}
