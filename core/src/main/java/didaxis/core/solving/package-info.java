/** The operating point of a circuit by folding and unfolding, and by nodal analysis as a second method. Uses circuit. */
package didaxis.core.solving;
