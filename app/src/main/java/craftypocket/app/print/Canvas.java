package craftypocket.app.print;

/** Something to draw on, in points from the left and from the top. Greys go from 0, the ink, to 1, the paper. */
interface Canvas {

    /** A straight line; {@code dash} is the length of its dashes, 0 for none. */
    void line(double x1, double y1, double x2, double y2, double width, double grey, double dash);

    /** A filled box, with or without an edge of ink. */
    void box(double x, double y, double width, double height, double grey, boolean edge);

    /** A filled area between two lines that run from one height to another. */
    void between(double left1, double right1, double y1, double left2, double right2, double y2, double grey);

    /** Words that begin at a place, standing on a line. */
    void text(double x, double baseline, double size, boolean bold, String words);

    /** How wide words are. */
    double width(double size, boolean bold, String words);
}
