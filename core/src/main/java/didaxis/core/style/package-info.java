/** What schools do differently, as one value that chart, working, drawing and reading follow. Uses quantity. */
package didaxis.core.style;
