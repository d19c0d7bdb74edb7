package craftypocket.core.layout;

/**
 * What the performer knows at a moment: what is the same in all ways that look alike to him. Nothing in one way tells it; a survey
 * of all of them does.
 */
public interface Knowing {

    /** How well he knows where a role's card lies. */
    PlaceKnowledge place(int role);

    /** Whether he knows the name of a role's card. */
    boolean name(int role);

    /** Whether he can tell if the next step is to be done. */
    boolean tells();
}
