package didaxis.core.circuit;

/** What a part is set to: its resistance, a switch's position, a fuse's rating, or nothing to set. */
public sealed interface Setting {
    /** A resistance in ohms, finite; 0 is a wire in effect. */
    record Ohms(double ohms) implements Setting {
        public Ohms {
            if (!(ohms >= 0) || Double.isInfinite(ohms)) {
                throw new IllegalArgumentException("resistance in Ω (" + ohms + ") must be >= 0 and finite");
            }
        }
    }

    /** A switch's position. */
    enum Position implements Setting {
        OPEN,
        CLOSED
    }

    /** What any part but a switch can come to: taken out, or blown, it leaves a gap; shorted, it is a wire. */
    enum Fault implements Setting {
        OUT,
        SHORT
    }

    /** The current in amperes at which a fuse opens. */
    record Amperes(double amperes) implements Setting {
        public Amperes {
            if (!(amperes > 0) || Double.isInfinite(amperes)) {
                throw new IllegalArgumentException("rating of a fuse in A (" + amperes + ") must be > 0 and finite");
            }
        }
    }

    /** Nothing to set, as for an ammeter or a wire link. */
    record None() implements Setting {}
}
