package craftypocket.app.print;

import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The four suits as shapes of our own, as the fonts of the screen have none. */
final class SuitShape {

    /** A circle as four curves: how far their handles reach, in radii. */
    private static final float ROUND = 0.5523f;

    private SuitShape() {}

    /** Draws a suit into a square whose lower left corner this is. */
    static void draw(PDPageContentStream page, int suit, float x, float y, float side) throws IOException {
        float half = side / 2;
        switch (suit) {
            case '♦' -> {
                page.moveTo(x + half, y);
                page.lineTo(x + side * 0.9f, y + half);
                page.lineTo(x + half, y + side);
                page.lineTo(x + side * 0.1f, y + half);
            }
            case '♥' -> heart(page, x, y, side, 1);
            case '♠' -> {
                heart(page, x, y + side, side, -1);
                page.fill();
                stem(page, x, y, side);
            }
            default -> {
                float radius = side * 0.24f;
                circle(page, x + half, y + side - radius, radius);
                circle(page, x + radius, y + side * 0.42f, radius);
                circle(page, x + side - radius, y + side * 0.42f, radius);
                page.fill();
                stem(page, x, y, side);
            }
        }
        page.fill();
    }

    /** A heart that stands on its tip, or with {@code up} -1 hangs from it. */
    private static void heart(PDPageContentStream page, float x, float y, float side, int up) throws IOException {
        float half = side / 2;
        page.moveTo(x + half, y);
        page.curveTo(x, y + up * side * 0.4f, x, y + up * side * 0.55f, x, y + up * side * 0.7f);
        page.curveTo(x, y + up * side * 1.08f, x + half, y + up * side * 1.08f, x + half, y + up * side * 0.72f);
        page.curveTo(x + half, y + up * side * 1.08f, x + side, y + up * side * 1.08f, x + side, y + up * side * 0.7f);
        page.curveTo(x + side, y + up * side * 0.55f, x + side, y + up * side * 0.4f, x + half, y);
    }

    private static void stem(PDPageContentStream page, float x, float y, float side) throws IOException {
        float half = side / 2;
        page.moveTo(x + half, y + side * 0.5f);
        page.lineTo(x + side * 0.68f, y);
        page.lineTo(x + side * 0.32f, y);
        page.closePath();
    }

    private static void circle(PDPageContentStream page, float x, float y, float radius) throws IOException {
        float handle = radius * ROUND;
        page.moveTo(x + radius, y);
        page.curveTo(x + radius, y + handle, x + handle, y + radius, x, y + radius);
        page.curveTo(x - handle, y + radius, x - radius, y + handle, x - radius, y);
        page.curveTo(x - radius, y - handle, x - handle, y - radius, x, y - radius);
        page.curveTo(x + handle, y - radius, x + radius, y - handle, x + radius, y);
    }
}
