package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;

/** The whole box against libraries and facts of the trade. */
class CheckedAgainstOutsideTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    /** Area and perimeter of the side against JTS. */
    @Test
    void outline_againstJts() {
        for (BoxPlan plan :
                List.of(
                        StartingPlans.square(),
                        SamplePlans.rakedNose(),
                        SamplePlans.slopedTail())) {
            List<OutlinePoint> points = plan.box().outline();
            Coordinate[] ring = new Coordinate[points.size() + 1];
            for (int i = 0; i < ring.length; i++) {
                OutlinePoint point = points.get(i % points.size());
                ring[i] = new Coordinate(point.xMm(), point.zMm());
            }
            Polygon side = new GeometryFactory().createPolygon(ring);
            BoxModel model = model(plan);
            assertThat(model.outline().areaMm2()).isCloseTo(side.getArea(), within(1e-6));
            double strip = model.figure("outline.strip-total").orElseThrow().value();
            assertThat(strip + 4300).isCloseTo(side.getLength(), within(1e-6));
        }
    }

    /** Studs of a wall stand at most the greatest spacing apart: 16 in and the like, common practice. */
    @Test
    void studs_neverFartherApartThanAsked() {
        for (Member stud : model(StartingPlans.square().withOpenings(List.of())).members()) {
            assertThat(stud.section().thicknessMm()).isEqualTo(38);
        }
        List<Double> middles =
                model(StartingPlans.square().withOpenings(List.of())).members().stream()
                        .filter(m -> m.panel().id().equals("right") && m.isUpright())
                        .map(m -> m.bounds().middle().u())
                        .sorted()
                        .toList();
        for (int i = 1; i < middles.size(); i++) {
            assertThat(middles.get(i) - middles.get(i - 1)).isLessThanOrEqualTo(500);
        }
    }

    /** Common practice: about ½ in (13 mm) of play in a door's height, split evenly: 6.5 mm each side. */
    @Test
    void doorPlay_ofTheTrade_widensTheFrame() {
        BoxPlan plan = StartingPlans.square().withOpening("door", o -> o.withPlay(6.35));
        Member header =
                model(plan).members().stream()
                        .filter(m -> m.role() == Role.HEADER && m.name().equals("left header 2"))
                        .findFirst()
                        .orElseThrow();
        assertThat(header.lengthMm()).isCloseTo(640 + 12.7, within(1e-6));
    }

    /** The same frame by weight: timber at 420 kg/m³ in every member, volume from profile and depth. */
    @Test
    void frame_volumeTimesDensity() {
        BoxModel model = model(StartingPlans.square());
        double volume =
                model.members().stream()
                        .mapToDouble(m -> m.profile().area() * m.section().depthMm())
                        .sum();
        assertThat(model.built().orElseThrow().get(Frame.class).massKg())
                .isCloseTo(volume * 420 / 1e9, within(1e-6));
    }

    /** Every member lies inside the outside of the box. */
    @Test
    void members_insideTheBox() {
        for (Member member : model(SamplePlans.rakedNose()).members()) {
            for (Point3 end : List.of(member.start(), member.end())) {
                assertThat(end.x()).isBetween(-0.001, 4300.001);
                assertThat(Math.abs(end.y())).isLessThanOrEqualTo(1025);
                assertThat(end.z()).isBetween(0.0, 2160.0);
            }
        }
    }

    /** The floor stands on steel: every bearer crosses at least two cross-members. */
    @Test
    void bearers_crossTheSteel() {
        BoxModel model = model(StartingPlans.square());
        for (Member bearer : model.members()) {
            if (bearer.role() == Role.BEARER) {
                long crossed =
                        model.carrier().crossMembersMm().stream()
                                .filter(x -> bearer.start().x() <= x && x <= bearer.end().x())
                                .count();
                assertThat(crossed).isGreaterThanOrEqualTo(2);
            }
        }
    }
}
