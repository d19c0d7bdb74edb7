package craftypocket.core.settings;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Hands;
import java.util.Optional;

/** A setting that takes a side of cards that is seen or not: the letter of a role for its front, or a card or back by name. */
public final class FaceSetting extends Setting {

    FaceSetting(String name, String label, String usual) {
        super(Kind.FACE, name, label, usual);
    }

    /**
     * What is to be seen.
     *
     * @param role the role whose card it is, or {@link Cast#NOBODY}
     * @param side the side, when it is no role’s
     */
    public record Face(int role, Side side) {

        /** Whether a side of a card is it. */
        public boolean is(Hands hands, int card, boolean front) {
            return role == Cast.NOBODY ? hands.shows(card, front, side) : front && hands.cardOf(role) == card;
        }
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new FaceSetting(newName, newLabel, newUsual);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.name(Renamed.Kind.ROLE, text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int role = reader.cast().roleOf(text);
        Optional<Side> side = CardText.read(text);
        boolean letter = text.matches("[A-Z]?");
        if (role == Cast.NOBODY && letter) {
            reader.gap(
                    text.isEmpty()
                            ? "Choose a role, or write a card, for “" + label() + "”."
                            : "There is no role " + text + " any more. Choose another for “" + label() + "”.");
        } else if (role == Cast.NOBODY && side.isEmpty()) {
            reader.problem(text, "it must be a role or a card", "Write a letter such as A, or a card such as JD");
        }
        boolean told = role == Cast.NOBODY;
        into.stateFace(this, new Face(role, told ? side.orElse(Side.BLANK) : null));
        into.put(this, role);
    }

    @Override
    String stated(Values values) {
        return values.faceLabel(this);
    }
}
