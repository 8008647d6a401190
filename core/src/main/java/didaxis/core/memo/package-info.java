/** Model answers with the points they earn, line by line, and the other routes to them. Uses marking and all below. */
package didaxis.core.memo;
