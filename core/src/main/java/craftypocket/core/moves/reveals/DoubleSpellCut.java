package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.reckon.Reading;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/**
 * With the selection on the face, its letters are counted from the face; the next card's letters are counted beginning
 * with it, and there the deck is cut: the second card spells first, then the selection.
 */
final class DoubleSpellCut extends Move {

    private final RoleSetting role = has(Setting.role("role", "Selection, on the face", "A"));
    private final RoleSetting first = has(Setting.role("first", "Spelled first", "L"));
    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final OptionSetting language = has(Reveals.language());

    DoubleSpellCut() {
        super(
                "double-spell-cut",
                Family.REVEALS,
                "Cut for a double spelling",
                Profile.secret(3, "").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Look through the faces of {pile}: count the letters of {role} from the face, read the next card as {first}, count its letters from it on, and cut there ({language}).",
                        "As many cards as both names have letters come to the top: the one name spells to the one card, then the other to the selection.",
                        "Have a reason to look, such as taking out the jokers.",
                        List.of("Spell silently, a card a letter.", "Remember the second name.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(
                Needs.chosen(role, values),
                Needs.open(first, values),
                new Need(
                        hands -> total(hands, values) > 0 && total(hands, values) <= hands.size(place),
                        "The two names have more letters than there are cards.",
                        "Use a larger pile."));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onBottom(pile, role, values));
    }

    /** Right or wrong, the card on the face is taken for the selection. */
    private int selectionLetters(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        return size == 0 ? 0 : hands.read(hands.card(place, size), Reading.letters(values.numberOf(language)));
    }

    /** Letters of both names, or 0 when there is no second card. */
    private int total(Hands hands, Values values) {
        int place = values.of(pile);
        int one = selectionLetters(hands, values);
        int at = hands.size(place) - one;
        if (one == 0 || at < 1) {
            return 0;
        }
        int other = hands.read(hands.card(place, at), Reading.letters(values.numberOf(language)));
        return other == 0 ? 0 : one + other;
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int face = hands.card(place, hands.size(place));
        int at = hands.size(place) - selectionLetters(hands, values);
        int letters = total(hands, values);
        hands.showing().glimpse(place, hands.size(place));
        hands.choose(values.of(first), hands.card(place, at));
        hands.showing().glimpse(place, at);
        hands.takeFor(values.of(first), hands.card(place, at));
        hands.takeFor(values.of(role), face);
        hands.cut(place, hands.size(place) - letters);
    }
}
