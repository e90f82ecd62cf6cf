package pteron.core.tally;

import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Shape;
import pteron.core.frame.Frame;
import pteron.core.shell.PanelKind;

/** A spot on every member that is counted. */
public final class TallyLayer implements Layer {

    @Override
    public void overBox(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        canvas.box().find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .filter(one -> seen.contains(one.panel().kind()))
                .flatMap(one -> one.members().stream())
                .map(member -> canvas.at(member.centre()))
                .forEach(at -> canvas.add(new Shape.Mark(at, Shape.Mark.Kind.SPOT)));
    }
}
