package craftypocket.core.run;

import java.util.Arrays;

/**
 * By choice, among how many numbers it is made. Where that is the same in all ways, every way is as likely as any other, and
 * ways are counted; where it is not, they are weighed, so that each choice takes each of its numbers alike as it comes up.
 */
final class Widths {

    private static final int NOT_MET = -1;

    private final int[] widths;
    private boolean uneven;

    Widths(int choices) {
        widths = new int[choices];
        Arrays.fill(widths, NOT_MET);
    }

    /** A choice is made among so many numbers; 0 where it is not made. */
    void met(int choice, int numbers) {
        uneven |= widths[choice] != NOT_MET && widths[choice] != numbers;
        widths[choice] = numbers;
    }

    /** Whether a choice was met with another number of numbers than before. */
    boolean uneven() {
        return uneven;
    }

    /** What another worker met as well. */
    void add(Widths other) {
        uneven |= other.uneven;
        for (int choice = 0; choice < widths.length; choice++) {
            if (other.widths[choice] != NOT_MET) {
                met(choice, other.widths[choice]);
            }
        }
    }
}
