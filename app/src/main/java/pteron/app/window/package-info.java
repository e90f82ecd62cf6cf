/**
 * The window: route, head, foot and the parts of other packages put together, as {@code docs} and look describe them.
 *
 * <p>Every part follows the {@link pteron.app.station.Workbench}, which holds the document, the station, the
 * view and what is chosen. Parts never talk to each other.
 *
 * <ol>
 *   <li>{@link pteron.app.station.Workbench}: what is looked at.
 *   <li>{@link pteron.app.window.MainWindow} puts the parts together; {@link
 *       pteron.app.start.StartScreen} helps when nothing is open.
 *   <li>{@link pteron.app.window.AppWindow} opens, saves, closes, switches the theme.
 *   <li>{@link pteron.app.window.Commands} are the things that can be done; they and what is done with files know
 *       the window by {@link pteron.app.window.PlanWindow} and {@link pteron.app.window.WindowLook}.
 * </ol>
 */
package pteron.app.window;
