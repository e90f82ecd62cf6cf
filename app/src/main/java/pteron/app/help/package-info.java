/**
 * Help that needs no network: keys, words of the trade, how-tos.
 *
 * <ol>
 *   <li>{@link pteron.app.help.HelpTexts} reads them.
 *   <li>{@link pteron.app.help.Topic} is one word or how-to.
 *   <li>{@link pteron.app.help.HelpCard} shows them over the window.
 * </ol>
 */
package pteron.app.help;
