package pteron.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.makeup.LayerUse;
import pteron.core.plan.StartingPlans;

class MaterialLibraryTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    @Test
    void atLeastSixty_eachValueWithItsSource() {
        assertThat(LIBRARY.all()).hasSizeGreaterThanOrEqualTo(60);
        for (Material material : LIBRARY.all()) {
            assertThat(material.density()).isPositive();
            assertThat(material.values().values())
                    .allMatch(v -> v.value() > 0 && !v.source().isBlank());
        }
    }

    @Test
    void startingPlans_useFitMaterials() {
        for (LayerUse use : LayerUse.of(StartingPlans.square().makeUp())) {
            assertThat(use.needs())
                    .as(use.place())
                    .allMatch(need -> LIBRARY.get(use.material()).has(need));
            assertThat(LayerUse.kinds(use.place())).contains(LIBRARY.get(use.material()).kind());
        }
    }

    @Test
    void unknown_missing_twice() {
        assertThatThrownBy(() -> LIBRARY.get("straw"))
                .hasMessageContaining("[straw]")
                .hasMessageContaining("xps");
        assertThatThrownBy(() -> LIBRARY.get("wool-batt").value(Property.SHEAR))
                .hasMessageContaining("no shear strength");
        Material one = LIBRARY.get("xps");
        assertThatThrownBy(() -> new MaterialLibrary(List.of(one, one)))
                .hasMessageContaining("twice");
    }
}
