package craftypocket.core.edit;

import craftypocket.core.cards.CardText;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Lays a card of a set-up at another place of its pile: the nine of clubs, third from the top of the deck. */
public final class Laying {

    private static final int NOWHERE = -1;

    private Laying() {}

    /**
     * The set-up with a card at a place of the deck. A card of the written order stays in it where its new place is one of the
     * order's; otherwise the place is written down for this card alone.
     *
     * @param card its code
     * @param nth its place from the top, from 1
     */
    public static SetUp inDeck(SetUp setUp, String card, int nth) {
        List<Placement> placements = new ArrayList<>(setUp.placements());
        placements.removeIf(placement -> same(placement.card(), card));
        List<String> order = new ArrayList<>(CardText.split(setUp.order()));
        int written = find(order, card);
        if (written >= 0) {
            String text = order.remove(written);
            List<Integer> taken = placements.stream()
                    .map(placement -> placement.fromBottom() ? size(setUp) + 1 - placement.nth() : placement.nth())
                    .toList();
            // The cards of the order fill the places that nothing is placed at.
            int before =
                    nth - 1 - (int) taken.stream().filter(place -> place < nth).count();
            if (!taken.contains(nth) && before <= order.size()) {
                order.add(before, text);
                return setUp.laid(String.join(" ", order), placements);
            }
        }
        placements.add(new Placement(card, nth, false));
        return setUp.laid(String.join(" ", order), placements);
    }

    /** The set-up with a card of a pile beside the deck at another place of it; empty when that pile has no such card or place. */
    public static Optional<SetUp> inPile(SetUp setUp, String pile, String card, int nth) {
        List<SetUp.LaidPile> piles = new ArrayList<>(setUp.piles());
        for (int i = 0; i < piles.size(); i++) {
            List<String> cards = new ArrayList<>(CardText.split(piles.get(i).cards()));
            int at = find(cards, card);
            if (piles.get(i).place().equals(pile) && at >= 0 && nth >= 1 && nth <= cards.size()) {
                cards.add(nth - 1, cards.remove(at));
                piles.set(i, new SetUp.LaidPile(pile, String.join(" ", cards)));
                return Optional.of(setUp.withPiles(piles));
            }
        }
        return Optional.empty();
    }

    /** How many cards the deck has: the pack and what was added, without those that lie elsewhere. */
    private static int size(SetUp setUp) {
        int pack = setUp.pack().matches("\\d{1,3}") ? Integer.parseInt(setUp.pack()) : 0;
        int elsewhere = setUp.piles().stream()
                .mapToInt(pile -> CardText.split(pile.cards()).size())
                .sum();
        return pack + CardText.split(setUp.extra()).size() - elsewhere;
    }

    private static int find(List<String> order, String card) {
        return IntStream.range(0, order.size())
                .filter(i -> same(order.get(i), card))
                .findFirst()
                .orElse(NOWHERE);
    }

    /** Whether two texts are one card, however it is written and whichever side is up: {@code 10h}, {@code 10H↑}. */
    static boolean same(String one, String other) {
        return plain(one).equals(plain(other));
    }

    private static String plain(String text) {
        String card = text.replaceAll("[↑^]$", "");
        return CardText.readCard(card).map(CardText::code).orElse(card);
    }
}
