/**
 * The operating point of a circuit, by folding and unfolding, and by nodal analysis as a second method;
 * the chart and its checks. Uses circuit and quantity.
 */
package didaxis.core.analysis;
