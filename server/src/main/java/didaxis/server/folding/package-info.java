/** A circuit folded stage by stage, over HTTP. Uses circuit. */
package didaxis.server.folding;
