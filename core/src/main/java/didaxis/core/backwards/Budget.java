package didaxis.core.backwards;

/** How much work a search may still do, counted in parts worked through, so that it is the same on every machine. */
final class Budget {
    private long left;

    Budget(long left) {
        this.left = left;
    }

    void spend(long parts) {
        left -= parts;
    }

    boolean spent() {
        return left <= 0;
    }

    /** A budget of its own out of what is left, no larger than a share of it. */
    Budget share(double part) {
        return new Budget((long) (left * part));
    }
}
