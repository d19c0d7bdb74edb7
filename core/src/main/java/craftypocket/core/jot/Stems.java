package craftypocket.core.jot;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Words cut down to what they have in common: {@code cards, card}; {@code returned, replaced, put back}. Only English, as
 * the words of the moves are.
 */
final class Stems {

    /** Words that tell no move from another. */
    private static final Set<String> SMALL = Set.of(
            "i a an the of to onto on it its this that is are be as at by and then so with for from off my your their his now just which he’s"
                    .split(" "));

    /** Who does it, when it is not the performer. */
    private static final Set<String> OTHERS = Set.of(
            "they them spectator someone somebody she he her him helper volunteer guest audience participant people lady gentleman woman man boy girl let have ask"
                    .split(" "));

    /** The actor, however called. */
    static final String THEY = "they";

    private static final Map<String, String> SAME = Map.ofEntries(
            Map.entry("choose", "pick"),
            Map.entry("chosen", "pick"),
            Map.entry("choice", "pick"),
            Map.entry("chose", "pick"),
            Map.entry("select", "pick"),
            Map.entry("selection", "card"),
            Map.entry("taken", "take"),
            Map.entry("took", "take"),
            Map.entry("draw", "take"),
            Map.entry("drawn", "take"),
            Map.entry("replac", "return"),
            Map.entry("into", "in"),
            Map.entry("written", "write"),
            Map.entry("wrote", "write"),
            Map.entry("gone", "go"),
            Map.entry("goe", "go"),
            Map.entry("back", "return"),
            Map.entry("pack", "deck"),
            Map.entry("beneath", "under"),
            Map.entry("below", "under"),
            Map.entry("underneath", "under"),
            Map.entry("above", "over"),
            Map.entry("middle", "centre"),
            Map.entry("center", "centre"),
            Map.entry("lower", "bottom"),
            Map.entry("upper", "top"),
            Map.entry("half", "packet"),
            Map.entry("halve", "packet"),
            Map.entry("pile", "packet"),
            Map.entry("portion", "packet"),
            Map.entry("heap", "packet"),
            Map.entry("block", "packet"),
            Map.entry("retain", "keep"),
            Map.entry("kept", "keep"),
            Map.entry("held", "hold"),
            Map.entry("dealt", "deal"),
            Map.entry("shown", "show"),
            Map.entry("display", "show"),
            Map.entry("flip", "turn"),
            Map.entry("fan", "spread"),
            Map.entry("ribbon", "spread"),
            Map.entry("mix", "shuffle"),
            Map.entry("remember", "note"),
            Map.entry("spot", "note"),
            Map.entry("thought", "think"),
            Map.entry("buri", "bury"),
            Map.entry("locator", "key"),
            Map.entry("color", "colour"),
            Map.entry("pinky", "little"),
            Map.entry("rever", "revers"));

    /** Words with an end that looks like an ending. */
    private static final Set<String> WHOLE = Set.of("pass", "across", "cross", "less", "string", "thing", "bring");

    private Stems() {}

    /** The stem of a word; empty for one that tells nothing. */
    static String of(String word) {
        String small = word.toLowerCase(Locale.ROOT).replaceAll("[’']s?$", "");
        if (SMALL.contains(small)) {
            return "";
        }
        if (OTHERS.contains(small)) {
            return THEY;
        }
        String stem = cut(small);
        String same = SAME.getOrDefault(small, SAME.get(stem));
        return same == null ? stem : cut(same);
    }

    private static String cut(String word) {
        if (word.matches("\\d{1,2}")) {
            return WrittenNumbers.word(word);
        }
        if (WHOLE.contains(word)) {
            return word;
        }
        for (String ending : List.of("ing", "ied", "ed", "es", "s", "e")) {
            if (word.endsWith(ending) && word.length() - ending.length() >= 3) {
                String stem = word.substring(0, word.length() - ending.length());
                boolean doubled = ending.length() > 1
                        && stem.length() > 3
                        && stem.charAt(stem.length() - 1) == stem.charAt(stem.length() - 2)
                        && "ls".indexOf(stem.charAt(stem.length() - 1)) < 0;
                String single = doubled ? stem.substring(0, stem.length() - 1) : stem;
                return ending.equals("s") && single.endsWith("e") && single.length() > 3
                        ? single.substring(0, single.length() - 1)
                        : single;
            }
        }
        return word;
    }
}
