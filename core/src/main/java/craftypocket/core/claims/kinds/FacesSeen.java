package craftypocket.core.claims.kinds;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.StepSetting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;
import java.util.function.ToIntFunction;
import java.util.regex.Pattern;

/** Just these faces are seen, from a step on: each of them, and no other. Backs do not count. */
public final class FacesSeen extends ClaimKind {

    /** One bit of a byte for each, and one for all others. */
    private static final int MOST_FACES = 7;

    private static final Pattern FORM = Pattern.compile("[^\\s,]+([\\s,]+[^\\s,]+){0," + (MOST_FACES - 1) + "}");

    private final TextSetting cards = has(Setting.text("cards", "These faces", "AS")
            .of(FORM, "it must be one to " + MOST_FACES + " cards", "Write cards such as AS KH, each once"));
    private final PersonSetting who = has(Setting.person("who", "Seen by", "people"));
    private final StepSetting since = has(Setting.step("since", "From step"));

    public FacesSeen() {
        super("faces-seen", "Just these faces seen", "Just {cards} are seen by {who} {since}");
    }

    @Override
    public Check check(Values values, Around around) {
        Side[] wanted = CardText.split(values.text(cards)).stream()
                .map(CardText::read)
                .map(side -> side.orElse(null))
                .distinct()
                .toArray(Side[]::new);
        ToIntFunction<Hands> seen = around.waitFor(values.of(since), Eyes.among(wanted, values.of(who)));
        int all = (1 << wanted.length) - 1;
        return hands -> (seen.applyAsInt(hands) & 0xff) == all;
    }
}
