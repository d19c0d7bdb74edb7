package craftypocket.core.read;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Slot;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import craftypocket.core.settings.SettingReader;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What the set-up leaves open: the cards of the deck that nobody laid anywhere, and the places of the deck where nobody laid
 * a card. They lie there in any order, each as likely as the others. Where one of them that something names lies, is a choice
 * of nobody’s: {@code lies.7C}. Which of the others lies where matters only once somebody reads a name.
 */
public final class Arrangement {

    private static final int DECK = 0;
    private static final String KEY = "lies.";

    private final Pack pack;
    /** By place of the deck from the top, whether nobody laid a card there; 0 is no place. */
    private final boolean[] open;
    /** By card, whether nobody laid it. */
    private final boolean[] unstated;

    private final List<Choice> choices = new ArrayList<>();
    private final List<Integer> named = new ArrayList<>();
    private final Values values;

    /**
     * @param open by place of the deck from the top, whether nobody laid a card there
     * @param unstated by card, whether nobody laid it: as many as there are such places
     * @param apart by card, until when something tells it from others: its name is said somewhere, or it is no common card
     */
    Arrangement(Pack pack, boolean[] open, boolean[] unstated, int[] apart, SettingReader reader) {
        this.pack = pack;
        this.open = open;
        this.unstated = unstated;
        SettingList settings = new SettingList();
        for (int card = 0; card < unstated.length; card++) {
            if (unstated[card] && apart[card] != ToldApart.NEVER) {
                add(card, settings);
            }
        }
        values = reader.read(settings, Map.of(), "setUp");
    }

    private void add(int card, SettingList settings) {
        List<Setting> before = List.copyOf(settings.all());
        AmountSetting place = settings.add(Setting.amount(code(card), CardText.sign(pack.card(card)), "any")
                .between((hands, world) -> 1, (hands, world) -> open.length - 1)
                .where((hands, world, number) ->
                        open[number] && before.stream().noneMatch(other -> world.of((AmountSetting) other) == number))
                .told(CardText.sign(pack.card(card)) + " lies at place #"));
        named.add(card);
        choices.add(new Choice(KEY + code(card), -1, place, 0, Amount.ANY));
    }

    /** The code by which a card of the pack is found again. */
    private String code(int card) {
        String code = CardText.code(pack.card(card));
        return pack.find(code, any -> true) == card ? code : "#" + (card + 1);
    }

    /** Where each of the cards lies that something names, one after another. */
    public List<Choice> choices() {
        return choices;
    }

    /** The cards of the {@link #choices}. */
    public List<Integer> named() {
        return named;
    }

    /** The places of the choices, to be set. */
    public Values values() {
        return values;
    }

    /** Whether there is anything left open. */
    public boolean any() {
        return IntStream.range(0, unstated.length).anyMatch(card -> unstated[card]);
    }

    /** Whether nobody said where a card lies. */
    public boolean unstated(int card) {
        return unstated[card];
    }

    /** Whether nobody said which card lies at a place of the deck. */
    public boolean open(int place) {
        return place < open.length && open[place];
    }

    /** Whether nobody laid a card, and nothing names it: then any other such card could be in its place. */
    public boolean anyCard(int card) {
        return unstated[card] && !named.contains(card);
    }

    /** The key of where a card lies. */
    public String key(int card) {
        return KEY + code(card);
    }

    /**
     * By card, where it lies in a world; 0 where that world does not say.
     *
     * @param numbers of the world by key; what is no place for an open card says nothing
     */
    public int[] places(Map<String, Integer> numbers) {
        int[] places = new int[unstated.length];
        boolean[] taken = new boolean[open.length];
        numbers.forEach((key, place) -> {
            int card = key.startsWith(KEY) ? pack.find(key.substring(KEY.length()), any -> true) : -1;
            if (card >= 0 && unstated[card] && place > 0 && open(place) && !taken[place]) {
                taken[place] = true;
                places[card] = place;
            }
        });
        return places;
    }

    /** Where each open card lies when they are shuffled: the numbers of a world by key. */
    public Map<String, Integer> shuffled(Chance draws) {
        List<Integer> left = new ArrayList<>(
                IntStream.range(1, open.length).filter(this::open).boxed().toList());
        Map<String, Integer> numbers = new HashMap<>();
        for (int card = 0; card < unstated.length; card++) {
            if (unstated[card]) {
                numbers.put(key(card), left.remove(draws.below(left.size())));
            }
        }
        return numbers;
    }

    /**
     * Lays the cards of the choices where they are, and the others between them.
     *
     * @param draws for the order of these; null for the order of the pack
     */
    public void lay(Hands hands, Values world, Chance draws) {
        int[] places = new int[unstated.length];
        for (int i = 0; i < named.size(); i++) {
            places[named.get(i)] = world.of((AmountSetting) choices.get(i).setting());
        }
        lay(hands, places, draws);
    }

    /**
     * Lays the open cards.
     *
     * @param places by card, where it lies; 0 for cards that come between the others
     * @param draws for the order of these; null for the order of the pack
     */
    public void lay(Hands hands, int[] places, Chance draws) {
        int[] at = new int[open.length];
        int[] others = new int[unstated.length];
        int count = 0;
        for (int card = 0; card < unstated.length; card++) {
            if (places[card] > 0) {
                at[places[card]] = card + 1;
            } else if (unstated[card]) {
                others[count++] = card;
            }
        }
        int next = 0;
        byte[] slots = new byte[open.length - 1];
        for (int place = 1; place < open.length; place++) {
            slots[place - 1] = hands.slot(DECK, place);
            if (at[place] > 0) {
                slots[place - 1] = Slot.of(at[place] - 1, false);
            } else if (open[place]) {
                if (draws != null) {
                    int other = next + draws.below(count - next);
                    int card = others[other];
                    others[other] = others[next];
                    others[next] = card;
                }
                slots[place - 1] = Slot.of(others[next++], false);
            }
        }
        hands.arrange(DECK, 0, slots);
    }
}
