package didaxis.core.question;

import didaxis.core.answer.Verdict;
import didaxis.core.style.MarkingStyle;
import didaxis.core.words.Glossary;
import didaxis.core.words.KeyPhrase;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A term to be defined, or whatever is asked in a teacher's own words, answered in words: each key phrase that is said
 * earns a mark. What says none of them is for the teacher to decide.
 *
 * @param term what is to be defined; empty where the prompt says what is asked
 * @param prompt in the teacher's words; empty where a term is to be defined
 * @param model an answer that earns all; the phrases by themselves where it is empty
 */
public record InWords(String id, int state, String term, String prompt, List<KeyPhrase> phrases, String model)
        implements Task {
    public InWords {
        phrases = List.copyOf(phrases);
    }

    /** A term of the glossary, with its phrases. */
    public static InWords define(String id, Glossary entry) {
        return new InWords(id, 0, entry.term(), "", entry.phrases(), entry.definition());
    }

    /** Nothing of a circuit is needed to answer it. */
    @Override
    public List<Integer> states() {
        return List.of();
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Words(), phrases.size()));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return phrases.isEmpty() || term.isBlank() && prompt.isBlank() ? List.of(new TaskFlaw.NoWords(id)) : List.of();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        String right = model.isBlank()
                ? phrases.stream().map(KeyPhrase::says).collect(Collectors.joining("; "))
                : model.strip();
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, right);
        int said = (int) phrases.stream()
                .filter(phrase -> phrase.in(typed) == KeyPhrase.Found.SAID)
                .count();
        if (said == phrases.size()) return new Verdict(Verdict.Code.RIGHT, said, right);
        return new Verdict(said > 0 ? Verdict.Code.PARTLY : Verdict.Code.UNDECIDED, said, right);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.inWords().apply(this);
    }
}
