package craftypocket.core.reckon;

/**
 * A packet that is switched by adding it on: its cards are turned singly onto the deck, the last with those over a break.
 * Common practice: a packet of P switches P − 1 cards, over a break under P − 1.
 *
 * @param packet how many cards the packet has
 */
public record AddOnSwitch(int packet) {

    public AddOnSwitch {
        if (packet < 2) {
            throw new IllegalArgumentException("packet " + packet + " is smaller than 2: one card switches nothing");
        }
    }

    /** Under how many cards the break is held; as many cards are switched. */
    public int switched() {
        return packet - 1;
    }
}
