package didaxis.core.template;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A set of values, in SI, by the names of the things that have them. */
public record Values(Map<String, Double> si) {
    public Values {
        si = Collections.unmodifiableMap(new LinkedHashMap<>(si));
    }
}
