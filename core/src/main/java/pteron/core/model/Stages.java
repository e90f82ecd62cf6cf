package pteron.core.model;

import java.util.List;
import pteron.core.balance.BalanceStage;
import pteron.core.balance.WeightStage;
import pteron.core.carrier.CarrierStage;
import pteron.core.extent.Areas;
import pteron.core.extent.FrameShare;
import pteron.core.frame.FrameStage;
import pteron.core.glue.GlueStage;
import pteron.core.inside.InsideStage;
import pteron.core.makeup.MakeUpStage;
import pteron.core.opening.OpeningStage;
import pteron.core.outline.OutlineStage;
import pteron.core.panel.PanelStage;
import pteron.core.school.SchoolStage;
import pteron.core.sealing.SealingStage;
import pteron.core.shell.ShellStage;
import pteron.core.skin.SkinStage;
import pteron.core.stage.Stage;
import pteron.core.station.Station;
import pteron.core.strength.StrengthStage;
import pteron.core.warmth.WarmthStage;

/** What each station works out. The one list of stages; a new station is a line here. */
final class Stages {

    /**
     * The stages of a station.
     *
     * @param station the station
     * @param stages what it works out, in the order in which it tells its figures
     */
    record OfStation(Station station, List<Stage<?, ?>> stages) {}

    static final List<OfStation> BY_STATION =
            List.of(
                    of(Station.CARRIER, CarrierStage.STAGE),
                    of(
                            Station.OUTLINE,
                            OutlineStage.STAGE,
                            InsideStage.STAGE,
                            Areas.STAGE,
                            FrameShare.STAGE),
                    of(
                            Station.MAKE_UP,
                            MakeUpStage.STAGE,
                            WarmthStage.STAGE,
                            SchoolStage.STAGE,
                            PanelStage.STAGE,
                            GlueStage.STAGE),
                    of(Station.FRAME, ShellStage.STAGE, FrameStage.STAGE, StrengthStage.STAGE),
                    of(Station.OPENINGS, OpeningStage.STAGE),
                    of(Station.SKINS, SkinStage.STAGE),
                    of(Station.SEALING, SealingStage.STAGE),
                    of(Station.BALANCE, WeightStage.STAGE, BalanceStage.STAGE),
                    // bars take longer than a moment and are cut beside
                    of(Station.CUTTING));

    static final List<Stage<?, ?>> ALL =
            BY_STATION.stream().<Stage<?, ?>>flatMap(one -> one.stages().stream()).toList();

    private Stages() {}

    private static OfStation of(Station station, Stage<?, ?>... stages) {
        return new OfStation(station, List.of(stages));
    }
}
