package pteron.core.partition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.edit.PartitionEdits;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Partition;
import pteron.core.plan.Partition.Hold;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.sealing.Sealing;
import pteron.core.shell.PanelKind;

/** Walls inside by hand, in the square box: 4300 × 2160 × 2050; walls 69.5 thick, floor 108.5, roof 95.5. */
class PartitionTest {

    private static final BoxPlan BARE = StartingPlans.square().withOpenings(List.of());

    private static BoxModel model(Partition... inside) {
        return BoxModel.of(BARE.withPartitions(List.of(inside)), MaterialLibrary.starting());
    }

    private static PanelFrame only(BoxModel model) {
        return model.get(Frame.class).panel(PanelKind.PARTITION);
    }

    private static List<String> codes(BoxModel model) {
        return model.findings().stream().map(Finding::code).toList();
    }

    /** 2050 − 2 · 69.5 = 1911 wide; 2160 − 108.5 − 95.5 = 1956 high. */
    @Test
    void across_fillsTheRoom() {
        Bounds2 bounds = only(model(Partition.across("a", 1500))).panel().frame().bounds();
        assertThat(bounds.width()).isCloseTo(1911, within(1e-6));
        assertThat(bounds.height()).isCloseTo(1956, within(1e-6));
    }

    /** From lining to lining: 4300 − 139 = 4161; a stretch of it from 1000 to 2500 is 1500 long. */
    @Test
    void along_goesFromWallToWall_orAsFarAsIsTold() {
        assertThat(only(model(Partition.along("a", 0))).panel().frame().bounds().width())
                .isCloseTo(4161, within(1e-6));
        Partition part = Partition.along("a", 0).withStretch(1000, 2500);
        assertThat(only(model(part)).panel().frame().bounds().width())
                .isCloseTo(1500, within(1e-6));
    }

    /** Behind both side walls and under the roof timber stands at 1500 + 24 = 1524; floating ones leave the walls alone. */
    @Test
    void walls_haveTimberWhereItIsScrewed() {
        Partition screwed = Partition.across("a", 1500);
        for (PanelKind kind : new PanelKind[] {PanelKind.LEFT, PanelKind.RIGHT, PanelKind.ROOF}) {
            assertThat(backs(model(screwed), kind)).as("%s", kind).isTrue();
            assertThat(backs(model(screwed.withHold(Hold.TABS)), kind)).isTrue();
        }
        BoxModel floating = model(screwed.withHold(Hold.FLOOR_AND_CEILING));
        assertThat(backs(floating, PanelKind.ROOF)).isTrue();
        assertThat(backs(floating, PanelKind.LEFT)).isEqualTo(backs(model(), PanelKind.LEFT));
    }

    private static boolean backs(BoxModel model, PanelKind kind) {
        return model.get(Frame.class).panel(kind).members().stream()
                .filter(Member::isUpright)
                .anyMatch(member -> member.bounds().fromU() < 1524 && member.bounds().toU() > 1524);
    }

    /**
     * Edges 1911 below and above, 1956 at both sides. Screws 300 apart: 8 + 8 + 8 + 8; at floor and ceiling alone 16. Tabs 600
     * apart: 5 on each of the four.
     */
    @Test
    void fixings_byHand() {
        assertThat(figure(model(Partition.across("a", 1500)), "partition-screws")).isEqualTo(32);
        assertThat(
                        figure(
                                model(Partition.across("a", 1500).withHold(Hold.FLOOR_AND_CEILING)),
                                "partition-screws"))
                .isEqualTo(16);
        assertThat(figure(model(Partition.across("a", 1500).withHold(Hold.TABS)), "partition-tabs"))
                .isEqualTo(20);
        assertThat(PartitionEdges.fixings(1940, 300)).isEqualTo(8);
    }

    private static double figure(BoxModel model, String key) {
        return model.figure("frame." + key).orElseThrow().value();
    }

    /** Two sheets of 5 mm poplar, 430 kg/m³, on 1911 × 1956 mm: 16.07 kg, nothing else of it changes. */
    @Test
    void sheets_weighByHand() {
        double sheets =
                model(Partition.across("a", 1500)).balance().parts().stream()
                        .filter(part -> part.name().startsWith("partition near"))
                        .mapToDouble(part -> part.massKg())
                        .sum();
        assertThat(sheets).isCloseTo(1.911 * 1.956 * 0.005 * 430, within(1e-6));
    }

    @Test
    void outsideTheRoom_orAcrossEachOther_isRefused() {
        assertThat(codes(model(Partition.across("a", -500)))).contains("PARTITION_FINDS_NO_ROOM");
        assertThat(codes(model(Partition.along("a", 990)))).contains("PARTITION_FINDS_NO_ROOM");
        BoxModel crossing = model(Partition.across("a", 1500), Partition.along("b", 0));
        assertThat(codes(crossing)).contains("PARTITIONS_CROSS");
        BoxModel ends =
                model(Partition.across("a", 1500), Partition.along("b", 0).withStretch(1548, 4300));
        assertThat(codes(ends)).doesNotContain("PARTITIONS_CROSS");
    }

    /** Beside a cross-member it is told how far, and one press puts it there. */
    @Test
    void crossMember_isNear() {
        double member = model().carrier().crossMembersMm().get(2);
        BoxModel model = model(Partition.across("a", member + 40));
        Finding beside =
                model.findings().stream()
                        .filter(one -> one.code().equals("PARTITION_BESIDE_CROSS_MEMBER"))
                        .findFirst()
                        .orElseThrow();
        assertThat(beside.demand().value()).isCloseTo(40 + 24, within(1e-6));
        BoxPlan cured = Cures.apply(model.plan(), beside.cure());
        assertThat(cured.partitions().getFirst().placeMm()).isCloseTo(member - 24, within(1e-6));
        assertThat(codes(BoxModel.of(cured, MaterialLibrary.starting())))
                .doesNotContain("PARTITION_BESIDE_CROSS_MEMBER");
    }

    /** A door in a wall inside is framed and sealed against no rain; taken out, the wall takes its door along. */
    @Test
    void door_inAPartition() {
        BoxPlan plan = BARE.withPartitions(List.of(Partition.across("a", 1500)));
        Wall wall = Wall.of("partition").orElseThrow();
        BoxPlan doored = OpeningEdits.added(plan, UnitShelf.unit("door").orElseThrow(), wall);
        BoxModel model = BoxModel.of(doored, MaterialLibrary.starting());
        assertThat(only(model).members())
                .extracting(Member::role)
                .contains(Role.TRIMMER, Role.HEADER);
        assertThat(model.get(Sealing.class).joints())
                .noneMatch(joint -> joint.where().equals(doored.openings().getFirst().name()));
        assertThat(PartitionEdits.without(doored, 0)).isEqualTo(BARE);
    }

    @Test
    void second_becomesTheFirst_withItsDoor() {
        List<Partition> two =
                new ArrayList<>(List.of(Partition.across("a", 1000), Partition.across("b", 2500)));
        BoxPlan plan = BARE.withPartitions(two);
        Wall second = new Wall(Wall.Part.PARTITION, 2);
        BoxPlan doored = OpeningEdits.added(plan, UnitShelf.unit("door").orElseThrow(), second);
        BoxPlan left = PartitionEdits.without(doored, 0);
        assertThat(left.partitions()).extracting(Partition::name).containsExactly("b");
        assertThat(left.openings())
                .extracting(Opening::wall)
                .containsExactly(new Wall(Wall.Part.PARTITION, 1));
    }

    /** One along the box wants a stud in the front wall only where it reaches it. */
    @Test
    void along_isBackedWhereItReaches() {
        Partition whole = Partition.along("a", 330);
        Partition behind = whole.withStretch(1500, 4300);
        assertThat(studAt(model(whole), PanelKind.FRONT)).isTrue();
        assertThat(studAt(model(behind), PanelKind.FRONT)).isFalse();
        assertThat(studAt(model(behind), PanelKind.REAR)).isTrue();
    }

    private static boolean studAt(BoxModel model, PanelKind kind) {
        return model.get(Frame.class).panel(kind).members().stream()
                .filter(Member::isUpright)
                .anyMatch(member -> member.bounds().fromU() < 354 && member.bounds().toU() > 354);
    }

    /** Two that are told alike are two: the second crosses the first. */
    @Test
    void equalOnes_areTwo() {
        BoxModel twice = model(Partition.across("a", 1500), Partition.across("a", 1500));
        assertThat(codes(twice)).contains("PARTITIONS_CROSS");
    }

    @Test
    void tooMany_orBackwards_isRefused() {
        BoxPlan plan = BARE;
        for (int i = 0; i < Partition.MOST; i++) {
            plan = PartitionEdits.added(plan, Partition.Run.ACROSS);
        }
        BoxPlan full = plan;
        assertThatThrownBy(() -> PartitionEdits.added(full, Partition.Run.ALONG))
                .hasMessageContaining("partitions: there are [9] and may be 8");
        assertThatThrownBy(() -> Partition.along("a", 0).withStretch(900, 800))
                .hasMessageContaining("before it begins");
        assertThatThrownBy(() -> Partition.along(" ", 0)).hasMessageContaining("name is empty");
    }
}
