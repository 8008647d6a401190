/** A teacher's own circuits, kept by name. Uses circuit and account. */
package didaxis.server.shelf;
