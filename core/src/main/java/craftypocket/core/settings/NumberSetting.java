package craftypocket.core.settings;

import craftypocket.core.layout.Hands;

/** A setting with a number, or several, that may be left open and then differs from world to world. */
public abstract class NumberSetting extends Setting {

    private Decider decider = Decider.PERFORMER;
    private String phrase;

    NumberSetting(Kind kind, String name, String label, String usual, String phrase) {
        super(kind, name, label, usual);
        this.phrase = phrase;
    }

    final void decidedBy(Decider newDecider) {
        decider = newDecider;
    }

    final void toldAs(String newPhrase) {
        phrase = newPhrase;
    }

    @Override
    public final Decider decider() {
        return decider;
    }

    /** How a world is told by this setting, {@code #} standing for the number: “they cut off #”. */
    final String phrase() {
        return phrase;
    }

    /** The least number that the layout allows. */
    public abstract int least(Hands hands, Values values);

    /** The largest number that the layout allows; for several, what they add up to, or may add up to. */
    public abstract int most(Hands hands, Values values);

    /** Whether the numbers of this world can be done here. */
    public abstract boolean possible(Hands hands, Values values);

    /** A choice of one of its numbers, told as part of a world: “they cut off 17”. */
    public String told(int chunk, String numbers) {
        return phrase.replace("#", numbers);
    }
}
