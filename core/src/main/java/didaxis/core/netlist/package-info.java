/** Circuits as lists of parts between named nodes, read and written. Uses circuit and analysis. */
package didaxis.core.netlist;
