package craftypocket.core.moves;

import java.util.Optional;

/** The families of moves, in the order of the catalogue. */
public enum Family {
    CUTS("Cuts"),
    SHUFFLES("Shuffles"),
    SELECTIONS("Selections and returns"),
    CONTROLS("Controls"),
    FORCES("Forces"),
    GLIMPSES("Glimpses"),
    HANDLING("Handling packets"),
    COUNTS("Counts, displays, switches"),
    LOADS("Leaving the deck"),
    THINGS("Things beside the cards"),
    REVEALS("Reveals"),
    BESIDE("Words, gestures, pauses"),
    OWN("Your own moves");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /**
     * What its moves look like, unless they say otherwise.
     *
     * @param secret whether it is done in secret
     * @return nothing where moves of this family differ too much
     */
    Optional<Seems> seems(boolean secret) {
        return switch (this) {
            case SHUFFLES -> Optional.of(Seems.MIXED);
            case FORCES -> Optional.of(Seems.CHOSEN);
            case CUTS, SELECTIONS -> Optional.of(secret ? Seems.MIXED : Seems.ITSELF);
            case CONTROLS, GLIMPSES, HANDLING, LOADS, THINGS -> Optional.of(secret ? Seems.NOTHING : Seems.ITSELF);
            default -> secret ? Optional.empty() : Optional.of(Seems.ITSELF);
        };
    }
}
