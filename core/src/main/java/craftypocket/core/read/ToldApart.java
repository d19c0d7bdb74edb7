package craftypocket.core.read;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Kit;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** Which cards something tells from others, whoever holds them: the rest can stand for one another. */
final class ToldApart {

    /** What takes a card in a move. */
    private static final Set<Setting.Kind> FACES = EnumSet.of(Setting.Kind.FACE);

    /** What takes cards in a claim, which has no words of its own. */
    private static final Set<Setting.Kind> FACES_OR_LISTS = EnumSet.of(Setting.Kind.FACE, Setting.Kind.TEXT);

    private final Pack pack;
    private final Catalogue catalogue;
    private final Set<Side> named = new HashSet<>();

    private ToldApart(Pack pack, Catalogue catalogue) {
        this.pack = pack;
        this.catalogue = catalogue;
    }

    /** By card, whether a role, slug, setting, claim or thing names it, or it is marked, special, or not the only one of its face. */
    static boolean[] of(Routine routine, Kit kit, Catalogue catalogue) {
        Set<Side> named = new ToldApart(kit.pack(), catalogue).namedIn(routine);
        Set<Integer> ordered = new HashSet<>();
        for (int[] slug : kit.slugs()) {
            Arrays.stream(slug).forEach(ordered::add);
        }
        int cards = kit.pack().size();
        boolean[] apart = new boolean[cards];
        for (int card = 0; card < cards; card++) {
            Card here = kit.pack().card(card);
            int number = card;
            boolean twin = IntStream.range(0, cards)
                    .anyMatch(other ->
                            other != number && kit.pack().card(other).front().equals(here.front()));
            apart[card] = twin
                    || !here.regular()
                    || kit.marks()[card] != 0
                    || named.contains(here.front())
                    || ordered.contains(card);
        }
        return apart;
    }

    private Set<Side> namedIn(Routine routine) {
        routine.roles().stream().map(Role::card).forEach(this::name);
        routine.steps().forEach(step -> {
            name(step.move(), step.settings());
            step.onlyIf().ifPresent(this::name);
        });
        routine.ownMoves().stream()
                .map(OwnMove::parts)
                .forEach(parts -> parts.forEach(part -> name(part.move(), part.settings())));
        routine.claims().forEach(claim -> name(claim.claim()));
        routine.setUp().things().stream().map(SetUp.LaidThing::written).forEach(this::name);
        return named;
    }

    /** What is said while a move is done is no card, whatever its words look like. */
    private void name(String move, Map<String, String> settings) {
        catalogue.find(move).ifPresent(found -> name(found.settings(), settings, FACES));
    }

    private void name(ClaimSpec claim) {
        ClaimKinds.find(claim.kind()).ifPresent(found -> name(found.settings(), claim.settings(), FACES_OR_LISTS));
        claim.or().forEach(this::name);
    }

    private void name(SettingList declared, Map<String, String> stated, Set<Setting.Kind> cards) {
        declared.all().stream()
                .filter(setting -> cards.contains(setting.kind()))
                .forEach(setting -> name(stated.getOrDefault(setting.name(), setting.usual())));
    }

    private void name(String text) {
        for (String word : CardText.split(text)) {
            CardText.readCard(word).map(Card::front).ifPresent(named::add);
            CardText.read(word).ifPresent(named::add);
            int counted = word.startsWith("#") ? pack.find(word, any -> true) : -1;
            if (counted >= 0) {
                named.add(pack.card(counted).front());
            }
        }
    }
}
