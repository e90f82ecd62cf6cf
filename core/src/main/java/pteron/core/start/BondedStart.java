package pteron.core.start;

import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Bonded panels that span a whole wall or roof: their core is as deep as wind, snow and a heel ask for. */
final class BondedStart {

    /** Foam of a roof: it bears the heel of who stands on it, as foams of walls do not. */
    private static final String ROOF_CORE = "pet-foam";

    private BondedStart() {}

    /** Cores as they are sold (mm); common practice. */
    private static List<Double> cores(UnitSystem units) {
        return switch (units) {
            case METRIC -> List.of(60.0, 80.0, 100.0);
            case INCHES ->
                    List.of(
                            LengthText.fromInches(2.5),
                            LengthText.fromInches(3),
                            LengthText.fromInches(4));
        };
    }

    /** {@return a plan of bonded walls and roof with the least core that bears what it must, or the deepest} */
    static BoxPlan deepEnough(BoxPlan plan) {
        List<BoxPlan> plans =
                cores(plan.units()).stream().map(deepMm -> withCores(plan, deepMm)).toList();
        return plans.stream().filter(BondedStart::bears).findFirst().orElseGet(plans::getLast);
    }

    private static BoxPlan withCores(BoxPlan plan, double deepMm) {
        Framed walls = plan.makeUp().walls();
        Framed roof = plan.makeUp().roof();
        Layer roofCore = InchShop.of(new Layer(ROOF_CORE, deepMm), plan.units());
        return plan.withMakeUp(
                plan.makeUp()
                        .withWalls(withCore(walls, walls.insulation(), deepMm))
                        .withRoof(withCore(roof, roofCore, deepMm)));
    }

    private static Framed withCore(Framed framed, Layer core, double deepMm) {
        Members edges = framed.members();
        Section edge = new Section(edges.section().thicknessMm(), deepMm);
        return framed.withInsulation(core.withThickness(deepMm))
                .withMembers(edges.withSection(edge));
    }

    private static boolean bears(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting())
                .findings(MakeUpStation.MAKE_UP)
                .stream()
                .noneMatch(finding -> finding.code().startsWith("PANEL_FAILS"));
    }
}
