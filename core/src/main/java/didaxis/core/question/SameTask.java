package didaxis.core.question;

import java.util.List;
import java.util.Set;

/** What makes two tasks one. */
final class SameTask {
    private SameTask() {}

    /** Whether a question has such a task already. */
    static boolean isIn(Question question, Task task) {
        return question.tasks().stream().anyMatch(one -> about(one).equals(about(task)));
    }

    /** What makes two tasks one: all but their ids and what they earn. */
    private static List<Object> about(Task task) {
        Object what = task.match(new Task.Cases<Object>(
                Amounts::marks,
                Ways::cells,
                ranking -> List.of(ranking.quantity(), Set.copyOf(ranking.things()), ranking.first()),
                out -> Set.copyOf(out.parts()),
                joining -> List.of(joining.reason(), Set.of(joining.one(), joining.other())),
                comparison -> List.of(comparison.cell(), comparison.otherState(), comparison.other()),
                safe -> List.of(),
                all -> Set.copyOf(all.parts()),
                limits -> List.of(limits.quantity(), Set.copyOf(limits.parts())),
                breaker -> List.of(breaker.fuse(), breaker.parts(), breaker.count()),
                places -> List.of(places.like(), Set.copyOf(places.among())),
                Reducing::letters,
                nesting -> List.of(),
                redrawing -> List.of(),
                connecting -> List.of(Set.copyOf(connecting.parts()), connecting.ohms()),
                bands -> List.of(bands.part(), bands.bandsAsked()),
                Explaining::cell,
                words -> List.of(words.term(), words.prompt()),
                Gaps::text,
                currents -> List.of()));
        return List.of(task.getClass(), task.state(), what);
    }
}
