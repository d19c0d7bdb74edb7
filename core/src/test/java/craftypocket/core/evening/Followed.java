package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.layout.Place;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Follows a list of resets to the letter, as somebody would who knows nothing but its sentences. */
final class Followed {

    private static final Pattern REVERSED = Pattern.compile("(\\S+) \\(it is (\\d+)(?:st|nd|rd|th)\\)");
    private static final Pattern UNDERNEATH = Pattern.compile("(\\d+|one) cards? from the top");
    private static final String WHERE =
            " (?:comes )?to (?:the (top|bottom)|be (\\d+)(?:st|nd|rd|th) from the (top|bottom))(, face up)?";

    final Map<Place, List<LyingCard>> cards = new LinkedHashMap<>();
    final List<LyingCard> deck;

    private final Set<Place> places;

    /** @param places where the next routine has cards */
    Followed(Handover end, List<Reset> list, Set<Place> places) {
        this.places = places;
        end.cards().forEach((place, lying) -> cards.put(place, new ArrayList<>(lying)));
        deck = cards.get(Place.DECK);
        list.forEach(this::follow);
        cards.values().removeIf(lying -> lying != deck && lying.isEmpty());
    }

    private void follow(Reset reset) {
        switch (reset.kind()) {
            case TAKE_BACK, TAKE_FROM_HIDING -> takeBack(reset.sentence());
            case REPLACE, BRING ->
                reset.cards().forEach(code -> {
                    cards.values()
                            .forEach(lying -> lying.removeIf(card -> card.code().equals(code)));
                    deck.add(new LyingCard(code, false));
                });
            case TAKE_OUT -> deck.removeIf(card -> reset.cards().contains(card.code()));
            case TURN_OVER -> turnOver(reset.sentence());
            case LAY -> {
                Place place = places.stream()
                        .filter(each -> reset.sentence().contains(each.spot()))
                        .findFirst()
                        .orElseThrow();
                List<LyingCard> laid = new ArrayList<>();
                for (String code : reset.cards()) {
                    cards.values()
                            .forEach(lying -> lying.removeIf(card -> card.code().equals(code)));
                    laid.add(new LyingCard(code, false));
                }
                cards.put(place, laid);
            }
            case CUT -> cut(reset);
            case PLACE -> place(reset);
            case STACK -> {
                deck.removeIf(card -> reset.cards().contains(card.code()));
                List<LyingCard> order = reset.cards().stream()
                        .map(code -> new LyingCard(code, false))
                        .toList();
                deck.addAll(0, order);
            }
            case BEND, STRAIGHTEN, BRUSH, THING -> {
                // No card is touched.
            }
        }
    }

    private void takeBack(String sentence) {
        cards.forEach((place, lying) -> {
            if (place.equals(Place.DECK) || !sentence.contains(place.label())) {
                return;
            }
            boolean named = sentence.contains(" back from ");
            List<LyingCard> taken = lying.stream()
                    .filter(card -> !named || (" " + sentence).contains(" " + card.sign() + " "))
                    .toList();
            lying.removeAll(taken);
            taken.forEach(card -> deck.add(sentence.contains("face down") ? card.faceDown() : card));
        });
    }

    private void turnOver(String sentence) {
        Matcher each = REVERSED.matcher(sentence);
        boolean named = false;
        while (each.find()) {
            named = true;
            int at = Integer.parseInt(each.group(2)) - 1;
            assertThat(deck.get(at).sign()).as(sentence).isEqualTo(each.group(1));
            assertThat(deck.get(at).faceUp()).as(sentence).isTrue();
            deck.set(at, deck.get(at).faceDown());
        }
        if (!named) {
            deck.replaceAll(LyingCard::faceDown);
        }
    }

    private static Matcher where(String code, String sentence) {
        Matcher where =
                Pattern.compile(Pattern.quote(LyingCard.sign(code)) + WHERE).matcher(sentence);
        assertThat(where.find()).as(sentence).isTrue();
        return where;
    }

    private void cut(Reset reset) {
        String code = reset.cards().get(0);
        int now = indexOf(code);
        int underneath = Math.floorMod(now - to(where(code, reset.sentence()), deck.size()), deck.size());
        Matcher told = UNDERNEATH.matcher(reset.sentence());
        if (told.find()) {
            assertThat(told.group(1))
                    .as(reset.sentence())
                    .isEqualTo(underneath == 1 ? "one" : String.valueOf(underneath));
        }
        Collections.rotate(deck, -underneath);
    }

    private void place(Reset reset) {
        int size = deck.size();
        deck.removeIf(card -> reset.cards().contains(card.code()));
        assertThat(size - deck.size())
                .as(reset.sentence())
                .isEqualTo(reset.cards().size());
        for (String code : reset.cards()) {
            Matcher where = where(code, reset.sentence());
            deck.add(to(where, size), new LyingCard(code, where.group(4) != null));
        }
    }

    private static int to(Matcher where, int size) {
        if (where.group(1) != null) {
            return where.group(1).equals("top") ? 0 : size - 1;
        }
        int nth = Integer.parseInt(where.group(2));
        return where.group(3).equals("top") ? nth - 1 : size - nth;
    }

    private int indexOf(String code) {
        for (int at = 0; at < deck.size(); at++) {
            if (deck.get(at).code().equals(code)) {
                return at;
            }
        }
        throw new AssertionError(code + " is not in the deck");
    }
}
