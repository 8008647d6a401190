package didaxis.server.assignment;

/**
 * Whose copy of a paper is printed.
 *
 * @param learner whose name stands on it; empty where it is to be written
 * @param variant the letter of its variant; empty where all have the same
 */
public record Copy(String title, String classroom, String learner, String variant) {
    /** One for anybody. */
    public static Copy blank(String title, String classroom) {
        return new Copy(title, classroom, "", "");
    }

    /** The title with the variant's letter. */
    String lettered() {
        return variant.isEmpty() ? title : title + " – " + variant;
    }
}
