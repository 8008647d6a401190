package didaxis.core.style;

/**
 * A class's own style: it goes with everything that its learners read, and with the marking of what they write.
 *
 * @param marking reads and prints numbers as the house style does
 */
public record ClassStyle(HouseStyle house, MarkingStyle marking) {
    public static final ClassStyle STANDARD = new ClassStyle(HouseStyle.RIDGE, MarkingStyle.STANDARD);

    public ClassStyle {
        marking = marking.with(house.numbers());
    }
}
