package pteron.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.balance.AreaParts.PerArea;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.extent.Areas;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.school.SideBySide;
import pteron.core.stage.Part;
import pteron.core.stage.Part.Group;

/** A box weighed by its areas, held against the same box weighed part by part. */
class AreaPartsTest {

    private static final BoxModel MODEL =
            BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());

    private static double massPerArea(BoxModel model, Alternative.Part part) {
        return model.made().orElseThrow().get(SideBySide.class).all().stream()
                .filter(school -> school.planned() && school.part() == part)
                .mapToDouble(school -> school.sums().massKg())
                .findFirst()
                .orElseThrow();
    }

    private static List<Part> byAreas() {
        return byAreas(MODEL);
    }

    private static List<Part> byAreas(BoxModel model) {
        PerArea mass =
                new PerArea(
                        massPerArea(model, Alternative.Part.FLOOR),
                        massPerArea(model, Alternative.Part.WALLS),
                        massPerArea(model, Alternative.Part.ROOF));
        return AreaParts.of(
                new AreaParts.Input(
                        model.plan().box(),
                        model.plan().openings(),
                        model.plan().makeUp(),
                        model.outline()),
                model.get(Areas.class),
                mass);
    }

    /** Bent and stepped boxes too: two ways to the same weight, which share only the layers' densities. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void everyOutline_byAreasAndByParts(OutlineStart start) {
        BoxModel model = BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
        List<Part> parts =
                model.balance().parts().stream()
                        .filter(part -> part.group() != Group.CARRIER)
                        .toList();
        assertThat(parts).extracting(Part::group).contains(Group.FRAME);
        List<Part> areas = byAreas(model);
        assertThat(mass(areas)).isCloseTo(mass(parts), withinPercentage(6));
        assertThat(centre(areas, Point3::x)).isCloseTo(centre(parts, Point3::x), within(60.0));
        assertThat(centre(areas, Point3::y)).isCloseTo(centre(parts, Point3::y), within(30.0));
        assertThat(centre(areas, Point3::z)).isCloseTo(centre(parts, Point3::z), within(60.0));
    }

    /** Walls and roof of each scheme, two ways to the same weight: by their parts and by their areas. */
    @ParameterizedTest
    @EnumSource(Framed.Scheme.class)
    void everyScheme_byAreasAndByParts(Framed.Scheme scheme) {
        BoxPlan plan = StartingPlans.square();
        MakeUp makeUp = plan.makeUp();
        BoxModel model =
                BoxModel.of(
                        plan.withMakeUp(
                                makeUp.withWalls(of(scheme, makeUp.walls()))
                                        .withRoof(of(scheme, makeUp.roof()))),
                        MaterialLibrary.starting());
        List<Part> parts =
                model.balance().parts().stream()
                        .filter(part -> part.group() != Group.CARRIER)
                        .toList();
        assertThat(parts).extracting(Part::group).contains(Group.FRAME);
        assertThat(mass(byAreas(model))).isCloseTo(mass(parts), withinPercentage(6));
    }

    private static Framed of(Framed.Scheme scheme, Framed framed) {
        Members tubes = new Members(new Section(30, 50, 2), 450, "alu-6060");
        return switch (scheme) {
            case STUDS -> framed;
            case TUBE ->
                    framed.withScheme(scheme)
                            .withMembers(tubes)
                            .withInsulation(framed.insulation().withThickness(50));
            case FRAMELESS ->
                    framed.withScheme(scheme).withInsulation(framed.insulation().withThickness(40));
            case BOARDS ->
                    framed.withScheme(scheme)
                            .withOuterSkin(
                                    new Layer(
                                            "pine-boards", 12, Layer.Grain.ACROSS, Layer.SCREWED));
        };
    }

    private static double mass(List<Part> parts) {
        return parts.stream().mapToDouble(Part::massKg).sum();
    }

    private static double centre(List<Part> parts, ToDoubleFunction<Point3> axis) {
        return parts.stream().mapToDouble(p -> p.massKg() * axis.applyAsDouble(p.place())).sum()
                / mass(parts);
    }

    /** Corner posts, blocking and what holds the openings are in the one and not in the other. */
    @Test
    void byAreas_nearTheSumOfItsParts() {
        List<Part> parts =
                MODEL.balance().parts().stream()
                        .filter(part -> part.group() != Group.CARRIER)
                        .toList();
        List<Part> areas = byAreas();
        assertThat(mass(areas)).isCloseTo(mass(parts), withinPercentage(3));
        assertThat(centre(areas, Point3::x)).isCloseTo(centre(parts, Point3::x), within(40.0));
        assertThat(centre(areas, Point3::y)).isCloseTo(centre(parts, Point3::y), within(25.0));
        assertThat(centre(areas, Point3::z)).isCloseTo(centre(parts, Point3::z), within(40.0));
    }

    @Test
    void hole_isTakenOffItsWall() {
        Part hole = byAreas().stream().filter(p -> p.massKg() < 0).findFirst().orElseThrow();
        assertThat(hole.name()).endsWith(", cut out");
        Part unit =
                byAreas().stream()
                        .filter(p -> hole.name().equals(p.name() + ", cut out"))
                        .findFirst()
                        .orElseThrow();
        assertThat(unit.place()).isEqualTo(hole.place());
    }
}
