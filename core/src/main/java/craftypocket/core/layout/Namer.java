package craftypocket.core.layout;

import craftypocket.core.reckon.Reading;

/** Says what is read of the names of cards where more than one card may be meant. */
public interface Namer {

    /** The number that is read of a card's name on this surface. */
    int read(Hands hands, int card, Reading reading);
}
