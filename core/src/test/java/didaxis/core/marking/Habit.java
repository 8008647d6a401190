package didaxis.core.marking;

/** By which way a made-up learner comes to a cell. */
public enum Habit {
    /** The steps of the worked solution. */
    OWN_STEPS,
    /** Any of the {@link UsualWays} to the cell from those before it. */
    USUAL_WAYS,
    /** Any law that gives the cell from those before it. */
    ANY_LAW,
    /** Any law, and the cells in any order. */
    ANY_ORDER,
    /** The usual ways, and what is written by a hand of its own as soon as that hand can. */
    HAND_FIRST
}
