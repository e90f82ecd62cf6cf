package pteron.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.carrier.Carrier;
import pteron.core.extent.Areas;
import pteron.core.extent.FrameShare;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.glue.GlueStage;
import pteron.core.glue.Glues;
import pteron.core.inside.Inside;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.Outline;
import pteron.core.panel.PanelStage;
import pteron.core.panel.Panels;
import pteron.core.plan.BoxPlan;
import pteron.core.school.School;
import pteron.core.school.SchoolStage;
import pteron.core.warmth.Warmth;
import pteron.core.warmth.WarmthStage;

/**
 * What follows from the make-up once outline and layers are usable. Immutable.
 *
 * @param areas areas of floor, walls, roof
 * @param share share of the members
 * @param warmth warmth and dryness
 * @param glues joints and their glue
 * @param panels how hard sandwich panels work
 * @param schools planned build-ups and alternatives side by side
 */
public record Made(
        Areas areas,
        FrameShare share,
        Warmth warmth,
        Glues glues,
        Panels panels,
        List<School> schools) {

    /** Copies the list. */
    public Made {
        schools = List.copyOf(schools);
    }

    static Made of(
            BoxPlan plan,
            MaterialLibrary library,
            Outline outline,
            Inside inside,
            Carrier carrier,
            Optional<Built> built) {
        Areas areas = Areas.of(plan, outline);
        FrameShare share =
                FrameShare.of(plan.makeUp().walls(), plan.makeUp().roof(), built.map(Built::frame));
        return new Made(
                areas,
                share,
                WarmthStage.of(plan, library, share, areas, inside.volumeM3()),
                GlueStage.of(plan.makeUp(), library, areas),
                PanelStage.of(plan, library, carrier, outline, inside),
                SchoolStage.of(plan.makeUp(), share, library));
    }

    List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        figures.addAll(warmth.figures());
        figures.addAll(SchoolStage.figures(schools));
        figures.addAll(panels.figures());
        figures.addAll(glues.figures());
        return figures;
    }

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        findings.addAll(warmth.findings());
        findings.addAll(panels.findings());
        findings.addAll(glues.findings());
        return findings;
    }
}
