package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Move;
import craftypocket.core.reckon.Reading;
import craftypocket.core.reckon.Spelling;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The reveals of the catalogue. */
public final class Reveals {

    public static final List<Move> ALL = List.of(
            new AnnouncePast(),
            new NameIt(),
            new TurnItOver(),
            new TopCardTurn(),
            new SpellTo(),
            new CountTo(),
            new OnlyReversed(),
            new ShowBetween(),
            new DoubleSpellCut(),
            new FindOrderCard(),
            new TakeFound(),
            new SpellFindCut());

    private Reveals() {}

    /** Whether the upper side of a card is no back. */
    static boolean showsFace(Hands hands, int place, int position) {
        return !hands.showsBack(hands.card(place, position), hands.faceUp(place, position));
    }

    /** What lies face up already is no reveal: beforehand the card of a role has its back up. */
    static Expectation backUp(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Expectation(
                hands -> {
                    int place = hands.cardOf(card) < 0 ? -1 : hands.placeOf(hands.cardOf(card));
                    return place >= 0 && !showsFace(hands, place, hands.positionIn(place, hands.cardOf(card)));
                },
                "Before it, " + values.roleLabel(role) + " lies face down",
                true);
    }

    /** How many letters the name of a role's card has; 0 while it is not chosen. */
    static int letters(Hands hands, RoleSetting role, OptionSetting language, Values values) {
        int card = hands.cardOf(values.of(role));
        return card < 0 ? 0 : hands.read(card, Reading.letters(values.numberOf(language)));
    }

    /** The language in which a name is spelled; its number is the place of the {@link Spelling.Language}. */
    static OptionSetting language() {
        return Setting.option(
                "language",
                "Language",
                Arrays.stream(Spelling.Language.values())
                        .map(l -> new Option(l.name().toLowerCase(Locale.ROOT).replace('_', '-'), l.label()))
                        .toArray(Option[]::new));
    }
}
