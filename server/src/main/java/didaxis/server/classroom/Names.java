package didaxis.server.classroom;

import didaxis.server.config.Problem;
import java.util.List;

/** Names of classes and learners, as they may be. */
final class Names {
    private static final int LONGEST = 80;

    private Names() {}

    /**
     * A name as it is kept.
     *
     * @param thing what is named, as a sentence begins
     * @throws Problem if it is missing or too long
     */
    static String checked(String name, String thing) {
        if (name == null || name.isBlank()) throw Problem.badRequest(thing + " needs a name.");
        if (name.strip().length() > LONGEST)
            throw Problem.badRequest(thing + "'s name is longer than " + LONGEST + " characters.");
        return name.strip();
    }

    /** The name with the next number that is free, and no longer than a name may be. */
    static String numbered(String name, List<String> taken) {
        for (int number = 2; ; number++) {
            String end = " " + number;
            String next = name.substring(0, Math.min(name.length(), LONGEST - end.length())) + end;
            if (!taken.contains(next)) return next;
        }
    }
}
