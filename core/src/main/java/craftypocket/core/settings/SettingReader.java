package craftypocket.core.settings;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import craftypocket.core.layout.Props;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.StringTokenizer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads the texts of the settings in a routine file into {@link Values}. */
public final class SettingReader {

    private static final Pattern AROUND = Pattern.compile("\\s*(±|\\+-)\\s*");

    private final Cast cast;
    private final Places places;
    private final Earlier earlier;
    private final int cards;
    private final List<Problem> problems;
    private final List<String> gaps = new ArrayList<>();
    /** The field that is being read. */
    private String field = "";

    /**
     * @param places where new places are added
     * @param earlier the numbers of earlier steps, which amounts may refer to
     * @param cards how many cards there are in all
     * @param problems where problems are added
     */
    public SettingReader(Cast cast, Places places, Earlier earlier, int cards, List<Problem> problems) {
        this.cast = cast;
        this.places = places;
        this.earlier = earlier;
        this.cards = cards;
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
        Values values = new Values(cast, places, declared);
        for (Setting setting : declared.all()) {
            String text = Optional.ofNullable(texts.get(setting.name())).orElse(setting.usual());
            field = where + "." + setting.name();
            setting.read(text.strip(), values, this);
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

    /** The words of a text, amounts in several parts such as {@code 26 ± 3} made one. */
    static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        StringTokenizer apart = new StringTokenizer(AROUND.matcher(text).replaceAll("±"), " ,\t\r\n\f\u000B");
        while (apart.hasMoreTokens()) {
            words.add(apart.nextToken());
        }
        return words;
    }

    Props props() {
        return places.props();
    }

    Cast cast() {
        return cast;
    }

    int cards() {
        return cards;
    }

    void gap(String gap) {
        gaps.add(gap);
    }

    void problem(String value, String rule, String cure) {
        problems.add(new Problem(field, value, rule, cure));
    }

    /** Reads one amount, which may be worked out from what is known when the step is done. */
    Amount amount(String text) {
        return Amount.read(text)
                .filter(amount -> !amount.equals(Amount.REST))
                .or(() -> Source.read(text, this))
                .orElseGet(() -> {
                    problem(text, "it must be an amount", "Write " + Amount.FORMS);
                    return Amount.exactly(0);
                });
    }

    Earlier earlier() {
        return earlier;
    }

    /** The index of a place; the deck's when there are too many. */
    int placeOf(Place place, String text) {
        try {
            return places.indexOf(place);
        } catch (IllegalArgumentException tooMany) {
            problem(text, "a routine uses at most " + Places.MOST_PLACES + " places", "Use one of the others twice");
            return 0;
        }
    }
}
