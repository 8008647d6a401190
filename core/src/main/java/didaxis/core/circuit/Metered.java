package didaxis.core.circuit;

/** A stretch with a voltmeter across it; the meter is ideal and changes nothing. */
public record Metered(String voltmeter, Network stretch) implements Network {}
