package craftypocket.app.routines;

import craftypocket.app.http.Constants;
import craftypocket.app.print.PlainInMarkdown;
import craftypocket.app.print.PrintedPages;
import craftypocket.app.print.PrintedPages.Marked;
import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Occasion;
import craftypocket.core.run.Knowledge;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A routine as it is read: what to prepare, what to do and say, what to do when something comes up, with the deck after each
 * step in the usual run.
 */
final class RoutineScript {

    /** Smaller type nobody reads with cards in both hands. */
    private static final double SMALLEST = 9;

    /** How wide the deck is as text. */
    private static final int WIDE = 52;

    /** One step: what to do, what was written down for it, and where the followed cards of the deck are afterwards. */
    private record Told(String sentence, String note, int deck, List<Marked> marked) {}

    private final RoutineDocument routine;
    private final List<Told> steps = new ArrayList<>();

    RoutineScript(RoutineDocument routine, Plan plan) {
        this.routine = routine;
        List<Trace.Moment> moments = Knowledge.of(plan, SurveyOptions.withDefaults())
                .map(knowledge -> knowledge.trace(World.USUAL))
                .orElseGet(() -> Tracer.trace(plan, World.USUAL))
                .moments();
        for (int i = 0; i < moments.size(); i++) {
            String note =
                    i == 0 ? routine.setUp().note() : routine.steps().get(i - 1).note();
            Pile deck = moments.get(i).layout().at(Place.DECK);
            steps.add(new Told(moments.get(i).sentence(), note, deck.size(), marked(plan, moments.get(i))));
        }
    }

    private static List<Marked> marked(Plan plan, Trace.Moment moment) {
        List<Marked> marked = new ArrayList<>();
        for (int i = 0; i < moment.roles().size(); i++) {
            int which = i;
            Trace.RoleState role = moment.roles().get(i);
            // Of what nobody stated neither place nor name is told.
            boolean anywhere = role.chosen()
                    && plan.arrangement().unstated(role.card())
                    && !plan.arrangement().anyCard(role.card())
                    && moment.known()
                            .filter(known -> known.place(which) == PlaceKnowledge.EXACT)
                            .isEmpty();
            if (role.chosen() && Place.DECK.equals(role.place()) && !anywhere) {
                String letter = plan.routine().roles().get(i).letter();
                String sign = CardText.sign(plan.pack().card(role.card()));
                marked.add(new Marked(
                        role.position(), plan.arrangement().anyCard(role.card()) ? letter : letter + " " + sign));
            }
        }
        return marked;
    }

    private static String out(RoutineDocument.OutDocument out) {
        String occasion = Constants.read(Occasion.class, out.occasion()).label();
        return out.says().isBlank() ? occasion : occasion + ": “" + out.says() + "”";
    }

    byte[] pdf() {
        return PrintedPages.write(routine.title(), PrintedPages.Paper.A4, SMALLEST, pages -> {
            pages.title(routine.title());
            pages.plain(routine.summary(), false);
            for (int i = 0; i < steps.size(); i++) {
                Told step = steps.get(i);
                pages.gap();
                pages.strong(i == 0 ? step.sentence() : i + ". " + step.sentence(), false);
                pages.plain(step.note(), true);
                if (!step.marked().isEmpty()) {
                    pages.deck(step.deck(), step.marked());
                }
            }
            if (!routine.outs().isEmpty()) {
                pages.gap();
                pages.heading("If something comes up");
                routine.outs().forEach(each -> pages.plain("• " + out(each), false));
            }
        });
    }

    String markdown() {
        StringBuilder text = new StringBuilder(
                "# " + PlainInMarkdown.line(routine.title()) + "\n\n" + PlainInMarkdown.of(routine.summary()) + "\n");
        for (int i = 0; i < steps.size(); i++) {
            Told step = steps.get(i);
            text.append(String.format(
                    Locale.ROOT, "%n%s**%s**%n", i == 0 ? "" : i + ". ", PlainInMarkdown.line(step.sentence())));
            if (!step.note().isBlank()) {
                text.append("\n   ")
                        .append(PlainInMarkdown.of(step.note()).replace("\n", "\n   "))
                        .append('\n');
            }
            if (!step.marked().isEmpty()) {
                text.append("\n   `").append(strip(step)).append("`\n");
            }
        }
        if (!routine.outs().isEmpty()) {
            text.append("\n## If something comes up\n\n");
            routine.outs()
                    .forEach(each -> text.append("- ")
                            .append(PlainInMarkdown.line(out(each)))
                            .append('\n'));
        }
        return text.toString();
    }

    /** The deck from the top, a letter for each followed card, and where exactly they are. */
    private static String strip(Told step) {
        char[] cells = "·".repeat(WIDE).toCharArray();
        List<String> exactly = new ArrayList<>();
        for (Marked card : step.marked()) {
            cells[(card.nth() - 1) * WIDE / step.deck()] = card.sign().charAt(0);
            exactly.add(card.sign() + " " + card.nth() + " of " + step.deck());
        }
        return new String(cells) + (exactly.isEmpty() ? "" : " " + String.join(", ", exactly));
    }
}
