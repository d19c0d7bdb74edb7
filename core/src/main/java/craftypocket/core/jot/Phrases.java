package craftypocket.core.jot;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.settings.Setting;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What moves are called in notes: their names, the performer's own names for them, and the phrases of {@code phrases.txt}. */
final class Phrases {

    /**
     * One way to call a move.
     *
     * @param called the phrase as it is written
     * @param stems its words, cut down, in order
     * @param numbered whether a number belongs to it
     * @param settings what it states
     * @param numbers the settings that numbers of the line go to, in order
     */
    record Phrase(
            Move move,
            String called,
            List<String> stems,
            boolean numbered,
            Map<String, String> settings,
            List<String> numbers) {

        boolean theirs() {
            return move.profile().actor() == Profile.Actor.SPECTATOR;
        }
    }

    private static final Pattern LINE =
            Pattern.compile("(?<move>[a-z-]+)(?: \\((?<numbers>[a-z ]*)\\))?: (?<phrases>.+)");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}’']+");
    private static final Pattern STATED = Pattern.compile("\\{(.+)}");
    private static final Set<Setting.Kind> NUMBERED =
            Set.of(Setting.Kind.AMOUNT, Setting.Kind.ESTIMATE, Setting.Kind.CHUNKS);
    private static final List<String> LINES = read();

    private final List<Phrase> all = new ArrayList<>();
    private final Map<String, Double> weights = new HashMap<>();

    /** @param names the performer's own names, by the ids of moves */
    Phrases(Catalogue catalogue, Map<String, String> names) {
        Map<String, Matcher> written = new HashMap<>();
        for (String line : LINES) {
            Matcher parts = LINE.matcher(line);
            if (parts.matches()) {
                written.put(parts.group("move"), parts);
            }
        }
        for (Move move : catalogue.moves()) {
            Matcher line = written.get(move.id());
            List<String> numbers = line == null || line.group("numbers") == null
                    ? move.settings().all().stream()
                            .filter(setting -> NUMBERED.contains(setting.kind()))
                            .map(Setting::name)
                            .toList()
                    : Arrays.stream(line.group("numbers").split(" "))
                            .filter(name -> !name.isEmpty())
                            .toList();
            add(move, move.name(), numbers);
            add(move, names.getOrDefault(move.id(), ""), numbers);
            if (line != null) {
                Arrays.stream(line.group("phrases").split(";")).forEach(phrase -> add(move, phrase, numbers));
            }
        }
        weigh();
    }

    private void add(Move move, String phrase, List<String> numbers) {
        Map<String, String> stated = new LinkedHashMap<>();
        List<String> order = numbers;
        Matcher braces = STATED.matcher(phrase);
        if (braces.find()) {
            for (String part : braces.group(1).split(" ")) {
                if (part.startsWith("#")) {
                    order = List.of(part.substring(1));
                } else {
                    stated.put(part.substring(0, part.indexOf('=')), part.substring(part.indexOf('=') + 1));
                }
            }
        }
        String called = braces.reset().replaceAll("").strip();
        List<String> stems = WORD.matcher(called)
                .results()
                .map(word -> Stems.of(word.group()))
                .filter(stem -> !stem.isEmpty() && !stem.equals(Stems.THEY))
                .toList();
        if (!stems.isEmpty()) {
            all.add(new Phrase(move, called, stems, called.contains("#"), stated, order));
        }
    }

    /** A word that few moves are called by tells more than one of many. */
    private void weigh() {
        Map<String, Set<String>> moves = new HashMap<>();
        for (Phrase phrase : all) {
            phrase.stems()
                    .forEach(stem -> moves.computeIfAbsent(stem, s -> new HashSet<>())
                            .add(phrase.move().id()));
        }
        int most =
                (int) all.stream().map(phrase -> phrase.move().id()).distinct().count();
        moves.forEach((stem, of) -> weights.put(stem, Math.log(1 + (double) most / of.size())));
    }

    /** The moves that lines of the file are about. */
    static List<String> ids() {
        return LINES.stream().map(line -> line.split("[ :]")[0]).toList();
    }

    List<Phrase> all() {
        return all;
    }

    /** How much a word tells; 0 for one that no move is called by. */
    double weight(String stem) {
        return weights.getOrDefault(stem, 0.0);
    }

    boolean known(String stem) {
        return weights.containsKey(stem);
    }

    Set<String> stems() {
        return weights.keySet();
    }

    private static List<String> read() {
        try (InputStream file = Phrases.class.getResourceAsStream("phrases.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }
}
