package pteron.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.ServiceClass;

/** Factors of EN 1995-1-1 by kind of board: tables 2.3, 3.1 and 3.2, from memory (high). */
class WoodKindTest {

    @ParameterizedTest
    @CsvSource({
        "SOLID, DRY, 0.60 0.70 0.80 0.90 1.10",
        "SOLID, COVERED, 0.60 0.70 0.80 0.90 1.10",
        "SOLID, EXPOSED, 0.50 0.55 0.65 0.70 0.90",
        "PLYWOOD, DRY, 0.60 0.70 0.80 0.90 1.10",
        "PLYWOOD, COVERED, 0.60 0.70 0.80 0.90 1.10",
        "PLYWOOD, EXPOSED, 0.50 0.55 0.65 0.70 0.90",
        "STRAND_BOARD, DRY, 0.40 0.50 0.70 0.90 1.10",
        "STRAND_BOARD, COVERED, 0.30 0.40 0.55 0.70 0.90",
        "PARTICLEBOARD, DRY, 0.30 0.45 0.65 0.85 1.10",
        "PARTICLEBOARD, COVERED, 0.20 0.30 0.45 0.60 0.80",
        "HARDBOARD, DRY, 0.30 0.45 0.65 0.85 1.10",
        "HARDBOARD, COVERED, 0.20 0.30 0.45 0.60 0.80",
        "FIBREBOARD, DRY, 0.20 0.40 0.60 0.80 1.10"
    })
    void kmod_table31(WoodKind kind, ServiceClass service, String row) {
        String[] factors = row.split(" ");
        for (Duration duration : Duration.values()) {
            assertThat(kind.kmod(service, duration))
                    .isEqualTo(Double.parseDouble(factors[duration.ordinal()]));
            assertThat(kind.isMeantFor(service, duration)).isTrue();
        }
    }

    @Test
    void kmod_whereTheStandardHasNone_isTheLeast() {
        assertThat(WoodKind.FIBREBOARD.kmod(ServiceClass.COVERED, Duration.SHORT)).isEqualTo(0.45);
        assertThat(WoodKind.FIBREBOARD.isMeantFor(ServiceClass.COVERED, Duration.LONG)).isFalse();
        assertThat(WoodKind.FIBREBOARD.kmod(ServiceClass.COVERED, Duration.LONG)).isEqualTo(0.20);
        assertThat(WoodKind.STRAND_BOARD.isMeantFor(ServiceClass.EXPOSED, Duration.SHORT))
                .isFalse();
        assertThat(WoodKind.STRAND_BOARD.kmod(ServiceClass.EXPOSED, Duration.SHORT))
                .isEqualTo(0.30);
    }

    @ParameterizedTest
    @CsvSource({
        "SOLID, 1.3, 0.60, 0.80, 2.00",
        "PLYWOOD, 1.2, 0.80, 1.00, 2.50",
        "STRAND_BOARD, 1.2, 1.50, 2.25, 2.25",
        "PARTICLEBOARD, 1.3, 2.25, 3.00, 3.00",
        "HARDBOARD, 1.3, 2.25, 3.00, 3.00",
        "FIBREBOARD, 1.3, 2.25, 3.00, 3.00"
    })
    void gammaAndKdef_tables23and32(
            WoodKind kind, double gamma, double dry, double covered, double exposed) {
        assertThat(kind.gamma()).isEqualTo(gamma);
        assertThat(kind.kdef(ServiceClass.DRY)).isEqualTo(dry);
        assertThat(kind.kdef(ServiceClass.COVERED)).isEqualTo(covered);
        assertThat(kind.kdef(ServiceClass.EXPOSED)).isEqualTo(exposed);
    }

    @ParameterizedTest
    @CsvSource({
        "c24, SOLID",
        "birch-ply, PLYWOOD",
        "bendy-ply, PLYWOOD",
        "osb, STRAND_BOARD",
        "mdf, FIBREBOARD",
        "chipboard, PARTICLEBOARD",
        "hardboard, HARDBOARD",
        "pine-boards, SOLID",
        "bamboo-ply, PLYWOOD"
    })
    void kindOfTheLibrarysBoards(String id, WoodKind kind) {
        assertThat(WoodKind.of(MaterialLibrary.starting().get(id))).contains(kind);
    }

    @Test
    void ownBoards_areToldByName_orTakenCarefully() {
        assertThat(WoodKind.of(own("beech", "Beech plywood 6"))).contains(WoodKind.PLYWOOD);
        assertThat(WoodKind.of(own("panel-x", "Panel X"))).contains(WoodKind.PARTICLEBOARD);
        assertThat(WoodKind.of(MaterialLibrary.starting().get("aluminium"))).isEmpty();
    }

    private static Material own(String id, String name) {
        return new Material(id, name, Material.Kind.BOARD, new EnumMap<>(Property.class));
    }
}
