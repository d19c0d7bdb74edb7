package craftypocket.core.solve;

/** What a long computation has to do with whoever waits for it: it may be stopped, and says how far it is. */
@FunctionalInterface
public interface Effort {

    /** Whether it should stop. Asked often. */
    boolean stopped();

    /** Whether most of the time there is has passed: what is exact but long gives way to what is quick. Asked often. */
    default boolean hurried() {
        return false;
    }

    /**
     * How far it is.
     *
     * @param share from 0 to 1, the end; never less than before
     */
    default void reached(double share) {
        // Not everybody wants to know.
    }
}
