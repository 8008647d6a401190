package didaxis.core.change;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import java.util.function.Function;

/** What is done to one part of a circuit between two states of it. */
public sealed interface Act {
    String part();

    /** A switch is turned. */
    record Turned(String part, Setting.Position to) implements Act {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.turned.apply(this);
        }
    }

    /** Any part but a switch is taken out, or shorted. */
    record Failed(String part, Setting.Fault how) implements Act {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.failed.apply(this);
        }
    }

    /** A part is set otherwise: it stands in the place of the one of its label. */
    record Set(Part to) implements Act {
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
    record Varied(String part, boolean raised) implements Act {
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

    <T> T match(Cases<T> cases);

    /** A function for each case. */
    record Cases<T>(
            Function<Turned, T> turned, Function<Failed, T> failed, Function<Set, T> set, Function<Varied, T> varied) {}

    /**
     * The circuit after the act; of one without a number a sample of what it comes to.
     *
     * @throws IllegalArgumentException if the circuit has no such part, or this cannot be done to it
     */
    default Circuit on(Circuit circuit) {
        Part one = named(part(), circuit);
        boolean isSwitch = one.kind() == PartKind.SWITCH;
        return match(new Cases<>(
                turned -> {
                    if (!isSwitch) throw new IllegalArgumentException("part (" + part() + ") must be a switch");
                    return circuit.with(one.with(turned.to()));
                },
                failed -> {
                    if (isSwitch) throw new IllegalArgumentException("part (" + part() + ") must be no switch");
                    return circuit.with(one.with(failed.how()));
                },
                set -> circuit.with(set.to()),
                varied -> varied.on(circuit, varied.raised() ? Varied.FACTOR : 1 / Varied.FACTOR)));
    }

    private static Part named(String label, Circuit circuit) {
        return circuit.part(label)
                .orElseThrow(() -> new IllegalArgumentException("part (" + label + ") must be one of the circuit's"));
    }
}
