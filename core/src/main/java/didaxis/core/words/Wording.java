package didaxis.core.words;

/** What an answer in words says, whatever its capitals, its endings and the words that carry nothing: decided once. */
public record Wording(String normalised) {
    public static Wording of(String text) {
        return new Wording(Reader.normalised(text));
    }
}
