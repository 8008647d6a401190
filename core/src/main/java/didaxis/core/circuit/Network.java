package didaxis.core.circuit;

/**
 * A piece of the circuit between two ends, or a named place on its wire. Comparing two deep networks
 * with equals is recursive; compare circuits instead.
 */
public sealed interface Network permits Part, Series, Parallel, Metered, Point {}
