package pteron.core.model;

import java.util.List;
import java.util.Optional;
import pteron.core.balance.BalanceLayer;
import pteron.core.balance.BalanceStage;
import pteron.core.balance.BalanceStation;
import pteron.core.balance.WeightLayer;
import pteron.core.balance.WeightStage;
import pteron.core.bonded.BondedStage;
import pteron.core.carrier.CarrierLayer;
import pteron.core.carrier.CarrierStage;
import pteron.core.carrier.CarrierStation;
import pteron.core.cutting.CuttingStation;
import pteron.core.extent.Areas;
import pteron.core.extent.FrameShare;
import pteron.core.found.FoundLayer;
import pteron.core.found.FoundStage;
import pteron.core.frame.FrameStage;
import pteron.core.frame.FrameStation;
import pteron.core.glue.GlueStage;
import pteron.core.inside.InsideLayer;
import pteron.core.inside.InsideStage;
import pteron.core.makeup.MakeUpStage;
import pteron.core.makeup.MakeUpStation;
import pteron.core.opening.OpeningLayer;
import pteron.core.opening.OpeningStage;
import pteron.core.opening.OpeningStation;
import pteron.core.outline.OutlineLayer;
import pteron.core.outline.OutlineStage;
import pteron.core.outline.OutlineStation;
import pteron.core.panel.PanelStage;
import pteron.core.partition.PartitionStage;
import pteron.core.school.SchoolStage;
import pteron.core.sealing.SealingLayer;
import pteron.core.sealing.SealingStage;
import pteron.core.sealing.SealingStation;
import pteron.core.shell.ShellStage;
import pteron.core.skin.SeamLayer;
import pteron.core.skin.SheetLayer;
import pteron.core.skin.SkinStage;
import pteron.core.skin.SkinStation;
import pteron.core.stage.Stage;
import pteron.core.station.Station;
import pteron.core.strength.StrengthLayer;
import pteron.core.strength.StrengthStage;
import pteron.core.tube.TubeStage;
import pteron.core.warmth.WarmthStage;

/** The stations in the order of the work, with what each works out and draws; a new station is a line here. */
public final class Route {

    /** All stops, in the order of the work. */
    public static final List<Stop> STOPS =
            List.of(
                    Stop.of(CarrierStation.CARRIER, CarrierStage.STAGE)
                            .draws(new FoundLayer(), new CarrierLayer(), new BalanceLayer())
                            .margin(Margins::ratings),
                    Stop.of(
                                    OutlineStation.OUTLINE,
                                    OutlineStage.STAGE,
                                    InsideStage.STAGE,
                                    Areas.STAGE,
                                    FrameShare.STAGE)
                            .draws(new FoundLayer(), new InsideLayer(), new OutlineLayer())
                            .margin(Margins::roadHeight),
                    // its layers are a view of their own
                    Stop.of(
                                    MakeUpStation.MAKE_UP,
                                    MakeUpStage.STAGE,
                                    WarmthStage.STAGE,
                                    SchoolStage.STAGE,
                                    PanelStage.STAGE,
                                    GlueStage.STAGE)
                            .margin(Margins::panels),
                    Stop.of(
                                    FrameStation.FRAME,
                                    ShellStage.STAGE,
                                    FrameStage.STAGE,
                                    TubeStage.STAGE,
                                    PartitionStage.STAGE,
                                    FoundStage.STAGE,
                                    StrengthStage.STAGE)
                            .draws(new FoundLayer(), new StrengthLayer())
                            .margin(Margins::members),
                    Stop.of(OpeningStation.OPENINGS, OpeningStage.STAGE)
                            .draws(new FoundLayer(), new SeamLayer(), new OpeningLayer()),
                    Stop.of(SkinStation.SKINS, SkinStage.STAGE, BondedStage.STAGE)
                            .draws(new SheetLayer()),
                    Stop.of(SealingStation.SEALING, SealingStage.STAGE).draws(new SealingLayer()),
                    Stop.of(BalanceStation.BALANCE, WeightStage.STAGE, BalanceStage.STAGE)
                            .draws(new WeightLayer())
                            .margin(Margins::supports),
                    // bars take longer than a moment, are cut beside and shown in a table
                    Stop.of(CuttingStation.CUTTING));

    static final List<Stage<?, ?>> STAGES =
            STOPS.stream().<Stage<?, ?>>flatMap(stop -> stop.stages().stream()).toList();

    private Route() {}

    /** {@return the stations in the order of the work} */
    public static List<Station> stations() {
        return STOPS.stream().map(Stop::station).toList();
    }

    /** {@return the station with that key or label, empty when there is none} */
    public static Optional<Station> station(String word) {
        return stations().stream().filter(station -> station.isCalled(word)).findFirst();
    }

    /**
     * {@return the stop of a station}
     *
     * @throws IllegalArgumentException if it is not on the route
     */
    public static Stop stop(Station station) {
        return STOPS.stream()
                .filter(stop -> stop.station().equals(station))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "station [%s] is not on the route; register it"
                                                .formatted(station.key())));
    }
}
