/** Circuits in from files and out to files. Uses circuit. */
package didaxis.server.file;
