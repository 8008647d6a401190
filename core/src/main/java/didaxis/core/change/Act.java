package didaxis.core.change;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;

/** What is done to a circuit between two states of it. */
public sealed interface Act permits Act.OnPart, Act.Supplied, Rewiring {
    /** What is done to one part, which stays where it is. */
    sealed interface OnPart extends Act {
        String part();

        @Override
        default boolean touches(Subject subject) {
            return subject.equals(Subject.part(part()));
        }
    }

    /** A switch is turned. */
    record Turned(String part, Setting.Position to) implements OnPart {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.turned.apply(this);
        }
    }

    /** Any part but a switch is taken out, or shorted. */
    record Failed(String part, Setting.Fault how) implements OnPart {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.failed.apply(this);
        }
    }

    /** A part is set otherwise: it stands in the place of the one of its label. */
    record Set(Part to) implements OnPart {
        @Override
        public String part() {
            return to.label();
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.set.apply(this);
        }
    }

    /** A resistance is raised or lowered, and nobody says how far: what is asked then must hold however far. */
    record Varied(String part, boolean raised) implements OnPart {
        private static final double FACTOR = 2;

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.varied.apply(this);
        }

        /** The circuit with the part at this many times its resistance. */
        public Circuit on(Circuit circuit, double times) {
            Part one = named(part, circuit);
            if (!(one.setting() instanceof Setting.Ohms ohms) || ohms.ohms() == 0)
                throw new IllegalArgumentException("part (" + part + ") must have a resistance to be varied");
            return circuit.with(one.with(new Setting.Ohms(ohms.ohms() * times)));
        }
    }

    /**
     * Another source feeds the circuit, with the same voltmeters across it.
     *
     * @param internalResistance empty where it has that of the one before, whatever that is
     */
    record Supplied(double emf, OptionalDouble internalResistance) implements Act {
        private Source after(Source before) {
            return new Source(emf, internalResistance.orElse(before.internalResistance()), before.voltmeters());
        }

        @Override
        public boolean touches(Subject subject) {
            return subject.equals(Subject.TOTAL) || subject.equals(Subject.INTERNAL);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.supplied.apply(this);
        }
    }

    /** Whether what this subject is set to is another afterwards. */
    boolean touches(Subject subject);

    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<Turned, T> turned,
            Function<Failed, T> failed,
            Function<Set, T> set,
            Function<Varied, T> varied,
            Function<Supplied, T> supplied,
            Function<Rewiring, T> rewiring) {}

    /**
     * The circuit after the act; of one without a number a sample of what it comes to.
     *
     * @throws IllegalArgumentException if the circuit has no such part, or this cannot be done to it
     */
    default Circuit on(Circuit circuit) {
        return match(new Cases<>(
                turned -> circuit.with(named(turned.part(), circuit, true).with(turned.to())),
                failed -> circuit.with(named(failed.part(), circuit, false).with(failed.how())),
                set -> circuit.with(set.to()),
                varied -> varied.on(circuit, varied.raised() ? Varied.FACTOR : 1 / Varied.FACTOR),
                supplied -> circuit.with(supplied.after(circuit.source()), Map.of()),
                rewiring -> rewiring.rewired(circuit)));
    }

    private static Part named(String label, Circuit circuit, boolean isSwitch) {
        Part part = named(label, circuit);
        if (isSwitch != (part.kind() == PartKind.SWITCH))
            throw new IllegalArgumentException("part (" + label + ") must be " + (isSwitch ? "a" : "no") + " switch");
        return part;
    }

    private static Part named(String label, Circuit circuit) {
        return circuit.part(label)
                .orElseThrow(() -> new IllegalArgumentException("part (" + label + ") must be one of the circuit's"));
    }
}
