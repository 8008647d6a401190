package didaxis.core.wording;

import didaxis.core.template.Condition;
import didaxis.core.template.ValueSets;

/** What must be true of values that vary, and why none are found. */
public final class ConditionSentence {
    private ConditionSentence() {}

    /** As the end of a sentence: "all resistances differ". */
    public static String say(Condition condition) {
        String figures = "at most " + condition.figures() + (condition.figures() == 1 ? " figure" : " figures");
        return switch (condition.kind()) {
            case SHORT_ANSWERS -> "every amount that is asked has " + figures;
            case SHORT_CURRENTS -> "the current of every part has " + figures;
            case WHOLE_TOTALS -> "the totals are whole numbers";
            case BELOW_RATINGS -> "nothing is over its rating";
            case DIFFERENT_VALUES -> "all resistances differ";
            case DIFFERENT_ANSWERS -> "no two answers are alike";
            case WELL_POSED -> "the question can be asked as it stands";
        };
    }

    /** Why no set of values was found; empty where one was. */
    public static String none(ValueSets sets) {
        if (!sets.found().isEmpty()) return "";
        String which = sets.all()
                ? "None of the " + sets.tried() + " sets of values is such that "
                : "Among " + sets.tried() + " sets of values none was found such that ";
        return which + sets.inTheWay().map(ConditionSentence::say).orElse("all conditions hold") + ".";
    }
}
