package didaxis.core.law;

import didaxis.core.circuit.Subject;
import java.util.List;
import java.util.Optional;

/** What several laws ask of a combination. */
public final class Combinations {
    /** A combination's own subject and those of its members that resist. */
    public record WholeAndMembers(Subject whole, List<Subject> members) {}

    private Combinations() {}

    /** Empty where the combination or a member has no subject, or where one member is all there is to it. */
    public static Optional<WholeAndMembers> wholeAndMembers(Structure.Combination combination) {
        return combination
                .resistance()
                .flatMap(whole -> combination
                        .resisting()
                        .filter(members -> !members.contains(whole))
                        .map(members -> new WholeAndMembers(whole, members)));
    }
}
