/**
 * The laws of circuits, one class each, and the relations they write for the cells of one circuit. Uses formula,
 * chart and all below.
 */
package didaxis.core.law;
