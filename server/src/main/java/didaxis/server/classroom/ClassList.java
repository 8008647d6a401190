package didaxis.server.classroom;

import didaxis.server.account.Accounts;
import didaxis.server.config.Problem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A pasted list of learners: a name a line, with a sign-in name behind it or without. Columns stand apart by comma,
 * semicolon or tab (RFC 4180 where they are quoted); a first line that only names the columns is passed over.
 */
final class ClassList {
    private static final int MOST = 300;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_USERNAME = 40;
    private static final Set<String> HEADS = Set.of("name", "names", "learner", "learners", "student", "display name");

    private ClassList() {}

    /** One line: the name, the sign-in name it is to get, and what was done to it; empty where nothing was. */
    record ListedLearner(String displayName, String username, String note) {}

    /**
     * Reads a list; sign-in names that are missing are made from the names, and those that are taken get a number.
     *
     * @param taken sign-in names of the school in small letters
     * @throws Problem if there is nobody on it or too many, or a name is too long
     */
    static List<ListedLearner> read(String text, Set<String> taken) {
        Set<String> used = new HashSet<>(taken);
        List<ListedLearner> lines = new ArrayList<>();
        for (List<String> columns : columns(text == null ? "" : text)) {
            String name = columns.get(0);
            if (lines.isEmpty() && HEADS.contains(name.toLowerCase(Locale.ROOT))) continue;
            if (name.length() > LONGEST_NAME)
                throw Problem.badRequest(
                        "“" + name.substring(0, 40) + "…” is longer than " + LONGEST_NAME + " characters.");
            lines.add(listed(name, columns.size() > 1 ? columns.get(1) : "", used));
            if (lines.size() > MOST) throw Problem.badRequest("At most " + MOST + " learners come in at once.");
        }
        if (lines.isEmpty()) throw Problem.badRequest("Nobody is on this list: one name a line is expected.");
        return lines;
    }

    private static ListedLearner listed(String name, String typed, Set<String> used) {
        String wanted = typed.isEmpty() ? proposed(name) : typed;
        if (!typed.isEmpty() && !Accounts.isUsername(typed)) wanted = proposed(typed);
        String username = free(wanted, used);
        used.add(username.toLowerCase(Locale.ROOT));
        String note = typed.isEmpty() || username.equals(typed)
                ? ""
                : "“" + typed + "” cannot be had; “" + username + "” can";
        return new ListedLearner(name, username, note);
    }

    /** From "Åsa B. Lind" comes "asa.b.lind". */
    private static String proposed(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replace("ß", "ss")
                .replace("ø", "o")
                .replace("Ø", "o")
                .replace("ł", "l")
                .replace("Ł", "l")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", ".")
                .replaceAll("^\\.|\\.$", "");
        String cut = plain.substring(0, Math.min(plain.length(), LONGEST_USERNAME - 4));
        return cut.length() < 2 ? "learner" : cut;
    }

    private static String free(String wanted, Set<String> used) {
        if (!used.contains(wanted.toLowerCase(Locale.ROOT))) return wanted;
        String stem = wanted.substring(0, Math.min(wanted.length(), LONGEST_USERNAME - 4));
        for (int number = 2; ; number++) {
            String next = stem + number;
            if (!used.contains(next.toLowerCase(Locale.ROOT))) return next;
        }
    }

    /** The lines that are not empty, in their columns. */
    private static List<List<String>> columns(String text) {
        char comma = Stream.of('\t', ';', ',')
                .filter(one -> text.indexOf(one) >= 0)
                .findFirst()
                .orElse(',');
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(comma)
                .setIgnoreSurroundingSpaces(true)
                .setTrim(true)
                .get();
        List<List<String>> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            for (CSVRecord one : parser) {
                List<String> columns = one.stream().map(ClassList::clean).toList();
                if (!columns.get(0).isEmpty()) lines.add(columns);
            }
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw Problem.badRequest("The list could not be read: a quotation mark is open at its end.");
        }
        return lines;
    }

    private static String clean(String column) {
        return column.replaceAll("[\\p{Cntrl}\\uFEFF]", "").strip();
    }
}
