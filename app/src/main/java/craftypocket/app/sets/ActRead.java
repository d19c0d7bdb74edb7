package craftypocket.app.sets;

import craftypocket.core.evening.Act;
import java.util.List;

/**
 * An act of a set with its routine, read.
 *
 * @param index its place in the set
 * @param act as the core knows it
 * @param timed where its time comes from: {@code runs}, {@code plan} or {@code guess}
 * @param bring what its set-up says in words
 * @param firstWords what is said first
 * @param cues what to remember, three lines at most
 * @param outs what is done when something comes up
 */
record ActRead(
        int index, Act act, String timed, String bring, String firstWords, List<String> cues, List<String> outs) {}
