package didaxis.server.assignment;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import didaxis.server.config.Problem;
import java.util.Locale;
import org.springframework.http.HttpStatus;

/** What can be printed of a paper. */
public enum Pages {
    /** What is asked, with room to answer where the layout has it. */
    PAPER,
    /** Room to answer on a sheet of its own. */
    ANSWERS,
    MEMO;

    /** In characters of HTML: some fifty pages of a memo. */
    private static final int LONGEST = 400_000;

    /** How it is called in JSON and in addresses. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws Problem if there is none of this name */
    @JsonCreator
    public static Pages named(String word) {
        for (Pages one : values()) if (one.word().equals(word)) return one;
        throw Problem.badRequest("A paper, its answers or its memo can be printed; “" + word + "” is none of these.")
                .with("field", "what");
    }

    /**
     * The whole document, as HTML for the printer.
     *
     * @throws Problem if it has more pages than can be set in a few seconds
     */
    public String html(Copy copy, Paper paper, PaperLayout layout) {
        String html = switch (this) {
            case PAPER -> PaperPage.of(copy, paper, layout);
            case ANSWERS -> AnswerPage.of(copy, paper, layout);
            case MEMO -> MemoPage.of(copy, paper, layout);
        };
        if (html.length() <= LONGEST) return html;
        throw Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This would be more than some fifty pages. Make two papers of it, or ask for less of so large a circuit.");
    }
}
