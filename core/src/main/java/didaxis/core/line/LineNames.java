package didaxis.core.line;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Subscripts;
import didaxis.core.style.Terms;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What people call the cells of a circuit: a letter and an index, the label of a part, or a few words.
 *
 * <p>Letters: R; V, U, E, pd for a voltage (E and ε alone: the emf); I, i; P; r for the internal resistance. Indices: the
 * number or label of a part, those of a group, t and its like for the whole, p and s for the one group side by side or in
 * series, ext, int. Common practice; the letters after ISO 80000-6.
 */
final class LineNames {
    private static final Map<String, Quantity> LETTERS = Map.ofEntries(
            Map.entry("R", Quantity.RESISTANCE),
            Map.entry("r", Quantity.RESISTANCE),
            Map.entry("V", Quantity.VOLTAGE),
            Map.entry("U", Quantity.VOLTAGE),
            Map.entry("v", Quantity.VOLTAGE),
            Map.entry("E", Quantity.VOLTAGE),
            Map.entry("ε", Quantity.VOLTAGE),
            Map.entry("pd", Quantity.VOLTAGE),
            Map.entry("I", Quantity.CURRENT),
            Map.entry("i", Quantity.CURRENT),
            Map.entry("P", Quantity.POWER),
            Map.entry("φ", Quantity.POTENTIAL),
            Map.entry("Q", Quantity.CHARGE),
            Map.entry("W", Quantity.ENERGY),
            Map.entry("t", Quantity.TIME));
    /** They begin like a letter with an index. */
    private static final Set<String> WORDS = Set.of("in", "is", "it", "if", "Is", "In", "If", "to", "pd's");

    private static final Map<String, Quantity> QUANTITIES = Map.of(
            "voltage", Quantity.VOLTAGE,
            "voltage drop", Quantity.VOLTAGE,
            "potential difference", Quantity.VOLTAGE,
            "pd", Quantity.VOLTAGE,
            "current", Quantity.CURRENT,
            "power", Quantity.POWER,
            "resistance", Quantity.RESISTANCE);
    private static final Map<String, String> SPELT = Map.ofEntries(
            Map.entry("voltage", "V"),
            Map.entry("volts", "V"),
            Map.entry("current", "I"),
            Map.entry("amps", "I"),
            Map.entry("amperes", "I"),
            Map.entry("resistance", "R"),
            Map.entry("ohms", "R"),
            Map.entry("power", "P"),
            Map.entry("watts", "P"),
            Map.entry("charge", "Q"),
            Map.entry("energy", "W"),
            Map.entry("time", "t"));
    private static final Pattern OF_WHAT = Pattern.compile(
            "(?<quantity>[a-z ]+?) (?:across|through|in|into|of|over|at|for|dissipated in|dissipated by) (?:the )?(?<what>\\S+(?: and| \\S+)?(?: \\S+)?)");

    /** What may stand behind a letter though the circuit has nothing of that name. */
    private static final Pattern INDEX =
            Pattern.compile("_?\\{?(?:[0-9]{1,3}(?:,[0-9]{1,3})*|[a-z][0-9]?|[A-Z]{1,2}[0-9]?|\\|\\|)?}?|_.+");

    private static final Pattern CONDUCTANCE = Pattern.compile("G(?:[0-9,]*|t|T|_.{1,8})");
    private static final Pattern DIGIT = Pattern.compile("[0-9]?");
    /** Where people's habits differ. */
    enum Habit {
        PLAIN,
        /** V1 is rather the reading of the voltmeter V1 than the voltage across R1. */
        METERS,
        /** It is a current for a time, not the total current. */
        TIMED,
        /** So it is, and E is the energy that is taken, not the emf. */
        ENERGY,
        /** Vt is the terminal voltage, not the emf. */
        TERMINAL,
        /** Rt is the resistance of the group that is worked on, not of the whole. */
        GROUP;

        private boolean timed() {
            return this == TIMED || this == ENERGY;
        }
    }

    private final Habit habit;
    private final IndexedCells cells;
    private final Map<String, Cell> phrases = new HashMap<>();
    private final KnownWords<Optional<Term.Name>> names = new KnownWords<>();
    private final KnownWords<List<Term>> products = new KnownWords<>();

    LineNames(Circuit circuit, Subjects subjects, Terms terms, Habit habit) {
        this(new IndexedCells(circuit, subjects, habit, Optional.empty()), terms, habit);
    }

    private LineNames(IndexedCells cells, Terms terms, Habit habit) {
        this.habit = habit;
        this.cells = cells;
        Subject whole = cells.whole();
        for (Quantity quantity : IndexedCells.CHARTED)
            for (String called : List.of("total", "equivalent", "effective", "combined", terms.whole()))
                phrases.put(called + " " + quantity.word(), Cell.of(Subject.TOTAL, quantity));
        for (String supply : List.of("emf", "supply", "supply voltage", "battery voltage", "source voltage"))
            phrases.put(supply, Cell.voltage(Subject.TOTAL));
        phrases.put("main current", Cell.current(Subject.TOTAL));
        for (String terminal : List.of("terminal voltage", "terminal pd", "terminal potential difference", "tpd"))
            phrases.put(terminal, Cell.voltage(whole));
        phrases.put("external resistance", Cell.resistance(whole));
        if (!cells.hasInternal()) return;
        for (String lost : List.of("lost volts", "lost voltage")) phrases.put(lost, Cell.voltage(Subject.INTERNAL));
        phrases.put("internal resistance", Cell.resistance(Subject.INTERNAL));
    }

    /** Where one group is worked on. */
    static LineNames ofGroup(Subject group, Circuit circuit, Subjects subjects, Terms terms) {
        return new LineNames(new IndexedCells(circuit, subjects, Habit.GROUP, Optional.of(group)), terms, Habit.GROUP);
    }

    /** What Req and Rp are, in turn each of the groups. */
    static List<LineNames> ofGroups(Circuit circuit, Subjects subjects, Terms terms) {
        return IndexedCells.groups(circuit, subjects).stream()
                .map(group -> new IndexedCells(circuit, subjects, Habit.PLAIN, Optional.of(group)))
                .map(cells -> new LineNames(cells, terms, Habit.PLAIN))
                .toList();
    }

    /** What a few words mean; empty if nothing known. */
    Optional<Term.Name> phrase(String words) {
        String key = words.toLowerCase(Locale.ROOT).replace(".", "").replaceFirst("^(?:the|so|then|thus|hence) ", "");
        return Optional.ofNullable(phrases.get(key))
                .or(() -> ofWhat(words, key))
                .map(cell -> new Term.Name(words, Optional.of(cell), Optional.of(cell.quantity())));
    }

    /** "Current through R1", "power of the lamp L2", "voltage across the battery". */
    private Optional<Cell> ofWhat(String words, String key) {
        String letter = words.substring(0, 1);
        boolean lettered = words.length() > 1 && words.charAt(1) == ' ' && LETTERS.containsKey(letter);
        Matcher matcher = OF_WHAT.matcher(
                lettered ? LETTERS.get(letter).word() + words.substring(1).toLowerCase(Locale.ROOT) : key);
        if (!matcher.matches() || !QUANTITIES.containsKey(matcher.group("quantity"))) return Optional.empty();
        String joined = words.replace(" and ", ",");
        String last = joined.substring(joined.lastIndexOf(' ') + 1);
        return cells.of("V", QUANTITIES.get(matcher.group("quantity")), plain(last));
    }

    /** A quantity or a unit as a word in the place of its letter: voltage, volts, emf. */
    Optional<Term.Name> spelt(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        if (lower.equals("emf")) return name("E");
        return Optional.ofNullable(SPELT.get(lower)).flatMap(this::name);
    }

    /** The name that one word is, with or without an index; empty if no letter of the field begins it. */
    Optional<Term.Name> name(String word) {
        return names.of(word, this::find);
    }

    private Optional<Term.Name> find(String word) {
        String plain = plain(word).replaceFirst("^e$", "E");
        Optional<Cell> label = cells.labelled(plain);
        if (label.isPresent()) return Optional.of(new Term.Name(word, label, label.map(Cell::quantity)));
        // A conductance is always one's own.
        if (CONDUCTANCE.matcher(plain).matches())
            return Optional.of(new Term.Name(word, Optional.empty(), Optional.empty()));
        String letter = plain.startsWith("pd") ? "pd" : plain.substring(0, 1);
        Quantity quantity = quantity(letter);
        if (quantity == null || WORDS.contains(plain)) return Optional.empty();
        if (habit.timed() && plain.matches("[A-Z].*t")) return Optional.empty();
        String index = plain.substring(letter.length());
        Optional<Cell> cell = cells.of(letter, quantity, index);
        boolean own = INDEX.matcher(index).matches() && product(word).size() < 2;
        boolean named = cell.isPresent()
                || own
                        && (IndexedCells.CHARTED.contains(quantity)
                                || DIGIT.matcher(index).matches());
        return named ? Optional.of(new Term.Name(word, cell, Optional.of(quantity))) : Optional.empty();
    }

    private Quantity quantity(String letter) {
        return habit == Habit.ENERGY && letter.equals("E") ? Quantity.ENERGY : LETTERS.get(letter);
    }

    /** Words such as IR and I1R1 are products: each a name of its own. Empty if they are not. */
    List<Term> product(String word) {
        return products.of(word, this::factors);
    }

    private List<Term> factors(String word) {
        String plain = plain(word);
        List<Term> factors = new ArrayList<>();
        for (int from = 0; from < plain.length(); ) {
            // VxI: the sign between letters.
            if (plain.charAt(from) == 'x' && from > 0 && from < plain.length() - 1) from++;
            int to = plain.length();
            while (to > from && !isFactor(plain.substring(from, to))) to--;
            if (to == from) return List.of();
            String factor = plain.substring(from, to);
            String letter = factor.substring(0, 1);
            Optional<Cell> cell = cells.of(letter, quantity(letter), factor.substring(1));
            factors.add(new Term.Name(factor, cell, Optional.of(quantity(letter))));
            from = to;
        }
        return List.copyOf(factors);
    }

    /** A letter of the chart, alone or with an index that is a number or the whole's. */
    private boolean isFactor(String piece) {
        String letter = piece.substring(0, 1);
        String index = piece.substring(1);
        if (!LETTERS.containsKey(letter)) return false;
        if (index.isEmpty()) return habit.timed() || !letter.equals("t");
        if (!IndexedCells.CHARTED.contains(quantity(letter)) || habit.timed() && index.endsWith("t")) return false;
        boolean plain = index.matches("[0-9,]+") || IndexedCells.isWhole(index);
        return plain && cells.of(letter, quantity(letter), index).isPresent();
    }

    private static String plain(String word) {
        StringBuilder plain = new StringBuilder();
        for (char c : Subscripts.typed(word).toCharArray()) {
            if (c == 'ₜ') plain.append('t');
            else if (c == 'ₚ') plain.append('p');
            else if (c == 'ₛ') plain.append('s');
            else if (c != '.') plain.append(c);
        }
        return plain.toString();
    }
}
