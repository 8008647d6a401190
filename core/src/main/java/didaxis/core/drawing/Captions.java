package didaxis.core.drawing;

import java.util.List;
import java.util.Map;

/**
 * The texts that may be printed beside things. What is withheld from a reader is not in it and so cannot
 * be drawn.
 *
 * @param parts by a part's label, the lines under it: "5 Ω", "6 V, 3 W"
 * @param emf "16 V", or empty
 * @param internalResistance "0.5 Ω", or empty
 */
public record Captions(Map<String, List<String>> parts, String emf, String internalResistance) {
    List<String> of(String part) {
        return parts.getOrDefault(part, List.of());
    }
}
