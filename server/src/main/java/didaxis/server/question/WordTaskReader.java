package didaxis.server.question;

import didaxis.core.question.Gaps;
import didaxis.core.question.InWords;
import didaxis.core.question.Task;
import didaxis.core.words.GapWords;
import didaxis.core.words.Glossary;
import didaxis.core.words.KeyPhrase;
import didaxis.server.config.Problem;
import java.util.List;
import java.util.Optional;

/** Reads the tasks that are answered in words from JSON. */
record WordTaskReader(TaskBody body, String id, TaskFields fields) {
    private static final int LONGEST_TERM = 80;
    private static final int LONGEST_TEXT = 2_000;

    Task defining() {
        String term = fields.text(body.term(), "term", LONGEST_TERM);
        Optional<Glossary> known = Glossary.of(term);
        List<KeyPhrase> phrases =
                body.phrases() == null ? known.map(Glossary::phrases).orElse(List.of()) : fields.phrases();
        String model = body.model() == null
                ? known.map(Glossary::definition).orElse("")
                : body.model().strip();
        return new InWords(id, fields.place(), term, "", phrases, model);
    }

    Task inWords() {
        String model = body.model() == null ? "" : body.model().strip();
        return new InWords(
                id, fields.place(), "", fields.text(body.prompt(), "prompt", LONGEST_TEXT), fields.phrases(), model);
    }

    Task filling() {
        String text = fields.text(body.text(), "text", LONGEST_TEXT);
        try {
            List<GapWords> words =
                    fields.some(body.gaps(), "gaps").stream().map(GapWords::new).toList();
            return new Gaps(id, fields.place(), text, words, fields.worth(1));
        } catch (IllegalArgumentException | NullPointerException e) {
            throw Problem.badRequest("Task " + id
                            + " has a text with ___ at each gap, and for each gap the words that are" + " right there.")
                    .with("field", "gaps");
        }
    }
}
