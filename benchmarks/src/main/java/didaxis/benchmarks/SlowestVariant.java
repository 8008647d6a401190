package didaxis.benchmarks;

import didaxis.core.template.RandomTemplates;
import didaxis.core.template.Template;
import didaxis.core.template.ValueSets;
import didaxis.core.template.Values;
import java.util.ArrayList;
import java.util.List;

/**
 * How long the sets of values of a random template take to be found, for each set, and to be put into the question; and
 * how long it takes to say what is in the way where there is none.
 */
public final class SlowestVariant {
    private static final int TEMPLATES = 500;
    private static final int WARM = 2;
    /** As many as a paper asks for. */
    private static final int MOST_SETS = 300;

    private SlowestVariant() {}

    public static void main(String[] arguments) {
        for (int parts : new int[] {5, 12}) {
            for (int run = 0; run < WARM; run++) times(parts);
            System.out.println(told(parts, times(parts)));
        }
    }

    /** Milliseconds for each template. */
    private record Times(List<Double> variants, List<Double> reasons) {}

    private static Times times(int parts) {
        Times times = new Times(new ArrayList<>(), new ArrayList<>());
        for (int k = 0; k < TEMPLATES; k++) {
            Template template = RandomTemplates.of(k, parts);
            long from = System.nanoTime();
            ValueSets sets = ValueSets.find(template, k, MOST_SETS);
            for (Values values : sets.found()) template.with(values).orElseThrow();
            double milliseconds = (System.nanoTime() - from) / 1e6;
            if (sets.found().isEmpty()) times.reasons().add(milliseconds);
            else times.variants().add(milliseconds / sets.found().size());
        }
        times.variants().sort(null);
        times.reasons().sort(null);
        return times;
    }

    private static String told(int parts, Times times) {
        return "up to " + parts + " parts: a variant " + told(times.variants()) + "; why there is none "
                + told(times.reasons());
    }

    private static String told(List<Double> sorted) {
        return String.format(
                "(of %d) middle %.1f ms, 95 of 100 within %.1f ms, slowest %.1f ms",
                sorted.size(),
                sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100),
                sorted.get(sorted.size() - 1));
    }
}
