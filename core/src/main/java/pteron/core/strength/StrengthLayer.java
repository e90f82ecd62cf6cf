package pteron.core.strength;

import java.util.Map;
import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Shape;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.quantity.LengthText;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Given;

/** How hard members work, by their colour, and what they are called. */
public final class StrengthLayer implements Layer {

    @Override
    public Map<String, Double> uses(Given box) {
        return box.find(Strength.class).map(Strength::byMember).orElse(Map.of());
    }

    @Override
    public void overFrame(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        canvas.box().find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .filter(panel -> seen.contains(panel.panel().kind()))
                .flatMap(panel -> panel.members().stream())
                .forEach(member -> tell(canvas, member));
    }

    /** Name and length of a member, to be written beside it. */
    private static void tell(Canvas canvas, Member member) {
        Set<PanelKind> sides = PanelKind.seenIn(canvas.view());
        String prefix = member.panel().words() + " ";
        String name =
                member.name().startsWith(prefix)
                        ? member.name().substring(prefix.length())
                        : member.name();
        String text =
                name + "  " + LengthText.format(member.lengthMm(), canvas.box().plan().units());
        Point2 from = canvas.at(member.start());
        Point2 to = canvas.at(member.end());
        boolean cut = member.role() == Role.BLOCK || sides.isEmpty();
        if (!cut && from.distance(to) > 1) {
            double thick = member.section().thicknessMm();
            canvas.add(new Shape.MemberName(from, to, thick, text, name));
        }
    }
}
