package craftypocket.core.moves;

import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.Inside;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Whether cards go into a holder: what does not fit is not put in, and what nobody measured neither fits nor does not.
 *
 * @param inside the holder
 * @param card a card as it goes in; nothing when nobody said how large the cards are
 */
public record Fitting(Inside inside, Optional<CardSize> card) {

    /** It goes in, or nobody knows. */
    public Need need() {
        boolean fits = inside.fit(card) != Inside.Fit.NOT;
        return new Need(
                hands -> fits,
                "It does not go in: " + measures() + ".",
                "Fold it, use smaller cards, or use a larger holder.");
    }

    /** How it goes in, in words; nothing when it does not, which then is said where it is tried. */
    public List<Remark> remarks() {
        return switch (inside.fit(card)) {
            case FLAT -> List.of(new Remark(false, "It fits: " + measures() + "."));
            case STICKS_OUT ->
                List.of(new Remark(
                        false,
                        String.format(
                                Locale.ROOT,
                                "It sticks out at the mouth by %.1f mm: %s.",
                                inside.sticksOut(card.orElseThrow()),
                                measures())));
            case NOT -> List.of();
            case NOT_MEASURED ->
                List.of(
                        new Remark(
                                false,
                                card.isEmpty()
                                        ? "Whether it fits is not known: nobody said how large the cards are. Say it in the set-up."
                                        : "Whether it fits is not known: the inside is not measured. Measure it, and write it down."));
        };
    }

    private String measures() {
        return card.map(CardSize::millimetres).orElse("cards") + " into " + inside.millimetres();
    }
}
