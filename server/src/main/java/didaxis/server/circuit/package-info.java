/** A circuit over HTTP: its notation read, its chart, working and drawing as JSON. */
package didaxis.server.circuit;
