/** Circuits as scenes of sized items, ready to be painted on a screen or a page. Uses circuit and quantity. */
package didaxis.core.drawing;
