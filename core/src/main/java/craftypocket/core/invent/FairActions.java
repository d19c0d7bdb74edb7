package craftypocket.core.invent;

import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The actions that a procedure can be made of, with every setting worth trying: piles, options, fixed numbers, “as many as you like”, and
 * numbers that somebody at the table knows, since they chose them or can count them. Cards are dealt as they lie: face up, everybody sees
 * where each of them is.
 */
final class FairActions {

    /** An amount that people decide. */
    private static final String FREELY = "any";

    /** So many numbers that are chosen on the way can be spoken of again: each is one more thing to keep in mind. */
    private static final int MOST_REMEMBERED = 6;

    /** A move with more amounts is no plain action. */
    private static final int MOST_AMOUNTS = 1;

    private static final Set<Family> FAMILIES = EnumSet.of(Family.CUTS, Family.SHUFFLES, Family.HANDLING);

    private static final Set<Setting.Kind> PLAIN =
            EnumSet.of(Setting.Kind.PLACE, Setting.Kind.AMOUNT, Setting.Kind.OPTION);

    private final Question question;
    /** “About half”, as people take it who are asked for that: from a quarter to three quarters of the deck. */
    private final String middle;

    private final List<String> piles;
    private final List<String> known;
    private final List<Step> all = new ArrayList<>();
    /** The numbers that are chosen on the way and that whoever counts knows. */
    private final List<String> remembered = new ArrayList<>();

    private FairActions(Question question, int cards, List<String> piles, List<String> known) {
        this.question = question;
        middle = Math.max(1, cards / 4) + "-" + Math.max(1, cards - cards / 4);
        this.piles = piles;
        this.known = known;
    }

    /**
     * All of them. Those with a choice come first, so that others can speak of its number.
     *
     * @param cards how many the deck has
     * @param piles the places that are there or can be made, in the order in which they are to be used
     * @param known the amounts of earlier steps that somebody knows, such as {@code s1.at}
     */
    static List<Step> of(Question question, Catalogue catalogue, int cards, List<Place> piles, List<String> known) {
        FairActions actions =
                new FairActions(question, cards, piles.stream().map(Place::text).toList(), known);
        // What people do themselves is freer than what is done for them.
        List<Move> moves = catalogue.moves().stream()
                .filter(actions::allowed)
                .sorted(Comparator.comparing((Move move) -> move.profile().actor() != Profile.Actor.SPECTATOR))
                .toList();
        moves.forEach(move -> actions.add(move, true));
        // Of what comes to the same the plainest is found: put a pile on another, before lift as many as it has.
        moves.stream().filter(move -> amount(move).isEmpty()).forEach(move -> actions.add(move, false));
        moves.stream().filter(move -> amount(move).isPresent()).forEach(move -> actions.add(move, false));
        return List.copyOf(actions.all);
    }

    private boolean allowed(Move move) {
        List<Setting> settings = move.settings().all();
        return FAMILIES.contains(move.family())
                && (question.table() || !move.profile().table())
                && (question.secret() > 0 || !move.profile().secret())
                && move.profile().difficulty() <= question.difficulty()
                && settings.stream().allMatch(setting -> PLAIN.contains(setting.kind()))
                && settings.stream().filter(AmountSetting.class::isInstance).count() <= MOST_AMOUNTS;
    }

    private void add(Move move, boolean freely) {
        Optional<AmountSetting> amount = amount(move);
        boolean theirs = move.profile().actor() == Profile.Actor.SPECTATOR;
        if (freely ? amount.isEmpty() : theirs && amount.isPresent()) {
            // What people do to cards they do as they like.
            return;
        }
        for (Map<String, String> settings : Settings.each(move, setting -> texts(setting, freely))) {
            String id = "action" + all.size();
            all.add(new Step(id, move.id(), settings, Optional.empty()));
            boolean counted =
                    amount.filter(a -> a.isHeard() != AmountSetting.Heard.NEVER).isPresent();
            if (freely && counted && remembered.size() < MOST_REMEMBERED) {
                remembered.add(id + "." + amount.orElseThrow().name());
            }
        }
    }

    private static Optional<AmountSetting> amount(Move move) {
        return move.settings().all().stream()
                .filter(AmountSetting.class::isInstance)
                .map(AmountSetting.class::cast)
                .findFirst();
    }

    private List<String> texts(Setting setting, boolean freely) {
        return switch (setting.kind()) {
            case AMOUNT -> freely ? List.of(FREELY, middle) : amounts();
            case PLACE -> piles;
            default ->
                setting.options().stream()
                        .filter(option -> option != Dealing.UP)
                        .map(Option::name)
                        .toList();
        };
    }

    private List<String> amounts() {
        List<String> texts = new ArrayList<>();
        question.numbers().forEach(number -> texts.add(String.valueOf(number)));
        known.forEach(amount -> texts.add("as " + amount));
        remembered.forEach(amount -> texts.add("as " + amount));
        piles.stream().skip(1).forEach(pile -> texts.add("size of " + pile));
        return texts;
    }
}
