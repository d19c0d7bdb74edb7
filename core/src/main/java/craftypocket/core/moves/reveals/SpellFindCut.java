package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer sees the card among the faces and cuts so that its name spells to it from the top. */
final class SpellFindCut extends Move {

    private final RoleSetting role = has(Setting.role("role", "The card", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final OptionSetting language = has(Reveals.language());

    SpellFindCut() {
        super(
                "spell-find-cut",
                Family.REVEALS,
                "Cut so that it can be spelled",
                Profile.secret(2, "").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Look through the faces of {pile}, count the letters of {role} ({language}) and cut there.",
                        "A complete cut: as many cards as its name has letters lie from the top down to the card.",
                        "Have a reason to look, such as taking out the jokers.",
                        List.of(
                                "Spell silently, a card a letter, from the card towards the back.",
                                "Cut as if anywhere.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(
                Needs.isIn(pile, role, values),
                Needs.nameKnown(role, values),
                new Need(
                        hands -> Reveals.letters(hands, role, language, values) > 0
                                && Reveals.letters(hands, role, language, values) <= hands.size(place),
                        "Its name cannot be spelled with these cards.",
                        "Use a larger pile."));
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int at = hands.positionIn(place, hands.cardOf(values.of(role)));
        hands.showing().runThrough(place);
        hands.showing().glimpse(place, at);
        int depth = Math.floorMod(at - Reveals.letters(hands, role, language, values), hands.size(place));
        if (depth > 0) {
            hands.cut(place, depth);
        }
    }
}
