package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.regex.Pattern;

/** Some cards of a packet are shown on one side only, as double-faced cards ask for. No card moves. */
final class ShowSides extends Move {

    private static final Option UNDER = new Option("under", "the side that lies undermost");

    private static final Option UPPER = new Option("upper", "the side that lies uppermost");

    private static final Option RULE = new Option("rule", "card by card {rule}");

    private static final Pattern WORDS =
            Pattern.compile("(front|back|upper|under|both|never)( (front|back|upper|under|both|never))*");

    private final PlaceSetting pile = has(Setting.place("pile", "The packet in", "other-hand"));
    private final AmountSetting first =
            has(Setting.amount("first", "From card", "1").asPlace().between(always(1), sizeLess(pile, 0)));
    private final AmountSetting count = has(Setting.amount("count", "Cards", "4")
            .heard()
            .between(always(1), (hands, values) -> hands.size(values.of(pile)) - values.of(first) + 1));
    private final OptionSetting side =
            has(Setting.option("side", "Shown of each", UPPER, UNDER, new Option("both", "both sides"), RULE));
    private final TextSetting rule = has(
            Setting.text("rule", "Card by card", "both")
                    .of(
                            WORDS,
                            "it must be a word for each card",
                            "Write front, back, upper, under, both or never for each card from the top; the last word goes for the rest"));
    private final PersonSetting whom = has(Setting.shownTo());

    ShowSides() {
        super(
                "show-sides",
                Family.COUNTS,
                "Show chosen sides",
                Profile.secret(2, "from behind"),
                new Words(
                        "Show {count} cards of {pile} from the {nth first} on{whom}: {side}.",
                        "Only the chosen sides are seen. No card moves.",
                        "An even spread, for as long as they would need, no longer.",
                        List.of("No other side flashes.", "Turn the hand, not the cards.")));
        is(Trait.SHOWS_FACES);
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        String words = values.text(rule);
        boolean byRule = values.of(side) == RULE;
        int word = 0;
        for (int position = values.of(first); position < values.of(first) + values.of(count); position++) {
            boolean faceUp = hands.faceUp(place, position);
            if (byRule ? tells(words, word, faceUp, "upper") : values.of(side) != UNDER) {
                hands.showing().showTop(place, position, values.of(whom));
            }
            if (byRule ? tells(words, word, !faceUp, "under") : values.of(side) != UPPER) {
                hands.showing().showUnder(place, position, values.of(whom));
            }
            int gap = words.indexOf(' ', word);
            word = gap < 0 ? word : gap + 1;
        }
        // A packet of which fewer are seen holds some of them squared as one.
        boolean packet = values.placeKind(pile) != Place.Kind.DECK;
        hands.showing().passesFor(place, packet ? hands.size(place) : values.of(count), values.of(count));
        if (values.of(count) == hands.size(place)) {
            // Spread in the open they can be counted.
            hands.believe(place, values.of(count));
        }
    }

    /** Whether the word for a card has its upper or its under side seen, which is its front or its back. */
    private static boolean tells(String words, int at, boolean front, String side) {
        return words.startsWith(side, at)
                || words.startsWith("both", at)
                || words.startsWith(front ? "front" : "back", at);
    }
}
