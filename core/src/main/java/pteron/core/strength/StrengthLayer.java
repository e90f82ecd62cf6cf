package pteron.core.strength;

import java.util.Map;
import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Shape;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Given;

/** How hard members work, told on the members. */
public final class StrengthLayer implements Layer {

    /** Utilisation from which it is written on the member. */
    private static final double WORTH_TELLING = 0.5;

    /** Room for a utilisation beside its neighbours (mm); closer members leave it out. */
    private static final double USE_ROOM_MM = 330;

    @Override
    public Map<String, Double> uses(Given box) {
        return box.find(Strength.class).map(Strength::byMember).orElse(Map.of());
    }

    @Override
    public void overBox(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        Map<String, Double> uses = uses(canvas.box());
        canvas.box().find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .filter(panel -> seen.contains(panel.panel().kind()))
                .flatMap(panel -> panel.members().stream())
                .forEach(member -> tell(canvas, member, uses.getOrDefault(member.name(), 0.0)));
    }

    private static void tell(Canvas canvas, Member member, double use) {
        if (use > WORTH_TELLING) {
            String text = "%d %%".formatted(Math.round(use * 100));
            canvas.add(
                    new Shape.Label(
                            canvas.at(member.centre()), text, Shape.Label.Kind.USE, USE_ROOM_MM));
        }
    }
}
