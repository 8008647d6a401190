/**
 * The relation network: every law that holds in a circuit, written for particular cells and solved for any
 * of them, and the deduction of cells from cells. Uses analysis, circuit and quantity.
 */
package didaxis.core.working;
