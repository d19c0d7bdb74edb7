package craftypocket.core.settings;

import java.util.List;
import java.util.OptionalInt;

/** The roles of a routine and the people who own them, as moves and claims see them. */
public record Cast(List<Part> parts) {

    /** Stands for a role that was left empty. */
    public static final int NOBODY = -1;

    /**
     * One role.
     *
     * @param letter its letter on the screen, such as {@code A}
     * @param label the role in a sentence, such as {@code Ines’s card}
     * @param owner whose it is, or empty
     * @param ownerPlace the index of the owner's hand
     * @param ownerKnower the owner's index among those who know
     */
    public record Part(String letter, String label, String owner, int ownerPlace, int ownerKnower) {}

    public Cast {
        parts = List.copyOf(parts);
    }

    public Part part(int role) {
        return parts.get(role);
    }

    /** The people who own a role, each once. */
    public List<String> people() {
        return parts.stream()
                .map(Part::owner)
                .filter(owner -> !owner.isEmpty())
                .distinct()
                .toList();
    }

    /** Somebody's index among those who know. */
    public OptionalInt knowerOf(String person) {
        return parts.stream()
                .filter(part -> part.owner().equals(person))
                .mapToInt(Part::ownerKnower)
                .findFirst();
    }

    /** The index of the role with this letter, or {@link #NOBODY}. */
    public int roleOf(String letter) {
        for (int role = 0; role < parts.size(); role++) {
            if (parts.get(role).letter().equals(letter)) {
                return role;
            }
        }
        return NOBODY;
    }
}
