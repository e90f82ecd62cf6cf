package pteron.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Panel;
import pteron.core.stage.Part;

/** Foam of each flat panel against a second method: sliced where a member begins or ends, each slice by its area. */
class FoamVolumeTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void foam_sliceBySlice(OutlineStart start) {
        BoxModel model = BoxModel.of(StartingPlans.of(start), LIBRARY);
        for (PanelFrame frame : model.get(Frame.class).panels()) {
            Panel panel = frame.panel();
            if (!panel.isFilledBetweenMembers() || panel.surface().isBent()) {
                continue;
            }
            double told = told(model, panel);
            double sliced = sliced(model, frame);
            assertThat(told).as(panel.id()).isCloseTo(sliced, within(1e-6 * sliced));
        }
    }

    private static double told(BoxModel model, Panel panel) {
        Part part =
                model.get(Balance.class).parts().stream()
                        .filter(one -> one.name().equals(panel.words() + " insulation"))
                        .findFirst()
                        .orElseThrow();
        return part.massKg() / part.each().orElseThrow().value() * 1e9;
    }

    private static double sliced(BoxModel model, PanelFrame frame) {
        Panel panel = frame.panel();
        List<Polygon2> holes =
                model.get(Openings.class).in(panel).stream()
                        .map(one -> Polygon2.rectangle(one.clear()))
                        .toList();
        double from = panel.fillingFromMm();
        double to = from + Math.min(panel.filling().thicknessMm(), panel.depthMm());
        TreeSet<Double> levels = new TreeSet<>(List.of(from, to));
        frame.members().forEach(member -> levels.add(member.fromInwardMm()));
        frame.members().forEach(member -> levels.add(member.toInwardMm()));
        double volume = 0;
        double low = from;
        for (double high : levels.subSet(from, false, to, true)) {
            double middle = (low + high) / 2;
            List<Polygon2> taken = new ArrayList<>(holes);
            frame.members().stream()
                    .filter(m -> m.fromInwardMm() < middle && middle < m.toInwardMm())
                    .map(Member::profile)
                    .forEach(taken::add);
            double area =
                    panel.rooms().stream()
                            .flatMap(room -> room.without(taken).stream())
                            .mapToDouble(Polygon2::area)
                            .sum();
            volume += area * (high - low);
            low = high;
        }
        return volume;
    }
}
