/**
 * A circuit from what is known of it: values that fit, how many there are, and what contradicts. Uses working and
 * all below.
 */
package didaxis.core.backwards;
