package pteron.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.material.SheetGrain;
import pteron.core.mechanics.WoodKind;
import pteron.core.quantity.UnitSystem;

/** A material is the same stuff in every sheet that it is sold in: glue, grain and wood see no difference. */
class SheetsInFeetTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    @Test
    void everySheet_isTheSameStuff() {
        int compared = 0;
        for (Material sheet : LIBRARY.offered(UnitSystem.INCHES)) {
            String base = MaterialLibrary.baseOf(sheet.id());
            if (base.equals(sheet.id())) {
                continue;
            }
            compared++;
            Material metric = LIBRARY.get(base);
            assertThat(Substrate.of(sheet)).as(sheet.id()).isEqualTo(Substrate.of(metric));
            assertThat(WoodKind.of(sheet)).as(sheet.id()).isEqualTo(WoodKind.of(metric));
            if (metric.has(Property.MODULUS)) {
                for (double thickness : new double[] {4, 6.5, 12, 21}) {
                    for (boolean across : new boolean[] {true, false}) {
                        assertThat(new SheetGrain(sheet, thickness).bendingModulus(across))
                                .as(sheet.id())
                                .isEqualTo(
                                        new SheetGrain(metric, thickness).bendingModulus(across));
                    }
                }
            }
        }
        assertThat(compared).isEqualTo(38);
    }
}
