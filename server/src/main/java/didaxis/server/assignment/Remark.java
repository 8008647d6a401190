package didaxis.server.assignment;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What sheets that came in are worth under another memo. Of those that are marked only questions that have changed are marked
 * anew; of all else the marker's word stands as it was given. Not for several threads.
 */
final class Remark {
    private final Variants variants;
    private final Map<Integer, Judging> judgings = new HashMap<>();

    /** @param variants under the other memo */
    Remark(Variants variants) {
        this.variants = variants;
    }

    /** What becomes of a sheet. */
    record Remarked(SubmittedSheet before, List<StoredFinding> findings, int marks) {}

    /** @param changed the places of the questions that are others than when it was marked */
    Remarked of(SubmittedSheet sent, Set<Integer> changed) {
        int variant = variants.number(sent.seed());
        Paper paper = variants.numbered(variant);
        Judging judging = judgings.computeIfAbsent(variant, first -> new Judging(paper));
        Map<String, String> typed = Judging.typed(sent.answers());
        Map<String, StoredFinding> findings = new LinkedHashMap<>();
        sent.findings().forEach(stored -> findings.put(stored.box(), stored));
        for (int place = 0; place < paper.questions().size(); place++)
            if (!sent.marked() || changed.contains(place))
                judging.question(place, typed)
                        .forEach((id, found) -> findings.merge(
                                id, StoredFinding.of(id, found), (stored, other) -> other.given(stored.given())));
        List<StoredFinding> amended = judging.amended(List.copyOf(findings.values()), typed);
        return new Remarked(sent, amended, paper.marks(amended));
    }
}
