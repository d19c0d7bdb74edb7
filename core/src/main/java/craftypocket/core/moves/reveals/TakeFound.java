package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer, who knows its name, runs through the faces and takes the card out. */
final class TakeFound extends Move {

    private final RoleSetting role = has(Setting.role("role", "Taken out", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Laid to", "table:found"));
    private final OptionSetting candidates = has(Setting.option(
            "candidates",
            "With it",
            new Option("none", "alone"),
            new Option("one", "with another candidate"),
            new Option("two", "with two other candidates")));
    private final PlaceSetting aside = has(Setting.place("aside", "Other candidates to", "table:candidates"));

    TakeFound() {
        super(
                "take-found",
                Family.REVEALS,
                "Find it by name and take it out",
                Profile.open(1),
                new Words(
                        "Run through the faces of {pile}, take {role} out, {candidates}, and lay it face down to {to}.",
                        "The card leaves, from wherever it is; so do the cards directly below it that are candidates too. All others keep their order.",
                        "The faces towards you; look as if you were guessing.",
                        List.of("Pass the card once before you take it.", "Nobody sees a face.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        int others = values.numberOf(candidates);
        return List.of(
                Needs.apart(pile, to, values),
                Needs.apart(pile, aside, values),
                Needs.isIn(pile, role, values),
                Needs.nameKnown(role, values),
                new Need(
                        hands -> !hands.isIn(place, card)
                                || hands.positionIn(place, hands.cardOf(card)) + others <= hands.size(place),
                        "There are not that many cards directly below it.",
                        "Take fewer candidates."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        int position = hands.positionIn(place, hands.cardOf(card));
        hands.showing().runThrough(place);
        hands.showing().glimpse(place, position);
        hands.lieFaceUp(place, position, false);
        for (int other = values.numberOf(candidates); other > 0; other--) {
            hands.showing().glimpse(place, position + 1);
            hands.lieFaceUp(place, position + 1, false);
            hands.single(place, position, values.of(aside), 0);
        }
        hands.single(place, position - 1, values.of(to), 0);
    }
}
