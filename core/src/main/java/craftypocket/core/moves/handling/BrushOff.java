package craftypocket.core.moves.handling;

import craftypocket.core.cards.Mark;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Salt is brushed off: the deck opens there no more, and may be handed out and shuffled. */
public final class BrushOff extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Off", "deck"));

    BrushOff() {
        super(
                "brush-off",
                Family.HANDLING,
                "Brush the salt off",
                Profile.open(1),
                new Words(
                        "Brush the salt off {pile}.",
                        "The cards are as they were: nothing opens by itself there. No card moves.",
                        "As you square the deck, or straighten the cloth.",
                        List.of("Off the table too.", "Nothing grates when the deck is spread.")));
    }

    /** Whether there is salt on a card. */
    public static boolean salted(Hands hands, int card) {
        return hands.marked(card, Mark.SALTED) && !hands.spoilt(card, Spoilt.BRUSHED);
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(new Need(
                hands -> {
                    boolean salt = false;
                    for (int position = 1; position <= hands.size(place) && !salt; position++) {
                        salt = salted(hands, hands.card(place, position));
                    }
                    return salt;
                },
                "There is no salt in " + values.placeLabel(pile) + ".",
                "Leave this step out, or mark the salted card in the set-up."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        for (int position = 1; position <= hands.size(place); position++) {
            int card = hands.card(place, position);
            if (salted(hands, card)) {
                hands.spoil(card, Spoilt.BRUSHED);
            }
        }
    }
}
