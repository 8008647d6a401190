package didaxis.server.assignment;

import didaxis.server.classroom.Classrooms.Learner;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.Supplier;

/**
 * What a class needs on paper: for each learner a copy with the name and the own variant, and the memo of every variant
 * that somebody has.
 *
 * @param learners in the order in which they are handed their copies
 */
public record ClassSet(String title, String classroom, PaperLayout layout, Variants variants, List<Learner> learners) {
    /**
     * The documents of the set, made when they are asked for: learner by learner, then the memos.
     *
     * @param what is printed; a memo once for each variant
     * @param named whether each copy bears its learner's name
     */
    public List<Supplier<String>> documents(List<Pages> what, boolean named) {
        List<Supplier<String>> documents = new ArrayList<>();
        for (Learner learner : learners)
            for (Pages pages : what)
                if (pages != Pages.MEMO)
                    documents.add(() -> html(pages, variants.number(learner.id()), named ? learner.displayName() : ""));
        TreeSet<Integer> numbers = new TreeSet<>();
        learners.forEach(learner -> numbers.add(variants.number(learner.id())));
        if (what.contains(Pages.MEMO)) for (int number : numbers) documents.add(() -> html(Pages.MEMO, number, ""));
        return documents;
    }

    private String html(Pages pages, int number, String learner) {
        Copy copy = new Copy(title, classroom, learner, variants.letter(number));
        return pages.html(copy, variants.numbered(number), layout);
    }
}
