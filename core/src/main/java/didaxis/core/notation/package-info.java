/** Circuits as text: the typed line, the list of parts between nodes, decks for simulators. Uses circuit. */
package didaxis.core.notation;
