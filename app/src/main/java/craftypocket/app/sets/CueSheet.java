package craftypocket.app.sets;

import craftypocket.app.print.PlainInMarkdown;
import craftypocket.app.print.PrintedPages;
import craftypocket.app.print.PrintedPages.Marked;
import craftypocket.app.sets.EveningDocument.ResetDocument;
import craftypocket.app.sets.EveningDocument.StageDocument;
import craftypocket.core.cards.CardText;
import craftypocket.core.evening.Handover;
import craftypocket.core.read.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a performer carries to the table: order, set-ups, first words, cues, outs and resets. What is on the sheet is
 * settled here, and written as pages or as text.
 *
 * @param title of the set
 * @param subtitle place and time
 * @param parts one for each routine
 * @param lists what belongs to the set as a whole: what to bring, what to put right before the next table
 */
record CueSheet(String title, String subtitle, List<Part> parts, List<Listed> lists) {

    private static final int SECONDS_A_MINUTE = 60;

    /**
     * One routine.
     *
     * @param cards how many cards its deck or packet has
     * @param marked the cards whose place is stated, by their place from the top
     */
    record Part(
            String title,
            String bring,
            String words,
            List<String> before,
            List<String> cues,
            List<String> outs,
            int cards,
            List<Marked> marked) {}

    /** A list with its heading; {@code atTable} when it is needed there, and not only at home. */
    record Listed(String heading, boolean atTable, List<String> items) {}

    static CueSheet of(SetDocument set, List<ActRead> acts, EveningDocument evening) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < acts.size(); i++) {
            StageDocument stage = evening.stages().get(i);
            parts.add(new Part(
                    acts.get(i).act().title(),
                    acts.get(i).bring(),
                    acts.get(i).firstWords(),
                    sentences(stage.resets()),
                    acts.get(i).cues(),
                    acts.get(i).outs(),
                    Handover.before(acts.get(i).act().plan()).deck().size(),
                    marked(acts.get(i).act().plan())));
        }
        return new CueSheet(
                set.title(),
                subtitle(set, evening),
                parts,
                List.of(
                        new Listed("In the bag", false, evening.packList()),
                        new Listed("Before the next table", true, sentences(evening.forNextTable()))));
    }

    private static String subtitle(SetDocument set, EveningDocument evening) {
        List<String> words = new ArrayList<>();
        words.add(set.venue().standing() ? "standing" : "seated");
        words.add(set.venue().table() ? "a table" : "no table");
        words.add(set.venue().allRound() ? "people all round" : "people in front");
        words.add("about " + Math.max(1, Math.round((double) evening.seconds() / SECONDS_A_MINUTE)) + " min");
        return String.join(" · ", words);
    }

    private static List<String> sentences(List<ResetDocument> resets) {
        return resets.stream().map(ResetDocument::sentence).toList();
    }

    private static List<Marked> marked(Plan plan) {
        int size = Handover.before(plan).deck().size();
        return plan.routine().setUp().placements().stream()
                .map(each -> new Marked(
                        each.fromBottom() ? size + 1 - each.nth() : each.nth(),
                        CardText.readCard(each.card()).map(CardText::sign).orElse(each.card())))
                .toList();
    }

    /** Type that is smaller than this, in points, nobody reads at a table. */
    private static final double SMALLEST = 5.5;

    /** One page: for the pocket, or with outs and the bag for the prop table. */
    byte[] pdf(PrintedPages.Paper paper) {
        return PrintedPages.write(title, paper, SMALLEST, pages -> {
            pages.title(title);
            pages.plain(subtitle, false);
            for (int i = 0; i < parts.size(); i++) {
                print(i + 1, parts.get(i), paper, pages);
            }
            for (Listed list : lists) {
                if (!list.items().isEmpty() && (paper == PrintedPages.Paper.A4 || list.atTable())) {
                    pages.gap();
                    pages.strong(list.heading(), false);
                    list.items().forEach(pages::tick);
                }
            }
        });
    }

    private static void print(int number, Part part, PrintedPages.Paper paper, PrintedPages pages) {
        pages.gap();
        part.before().forEach(reset -> pages.plain("» " + reset, false));
        pages.heading(number + ". " + part.title());
        if (!part.marked().isEmpty()) {
            pages.deck(part.cards(), part.marked());
        }
        pages.plain(part.bring(), true);
        if (!part.words().isBlank()) {
            pages.strong("“" + part.words() + "”", true);
        }
        part.cues().forEach(cue -> pages.plain("• " + cue, true));
        if (paper == PrintedPages.Paper.A4) {
            part.outs().forEach(out -> pages.plain("If " + out, true));
        }
    }

    /** The same as Markdown. */
    String markdown() {
        StringBuilder text =
                new StringBuilder("# " + PlainInMarkdown.line(title) + "\n\n" + PlainInMarkdown.line(subtitle) + "\n");
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            text.append(String.format(Locale.ROOT, "%n## %d. %s%n%n", i + 1, PlainInMarkdown.line(part.title())));
            items(text, "Before", part.before());
            item(text, "Set-up", part.bring());
            item(text, "First words", part.words());
            items(text, "Remember", part.cues());
            items(text, "If", part.outs());
        }
        for (Listed list : lists) {
            if (!list.items().isEmpty()) {
                text.append("\n## ").append(list.heading()).append("\n\n");
                list.items()
                        .forEach(each -> text.append("- [ ] ")
                                .append(PlainInMarkdown.line(each))
                                .append('\n'));
            }
        }
        return text.toString();
    }

    private static void item(StringBuilder text, String label, String words) {
        if (!words.isBlank()) {
            text.append("- **")
                    .append(label)
                    .append("**: ")
                    .append(PlainInMarkdown.line(words))
                    .append('\n');
        }
    }

    private static void items(StringBuilder text, String label, List<String> all) {
        all.forEach(each -> item(text, label, each));
    }
}
