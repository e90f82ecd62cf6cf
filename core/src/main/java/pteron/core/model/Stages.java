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
import pteron.core.strength.StrengthStage;
import pteron.core.warmth.WarmthStage;

/** The stages, in the order of the stations that tell their figures. */
final class Stages {

    static final List<Stage<?, ?>> ALL =
            List.of(
                    CarrierStage.STAGE,
                    OutlineStage.STAGE,
                    InsideStage.STAGE,
                    Areas.STAGE,
                    FrameShare.STAGE,
                    MakeUpStage.STAGE,
                    WarmthStage.STAGE,
                    SchoolStage.STAGE,
                    PanelStage.STAGE,
                    GlueStage.STAGE,
                    ShellStage.STAGE,
                    FrameStage.STAGE,
                    StrengthStage.STAGE,
                    OpeningStage.STAGE,
                    SkinStage.STAGE,
                    SealingStage.STAGE,
                    WeightStage.STAGE,
                    BalanceStage.STAGE);

    private Stages() {}
}
