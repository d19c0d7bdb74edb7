package craftypocket.core.jot;

import craftypocket.core.jot.Jotted.Reading;
import craftypocket.core.jot.Jotted.Sureness;
import craftypocket.core.jot.Jotted.When;
import craftypocket.core.jot.Phrases.Phrase;
import craftypocket.core.jot.WrittenNumbers.Number;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Family;
import craftypocket.core.routine.Occasion;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads a routine as performers jot it down: a move a line, or several with dots between. Each line is held against what
 * the moves are called; numbers go to the settings of the move, names tell whose card it is, and “if … then” waits for
 * something. A line that is no move is a note.
 */
public final class Notes {

    /** More lines than this are no routine. */
    public static final int MOST_LINES = 100;

    /** More letters are read in several goes. */
    public static final int LONGEST_TEXT = 5000;

    private static final int MOST_READINGS = 6;
    private static final int MOST_TIMES = 10;
    private static final double SURE = 0.72;
    private static final double APART = 0.06;
    private static final double LIKELY = 0.5;
    private static final double UNSURE = 0.34;

    private static final Pattern LINE = Pattern.compile("[^\\n\\r·;→|•]+");
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-–*•>]+\\s+|\\(?\\d{1,2}[.)]\\s+)?");
    private static final Pattern NOTE = Pattern.compile("(?i)^(?:(?:note|nb|n\\.b\\.|remember)\\s*:|#|\\().*");
    private static final Pattern SAID = Pattern.compile("(?i)^(?:i )?(?:say|tell them|patter)[:,]?\\s+(.+)$");
    private static final Pattern QUOTED = Pattern.compile("“([^”]+)”|\"([^\"\n]+)\"");
    private static final Pattern IF = Pattern.compile(
            "(?i)^(?:if|in case|should|whenever|when)\\s+(?<when>.+?)(?:\\s*[,:–]\\s*(?:then\\s+)?|\\s+then\\s+|\\s+->\\s+)(?<then>.+)$");
    private static final Pattern LIES = Pattern.compile(
            "(?i)^(?:the\\s+)?(?<card>key|selection|card|(?:their|her|his) card|it|\\p{Lu}\\p{L}+[’']s card)\\s+(?:is|lies|comes|ends)\\s+(?:on\\s+|at\\s+)?(?:the\\s+)?(?<end>top|bottom)$");
    private static final Pattern THEN = Pattern.compile("(?i)(?:,\\s*)?(?:\\band\\s+)?\\bthen\\b,?\\s*");
    private static final Pattern COMMA = Pattern.compile("(?i)\\s*,\\s*(?:and\\s+)?|\\s+(?:and|while|as)\\s+");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}’']+");
    /** A card, the selection, a pick: said or not, it is about one. */
    private static final String CARD = Stems.of("card");

    /** What is given to people they do something with. */
    private static final Set<String> GIVEN = Set.of(Stems.of("hand"), Stems.of("give"));

    private static final Set<String> REPEATED =
            Set.of("cut", "shuffl", "riffl", "faro", "undercut", "pass", "shift", "count", "lift");
    private static final Set<String> NO_NAMES = Set.of("I", "OK", "Hindu", "Faro", "Indian");

    private final Phrases phrases;
    private final int deck;

    /** A word of a line, with where it stands, and whether it is part of a number. */
    private record Word(int from, int to, String raw, String stem, boolean number) {}

    /** A phrase held against a line, by how well it fits. */
    private record Fit(Phrase phrase, double score, Set<Word> own) {}

    /**
     * @param names the performer's own names for moves, by their ids
     * @param deck how many cards a part such as “a third” is of
     */
    public Notes(Catalogue catalogue, Map<String, String> names, int deck) {
        phrases = new Phrases(catalogue, names);
        this.deck = deck;
    }

    /** What the lines of a text mean, in their order; no more than {@link #MOST_LINES}. */
    public List<Jotted> read(String text) {
        List<Jotted> lines = new ArrayList<>();
        // What is said may have any of these signs in it.
        Matcher line = LINE.matcher(unquoted(text));
        while (line.find() && lines.size() < MOST_LINES) {
            Matcher bullet = BULLET.matcher(line.group());
            int from = line.start() + (bullet.find() ? bullet.end() : 0);
            int to = from + text.substring(from, line.end()).stripTrailing().length();
            if (to > from) {
                line(text, from, to, lines);
            }
        }
        return lines.subList(0, Math.min(lines.size(), MOST_LINES));
    }

    private void line(String text, int from, int to, List<Jotted> lines) {
        String line = text.substring(from, to);
        Matcher condition = IF.matcher(line);
        if (condition.matches()) {
            When when = when(from, condition.group("when"));
            parts(text, from + condition.start("then"), to, Optional.of(when), lines);
        } else {
            parts(text, from, to, Optional.empty(), lines);
        }
    }

    private When when(int from, String words) {
        Matcher lies = LIES.matcher(words);
        if (lies.matches()) {
            return new When(
                    from,
                    words,
                    Optional.empty(),
                    lies.group("end").toLowerCase(Locale.ROOT),
                    lies.group("card").equalsIgnoreCase("key"));
        }
        Set<String> stems = words(words, List.of()).stream().map(Word::stem).collect(Collectors.toSet());
        return new When(from, words, Optional.of(occasion(stems)), "", false);
    }

    private static Occasion occasion(Set<String> stems) {
        if (stems.contains("shuffl") || stems.contains("riffl")) {
            return Occasion.SHUFFLING;
        }
        if (stems.contains("cut")) {
            return Occasion.CUTTING;
        }
        if (stems.contains("pick") || stems.contains("another") || stems.contains("chang")) {
            return Occasion.PICKING_AGAIN;
        }
        boolean hands = stems.contains("hold") || stems.contains("grab") || stems.contains("tak");
        return hands && (stems.contains("deck") || stems.contains("card")) ? Occasion.HOLDING : Occasion.OTHER;
    }

    /** A line, or what stands before and after its “then”, or its commas where each part is surely a move. */
    private void parts(String text, int from, int to, Optional<When> when, List<Jotted> lines) {
        int at = from;
        Matcher then = THEN.matcher(unquoted(text)).region(from, to);
        while (then.find()) {
            if (then.start() > at) {
                commas(text, at, then.start(), when, lines);
            }
            at = then.end();
        }
        if (to > at) {
            commas(text, at, to, when, lines);
        }
    }

    /** The text without what is said, of the same length. */
    private static String unquoted(String text) {
        return QUOTED.matcher(text).replaceAll(said -> "_".repeat(said.group().length()));
    }

    private void commas(String text, int from, int to, Optional<When> when, List<Jotted> lines) {
        Jotted whole = jotted(text, from, to, when);
        List<Jotted> parts = new ArrayList<>();
        Matcher comma = COMMA.matcher(unquoted(text)).region(from, to);
        int at = from;
        while (comma.find()) {
            parts.add(jotted(text, at, comma.start(), when));
            at = comma.end();
        }
        parts.add(jotted(text, at, to, when));
        boolean apart = parts.size() > 1
                && !complete(whole)
                && parts.stream().allMatch(Notes::sure)
                && parts.stream()
                                .map(part -> part.readings().get(0).move())
                                .distinct()
                                .count()
                        == parts.size();
        lines.addAll(apart ? parts : List.of(whole));
    }

    /** Whether one move is called by all words of a line. */
    private static boolean complete(Jotted line) {
        return line.readings().stream()
                .limit(1)
                .anyMatch(best ->
                        best.sureness() != Sureness.UNSURE && best.left().isEmpty());
    }

    private static boolean sure(Jotted line) {
        return !line.readings().isEmpty() && line.readings().get(0).sureness() == Sureness.SURE;
    }

    private Jotted jotted(String text, int from, int to, Optional<When> when) {
        String line = text.substring(from, to);
        return new Jotted(from, to, line, readings(line), when);
    }

    private List<Reading> readings(String line) {
        if (NOTE.matcher(line).matches()) {
            return List.of();
        }
        Matcher quote = QUOTED.matcher(line);
        String quoted = quote.find() ? quote.group(1) == null ? quote.group(2) : quote.group(1) : "";
        String plain = unquoted(line).replace('_', ' ');
        Matcher said = SAID.matcher(line);
        if (said.matches() || (!quoted.isEmpty() && plain.isBlank())) {
            return List.of(new Reading(
                    "say",
                    Map.of("words", quoted.isEmpty() ? said.group(1) : quoted),
                    1,
                    "",
                    "",
                    Sureness.SURE,
                    List.of()));
        }
        List<Number> numbers = WrittenNumbers.in(plain, deck);
        List<Word> words = words(plain, numbers);
        String person = person(words);
        boolean they = !person.isEmpty()
                || words.stream().anyMatch(word -> word.stem().equals(Stems.THEY) || GIVEN.contains(word.stem()));
        List<Word> telling = words.stream()
                .filter(word -> !word.stem().isEmpty()
                        && !word.stem().equals(Stems.THEY)
                        && !names(word).equals(person))
                .toList();
        List<Fit> fits = best(plain.strip(), telling, numbers, they);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < fits.size(); i++) {
            double apart = fits.size() == 1
                    ? 1
                    : i == 0 ? fits.get(0).score() - fits.get(1).score() : 0;
            readings.add(reading(fits.get(i), apart, telling, numbers, person, quoted, plain));
        }
        return readings;
    }

    /** The best phrase of each move that fits at all, the best move first. */
    private List<Fit> best(String line, List<Word> words, List<Number> numbers, boolean they) {
        Map<String, Fit> byMove = new HashMap<>();
        for (Phrase phrase : phrases.all()) {
            Fit fit = fit(line, phrase, words, numbers, they);
            if (fit.score() >= UNSURE) {
                byMove.merge(phrase.move().id(), fit, (a, b) -> a.score() >= b.score() ? a : b);
            }
        }
        return byMove.values().stream()
                .sorted(Comparator.comparingDouble(Fit::score)
                        .reversed()
                        .thenComparing(fit -> fit.phrase().move().id()))
                .limit(MOST_READINGS)
                .toList();
    }

    private Fit fit(String line, Phrase phrase, List<Word> words, List<Number> numbers, boolean they) {
        Set<Word> own = new HashSet<>();
        double matched = 0;
        double wanted = 0;
        int last = -1;
        boolean inOrder = true;
        for (String stem : phrase.stems()) {
            double weight = phrases.weight(stem);
            wanted += weight;
            Optional<Word> found = words.stream()
                    .filter(word -> word.stem().equals(stem) && !own.contains(word))
                    .findFirst();
            if (found.isPresent()) {
                own.add(found.get());
                matched += weight;
                inOrder &= found.get().from() > last;
                last = found.get().from();
            }
        }
        double said = words.stream()
                .filter(word -> own.contains(word) || !word.number())
                .mapToDouble(word -> phrases.known(word.stem()) ? phrases.weight(word.stem()) : 1)
                .sum();
        double recall = wanted == 0 || (phrase.numbered() && numbers.isEmpty()) ? 0 : matched / wanted;
        double precision = said == 0 ? 0 : matched / said;
        double score = Math.pow(recall, 1.2) * (0.45 + 0.55 * precision)
                + (inOrder && own.size() > 1 ? 0.03 : 0)
                + Math.min(0.05, matched / 300)
                + (line.equalsIgnoreCase(phrase.called()) ? APART : 0);
        return new Fit(phrase, score * actor(phrase, they), own);
    }

    /** What they do is rarely meant where nobody is named, and the other way round, but for what is done with their cards. */
    private static double actor(Phrase phrase, boolean they) {
        if (phrase.theirs()) {
            return they ? 1.05 : 0.85;
        }
        Family family = phrase.move().family();
        boolean plain = family == Family.CUTS || family == Family.SHUFFLES;
        return they && plain ? 0.9 : 1;
    }

    private Reading reading(
            Fit fit, double apart, List<Word> words, List<Number> numbers, String person, String quoted, String line) {
        Map<String, String> settings = new LinkedHashMap<>(fit.phrase().settings());
        stated(fit, words, !numbers.isEmpty(), settings);
        List<Number> free = new ArrayList<>(numbers.stream()
                .filter(number -> fit.own().stream().noneMatch(word -> word.from() == number.from()))
                .toList());
        int times = times(fit, free, settings, words);
        fill(fit, free, settings);
        List<String> left = new ArrayList<>();
        free.stream()
                .filter(number -> !number.text().equals("any"))
                .forEach(number ->
                        left.add(line.substring(number.from(), number.to()).strip()));
        words.stream()
                .filter(word -> !fit.own().contains(word) && !word.number())
                .forEach(word -> left.add(word.raw()));
        Sureness sureness = fit.score() >= SURE && apart >= APART
                ? Sureness.SURE
                : fit.score() >= LIKELY ? Sureness.LIKELY : Sureness.UNSURE;
        return new Reading(fit.phrase().move().id(), settings, times, person, quoted, sureness, left);
    }

    /** What other phrases of the same move state that stand in the line as a whole: “returned to the middle, a break above it”. */
    private void stated(Fit fit, List<Word> words, boolean numbered, Map<String, String> settings) {
        Set<String> said = words.stream().map(Word::stem).collect(Collectors.toSet());
        said.add(CARD);
        for (Phrase phrase : phrases.all()) {
            boolean same = phrase.move() == fit.phrase().move() && (numbered || !phrase.numbered());
            if (same && !phrase.settings().isEmpty() && said.containsAll(phrase.stems())) {
                phrase.settings().forEach(settings::putIfAbsent);
                words.stream()
                        .filter(word -> phrase.stems().contains(word.stem()))
                        .forEach(fit.own()::add);
            }
        }
    }

    /** How often the move is done: “twice”, “two cuts”. Moves that have a setting for it keep it. */
    private static int times(Fit fit, List<Number> free, Map<String, String> settings, List<Word> words) {
        Optional<Number> often = free.stream()
                .filter(number -> number.most() > 0)
                .filter(number -> number.times()
                        || words.stream()
                                .filter(word ->
                                        word.from() >= number.to() && fit.own().contains(word))
                                .limit(3)
                                .anyMatch(word -> word.raw().endsWith("s") && REPEATED.contains(word.stem())))
                .findFirst();
        if (often.isEmpty()) {
            return 1;
        }
        free.remove(often.get());
        if (fit.phrase().move().settings().named("times").isPresent()) {
            settings.put("times", often.get().text());
            return 1;
        }
        return Math.min(MOST_TIMES, often.get().most());
    }

    /** Gives the numbers to the settings they are meant for, and takes them off the list. */
    private static void fill(Fit fit, List<Number> free, Map<String, String> settings) {
        for (String name : fit.phrase().numbers()) {
            Optional<Setting> setting = fit.phrase().move().settings().named(name);
            if (settings.containsKey(name) || setting.isEmpty() || free.isEmpty()) {
                continue;
            }
            if (setting.get().kind() == Setting.Kind.CHUNKS) {
                if (free.stream().filter(number -> number.most() > 0).count() > 1) {
                    String chunks = free.stream().map(Number::text).collect(Collectors.joining(" "));
                    settings.put(name, chunks.contains("rest") ? chunks : chunks + " rest");
                    free.clear();
                }
            } else if (free.get(0).text().equals("rest")
                    || (free.get(0).text().equals("any") && !theirs(setting.get()))) {
                free.remove(0);
            } else if (Amount.read(free.get(0).text()).isPresent()) {
                settings.put(name, free.remove(0).text());
            }
        }
    }

    private static boolean theirs(Setting setting) {
        return setting.decider() == Setting.Decider.SPECTATOR;
    }

    /** @param numbers those of the line */
    private List<Word> words(String line, List<Number> numbers) {
        BitSet written = new BitSet(line.length());
        numbers.forEach(number -> written.set(number.from(), number.to()));
        return WORD.matcher(line)
                .results()
                .map(word -> new Word(
                        word.start(),
                        word.end(),
                        word.group(),
                        nearest(Stems.of(word.group())),
                        written.nextClearBit(word.start()) >= word.end()))
                .toList();
    }

    /** The stem itself, or the one that is meant by a slip of the pen. */
    private String nearest(String stem) {
        if (stem.length() < 5 || phrases.known(stem)) {
            return stem;
        }
        return phrases.stems().stream()
                .filter(known -> oneApart(known, stem))
                .min(Comparator.comparingDouble((ToDoubleFunction<String>) phrases::weight)
                        .thenComparing(known -> known))
                .orElse(stem);
    }

    /** Whether one letter more, less or other makes one word of the other, or two that changed places. */
    private static boolean oneApart(String one, String other) {
        if (one.length() > other.length()) {
            return oneApart(other, one);
        }
        if (other.length() - one.length() > 1 || one.charAt(0) != other.charAt(0)) {
            return false;
        }
        int same = 0;
        while (same < one.length() && one.charAt(same) == other.charAt(same)) {
            same++;
        }
        String restOfOne = one.substring(same);
        String restOfOther = other.substring(same);
        if (one.length() < other.length()) {
            return restOfOther.substring(1).equals(restOfOne);
        }
        boolean swapped = restOfOne.length() > 1
                && restOfOne.charAt(0) == restOfOther.charAt(1)
                && restOfOne.charAt(1) == restOfOther.charAt(0)
                && restOfOne.substring(2).equals(restOfOther.substring(2));
        return swapped || restOfOne.isEmpty() || restOfOne.substring(1).equals(restOfOther.substring(1));
    }

    /** Whose card it is: a word with a capital letter that no move is called by. */
    private String person(List<Word> words) {
        return words.stream()
                .filter(word -> word.raw().length() > 1
                        && Character.isUpperCase(word.raw().charAt(0))
                        && !word.raw().equals(word.raw().toUpperCase(Locale.ROOT))
                        && !NO_NAMES.contains(names(word))
                        && !word.stem().isEmpty()
                        && !word.stem().equals(Stems.THEY)
                        && !phrases.known(word.stem())
                        && WrittenNumbers.in(word.raw(), deck).isEmpty())
                .map(Notes::names)
                .findFirst()
                .orElse("");
    }

    private static String names(Word word) {
        return word.raw().replaceAll("[’']s?$", "");
    }
}
