package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.OperatingPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** A circuit with other values, by which what holds whatever they are is told from what holds by chance. */
final class Valuations {
    private static final int COUNT = 3;
    private static final long SEED = 14;

    private Valuations() {}

    /**
     * The same circuit with random resistances, emf and times.
     *
     * @param alike whether resistances that are equal in the circuit stay equal, so that R/2 is two of them side by side
     */
    static List<Chart> of(Chart chart, boolean alike) {
        Random random = new Random(SEED);
        List<Chart> others = new ArrayList<>();
        for (int k = 0; k < COUNT; k++) {
            Running running = timed(chart.running(), random);
            OperatingPoint.of(valued(chart.circuit(), alike, random))
                    .match(Optional::of, shorted -> Optional.<OperatingPoint>empty())
                    .map(point -> Chart.of(point).with(running))
                    .ifPresent(others::add);
        }
        return others;
    }

    private static Circuit valued(Circuit circuit, boolean alike, Random random) {
        Map<String, Setting> settings = new HashMap<>();
        Map<Double, Double> others = new HashMap<>();
        for (Part part : circuit.parts()) {
            if (!(part.setting() instanceof Setting.Ohms ohms) || ohms.ohms() <= 0) continue;
            double other = 1 + 99 * random.nextDouble();
            settings.put(
                    part.label(), new Setting.Ohms(alike ? others.computeIfAbsent(ohms.ohms(), o -> other) : other));
        }
        double internal = circuit.source().internalResistance() > 0 ? 0.1 + random.nextDouble() : 0;
        double emf = 1 + 20 * random.nextDouble();
        return circuit.with(new Source(emf, internal, circuit.source().voltmeters()), settings);
    }

    private static Running timed(Running running, Random random) {
        Map<Double, Double> others = new HashMap<>();
        Map<Subject, Double> seconds = new HashMap<>();
        running.seconds()
                .forEach((subject, time) ->
                        seconds.put(subject, others.computeIfAbsent(time, one -> 10 + 990 * random.nextDouble())));
        return new Running(seconds, running.tariff());
    }
}
