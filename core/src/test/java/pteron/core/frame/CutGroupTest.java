package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.StartingPlans;

/** Pieces that are cut alike stand together, none is lost. */
class CutGroupTest {

    private final List<Member> members =
            BoxModel.of(StartingPlans.square(), MaterialLibrary.starting()).members();

    @Test
    void everyMember_isInOneGroup() {
        List<CutGroup> groups = CutGroup.of(members);
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

    @Test
    void names_tellNumbersOfOneKindTogether() {
        CutGroup studs =
                CutGroup.of(members).stream()
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
