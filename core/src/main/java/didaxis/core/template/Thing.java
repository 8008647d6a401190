package didaxis.core.template;

import didaxis.core.chart.Running;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Question;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;

/**
 * Something whose value may vary: the emf, the internal resistance, the resistance of a part by its label, the time for
 * which things run, the tariff.
 *
 * @param name E, r, a label, t or tariff
 */
public record Thing(String name, Quantity quantity) {
    public static final Thing EMF = new Thing("E", Quantity.VOLTAGE);
    public static final Thing INTERNAL = new Thing("r", Quantity.RESISTANCE);
    public static final Thing TIME = new Thing("t", Quantity.TIME);
    public static final Thing TARIFF = new Thing("tariff", Quantity.COST);

    /** The resistance of a part. */
    public static Thing part(String label) {
        return new Thing(label, Quantity.RESISTANCE);
    }

    /** Whether it may be nothing: an internal resistance only. */
    public boolean mayBeZero() {
        return equals(INTERNAL);
    }

    /** What may vary in a question; nothing where there is no circuit. Times vary where all things run equally long. */
    public static List<Thing> of(Question question) {
        List<Thing> things = new ArrayList<>();
        if (question.states().isEmpty()) return things;
        things.add(EMF);
        things.add(INTERNAL);
        for (Part part : question.state(0).circuit().parts())
            if (part.setting() instanceof Setting.Ohms) things.add(part(part.label()));
        Running running = question.state(0).chart().running();
        if (new HashSet<>(running.seconds().values()).size() == 1) things.add(TIME);
        if (!Double.isNaN(running.tariff())) things.add(TARIFF);
        return things;
    }

    /**
     * Its own value in a question that has it, in SI.
     *
     * @throws NoSuchElementException if it has no such part
     */
    public double in(Question question) {
        Circuit circuit = question.state(0).circuit();
        Running running = question.state(0).chart().running();
        if (equals(EMF)) return circuit.source().emf();
        if (equals(INTERNAL)) return circuit.source().internalResistance();
        if (equals(TARIFF)) return running.tariff();
        if (equals(TIME)) return running.seconds().values().iterator().next();
        return circuit.parts().stream()
                .filter(part -> part.label().equals(name) && part.setting() instanceof Setting.Ohms)
                .map(part -> ((Setting.Ohms) part.setting()).ohms())
                .findFirst()
                .orElseThrow();
    }

    /** The thing of this name in a question; empty if it has none. */
    public static Optional<Thing> named(String name, Question question) {
        return of(question).stream().filter(thing -> thing.name().equals(name)).findFirst();
    }
}
