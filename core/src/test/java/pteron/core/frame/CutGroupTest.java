package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Pieces that are cut alike stand together, none is lost. */
class CutGroupTest {

    private final List<Member> members =
            BoxModel.of(StartingPlans.square(), MaterialLibrary.starting()).members();

    @Test
    void everyMember_isInOneGroup() {
        List<CutGroup> groups = CutGroup.of(members, UnitSystem.METRIC);
        assertThat(groups.stream().flatMap(group -> group.members().stream()))
                .containsExactlyInAnyOrderElementsOf(members);
        for (CutGroup group : groups) {
            assertThat(group.members())
                    .allMatch(
                            one ->
                                    Math.abs(one.lengthMm() - group.first().lengthMm()) < 0.11
                                            && one.section().equals(group.first().section()));
        }
        assertThat(groups.size()).isLessThan(members.size() / 2);
    }

    /** No two lines tell the same, in either unit: a tape in sixteenths cannot part what differs by less. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void noTwoGroups_areToldAlike(UnitSystem units) {
        List<Member> bent =
                BoxModel.of(StartingPlans.of(OutlineStart.ROUND_TAIL), MaterialLibrary.starting())
                        .members();
        for (List<Member> all : List.of(members, bent)) {
            List<CutGroup> groups = CutGroup.of(all, units);
            assertThat(groups.stream().map(group -> told(group.first(), units)))
                    .doesNotHaveDuplicates();
            double step = units == UnitSystem.INCHES ? 25.4 / 16 : 0.11;
            for (CutGroup group : groups) {
                double longest =
                        group.members().stream().mapToDouble(Member::lengthMm).max().orElseThrow();
                double shortest =
                        group.members().stream().mapToDouble(Member::lengthMm).min().orElseThrow();
                assertThat(longest - shortest).isLessThanOrEqualTo(step);
            }
        }
    }

    private static String told(Member one, UnitSystem units) {
        return "%s %s %s %s %s %.1f %s"
                .formatted(
                        LengthText.format(one.lengthMm(), units),
                        one.section(),
                        one.timber(),
                        tenths(one.startCut()),
                        tenths(one.endCut()),
                        one.ripDegrees(),
                        one.bend().map(bend -> LengthText.format(bend.leastRadiusMm(), units)));
    }

    private static List<Long> tenths(EndCut cut) {
        return cut.degrees().stream().map(angle -> Math.round(angle * 10)).toList();
    }

    @Test
    void names_tellNumbersOfOneKindTogether() {
        CutGroup studs =
                CutGroup.of(members, UnitSystem.METRIC).stream()
                        .filter(
                                group ->
                                        group.members().stream()
                                                        .filter(one -> one.role() == Role.STUD)
                                                        .count()
                                                > 2)
                        .findFirst()
                        .orElseThrow();
        assertThat(studs.names()).matches(".*stud \\d+( to|,) \\d+.*");
    }

    @Test
    void names_tellARowByItsEnds() {
        Member bow =
                members.stream()
                        .filter(one -> one.name().matches(".* \\d+"))
                        .findFirst()
                        .orElseThrow();
        List<Member> row =
                IntStream.of(1, 2, 3, 4, 6, 7, 10, 11, 12)
                        .mapToObj(number -> named(bow, "roof bow " + number))
                        .toList();
        assertThat(new CutGroup(row).names()).isEqualTo("roof bow 1 to 4, 6, 7, 10 to 12");
    }

    private static Member named(Member one, String name) {
        return new Member(
                name,
                one.role(),
                one.panel(),
                one.section(),
                one.timber(),
                one.profile(),
                one.axis(),
                one.bend(),
                one.fromInwardMm(),
                one.ripDegrees(),
                one.massKg());
    }
}
