package didaxis.core.circuit;

/** What a chart has a row for, or a reading is of. The id is unique within a circuit: "R1", "R23", "total", "V1", ".B". */
public record Subject(Kind kind, String id) {
    /** What kind of thing it is. */
    public enum Kind {
        PART,
        GROUP,
        INTERNAL,
        EXTERNAL,
        TOTAL,
        VOLTMETER,
        POINT
    }

    /** The whole circuit as the emf sees it. */
    public static final Subject TOTAL = new Subject(Kind.TOTAL, "total");
    /** The network outside a source with internal resistance. */
    public static final Subject EXTERNAL = new Subject(Kind.EXTERNAL, "external");
    /** The source's internal resistance. */
    public static final Subject INTERNAL = new Subject(Kind.INTERNAL, "internal");

    /** As quick as can be, for the sake of {@link Cell}. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Subject subject && kind == subject.kind && id.equals(subject.id);
    }

    @Override
    public int hashCode() {
        return 31 * id.hashCode() + kind.ordinal();
    }

    public static Subject part(String label) {
        return new Subject(Kind.PART, label);
    }

    public static Subject voltmeter(String label) {
        return new Subject(Kind.VOLTMETER, label);
    }

    public static Subject point(char name) {
        return new Subject(Kind.POINT, "." + name);
    }
}
