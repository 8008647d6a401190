package didaxis.server.question;

import didaxis.server.config.Problem;

/**
 * A question as it is kept.
 *
 * @param body what it is made of, without its title
 * @param boxes how many it has
 * @param marks all of them together
 */
public record QuestionContent(String title, QuestionBody body, int boxes, int marks) {
    private static final int LONGEST_TITLE = 120;

    /**
     * A title as it is kept.
     *
     * @throws Problem if it is missing or too long
     */
    public static String checkedTitle(String title) {
        if (title == null || title.isBlank())
            throw Problem.badRequest("A name is needed.").with("field", "title");
        if (title.strip().length() > LONGEST_TITLE) {
            throw Problem.badRequest("The name is longer than " + LONGEST_TITLE + " characters.")
                    .with("field", "title");
        }
        return title.strip();
    }

    /** A title with something behind it, as long as a title may be. */
    public static String shortened(String title, String behind) {
        return title.substring(0, Math.min(title.length(), LONGEST_TITLE - behind.length())) + behind;
    }
}
