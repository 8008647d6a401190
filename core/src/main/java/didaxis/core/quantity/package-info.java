/** Amounts of electrical quantities, and how they are read and printed. Uses nothing else. */
package didaxis.core.quantity;
