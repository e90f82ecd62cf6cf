package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;

/** A material by the builder's own form: named, ranged, with an id of its own. */
class OwnMaterialNamedTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    @Test
    void named_hasWhatWasTyped_andAFreeId() {
        Material one =
                OwnMaterials.named(
                        LIBRARY,
                        "Yard's ply, 9 mm",
                        Kind.BOARD,
                        Map.of(Property.DENSITY, 510.0, Property.PRICE, 900.0));
        assertThat(one.id()).isEqualTo("own-yard-s-ply-9-mm");
        assertThat(one.density()).isEqualTo(510);
        assertThat(one.has(Property.CONDUCTIVITY)).isFalse();
        Material two =
                OwnMaterials.named(
                        LIBRARY.with(List.of(one)),
                        "Yard's ply 9 mm",
                        Kind.BOARD,
                        Map.of(Property.DENSITY, 520.0));
        assertThat(two.id()).isEqualTo("own-yard-s-ply-9-mm-2");
    }

    @Test
    void named_refusesInWords() {
        assertThatThrownBy(() -> OwnMaterials.named(LIBRARY, "Ply", Kind.BOARD, Map.of()))
                .hasMessageContaining("density of Ply is empty: enter it");
        assertThatThrownBy(
                        () ->
                                OwnMaterials.named(
                                        LIBRARY, "Ply", Kind.BOARD, Map.of(Property.DENSITY, 0.0)))
                .hasMessageContaining("density")
                .hasMessageContaining("enter 1 to 23000 kg/m³");
        assertThatThrownBy(
                        () ->
                                OwnMaterials.named(
                                        LIBRARY, " ", Kind.BOARD, Map.of(Property.DENSITY, 5.0)))
                .hasMessageContaining("name of the material");
    }
}
