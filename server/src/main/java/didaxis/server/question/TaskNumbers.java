package didaxis.server.question;

import java.util.ArrayList;
import java.util.List;

/** The numbers of a question's tasks on the sheet: 1.2, and 1.2.1 for a part of it. */
public final class TaskNumbers {
    private TaskNumbers() {}

    /**
     * @param question its place among the questions of the sheet; the first has the place 0
     * @param tasks how many there are
     * @param deeper of each of the first of them, whether it is a part of the one before it
     */
    public static List<String> of(int question, int tasks, List<Boolean> deeper) {
        List<String> numbers = new ArrayList<>();
        int main = 0;
        int part = 0;
        for (int k = 0; k < tasks; k++) {
            // A part of nothing stands by itself.
            boolean below = main > 0 && k < deeper.size() && deeper.get(k);
            part = below ? part + 1 : 0;
            if (!below) main++;
            numbers.add(question + 1 + "." + main + (part > 0 ? "." + part : ""));
        }
        return numbers;
    }
}
