package craftypocket.core.rehearse;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What was missed comes back sooner: five boxes. What was right goes one box on, what was wrong into the first; a box is opened after
 * 0, 1, 3, 7 and 14 days.
 */
public final class Boxes {

    private static final int[] DAYS = {0, 1, 3, 7, 14};

    private record Card(int box, LocalDate since) {

        LocalDate due() {
            return since.plusDays(DAYS[box]);
        }
    }

    /**
     * An answer that was given.
     *
     * @param question what was asked, as {@link RecallQuestion#id()}
     * @param right whether it was right
     * @param day when
     */
    public record Answer(String question, boolean right, LocalDate day) {}

    private final Map<String, Card> cards = new TreeMap<>();

    /** All answers so far, the earliest first. */
    public Boxes(List<Answer> answers) {
        for (Answer answer : answers) {
            int box = cards.containsKey(answer.question())
                    ? cards.get(answer.question()).box()
                    : 0;
            int next = answer.right() ? Math.min(DAYS.length - 1, box + 1) : 0;
            cards.put(answer.question(), new Card(next, answer.day()));
        }
    }

    /** The box of a question, from 1; 0 for one that was never asked. */
    public int box(String question) {
        return cards.containsKey(question) ? cards.get(question).box() + 1 : 0;
    }

    /** Questions in the order in which they are asked: what is due by its box, then what is new, then what can wait. */
    public List<String> order(List<String> questions, LocalDate today) {
        List<String> ordered = new ArrayList<>(questions);
        ordered.sort(Comparator.comparingInt(question -> rank(question, today)));
        return ordered;
    }

    private int rank(String question, LocalDate today) {
        Card card = cards.get(question);
        if (card == null) {
            return DAYS.length;
        }
        return card.due().isAfter(today) ? DAYS.length + 1 + card.box() : card.box();
    }
}
