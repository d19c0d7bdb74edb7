package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** {@code R + X1↑ + S + X2↑ + rest}: the two cards at the stop are turned face up round the culled card. */
final class FeedSandwich extends Move {

    private final RoleSetting role = has(Setting.role("role", "Culled card", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));

    FeedSandwich() {
        super(
                "feed-sandwich",
                Family.COUNTS,
                "Feed two cards round the culled one",
                Profile.secret(4, "from below"),
                new Words(
                        "Turn the two cards at the stop in {pile} face up, one above and one below {role}.",
                        "The culled card lies face down between two face-up cards that they stopped at.",
                        "Let them see both cards turn; the spread closes by itself.",
                        List.of(
                                "The upper one goes in under the right hand's cards, above the culled one.",
                                "No fourth card in between.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        List<Need> needs = new ArrayList<>(Needs.cardAboveBreak(pile, values));
        needs.add(new Need(
                hands -> hands.size(place) - hands.breakDepth(place) >= 2,
                "There are no two cards at the stop.",
                "They must stop two cards earlier."));
        return needs;
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(new Expectation(
                hands -> hands.isIn(place, card)
                        && hands.breakDepth(place) == hands.positionIn(place, hands.cardOf(card)),
                "Before it, the break is directly below " + values.roleLabel(role),
                true));
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int depth = hands.useBreak(place);
        hands.lieFaceUp(place, depth + 1, true);
        hands.lieFaceUp(place, depth + 2, true);
        hands.showing().showTop(place, depth + 1);
        hands.showing().showTop(place, depth + 2);
        hands.single(place, depth, place, depth - 1);
    }
}
