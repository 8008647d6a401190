/** Formulas over cells: built, computed, bounded, compiled and printed by one walk. Uses circuit and style. */
package didaxis.core.formula;
