package didaxis.server.folding;

import didaxis.server.circuit.SceneView;
import java.util.List;

/** Redraws of a folding in JSON, from a stage on, as many as one answer holds. */
public record ScenesView(int from, List<SceneView> scenes) {}
