package craftypocket.core.moves.glimpses;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer looks at a packet and guesses how many cards it has. Later steps can use the guess. */
final class JudgePacket extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Looked at", "table:packet"));
    private final AmountSetting guess = has(Setting.amount("guess", "Guessed", "size±2")
            .called("your guess")
            .heard()
            .between(always(0), always(Amount.MOST))
            .told("you guess #"));

    JudgePacket() {
        super(
                "judge-packet",
                Family.GLIMPSES,
                "Judge a packet",
                Profile.secret(2, ""),
                new Words(
                        "Judge by eye how many cards {pile} has: {guess}.",
                        "A number for later, right or nearly so. No card moves.",
                        "One glance, while you speak.",
                        List.of("Guess, then count, at practice: it becomes sure within a few weeks.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        // The eye alone: the guess is noted for whatever refers to it.
    }
}
