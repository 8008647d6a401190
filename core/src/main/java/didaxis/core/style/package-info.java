/** What schools do differently, as one value that chart, working, drawing, reading and marking follow. Uses quantity. */
package didaxis.core.style;
