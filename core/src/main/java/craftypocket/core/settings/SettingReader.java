package craftypocket.core.settings;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads the texts of the settings in a routine file into {@link Values}. */
public final class SettingReader {

    /** More chunks than this is no shuffle anybody does: one card at a time through the largest pack. */
    public static final int MOST_CHUNKS = Amount.MOST;

    /** The longest text that anybody would spell out, card by card. */
    public static final int MOST_LETTERS = 60;

    private final Cast cast;
    private final Places places;
    private final List<Problem> problems;
    private final List<String> gaps = new ArrayList<>();

    /**
     * @param places where new places are added
     * @param problems where problems are added
     */
    public SettingReader(Cast cast, Places places, List<Problem> problems) {
        this.cast = cast;
        this.places = places;
        this.problems = problems;
    }

    /**
     * Reads the settings of one move or claim; what is not given is as usual.
     *
     * @param where the field that holds them, for problems
     */
    public Values read(SettingList declared, Map<String, String> texts, String where) {
        for (Map.Entry<String, String> text : texts.entrySet()) {
            if (declared.named(text.getKey()).isEmpty()) {
                String known = declared.all().stream().map(Setting::name).collect(Collectors.joining(", "));
                problems.add(new Problem(
                        where + "." + text.getKey(),
                        String.valueOf(text.getValue()),
                        "there is no setting of this name here",
                        known.isEmpty() ? "Leave it out: there are no settings here" : "Use one of: " + known));
            }
        }
        Values values = new Values(cast, places, declared.all().size());
        for (Setting setting : declared.all()) {
            String text = Optional.ofNullable(texts.get(setting.name())).orElse(setting.usual());
            readOne(setting, text.strip(), values, where + "." + setting.name());
        }
        return values;
    }

    /**
     * What must be filled in before the step can be done, in the performer's words: roles that are empty or gone. These
     * are no problems of the file, for a routine may be saved half made.
     */
    public List<String> gaps() {
        return gaps;
    }

    private void readOne(Setting setting, String text, Values values, String field) {
        switch (setting.kind()) {
            case AMOUNT, ESTIMATE -> {
                Optional<Amount> amount = Amount.read(text).filter(a -> a.kind() != Amount.Kind.REST);
                if (amount.isEmpty()) {
                    problems.add(new Problem(field, text, "it must be an amount", "Write " + Amount.FORMS));
                }
                values.state(setting, List.of(amount.orElse(Amount.exactly(0))));
            }
            case CHUNKS -> values.state(setting, readChunks(text, field));
            case PLACE -> {
                Optional<Place> place = Place.read(text);
                if (place.isEmpty()) {
                    problems.add(new Problem(
                            field,
                            text,
                            "it must be a place",
                            "Write deck, other-hand, palm, case or wallet, or table:, spectator:, pocket: or under: and a name of up to "
                                    + Place.LONGEST_NAME + " letters"));
                }
                values.set(setting, 0, indexOf(place.orElse(Place.DECK), text, field));
            }
            case ROLE -> {
                int role = cast.roleOf(text);
                if (role == Cast.NOBODY && !text.isEmpty()) {
                    gaps.add("There is no role " + text + " any more. Choose another for “" + setting.label() + "”.");
                } else if (role == Cast.NOBODY && !setting.optional()) {
                    gaps.add("Choose a role for “" + setting.label() + "”.");
                }
                values.set(setting, 0, role);
            }
            case BEATS -> values.stateBeats(setting, text, readBeats(text, field));
            case TEXT -> {
                if (text.length() > MOST_LETTERS) {
                    problems.add(new Problem(
                            field, text, "it is longer than " + MOST_LETTERS + " letters", "Write something shorter"));
                }
                values.stateText(setting, text);
            }
            case CHANCE -> {
                if (!text.isEmpty()) {
                    problems.add(new Problem(
                            field,
                            text,
                            "a shuffle is left to chance",
                            "Leave it empty; a way is chosen when you look"));
                }
            }
            case OPTION -> {
                List<String> names =
                        setting.options().stream().map(Setting.Option::name).toList();
                if (!names.contains(text)) {
                    problems.add(new Problem(
                            field, text, "it must be one of a few words", "Write one of: " + String.join(", ", names)));
                }
                values.set(setting, 0, Math.max(0, names.indexOf(text)));
            }
        }
    }

    private List<Amount> readChunks(String text, String field) {
        List<Amount> amounts = new ArrayList<>();
        String joined = text.replaceAll("\\s*(±|\\+-)\\s*", "±");
        for (String word :
                Arrays.stream(joined.split("[\\s,]+")).filter(w -> !w.isEmpty()).toList()) {
            Optional<Amount> amount = Amount.read(word);
            if (amount.isEmpty()) {
                problems.add(new Problem(field, word, "each chunk must be an amount", "Write " + Amount.FORMS));
            }
            amounts.add(amount.orElse(Amount.exactly(1)));
        }
        if (amounts.size() > MOST_CHUNKS) {
            problems.add(new Problem(field, text, "there are more than " + MOST_CHUNKS + " chunks", "Use fewer"));
        }
        if (amounts.stream().filter(a -> a.kind() == Amount.Kind.REST).count() > 1) {
            problems.add(new Problem(field, text, "only one chunk can be the rest", "Give the others a number"));
        }
        return amounts;
    }

    private List<Beat> readBeats(String text, String field) {
        List<Beat> beats = new ArrayList<>();
        for (String word :
                Arrays.stream(text.split("[\\s,]+")).filter(w -> !w.isEmpty()).toList()) {
            Optional<Beat> beat = Beat.read(word);
            if (beat.isEmpty()) {
                problems.add(new Problem(field, word, "it must be a beat", "Write " + Beat.FORMS));
            }
            beat.ifPresent(beats::add);
        }
        if (beats.size() > Beat.MOST_BEATS) {
            problems.add(new Problem(field, text, "there are more than " + Beat.MOST_BEATS + " beats", "Use fewer"));
        }
        return beats;
    }

    private int indexOf(Place place, String text, String field) {
        try {
            return places.indexOf(place);
        } catch (IllegalArgumentException tooMany) {
            problems.add(new Problem(
                    field,
                    text,
                    "a routine uses at most " + Places.MOST_PLACES + " places",
                    "Use one of the others twice"));
            return 0;
        }
    }
}
