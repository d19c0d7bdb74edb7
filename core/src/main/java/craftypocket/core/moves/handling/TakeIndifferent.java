package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer takes any card, to use it for something; its name is then known to everybody. */
final class TakeIndifferent extends Move {

    private static final Option OUT = new Option("out", "turned out, face up");

    private final RoleSetting role = has(Setting.role("role", "Becomes", "L").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "Its place from the top", "20").asPlace().between(always(1), sizeLess(pile, 0)));
    private final OptionSetting how = has(Setting.option("how", "It is", OUT, new Option("jog", "left out-jogged")));
    private final PlaceSetting to = has(Setting.place("to", "Turned out to", "table:taken"));

    TakeIndifferent() {
        super(
                "take-indifferent",
                Family.HANDLING,
                "Take a card yourself",
                Profile.open(1),
                new Words(
                        "Take the {nth at} card of {pile} yourself as {role}: {how} ({to}).",
                        "Turned out, it is known by name to everybody. All others stay, and so does what is held beside it.",
                        "As if any card would do: it would.",
                        List.of("Do not choose for long.", "The break stays where it is.")));
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        return values.of(how) == OUT
                ? List.of(Needs.open(role, values), Needs.apart(pile, to, values))
                : List.of(Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int position = values.of(at);
        int taken = values.of(role);
        hands.choose(taken, hands.card(place, position));
        if (values.of(how) == OUT || hands.faceUp(place, position)) {
            // Jogged out with its back up, it is seen to be taken and not which it is.
            hands.everybodyLearns(taken);
        }
        if (values.of(how) == OUT) {
            hands.lieFaceUp(place, position, true);
            hands.single(place, position - 1, values.of(to), 0);
            hands.showing().showTop(values.of(to), 1);
        } else {
            hands.hold(place, Hold.Kind.OUT_JOG, position - 1);
            hands.showing().showTop(place, position);
        }
    }
}
