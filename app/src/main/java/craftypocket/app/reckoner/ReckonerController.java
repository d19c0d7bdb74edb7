package craftypocket.app.reckoner;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.http.Refusal;
import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Inside;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.reckon.AddOnSwitch;
import craftypocket.core.reckon.CyclicOrder;
import craftypocket.core.reckon.DoubleSpell;
import craftypocket.core.reckon.OrderUnderRiffles;
import craftypocket.core.reckon.Overhands;
import craftypocket.core.reckon.Riffles;
import craftypocket.core.reckon.SafeNumber;
import craftypocket.core.reckon.Spelling;
import craftypocket.core.reckon.Thickness;
import craftypocket.core.settings.Problem;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Quick arithmetic away from any routine. */
@RestController
@RequestMapping("/api/reckoner")
@AnswersWithProblems
class ReckonerController {

    private static final int MOST_RIFFLES_SHOWN = 10;
    private static final int MOST_OVERHANDS_SHOWN = 8;

    record ShareDocument(int value, double share) {}

    /**
     * Odds of shuffles.
     *
     * @param riffles how far from random after 1 to 10 riffles, from 1, told at once, to 0
     * @param topStays by the size of the upper packet, the chance that its top card stays on top
     * @param neighbours after 1 to 8 overhand shuffles, the chance that two neighbours were never parted
     */
    record OddsDocument(
            @NotNull List<ShareDocument> riffles,
            @NotNull List<ShareDocument> topStays,
            @NotNull List<ShareDocument> neighbours) {}

    record SafeNumberDocument(int smallest, int pastTheKey) {}

    record SpelledDocument(int letters, @NotNull List<String> cards) {}

    /**
     * @param card what one card measures, in millimetres
     * @param cards how many cards the block has
     * @param millimetres how thick the cards that were asked for lie
     */
    record ThicknessDocument(double card, int cards, double millimetres) {}

    /** With which chance the card of a number is found after riffles. */
    record NumberDocument(int number, double share) {}

    record AddOnDocument(int switched) {}

    record LettersDocument(int letters) {}

    /** Two names spelled one after the other: their letters, where the first card lies from the face, how many to cut. */
    record DoubleSpellDocument(int selection, int first, int firstFromFace, int cut) {}

    record CutDocument(int depth) {}

    /**
     * How cards of one size go in.
     *
     * @param cards poker or bridge
     * @param folded whether they are folded in quarters
     * @param size what they measure then
     * @param fit flat, sticks-out, not, or not-measured
     * @param out by how many millimetres they stick out at the mouth
     */
    record FitDocument(
            @NotNull String cards,
            boolean folded,
            @NotNull String size,
            @NotNull String fit,
            double out) {}

    /** How much shuffles mix: riffles, riffles of unequal packets, overhand shuffles. */
    @GetMapping("/odds")
    OddsDocument odds(
            @RequestParam(defaultValue = "52")
                    @Min(value = 2, message = "at least 2")
                    @Max(value = Riffles.MOST_CARDS, message = "at most 104")
                    int cards,
            @RequestParam(defaultValue = "7")
                    @Min(value = 1, message = "at least 1")
                    @Max(value = 104, message = "at most 104")
                    int chunks) {
        return new OddsDocument(
                IntStream.rangeClosed(1, MOST_RIFFLES_SHOWN)
                        .mapToObj(m -> new ShareDocument(m, Riffles.distance(cards, m)))
                        .toList(),
                IntStream.range(1, cards)
                        .mapToObj(upper -> new ShareDocument(upper, Riffles.topStays(upper, cards - upper)))
                        .toList(),
                IntStream.rangeClosed(1, MOST_OVERHANDS_SHOWN)
                        .mapToObj(times -> new ShareDocument(
                                times, Overhands.neighboursStay(cards, Math.min(chunks, cards), times)))
                        .toList());
    }

    /** The smallest number that may be announced past a key at an estimated depth. */
    @GetMapping("/safe-number")
    SafeNumberDocument safeNumber(
            @RequestParam @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104") int depth,
            @RequestParam @Min(value = 0, message = "at least 0") @Max(value = 50, message = "at most 50") int error) {
        return new SafeNumberDocument(new SafeNumber(depth, error).smallest(), SafeNumber.PAST_THE_KEY);
    }

    /** The 52 cards by the length of their names. */
    @GetMapping("/spelling")
    List<SpelledDocument> spelling(@RequestParam(defaultValue = "ENGLISH") Spelling.Language language) {
        Map<Integer, List<String>> byLength = Pack.of52().cards().stream()
                .map(Card::front)
                .collect(Collectors.groupingBy(
                        side -> Spelling.length(side, language.ordinal()),
                        TreeMap::new,
                        Collectors.mapping(CardText::sign, Collectors.toList())));
        return byLength.entrySet().stream()
                .map(entry -> new SpelledDocument(entry.getKey(), entry.getValue()))
                .toList();
    }

    /** Depth from thickness and back, with a deck that was measured. */
    @GetMapping("/thickness")
    ThicknessDocument thickness(
            @RequestParam(defaultValue = "15.1")
                    @Min(value = 1, message = "at least 1")
                    @Max(value = 60, message = "at most 60")
                    double pack,
            @RequestParam(defaultValue = "52")
                    @Min(value = 2, message = "at least 2")
                    @Max(value = 104, message = "at most 104")
                    int cards,
            @RequestParam(defaultValue = "5")
                    @Min(value = 0, message = "at least 0")
                    @Max(value = 60, message = "at most 60")
                    double block,
            @RequestParam(defaultValue = "26")
                    @Min(value = 0, message = "at least 0")
                    @Max(value = 104, message = "at most 104")
                    int depth) {
        double card = Thickness.ofCard(pack, cards);
        return new ThicknessDocument(card, Thickness.cards(block, card), Thickness.of(depth, card));
    }

    /** An order of cards on top of 52 under real riffles, by the number that was thought of. */
    @GetMapping("/order")
    List<NumberDocument> order(
            @RequestParam(defaultValue = "12")
                    @Min(value = 2, message = "at least 2")
                    @Max(value = OrderUnderRiffles.MOST_IN_ORDER, message = "at most 26")
                    int cards,
            @RequestParam(defaultValue = "2")
                    @Min(value = 0, message = "at least 0")
                    @Max(value = OrderUnderRiffles.MOST_RIFFLES, message = "at most 5")
                    int riffles) {
        return OrderUnderRiffles.byNumber(Pack.of52().size(), cards, riffles).stream()
                .map(odds -> new NumberDocument(odds.number(), odds.share()))
                .toList();
    }

    /** How many cards a packet switches when it is added on, and under how many the break is held. */
    @GetMapping("/add-on")
    AddOnDocument addOn(
            @RequestParam @Min(value = 2, message = "at least 2") @Max(value = 12, message = "at most 12") int packet) {
        return new AddOnDocument(new AddOnSwitch(packet).switched());
    }

    /** How many cards are dealt when these words are spelled. */
    @GetMapping("/letters")
    LettersDocument letters(@RequestParam @Size(max = 100, message = "at most 100 letters") String words) {
        return new LettersDocument(Spelling.letters(words));
    }

    /** Where to cut so that one name spells to its card, and then the selection's name to the selection. */
    @GetMapping("/double-spell")
    DoubleSpellDocument doubleSpell(
            @RequestParam String selection,
            @RequestParam String first,
            @RequestParam(defaultValue = "ENGLISH") Spelling.Language language) {
        DoubleSpell spell = DoubleSpell.of(face("selection", selection), face("first", first), language.ordinal());
        return new DoubleSpellDocument(spell.selection(), spell.first(), spell.firstFromFace(), spell.cut());
    }

    private static Side face(String field, String text) {
        return CardText.read(text).filter(side -> side.kind() == Side.Kind.FACE).orElseThrow(() -> {
            Problem problem =
                    new Problem(field, text, "it must be a card with a name", "Write a code such as QC, 10H or Q♣");
            return Refusal.of("No such card", problem);
        });
    }

    /** How deep a complete cut brings a card from one place to another. */
    @GetMapping("/cut")
    CutDocument cut(
            @RequestParam(defaultValue = "52")
                    @Min(value = 2, message = "at least 2")
                    @Max(value = 104, message = "at most 104")
                    int cards,
            @RequestParam @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104") int from,
            @RequestParam @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104") int to) {
        if (Math.max(from, to) > cards) {
            Problem problem = new Problem(
                    from > cards ? "from" : "to",
                    String.valueOf(Math.max(from, to)),
                    "there are " + cards + " cards",
                    "Write a number up to " + cards);
            throw Refusal.of("No such place", problem);
        }
        return new CutDocument(CyclicOrder.depth(cards, from, to));
    }

    /** How cards go into a holder of this inner size, in millimetres, across its mouth and along; 0 is not measured. */
    @GetMapping("/fit")
    List<FitDocument> fit(
            @RequestParam @Min(value = 0, message = "at least 0") @Max(value = 1000, message = "at most 1000")
                    double wide,
            @RequestParam @Min(value = 0, message = "at least 0") @Max(value = 1000, message = "at most 1000")
                    double high,
            @RequestParam(defaultValue = "false") boolean open) {
        Inside inside = new Inside(wide, high, open);
        return List.of(
                fit("poker", false, CardSize.POKER, inside),
                fit("bridge", false, CardSize.BRIDGE, inside),
                fit("poker", true, CardSize.POKER.folded(), inside),
                fit("bridge", true, CardSize.BRIDGE.folded(), inside));
    }

    private static FitDocument fit(String cards, boolean folded, CardSize size, Inside inside) {
        Inside.Fit fit = inside.fit(Optional.of(size));
        double out = fit == Inside.Fit.STICKS_OUT ? inside.sticksOut(size) : 0;
        return new FitDocument(cards, folded, size.millimetres(), Constants.word(fit), out);
    }
}
