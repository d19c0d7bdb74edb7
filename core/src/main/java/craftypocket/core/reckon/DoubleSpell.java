package craftypocket.core.reckon;

import craftypocket.core.cards.Side;

/**
 * Two names spelled one after the other, a card a letter. The selection lies on the face; counting its letters from the
 * face, the next card is the one that is spelled first; where its own letters end, the deck is cut.
 *
 * @param selection the letters of the selection's name
 * @param first the letters of the name that is spelled first
 */
public record DoubleSpell(int selection, int first) {

    public static DoubleSpell of(Side selection, Side first, int language) {
        return new DoubleSpell(Spelling.length(selection, language), Spelling.length(first, language));
    }

    /** Which card from the face is spelled first. */
    public int firstFromFace() {
        return selection + 1;
    }

    /** How many cards go from the face to the top: the last of them, the selection, is where both names are spelled. */
    public int cut() {
        return first + selection;
    }
}
