/** A circuit worked from what is known of it, over HTTP. Uses circuit. */
package didaxis.server.backwards;
