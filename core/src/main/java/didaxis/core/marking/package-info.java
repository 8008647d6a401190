/** Judges a learner's answers against the chart and against each other. Uses question and all below. */
package didaxis.core.marking;
