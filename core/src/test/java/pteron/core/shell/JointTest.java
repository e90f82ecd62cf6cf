package pteron.core.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.curve.Straight;
import pteron.core.geometry.Point2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.plan.MakeUp;
import pteron.core.plan.StartingPlans;

/** How two bands of the strip meet. */
class JointTest {

    private static final MakeUp MAKE_UP = StartingPlans.square().makeUp();
    private static final MakeUp EVEN =
            MAKE_UP.withRoof(MAKE_UP.roof().withMembers(MAKE_UP.walls().members()));

    private static Band band(EdgeKind kind, Point2 from, Point2 to, MakeUp makeUp) {
        return Band.of(new Element(1, kind, new Straight(from, to), 1), makeUp);
    }

    /** Two bands meeting at (0, 2000) with a turn. */
    private static Band[] meeting(double turnDegrees, MakeUp makeUp) {
        Point2 corner = new Point2(0, 2000);
        double rise = Math.toRadians(turnDegrees);
        Point2 before = corner.minus(new Point2(Math.cos(rise), Math.sin(rise)).times(1500));
        Band wall = band(EdgeKind.NOSE, before, corner, makeUp);
        Band roof = band(EdgeKind.ROOF, corner, new Point2(3000, 2000), makeUp);
        return new Band[] {wall, roof};
    }

    /** Equal depths: a mitre up to 60°, both bevels half the turn. */
    @Property(seed = "20261126")
    void equalDepths_smallTurn_isMitred(@ForAll @DoubleRange(min = 5, max = 59) double turn) {
        Band[] bands = meeting(turn, EVEN);
        Joint.Pair pair = Joint.between(bands[0], bands[1]);
        double half = Math.tan(Math.toRadians(turn / 2)) * bands[0].depthMm();
        assertThat(-pair.before().run(bands[0])).isCloseTo(half, within(1e-6));
        assertThat(pair.after().run(bands[1])).isCloseTo(half, within(1e-6));
    }

    /** At a right angle the roof lies over the wall and both are cut square. */
    @Test
    void rightAngle_roofLiesOver_square() {
        Band[] bands = meeting(90, MAKE_UP);
        Joint.Pair pair = Joint.between(bands[0], bands[1]);
        assertThat(pair.before().run(bands[0])).isCloseTo(0, within(1e-6));
        assertThat(pair.after().run(bands[1])).isCloseTo(0, within(1e-6));
        assertThat(pair.before().out().v()).isCloseTo(2000 - 1.5 - 89, within(1e-6));
        assertThat(pair.after().out().u()).isCloseTo(1.5, within(1e-6));
    }

    /** Whatever the turn, the two bands share their joint: neither gap nor overlap on both faces. */
    @Property(seed = "20261126")
    void mitre_endsMeet(@ForAll @DoubleRange(min = 5, max = 59) double turn) {
        Band[] bands = meeting(turn, EVEN);
        Joint.Pair pair = Joint.between(bands[0], bands[1]);
        assertThat(pair.before().out().distance(pair.after().out())).isCloseTo(0, within(1e-6));
        assertThat(pair.before().in().distance(pair.after().in())).isCloseTo(0, within(1e-6));
    }

    @Test
    void band_linesLieInTheirOrder() {
        Band roof = meeting(90, MAKE_UP)[1];
        assertThat(roof.frameOut().at(0).v()).isCloseTo(1998.5, within(1e-6));
        assertThat(roof.frameIn().at(0).v()).isCloseTo(1998.5 - 89, within(1e-6));
        assertThat(roof.inside().at(0).v()).isCloseTo(2000 - 95.5, within(1e-6));
        assertThat(roof.along(new Point2(700, 5))).isCloseTo(700, within(1e-6));
    }

    @Test
    void corner_ofLinesThatRunOn() {
        Band one = band(EdgeKind.ROOF, new Point2(0, 2000), new Point2(1000, 2000), MAKE_UP);
        Band two = band(EdgeKind.ROOF, new Point2(1000, 2000), new Point2(3000, 2000), MAKE_UP);
        Joint.Pair pair = Joint.between(one, two);
        assertThat(pair.before().out().u()).isCloseTo(1000, within(1e-6));
        assertThat(pair.after().out().u()).isCloseTo(1000, within(1e-6));
    }
}
