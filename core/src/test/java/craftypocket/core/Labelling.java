package craftypocket.core;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A riffle turned round: each place carries a label, and the places of a label, from the top, take the next cards of the packet, one
 * label after another (Bayer and Diaconis, “Trailing the dovetail shuffle to its lair”, 1992).
 */
public final class Labelling {

    private Labelling() {}

    /**
     * A packet as it lies after it was riffled in one of the ways that are equally likely.
     *
     * @param deck the top card first
     * @param labels two to the power of how often it is riffled
     * @param number of the labelling, less than labels to the power of the cards
     */
    public static List<Integer> riffled(List<Integer> deck, int labels, int number) {
        int cards = deck.size();
        int[] label = new int[cards];
        int left = number;
        for (int place = 0; place < cards; place++) {
            label[place] = left % labels;
            left /= labels;
        }
        List<Integer> places = new ArrayList<>(IntStream.range(0, cards).boxed().toList());
        places.sort(Comparator.comparingInt(place -> label[place]));
        Integer[] lies = new Integer[cards];
        for (int i = 0; i < cards; i++) {
            lies[places.get(i)] = deck.get(i);
        }
        return List.of(lies);
    }
}
