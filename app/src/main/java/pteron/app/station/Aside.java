package pteron.app.station;

import java.util.function.Function;
import javafx.scene.Node;

/**
 * What a station tells at the right of what is chosen. Immutable.
 *
 * @param title what stands on its tab
 * @param maker makes it when somebody looks at it
 */
public record Aside(String title, Function<Workbench, Node> maker) {}
