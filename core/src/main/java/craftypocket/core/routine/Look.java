package craftypocket.core.routine;

/** Where the performer looks while a step is done: everybody else looks there too. */
public enum Look {
    AS_TAUGHT("as the move says"),
    PEOPLE("at the people"),
    AWAY("somewhere else"),
    HANDS("at your hands");

    private final String label;

    Look(String label) {
        this.label = label;
    }

    /** Whether nobody looks at the hands. */
    boolean away() {
        return this == PEOPLE || this == AWAY;
    }

    public String label() {
        return label;
    }
}
