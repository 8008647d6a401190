/** Circuits as text: the line that is typed, the list of parts between nodes, and a description in words. Uses circuit. */
package didaxis.core.notation;
