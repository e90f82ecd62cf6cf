package pteron.app.makeup;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;

/** The layers of a build-up as one would meet them from outside. */
final class LayerOrder {

    private LayerOrder() {}

    static List<Layer> outsideFirst(BuildUp buildUp) {
        List<Layer> layers = new ArrayList<>();
        switch (buildUp) {
            case Floor floor -> {
                layers.add(floor.bottomFace());
                layers.add(floor.core());
                layers.add(floor.topFace());
                layers.addAll(floor.finish());
            }
            case Framed framed -> {
                layers.add(framed.outerSkin());
                layers.addAll(framed.outside());
                layers.add(framed.insulation());
                layers.addAll(framed.inside());
                layers.add(framed.innerSkin());
            }
        }
        return layers;
    }
}
