package craftypocket.core.read;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Kit;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which cards something tells from others, whoever holds them: the rest can stand for one another. */
final class ToldApart {

    /** What takes a card in a move. */
    private static final Set<Setting.Kind> FACES = EnumSet.of(Setting.Kind.FACE);

    /** What takes cards in a claim, which has no words of its own. */
    private static final Set<Setting.Kind> FACES_OR_LISTS = EnumSet.of(Setting.Kind.FACE, Setting.Kind.TEXT);

    /** Nothing tells the card from others. */
    static final int NEVER = -2;

    /** Only that it is some role’s: which card that is, the role says. */
    private static final int BY_ITS_ROLE = -1;

    /** Something does to the end. */
    static final int ALWAYS = Integer.MAX_VALUE;

    private final Pack pack;
    private final Catalogue catalogue;
    /** By front, the last step for which it matters. */
    private final Map<Side, Integer> named = new HashMap<>();

    private ToldApart(Pack pack, Catalogue catalogue) {
        this.pack = pack;
        this.catalogue = catalogue;
    }

    /**
     * By card, the last step for which something tells it from others, {@link #NEVER} for none: a setting, claim or
     * thing names it, or it is marked, special, or not the only one of its face. What only a claim names matters no more once that
     * was judged.
     */
    static int[] of(Routine routine, Kit kit, Catalogue catalogue) {
        Map<Side, Integer> named = new ToldApart(kit.pack(), catalogue).namedIn(routine);
        int cards = kit.pack().size();
        Map<Side, Long> alike = kit.pack().cards().stream().collect(groupingBy(Card::front, counting()));
        int[] apart = new int[cards];
        for (int card = 0; card < cards; card++) {
            Card here = kit.pack().card(card);
            boolean always = alike.get(here.front()) > 1 || !here.regular() || kit.marks()[card] != 0;
            apart[card] = always ? ALWAYS : named.getOrDefault(here.front(), NEVER);
        }
        return apart;
    }

    private Map<Side, Integer> namedIn(Routine routine) {
        routine.roles().forEach(role -> name(role.card(), BY_ITS_ROLE));
        routine.steps().forEach(step -> name(step.move(), step.settings()));
        routine.ownMoves().stream()
                .map(OwnMove::parts)
                .forEach(parts -> parts.forEach(part -> name(part.move(), part.settings())));
        routine.setUp().things().forEach(thing -> name(thing.written(), ALWAYS));
        List<String> steps = routine.steps().stream().map(Step::id).toList();
        for (int i = 0; i < steps.size(); i++) {
            int step = i;
            routine.steps().get(i).onlyIf().ifPresent(claim -> name(claim, step));
        }
        routine.claims()
                .forEach(claim -> name(
                        claim.claim(),
                        claim.believed() || claim.after().isEmpty() ? ALWAYS : steps.indexOf(claim.after())));
        return named;
    }

    /** What is said while a move is done is no card, whatever its words look like. */
    private void name(String move, Map<String, String> settings) {
        catalogue.find(move).ifPresent(found -> name(found.settings(), settings, FACES, ALWAYS));
    }

    private void name(ClaimSpec claim, int until) {
        ClaimKinds.find(claim.kind())
                .ifPresent(found -> name(found.settings(), claim.settings(), FACES_OR_LISTS, until));
        claim.or().forEach(other -> name(other, until));
    }

    private void name(SettingList declared, Map<String, String> stated, Set<Setting.Kind> cards, int until) {
        declared.all().stream()
                .filter(setting -> cards.contains(setting.kind()))
                .forEach(setting -> name(stated.getOrDefault(setting.name(), setting.usual()), until));
    }

    private void name(String text, int until) {
        for (String word : CardText.split(text)) {
            CardText.readCard(word).map(Card::front).ifPresent(front -> named.merge(front, until, Math::max));
            CardText.read(word).ifPresent(front -> named.merge(front, until, Math::max));
            int counted = word.startsWith("#") ? pack.find(word, any -> true) : NEVER;
            if (counted >= 0) {
                named.merge(pack.card(counted).front(), until, Math::max);
            }
        }
    }
}
