package craftypocket.core.rehearse;

import java.util.List;

/**
 * A question about a routine under way.
 *
 * @param id the same for the same thing asked in another world, such as {@code where.s3.A}
 * @param moment after which moment it is asked; 0 is the set-up
 * @param words what is asked
 * @param answers from which one is chosen; empty when a place in a pile is to be pointed at or typed
 * @param right the right one of them, counted from 0; or the place from the top
 * @param pile the pile in which a place is asked for; empty with answers
 * @param told the right answer in words
 */
public record RecallQuestion(
        String id, int moment, String words, List<String> answers, int right, String pile, String told) {

    public RecallQuestion {
        answers = List.copyOf(answers);
    }
}
