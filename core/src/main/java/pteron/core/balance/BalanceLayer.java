package pteron.core.balance;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Shape;

/** Where the weight sits, laid over the box. */
public final class BalanceLayer implements Layer {

    @Override
    public void overBox(Canvas canvas) {
        canvas.add(
                new Shape.Mark(
                        canvas.at(canvas.box().get(Balance.class).centre()),
                        Shape.Mark.Kind.CENTRE_OF_GRAVITY));
    }
}
