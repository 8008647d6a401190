package didaxis.benchmarks;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.notation.SpiceDeck;
import didaxis.core.solving.OperatingPoint;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The decks of random circuits solved by ngspice (Debian package ngspice), its currents against the charts':
 * {@code AgainstSpice [CIRCUITS]}. Ends with 1 if one differs by more than 1e-5 of the total current.
 */
public final class AgainstSpice {
    private static final Pattern PRINTED = Pattern.compile("(?:i\\((\\w+)\\)|@(\\w+)\\[i\\]) = (\\S+)");

    private AgainstSpice() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        int circuits = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 80;
        Random random = new Random(2026);
        int compared = 0;
        double worst = 0;
        while (circuits > 0) {
            Circuit circuit = RandomCircuits.random(random.nextLong(), 3 + random.nextInt(10), false);
            Optional<Chart> chart = OperatingPoint.of(circuit)
                    .match(point -> Optional.of(Chart.of(point)), shorted -> Optional.empty());
            if (chart.isEmpty() || chart.get().point().totalCurrent() == 0) continue;
            circuits--;
            Map<String, Double> currents = solved(SpiceDeck.print(circuit));
            double total = chart.get().point().totalCurrent();
            for (Part part : circuit.parts()) {
                Cell cell = Cell.current(Subject.part(part.label()));
                String label = part.label().toLowerCase(Locale.ROOT);
                Double found =
                        currents.getOrDefault("v" + label, currents.getOrDefault("r" + label, currents.get(label)));
                if (found == null || chart.get().value(cell).isEmpty()) continue;
                double off = Math.abs(found - chart.get().value(cell).getAsDouble()) / total;
                if (off > 1e-5) System.out.println(off + " in " + part.label() + " of " + Notation.print(circuit));
                worst = Math.max(worst, off);
                compared++;
            }
        }
        System.out.println(compared + " currents compared; the worst is off by " + worst + " of the total current");
        if (compared == 0 || worst > 1e-5) System.exit(1);
    }

    /** Currents by the names of elements, in the small letters ngspice prints. */
    private static Map<String, Double> solved(String deck) throws IOException, InterruptedException {
        StringBuilder prints = new StringBuilder();
        for (String line : deck.split("\n")) {
            String name = line.split(" ")[0].toLowerCase(Locale.ROOT);
            if (name.startsWith("v")) prints.append("print i(").append(name).append(")\n");
            if (name.startsWith("r")) prints.append("print @").append(name).append("[i]\n");
        }
        Path file = Files.createTempFile("didaxis", ".cir");
        Files.writeString(file, deck.replace(".end", ".options numdgt=12\n.control\nop\n" + prints + ".endc\n.end"));
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes());
        process.waitFor();
        Files.delete(file);
        Map<String, Double> currents = new HashMap<>();
        Matcher printed = PRINTED.matcher(said);
        while (printed.find())
            currents.put(
                    printed.group(1) == null ? printed.group(2) : printed.group(1), Double.valueOf(printed.group(3)));
        return currents;
    }
}
