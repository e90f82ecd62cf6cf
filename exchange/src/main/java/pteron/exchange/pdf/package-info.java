/**
 * Paper, A4 or Letter: pages, tables, drawings.
 *
 * <ol>
 *   <li>{@link pteron.exchange.pdf.Paper}: size and margins.
 *   <li>{@link pteron.exchange.pdf.Pages}: writes lines and tables, turns the page when it is full.
 *   <li>{@link pteron.exchange.pdf.DrawingOnPaper}: a view with its dimensions, in ink and hatches.
 *   <li>{@link pteron.exchange.pdf.PaperText}: angles in words.
 * </ol>
 */
package pteron.exchange.pdf;
