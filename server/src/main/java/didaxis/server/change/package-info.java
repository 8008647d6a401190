/** What changes in a circuit when a part is set otherwise, over HTTP. Uses circuit. */
package didaxis.server.change;
