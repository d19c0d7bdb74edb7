package craftypocket.app.scripts;

import craftypocket.app.scripts.RoutineScript.Instead;
import craftypocket.app.scripts.RoutineScript.Told;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.web.util.HtmlUtils;

/**
 * Routines as one page that opens anywhere: no server, no network, nothing from elsewhere. It is gone through screen by screen; ticks stay,
 * and how it went is saved as a table that the journal reads.
 */
public final class PocketFile {

    /** How wide decks are drawn, in points: on a phone they become half as large again. */
    private static final double WIDE = 250;

    /** What stands before the title, between it and the screens, and behind these. */
    private static final String[] TEMPLATE = template().split("\\{\\{(?:title|screens)}}");

    private PocketFile() {}

    /**
     * One routine.
     *
     * @param before what to put right before it
     * @param bring its set-up in words
     * @param words what is said first
     * @param cues what to remember
     * @param script its steps
     */
    public record Part(
            String title, List<String> before, String bring, String words, List<String> cues, RoutineScript script) {

        /** A routine by itself. */
        static Part of(RoutineScript script) {
            return new Part(script.title(), List.of(), "", "", List.of(), script);
        }
    }

    /** A list to tick off, with its heading: what to bring, what to put right for the next table. */
    public record Listed(String heading, boolean atEnd, List<String> items) {}

    /** Makes the page. */
    public static String of(String title, List<Part> parts, List<Listed> lists) {
        List<String> screens = new ArrayList<>();
        screens.add(cover(title, parts, lists));
        for (int i = 0; i < parts.size(); i++) {
            screens.addAll(screens(parts, i));
        }
        screens.add(end(parts, lists));
        // What somebody wrote may look like such a place: each is filled where the page has it, and nothing is filled
        // in what was written.
        return TEMPLATE[0] + escaped(title) + TEMPLATE[1] + String.join("\n", screens) + TEMPLATE[2];
    }

    private static String cover(String title, List<Part> parts, List<Listed> lists) {
        String routines = parts.size() < 2
                ? ""
                : IntStream.range(0, parts.size())
                        .mapToObj(i -> "<li><a href=\"#r" + i + "\">"
                                + escaped(parts.get(i).title()) + "</a></li>")
                        .collect(Collectors.joining("", "<ol>", "</ol>"));
        return screen("", heading(1, title) + routines + lists(lists, false));
    }

    private static String lists(List<Listed> lists, boolean atEnd) {
        return lists.stream()
                .filter(list -> list.atEnd() == atEnd && !list.items().isEmpty())
                .map(list -> heading(2, list.heading()) + ticks(list.items()))
                .collect(Collectors.joining());
    }

    private static String ticks(List<String> items) {
        return items.stream()
                .map(item -> "<li><label><input type=\"checkbox\"> " + escaped(item) + "</label></li>")
                .collect(Collectors.joining("", "<ul class=\"ticks\">", "</ul>"));
    }

    private static List<String> screens(List<Part> parts, int index) {
        Part part = parts.get(index);
        RoutineScript script = part.script();
        List<String> screens = new ArrayList<>();
        Told setUp = script.steps().get(0);
        String bring = part.bring().isBlank() ? setUp.note() : part.bring();
        screens.add(screen(
                " id=\"r" + index + "\"",
                small(parts.size() < 2 ? "" : (index + 1) + " of " + parts.size())
                        + (part.before().isEmpty() ? "" : ticks(part.before()))
                        + heading(1, part.title())
                        + paragraph("", bring)
                        + (part.words().isBlank() ? "" : paragraph("said", "“" + part.words() + "”"))
                        + part.cues().stream().map(cue -> paragraph("cue", cue)).collect(Collectors.joining())
                        + picture(setUp)));
        for (int i = 1; i < script.steps().size(); i++) {
            Told step = script.steps().get(i);
            screens.add(screen(
                    "",
                    small(part.title())
                            + "<h1 class=\"step\">" + escaped(script.title(i)) + "</h1>"
                            + paragraph("", step.note())
                            + picture(step)));
        }
        if (!script.outs().isEmpty()) {
            screens.add(screen("", small(part.title()) + heading(1, "If something comes up") + outs(script.outs())));
        }
        return screens;
    }

    private static String outs(List<Instead> outs) {
        return outs.stream()
                .map(out -> "<p class=\"cue\">" + escaped(out.when()) + "</p>"
                        + out.steps().stream()
                                .map(step -> "<li>" + escaped(step) + "</li>")
                                .collect(Collectors.joining("", "<ul>", "</ul>")))
                .collect(Collectors.joining());
    }

    private static String picture(Told step) {
        String told = String.join(" · ", step.picture().told());
        return "<figure>" + step.picture().svg(WIDE)
                + (told.isEmpty() ? "" : "<figcaption>" + escaped(told) + "</figcaption>") + "</figure>";
    }

    private static String end(List<Part> parts, List<Listed> lists) {
        String asked = IntStream.range(0, parts.size())
                .mapToObj(i -> went(i, escaped(parts.get(i).title())))
                .collect(Collectors.joining());
        return screen(
                " id=\"end\"",
                heading(1, "How did it go?") + asked
                        + "<p><button type=\"button\" id=\"save\">Save for the journal</button></p>"
                        + "<p class=\"small\" id=\"saved\" role=\"status\"></p>"
                        + lists(lists, true));
    }

    private static String went(int index, String title) {
        String came = "<label><input type=\"radio\" name=\"came" + index + "\" value=\"%s\"> %s</label>";
        return "<fieldset class=\"went\" data-title=\"" + title + "\"><legend>" + title + "</legend>"
                + came.formatted("yes", "came out")
                + came.formatted("no", "did not")
                + "<label>a note <input type=\"text\" maxlength=\"300\"></label></fieldset>";
    }

    private static String screen(String attributes, String content) {
        return "<section" + attributes + ">" + content + "</section>";
    }

    private static String heading(int level, String words) {
        return "<h" + level + ">" + escaped(words) + "</h" + level + ">";
    }

    private static String small(String words) {
        return words.isBlank() ? "" : "<p class=\"small\">" + escaped(words) + "</p>";
    }

    private static String paragraph(String kind, String words) {
        return words.isBlank()
                ? ""
                : "<p" + (kind.isEmpty() ? "" : " class=\"" + kind + "\"") + ">" + escaped(words) + "</p>";
    }

    private static String escaped(String words) {
        return HtmlUtils.htmlEscape(words, StandardCharsets.UTF_8.name());
    }

    private static String template() {
        try (InputStream file = PocketFile.class.getResourceAsStream("/pocket/pocket.html")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }
}
