/** Cells from cells by the relations, as the ordered steps of a worked solution. Uses law and all below. */
package didaxis.core.working;
