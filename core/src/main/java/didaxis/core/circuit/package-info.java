/**
 * The circuit as a source and a tree of networks, laid out flat, and its subjects: what a chart has rows for. Uses
 * style and quantity.
 */
package didaxis.core.circuit;
