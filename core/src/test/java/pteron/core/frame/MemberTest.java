package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Panel;
import pteron.core.shell.ShellInput;
import pteron.core.shell.ShellStage;

/** Lengths, cuts and places of single members from their profiles. */
class MemberTest {

    private static final Predicate<Double> SQUARE = angle -> Math.abs(angle) < 0.1;

    private static final double EXACT = 1e-9;
    private static final Panel LEFT =
            ShellStage.of(
                            ShellInput.of(
                                    StartingPlans.square(),
                                    OutlineStage.of(StartingPlans.square().box())))
                    .panel("left")
                    .orElseThrow();

    private static Member stud(double... uv) {
        List<Point2> corners =
                IntStream.range(0, uv.length / 2)
                        .mapToObj(i -> new Point2(uv[2 * i], uv[2 * i + 1]))
                        .toList();
        MemberMaker maker = new MemberMaker(LEFT, MaterialLibrary.starting());
        maker.add(Role.STUD, Polygon2.of(corners), MemberMaker.ALONG);
        return maker.members().getFirst();
    }

    @Test
    void square_bothEnds() {
        Member stud = stud(100, 0, 138, 0, 138, 2000, 100, 2000);
        assertThat(stud.lengthMm()).isEqualTo(2000);
        assertThat(stud.shortSideMm()).isCloseTo(2000, within(EXACT));
        assertThat(stud.startCut()).isEqualTo(EndCut.SQUARE);
        assertThat(stud.endCut().degrees()).allMatch(SQUARE);
        assertThat(stud.isUpright()).isTrue();
        assertThat(stud.reachesOuterFace() && stud.reachesInnerFace()).isTrue();
    }

    /** Rising 38 over a width of 38: 45°, short side 1962, long side 2000. */
    @Test
    void bevelled_fortyFive() {
        Member stud = stud(100, 0, 138, 0, 138, 2000, 100, 1962);
        assertThat(stud.lengthMm()).isEqualTo(2000);
        assertThat(stud.shortSideMm()).isCloseTo(1962, within(EXACT));
        assertThat(stud.endCut().degrees()).hasSize(1);
        assertThat(stud.endCut().degrees().getFirst()).isCloseTo(45, within(EXACT));
        assertThat(stud.endCut().degrees()).anyMatch(SQUARE.negate());
        assertThat(stud.startCut().degrees()).allMatch(SQUARE);
    }

    @Test
    void underARidge_twoCuts() {
        Member stud = stud(100, 0, 138, 0, 138, 1990, 119, 2000, 100, 1990);
        assertThat(stud.endCut().degrees()).hasSize(2);
        assertThat(stud.endCut().degrees().get(0)).isCloseTo(27.758, within(0.001));
        assertThat(stud.endCut().degrees().get(1)).isCloseTo(-27.758, within(0.001));
    }

    /** By hand: outer face at −1023.5, half the depth of 63 further in. */
    @Test
    void places_onTheAxis() {
        Member stud = stud(100, 200, 138, 200, 138, 2000, 100, 2000);
        assertThat(stud.start().x()).isCloseTo(119, within(EXACT));
        assertThat(stud.start().y()).isCloseTo(-1023.5 + 31.5, within(EXACT));
        assertThat(stud.start().z()).isCloseTo(200, within(EXACT));
        assertThat(stud.end().z()).isCloseTo(2000, within(EXACT));
        assertThat(stud.centre().z()).isCloseTo(1100, within(EXACT));
        assertThat(stud.start().distance(stud.end())).isCloseTo(stud.lengthMm(), within(EXACT));
    }

    /** A bevel of 12° ripped along 2 m takes depth² · tan(12°) / 2 of the section. */
    @Test
    void ripped_isLighter() {
        MemberMaker maker = new MemberMaker(LEFT, MaterialLibrary.starting());
        Polygon2 plate =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(2000, 0),
                                new Point2(2000, 38),
                                new Point2(0, 38)));
        maker.addRipped(Role.TOP_PLATE, plate, MemberMaker.ACROSS, 12);
        double wedge = 63 * 63 * Math.tan(Math.toRadians(12)) / 2 * 2000;
        double mass = (38 * 63 * 2000 - wedge) * 420 / 1e9;
        assertThat(maker.members().getFirst().massKg()).isCloseTo(mass, within(EXACT));
    }

    @Test
    void tooShort_isNotCut_namesCountUp() {
        MemberMaker maker = new MemberMaker(LEFT, MaterialLibrary.starting());
        Polygon2 crumb =
                Polygon2.of(List.of(new Point2(0, 0), new Point2(38, 0), new Point2(38, 20)));
        maker.add(Role.STUD, crumb, MemberMaker.ALONG);
        assertThat(maker.members()).isEmpty();
        Polygon2 good =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(38, 0),
                                new Point2(38, 500),
                                new Point2(0, 500)));
        maker.add(Role.STUD, good, MemberMaker.ALONG);
        maker.add(Role.STUD, good, MemberMaker.ALONG);
        maker.add(Role.SILL, good, MemberMaker.ALONG);
        assertThat(maker.members())
                .extracting(Member::name)
                .containsExactly("left stud 1", "left stud 2", "left sill 1");
    }
}
