/**
 * The shop drawings on paper, A4 or Letter.
 *
 * <ol>
 *   <li>{@link pteron.exchange.pdf.Paper}: size and margins.
 *   <li>{@link pteron.exchange.pdf.Pages}: writes lines and tables, turns the page when it is full.
 *   <li>{@link pteron.exchange.pdf.DrawingOnPaper}: a view with its dimensions, in ink and hatches.
 *   <li>{@link pteron.exchange.pdf.ReportPdf}: views, cut list, bars, sheets, checks, findings.
 * </ol>
 */
package pteron.exchange.pdf;
