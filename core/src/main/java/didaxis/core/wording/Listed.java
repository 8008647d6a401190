package didaxis.core.wording;

import java.util.List;

/** Names as a sentence lists them: "R₁", "R₁ and R₂", "R₁, R₂ and R₃". */
public final class Listed {
    private Listed() {}

    public static String of(List<String> names) {
        int last = names.size() - 1;
        if (last <= 0) return String.join("", names);
        return String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
