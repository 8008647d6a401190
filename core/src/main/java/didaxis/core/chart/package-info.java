/**
 * The operating point as a table, its checks and ratings, and the stages it folds in. Uses solving, notation and
 * all below.
 */
package didaxis.core.chart;
