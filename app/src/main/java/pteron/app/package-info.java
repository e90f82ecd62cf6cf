/**
 * The desktop application and its command line.
 *
 * <ol>
 *   <li>{@link pteron.app.Main} hands the words of the command line to a verb of {@link
 *       pteron.app.command}.
 *   <li>A verb prints, exports, or opens a {@link pteron.app.window}.
 *   <li>The window shows a {@link pteron.app.document}; every edit makes a new plan.
 * </ol>
 */
package pteron.app;
