package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.stage.Part;
import pteron.core.station.Station;
import pteron.core.vehicle.Trailer;

/** Boxes of every outline and scheme on every kind of carrier. */
class EveryKindTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    @Provide
    Arbitrary<BoxPlan> any() {
        return PlanArbitraries.anyPlans();
    }

    @Property(tries = 50, seed = "20261126")
    void everyFigure_isFinite_namedOnce_andOpens(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        assertThat(model.figures()).extracting(Figure::key).doesNotHaveDuplicates();
        for (Figure figure : model.figures()) {
            assertThat(figure.value()).as(figure.key()).isFinite();
            assertThat(figure.working().formula()).as(figure.key()).isNotBlank();
            assertThat(figure.working().terms()).as(figure.key()).isNotEmpty();
            for (Working.Term term : figure.working().terms()) {
                assertThat(term.quantity().value()).as(figure.key()).isFinite();
            }
        }
    }

    @Property(tries = 30, seed = "20261126")
    void units_neverChangeAFigure(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        BoxModel inches = model(plan.withUnits(UnitSystem.INCHES));
        assertThat(inches.figures().stream().map(Figure::toString).toList())
                .isEqualTo(model.figures().stream().map(Figure::toString).toList());
    }

    /** Moments of all parts about the front support, added up once more, against both supports. */
    @Property(tries = 40, seed = "20261126")
    void loads_balanceTheParts(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        double front = model.carrier().front().placeMm();
        double arm = model.carrier().rear().placeMm() - front;
        double moment = 0;
        for (Part part : model.balance().parts()) {
            moment += part.massKg() * (part.place().x() - front);
        }
        assertThat(model.balance().load().rearKg()).isCloseTo(moment / arm, within(1e-6));
        boolean trailer = plan.vehicle() instanceof Trailer;
        assertThat(model.carrier().front().key()).isEqualTo(trailer ? "coupler" : "front-axle");
    }

    @Property(tries = 30, seed = "20261126")
    void after_isTheSameAsAfresh(@ForAll("any") BoxPlan before, @ForAll("any") BoxPlan other) {
        BoxModel start = model(before);
        List<BoxPlan> edits =
                List.of(
                        other,
                        before.withVehicle(other.vehicle()),
                        before.withBox(before.box().withRaised(40)),
                        before.withClimate(before.climate().withPeople(3)),
                        before.withLimits(before.limits().withOnRoof(120)),
                        before.withLoads(before.loads().withFloorPerson(95)));
        for (BoxPlan edit : edits) {
            assertThat(start.after(edit).figures().stream().map(Figure::toString).toList())
                    .isEqualTo(model(edit).figures().stream().map(Figure::toString).toList());
        }
    }

    @Property(tries = 15, seed = "20261126")
    void everyView_isDrawn(@ForAll("any") BoxPlan plan) {
        BoxModel model = model(plan);
        for (View view : View.values()) {
            for (Station station : Route.stations()) {
                Drawing drawing = Drawings.of(model, view, station, "");
                assertThat(drawing.shapes()).as(view + " " + station).isNotEmpty();
                assertThat(drawing.bounds().width()).isPositive();
            }
        }
    }

    /** A framed box weighed by its areas is within a fifth of the same box weighed part by part. */
    @Test
    void weighedByAreas_isNearTheParts() {
        for (BoxPlan plan : List.of(StartingPlans.square(), SamplePlans.rakedNose())) {
            BoxPlan byAreas =
                    plan.withBox(
                            plan.box()
                                    .withDetails(
                                            plan.box()
                                                    .details()
                                                    .withDropFloor(new DropFloor(2000, 0.1))));
            BoxModel parts = model(plan);
            BoxModel areas = model(byAreas);
            assertThat(parts.built()).isPresent();
            assertThat(areas.isWeighedByAreas()).isTrue();
            double exact = parts.balance().boxKg();
            assertThat(areas.balance().boxKg()).isCloseTo(exact, within(0.2 * exact));
            assertThat(areas.balance().centre().x())
                    .isCloseTo(parts.balance().centre().x(), within(150.0));
        }
    }
}
