package craftypocket.core.claims.kinds;

import craftypocket.core.cards.Side;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Lookout;
import craftypocket.core.settings.FaceSetting;

/** What claims on sight make of what is seen. */
final class Eyes {

    private Eyes() {}

    /** 1 once a side has been seen by those who are meant. */
    static Lookout.Eye once(FaceSetting.Face face, int who) {
        return (soFar, hands, place, card, front, turnedTo) ->
                Knower.sees(turnedTo, who) && face.is(hands, card, front) ? 1 : soFar;
    }

    /** 1 once anything but a back of a pile has been seen by those who are meant. */
    static Lookout.Eye anyFace(int pile, int who) {
        return (soFar, hands, place, card, front, turnedTo) ->
                place == pile && Knower.sees(turnedTo, who) && !hands.showsBack(card, front) ? 1 : soFar;
    }

    /** 1 once somebody is shown their own card; that they look at it themselves does not count. */
    static Lookout.Eye shownOwn(int role, int owner) {
        return (soFar, hands, place, card, front, turnedTo) ->
                front && hands.cardOf(role) == card && !Knower.isOwnLook(turnedTo) && Knower.sees(turnedTo, owner)
                        ? 1
                        : soFar;
    }

    /** A bit for each of these faces that was seen, and the highest one when there was another. */
    static Lookout.Eye among(Side[] faces, int who) {
        return (soFar, hands, place, card, front, turnedTo) -> {
            if (hands.showsBack(card, front) || !Knower.sees(turnedTo, who)) {
                return soFar;
            }
            for (int i = 0; i < faces.length; i++) {
                if (hands.shows(card, front, faces[i])) {
                    return (byte) (soFar | 1 << i);
                }
            }
            return (byte) (soFar | 0x80);
        };
    }
}
