package didaxis.server.assignment;

import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How a paper is laid out and who gets which values, in JSON; what is left out is as usual.
 *
 * @param instructions what stands under its head
 * @param minutes how much time there is
 * @param dataSheet whether formulas stand at its end
 * @param page A4, or Letter
 * @param room where answers are written: on the paper itself, or on a sheet of their own
 * @param versions who gets which values of what varies
 * @param seed decides which values what varies has
 * @param sections headings before some of its questions
 */
public record PaperLayout(
        @Schema(types = {"string", "null"}) String instructions,
        @Schema(types = {"integer", "null"}) Integer minutes,
        @Schema(types = {"boolean", "null"}) Boolean dataSheet,

        @Schema(
                types = {"string", "null"},
                allowableValues = {"A4", "Letter"})
        String page,

        @Schema(
                types = {"string", "null"},
                allowableValues = {"paper", "sheet"})
        String room,

        @Schema(
                types = {"string", "null"},
                implementation = Versions.class)
        Versions versions,

        @Schema(types = {"integer", "null"}) Long seed,
        @Schema(types = {"array", "null"}) List<Section> sections) {
    private static final int LONGEST_TEXT = 2_000;
    private static final int LONGEST_TITLE = 120;
    private static final int MOST_MINUTES = 600;
    private static final String LETTER = "Letter";
    private static final String SHEET = "sheet";

    /** As usual. */
    public static final PaperLayout USUAL = new PaperLayout(null, null, null, null, null, null, null, null);

    /**
     * A heading.
     *
     * @param before the place of the question it stands before; the first is 0
     * @param text what is said under it
     */
    public record Section(
            int before,
            String title,
            @Schema(types = {"string", "null"}) String text) {}

    /**
     * The same, if it can be.
     *
     * @param questions how many there are
     * @throws Problem if something in it cannot be
     */
    public PaperLayout checked(int questions) {
        if (instructions != null && instructions.length() > LONGEST_TEXT)
            throw Problem.badRequest("Instructions have at most " + LONGEST_TEXT + " characters.")
                    .with("field", "instructions");
        if (minutes != null && (minutes < 1 || minutes > MOST_MINUTES))
            throw Problem.badRequest("A paper takes 1 to " + MOST_MINUTES + " minutes; not " + minutes + ".")
                    .with("field", "minutes");
        if (page != null && !page.equals("A4") && !page.equals(LETTER))
            throw Problem.badRequest("A page is A4 or Letter; “" + page + "” is neither.")
                    .with("field", "page");
        if (room != null && !room.equals("paper") && !room.equals(SHEET))
            throw Problem.badRequest("Answers are written on the paper or on a sheet; “" + room + "” is neither.")
                    .with("field", "room");
        checkSections(questions);
        return this;
    }

    private void checkSections(int questions) {
        Set<Integer> places = new HashSet<>();
        for (Section one : sections == null ? List.<Section>of() : sections) {
            boolean named = one != null && one.title() != null && !one.title().isBlank();
            if (!named || one.title().length() > LONGEST_TITLE)
                throw Problem.badRequest("A section has a title of at most " + LONGEST_TITLE + " characters.")
                        .with("field", "sections");
            if (one.text() != null && one.text().length() > LONGEST_TEXT)
                throw Problem.badRequest("What is said of a section has at most " + LONGEST_TEXT + " characters.")
                        .with("field", "sections");
            if (one.before() < 0 || one.before() >= Math.max(1, questions) || !places.add(one.before()))
                throw Problem.badRequest("Each section begins before a question of its own.")
                        .with("field", "sections");
        }
    }

    /**
     * The same for some of its questions: a heading stands before the next of them.
     *
     * @param places of those, in rising order
     */
    public PaperLayout of(List<Integer> places) {
        if (sections == null) return this;
        List<Section> left = sections.stream()
                .map(one -> new Section(
                        (int) places.stream()
                                .filter(place -> place < one.before())
                                .count(),
                        one.title(),
                        one.text()))
                .toList();
        return new PaperLayout(instructions, minutes, dataSheet, page, room, versions, seed, left);
    }

    boolean letter() {
        return LETTER.equals(page);
    }

    /** Whether answers are written on the paper itself. */
    boolean roomOnPaper() {
        return !SHEET.equals(room);
    }

    boolean withDataSheet() {
        return Boolean.TRUE.equals(dataSheet);
    }

    public long seedOrUsual() {
        return seed == null ? 1 : seed;
    }

    /** With another seed, and so with other values. */
    public PaperLayout seeded(long other) {
        return new PaperLayout(instructions, minutes, dataSheet, page, room, versions, other, sections);
    }

    public Versions versionsOrSame() {
        return versions == null ? Versions.SAME : versions;
    }

    /** The heading before a question. */
    Optional<Section> section(int place) {
        return sections == null
                ? Optional.empty()
                : sections.stream().filter(one -> one.before() == place).findFirst();
    }
}
