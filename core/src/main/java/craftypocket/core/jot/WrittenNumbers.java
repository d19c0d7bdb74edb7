package craftypocket.core.jot;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers as people write them: {@code 15 to 25}, {@code about a third}, {@code 3 or 4 times}, {@code twice}, {@code anywhere}. */
final class WrittenNumbers {

    /**
     * A number in a line.
     *
     * @param from the index of its first letter
     * @param to the index after its last
     * @param text as a setting takes it, such as {@code 15-25} or {@code 17±3}
     * @param times whether it says how often
     */
    record Number(int from, int to, String text, boolean times) {

        /** The most it can be; 0 when it has no number. */
        int most() {
            return Pattern.compile("\\d+")
                    .matcher(text)
                    .results()
                    .mapToInt(n -> Integer.parseInt(n.group()))
                    .max()
                    .orElse(0);
        }
    }

    private static final List<String> WORDS = List.of(
            ("zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen "
                            + "seventeen eighteen nineteen twenty")
                    .split(" "));
    private static final List<String> ORDINALS =
            List.of("first second third fourth fifth sixth seventh eighth ninth tenth".split(" "));
    private static final Map<String, Integer> OTHERS = Map.ofEntries(
            Map.entry("a couple", 2),
            Map.entry("a couple of", 2),
            Map.entry("a dozen", 12),
            Map.entry("half a dozen", 6),
            Map.entry("twenty-five", 25),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50));
    private static final Map<String, Double> PARTS = Map.ofEntries(
            Map.entry("a third", 1 / 3.0),
            Map.entry("one third", 1 / 3.0),
            Map.entry("1/3", 1 / 3.0),
            Map.entry("two thirds", 2 / 3.0),
            Map.entry("2/3", 2 / 3.0),
            Map.entry("half", 0.5),
            Map.entry("a half", 0.5),
            Map.entry("1/2", 0.5),
            Map.entry("a quarter", 0.25),
            Map.entry("one quarter", 0.25),
            Map.entry("1/4", 0.25),
            Map.entry("three quarters", 0.75),
            Map.entry("3/4", 0.75),
            Map.entry("a fifth", 0.2));

    private static final String NUMBER =
            "(?:\\d{1,3}(?:st|nd|rd|th)?|half a dozen|a dozen|a couple(?: of)?|twenty-five|thirty|forty|fifty|"
                    + longestFirst(WORDS) + "|" + longestFirst(ORDINALS) + ")";
    private static final String PART = "(?:(?:one|two|three|a) (?:third|half|quarter|fifth)s?|[123]/[234]|half)";
    private static final String ABOUT =
            "(?:about|around|roughly|approximately|approx\\.?|circa|ca\\.?|some|nearly|maybe|~|c\\.)";
    private static final Pattern FORM = Pattern.compile(
            "(?<![\\p{L}\\p{N}/])(?:"
                    + "(?<often>once|twice|thrice)"
                    + "|(?<any>any number|any point|any card|any time|anywhere|any|wherever|whenever|freely|free)"
                    + "|(?<rest>the rest|all the others|rest|remainder)"
                    + "|(?<few>a few|several)"
                    + "|(?<x>[x×] ?)?(?<between>between )?(?<roughly>" + ABOUT + " ?)?(?:(?<part>(?!half a dozen)"
                    + PART + ")|(?<first>"
                    + NUMBER + ")"
                    + "(?: ?(?<joined>-|–|to|or|through|±|\\+-|\\+/-|plus or minus|give or take|and) ?(?<last>" + NUMBER
                    + "))?)(?<ish>ish|-ish)?"
                    + ")(?<times> ?(?:times|x|×))?(?![\\p{L}\\p{N}])",
            Pattern.CASE_INSENSITIVE);

    /** “One” is a number before what is counted, and else some card: “they take one”. */
    private static final Pattern ONE_OF = Pattern.compile(
            "(?i) (?:single |indifferent )?(?:cards?|more|further|cuts?|shuffles?|riffles?|times?|packets?)\\b");

    private WrittenNumbers() {}

    /** The word for a number up to twenty; larger ones as they are. */
    static String word(String digits) {
        int number = Integer.parseInt(digits);
        return number < WORDS.size() ? WORDS.get(number) : digits;
    }

    private static String longestFirst(List<String> words) {
        return String.join(
                "|", words.stream().sorted((a, b) -> b.length() - a.length()).toList());
    }

    /** The numbers of a line, in order; a part is one of so many cards. */
    static List<Number> in(String line, int deck) {
        List<Number> found = new ArrayList<>();
        Matcher form = FORM.matcher(line);
        int at = 0;
        while (form.find(at)) {
            int end = form.end();
            if ("one".equalsIgnoreCase(form.group())
                    && !ONE_OF.matcher(line.substring(form.end())).lookingAt()) {
                at = form.end();
                continue;
            }
            // “two and three” is two numbers, “between two and three” is one.
            if ("and".equalsIgnoreCase(form.group("joined")) && form.group("between") == null) {
                end = form.end("first");
                found.add(new Number(form.start(), end, about(form, number(form.group("first"))), false));
            } else {
                boolean times = form.group("times") != null || form.group("often") != null || form.group("x") != null;
                found.add(new Number(form.start(), end, text(form, deck), times));
            }
            at = end;
        }
        return found;
    }

    private static String text(Matcher form, int deck) {
        if (form.group("often") != null) {
            return String.valueOf(1
                    + List.of("once", "twice", "thrice")
                            .indexOf(form.group("often").toLowerCase(Locale.ROOT)));
        }
        if (form.group("any") != null) {
            return "any";
        }
        if (form.group("rest") != null) {
            return "rest";
        }
        if (form.group("few") != null) {
            return "3-5";
        }
        if (form.group("part") != null) {
            double part = PARTS.getOrDefault(form.group("part").toLowerCase(Locale.ROOT), 0.5);
            return Math.round(deck * part) + "±" + Math.max(1, Math.round(deck / 17.0));
        }
        int first = number(form.group("first"));
        if (form.group("last") == null) {
            return about(form, first);
        }
        int last = number(form.group("last"));
        boolean range = Optional.of(form.group("joined"))
                .filter(word -> word.matches("[-–]|to|or|through|and"))
                .isPresent();
        return range ? Math.min(first, last) + "-" + Math.max(first, last) : first + "±" + last;
    }

    private static String about(Matcher form, int number) {
        boolean roughly = form.group("roughly") != null || form.group("ish") != null;
        return roughly ? number + "±" + Math.max(1, Math.round(number * 0.15)) : String.valueOf(number);
    }

    private static int number(String word) {
        String small = word.toLowerCase(Locale.ROOT);
        if (Character.isDigit(small.charAt(0))) {
            return Integer.parseInt(small.replaceAll("\\D", ""));
        }
        int index = WORDS.indexOf(small);
        return index >= 0 ? index : OTHERS.getOrDefault(small, 1 + ORDINALS.indexOf(small));
    }
}
