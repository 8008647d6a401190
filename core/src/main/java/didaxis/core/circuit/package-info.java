/**
 * The circuit as a source and a tree of networks; its text notation, its subjects (what a chart has rows
 * for) and its description in words. Uses quantity.
 */
package didaxis.core.circuit;
