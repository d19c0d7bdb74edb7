package craftypocket.core.settings;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Fills the settings into the words of a move or claim. {@code {depth}} stands for the value, {@code {at depth}} for “at
 * 23” or “anywhere”, and {@code {nth depth}} for “23rd”.
 */
public final class Sentence {

    /** Most sentences are shorter. */
    private static final int LONG = 120;

    private static final String CARDS = " cards";

    private static final String CARD = " card";

    private static final String THE = "the ";

    private static final String PACKET = "packet ";

    private static final Pattern RANGE = Pattern.compile("(\\d+)–(\\d+)");

    private static final String PART = "a ";

    private static final Pattern THE_TOP = Pattern.compile("\\bthe (top |next |bottom )?$");

    private static final Pattern ONE_CARD = Pattern.compile("^ cards\\b");

    private static final Pattern SLOT = Pattern.compile("\\{(?:(at|nth) )?([a-z-]+)}");

    /** Words, and the slot that follows them, or null after the last. */
    private record Part(String words, String manner, String slot) {}

    /** Templates taken apart once; there are as many as moves and claims. */
    private static final Map<String, List<Part>> PARTS = new ConcurrentHashMap<>();

    private Sentence() {}

    /** The words with the amounts as they were stated. */
    public static String stated(String template, SettingList settings, Values values) {
        return fill(template, settings, setting -> setting.stated(values));
    }

    /** The words with the numbers of this world. */
    public static String resolved(String template, SettingList settings, Values values) {
        return fill(template, settings, setting -> setting.resolved(values));
    }

    /** A number as a place in a row: 1st, 2nd, 3rd, 4th, 11th, 21st. */
    public static String ordinal(int number) {
        int tens = number % 100;
        if (tens >= 11 && tens <= 13) {
            return number + "th";
        }
        return number
                + switch (number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
    }

    /** The names of the settings that a template uses, for the check that all of them are declared. */
    public static List<String> slots(String template) {
        return SLOT.matcher(template).results().map(r -> r.group(2)).toList();
    }

    private static String fill(String template, SettingList settings, Function<Setting, String> values) {
        StringBuilder filled = new StringBuilder(LONG);
        boolean asMany = false;
        boolean one = false;
        boolean card = false;
        List<Part> parts = PARTS.computeIfAbsent(template, Sentence::takeApart);
        for (int at = 0; at < parts.size(); at++) {
            Part part = parts.get(at);
            Part next = parts.get(Math.min(at + 1, parts.size() - 1));
            // “As many as lie above the break” says itself that they are cards.
            boolean said = asMany && part.words().startsWith(CARDS);
            String words = said ? part.words().substring(CARDS.length()) : part.words();
            if (card && words.startsWith(CARD)) {
                words = words.substring(CARD.length());
            }
            filled.append(one ? ONE_CARD.matcher(words).replaceFirst(" card") : words);
            if (part.slot() != null) {
                Setting setting = settings.named(part.slot()).orElseThrow();
                String text = values.apply(setting);
                if (setting instanceof OptionSetting && text.indexOf('{') >= 0) {
                    text = fill(text, settings, values);
                    text = Character.toLowerCase(text.charAt(0)) + text.substring(1);
                }
                card = false;
                if ("nth".equals(part.manner()) && !isNumber(text)) {
                    card = endsWith(filled, THE);
                    filled.append(card ? cardAt(text, filled) : nth(text));
                } else if (part.manner() == null && setting instanceof AmountSetting amount) {
                    text = number(amount, text, filled, next.words());
                    filled.append(text);
                } else {
                    filled.append(dress(part.manner(), text));
                }
                asMany = text.startsWith("as many as ") && part.manner() == null;
                one = part.manner() == null && (text.equals("1") || text.endsWith(" 1"));
            }
        }
        if (!filled.isEmpty()) {
            filled.setCharAt(0, Character.toUpperCase(filled.charAt(0)));
        }
        return filled.toString();
    }

    /** A number of cards, or another one, that no number stands for: “any number of cards”, “as many as the value of A”. */
    private static String number(AmountSetting setting, String text, StringBuilder filled, String behind) {
        if (text.equals(Amount.ANY.words()) && !behind.startsWith(CARDS)) {
            if (endsWith(filled, PACKET)) {
                filled.setLength(filled.length() - PACKET.length());
                return "any packet";
            }
            return setting.label().toLowerCase(Locale.ROOT).contains("cards") ? "any number of cards" : "any number";
        }
        if (text.startsWith(PART)) {
            // “A third of the cards”, “the top third of the deck”.
            String part = THE_TOP.matcher(filled).find() ? text.substring(PART.length()) : text;
            return behind.startsWith(CARDS) ? part + " of the" : part;
        }
        boolean earlier = text.contains(Earlier.OF_STEP) && behind.startsWith(CARDS);
        return text.startsWith(THE) || text.startsWith("its ") || earlier ? "as many as " + text : text;
    }

    private static boolean endsWith(StringBuilder filled, String words) {
        int from = filled.length() - words.length();
        return from >= 0 && filled.substring(from).equalsIgnoreCase(words);
    }

    /** After “the”: “card at the break”, “card at 10 to 12”; any card needs no “the”. */
    private static String cardAt(String text, StringBuilder filled) {
        if (text.equals(Amount.ANY.words())) {
            filled.setLength(filled.length() - THE.length());
            return "any card";
        }
        return "card at " + (text.startsWith(Source.ABOVE) ? text.substring(Source.ABOVE.length()) : text);
    }

    /** A place that is no plain number, elsewhere: “10th to 12th”, “any place”. */
    private static String nth(String text) {
        Matcher range = RANGE.matcher(text);
        if (range.matches()) {
            return ordinal(Integer.parseInt(range.group(1))) + " to " + ordinal(Integer.parseInt(range.group(2)));
        }
        if (text.startsWith(Source.ABOVE)) {
            return "card at " + text.substring(Source.ABOVE.length());
        }
        return text.equals(Amount.ANY.words()) ? "any place" : text;
    }

    /** Words as a sentence begins with them. */
    public static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static boolean isNumber(String text) {
        return !text.isEmpty() && text.chars().allMatch(each -> each >= '0' && each <= '9');
    }

    private static List<Part> takeApart(String template) {
        List<Part> parts = new ArrayList<>();
        Matcher slots = SLOT.matcher(template);
        int from = 0;
        while (slots.find()) {
            parts.add(new Part(template.substring(from, slots.start()), slots.group(1), slots.group(2)));
            from = slots.end();
        }
        parts.add(new Part(template.substring(from), null, null));
        return List.copyOf(parts);
    }

    private static String dress(String manner, String text) {
        if ("at".equals(manner)) {
            if (text.startsWith(Source.ABOVE)) {
                return "at " + text.substring(Source.ABOVE.length());
            }
            return text.equals(Amount.ANY.words()) ? "anywhere" : "at " + text;
        }
        if ("nth".equals(manner) && isNumber(text)) {
            return ordinal(Integer.parseInt(text));
        }
        return text;
    }
}
