package didaxis.core.drawing;

import didaxis.core.style.Terms;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What may be printed beside things. What is withheld from a reader is not in it and so cannot be drawn.
 *
 * @param parts by a part's label, the lines under it: "5 Ω", "6 V, 3 W"
 * @param emf "16 V", or empty
 * @param internalResistance "0.5 Ω", or empty
 * @param terms whose index for the whole stands at the one resistance that is left of it
 * @param carrying labels of the parts a current passes, which may have an arrow and signs
 */
public record Captions(
        Map<String, List<String>> parts, String emf, String internalResistance, Terms terms, Set<String> carrying) {
    List<String> of(String part) {
        return parts.getOrDefault(part, List.of());
    }
}
