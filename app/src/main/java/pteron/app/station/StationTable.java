package pteron.app.station;

import java.util.function.Function;
import javafx.scene.Node;

/**
 * A table that a station may show in place of the drawing. Immutable.
 *
 * @param key its name on the command line
 * @param title what stands over it
 * @param maker makes it when somebody looks at it
 */
public record StationTable(String key, String title, Function<Workbench, Node> maker) {}
