package craftypocket.core.moves.reveals;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.reckon.Spelling;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;
import java.util.List;

/** One card is dealt for each letter of a name; the last letter's card is the one. */
final class SpellTo extends Move {

    private final RoleSetting role = has(Setting.role("role", "Spell to", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));
    private final OptionSetting language = has(Reveals.language());
    private final TextSetting words = has(Setting.text("words", "Your own words, instead of its name", ""));

    SpellTo() {
        super(
                "spell-to",
                Family.REVEALS,
                "Spell to it",
                Profile.open(1).onTable(),
                new Words(
                        "Spell the name of {role} ({language}), dealing a card from {pile} to {to} for each letter; turn the last one.",
                        "So many cards as letters are dealt, in reverse; the last lies on top, face up.",
                        "Let them spell along. One beat a letter.",
                        List.of("Say the letters aloud, once each.", "The last letter and the last card together.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(
                Needs.apart(pile, to, values),
                Needs.chosen(role, values),
                new Need(
                        hands -> letters(hands, values) <= hands.size(place),
                        "There are fewer cards than letters.",
                        "Use a larger pile or shorter words."),
                new Need(
                        hands -> letters(hands, values) > 0,
                        "This card has no name that can be spelled.",
                        "Write words of your own to spell."));
    }

    private int letters(Hands hands, Values values) {
        return values.text(words).isEmpty()
                ? Reveals.letters(hands, role, language, values)
                : Spelling.letters(values.text(words));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.deal(values.of(pile), letters(hands, values), values.of(to));
        hands.lieFaceUp(values.of(to), 1, true);
        hands.showing().showTop(values.of(to), 1);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(
                Reveals.backUp(role, values),
                new Expectation(
                        Checks.position(values.of(to), values.of(role), 1, true),
                        "The card of the last letter is " + values.roleLabel(role),
                        false));
    }
}
