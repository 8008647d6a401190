/** A working of one's own, checked line by line against a circuit, over HTTP. Uses circuit. */
package didaxis.server.line;
