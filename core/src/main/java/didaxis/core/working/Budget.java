package didaxis.core.working;

/** How much work a search may still do, counted in cells worked through, so that it is the same on every machine. */
public final class Budget {
    private long left;

    public Budget(long left) {
        this.left = left;
    }

    public void spend(long cells) {
        left -= cells;
    }

    public boolean spent() {
        return left <= 0;
    }

    /** A budget of its own out of what is left, no larger than a share of it. */
    public Budget share(double part) {
        return new Budget((long) (left * part));
    }
}
