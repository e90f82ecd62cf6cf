package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.curve.CurveSums;
import pteron.core.geometry.Point2;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.stage.Given;

/** The outline as points. */
final class OutlineChain {

    private OutlineChain() {}

    /** {@return the outline as a chain of points, the underside among them} */
    static List<Point2> of(Given box) {
        List<Point2> chain = new ArrayList<>();
        Outline outline = box.get(Outline.class);
        for (Element element : outline.elements()) {
            chain.addAll(CurveSums.points(element.curve(), 0.5));
        }
        var drop = box.plan().box().details().dropFloor();
        if (!chain.isEmpty() && drop.exists()) {
            chain.add(new Point2(drop.fromMm(), -drop.depthMm()));
            chain.add(new Point2(drop.fromMm(), 0));
            chain.add(chain.getFirst());
        }
        return chain.isEmpty() ? outline.points() : chain;
    }
}
