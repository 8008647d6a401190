package didaxis.core.marking;

import didaxis.core.memo.Point;

/**
 * One point of a calculation that was answered in lines.
 *
 * @param line the line that earns it, from 0; −1 where it is earned by none or not at all
 */
public record Credit(Point point, boolean earned, int line) {}
