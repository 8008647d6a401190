/**
 * The catalogue of slips: each a wrong twin of a law at a place, or a number that is another but for its digits. Uses law,
 * chart, formula and all below; what judges a sheet by it is marking.
 */
package didaxis.core.slip;
