package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.frame.Frame;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** A wall that is carried in another way brings what goes with it. */
class SchemeEditsTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final Framed STUDS = StartingPlans.square().makeUp().walls();

    @Test
    void tubes_areHollow_andOfMetal() {
        Framed tubes = SchemeEdits.switched(STUDS, Scheme.TUBE, LIBRARY, UnitSystem.METRIC);
        assertThat(tubes.members().section().wallMm()).isEqualTo(2);
        assertThat(tubes.members().timber()).isEqualTo("alu-6060");
        Framed own = tubes.withMembers(tubes.members().withTimber("steel-235"));
        assertThat(SchemeEdits.switched(own, Scheme.TUBE, LIBRARY, UnitSystem.METRIC))
                .isEqualTo(own);
    }

    @ParameterizedTest
    @EnumSource(Scheme.class)
    void thereAndBack_isAsBefore(Scheme scheme) {
        Framed there = SchemeEdits.switched(STUDS, scheme, LIBRARY, UnitSystem.METRIC);
        assertThat(SchemeEdits.switched(there, Scheme.STUDS, LIBRARY, UnitSystem.METRIC))
                .isEqualTo(STUDS);
    }

    @ParameterizedTest
    @EnumSource(Scheme.class)
    void everyWay_isSetOut(Scheme scheme) {
        BoxPlan plan = StartingPlans.square();
        Framed other = SchemeEdits.switched(STUDS, scheme, LIBRARY, UnitSystem.METRIC);
        BoxModel model = BoxModel.of(plan.withMakeUp(plan.makeUp().withWalls(other)), LIBRARY);
        assertThat(model.find(Frame.class)).isPresent();
        assertThat(model.findings()).extracting("code").doesNotContain("BOARDS_ARE_SHEETS");
    }
}
