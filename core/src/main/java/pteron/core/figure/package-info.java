/**
 * What a stage answers with: figures that carry their working, and findings.
 *
 * <ol>
 *   <li>A {@link pteron.core.figure.Figure} is a named quantity; its {@link
 *       pteron.core.figure.Working} (formula, terms, source) is only written out when somebody asks.
 *   <li>A {@link pteron.core.figure.Finding} says what is wrong or close, where, by how much and
 *       against which limit, with typed values and no sentence; words are made in the exchange
 *       module.
 *   <li>A {@link pteron.core.figure.Cure} is a change to the plan that would mend a finding.
 * </ol>
 */
package pteron.core.figure;
