package craftypocket.app.print;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** A picture that stands in a page. Ink is the colour of the words around it, so that it is light on dark and dark on light. */
final class SvgCanvas implements Canvas {

    /** About how wide a letter is, beside its height. */
    private static final double LETTER = 0.56;

    private static final double BOLD_LETTER = 0.6;

    private final StringBuilder drawn = new StringBuilder();

    private void add(String shape, Object... numbers) {
        drawn.append(String.format(Locale.ROOT, shape, numbers));
    }

    @Override
    public void line(double x1, double y1, double x2, double y2, double width, double grey, double dash) {
        add(
                "<path d=\"M%.1f %.1fL%.1f %.1f\" stroke=\"currentColor\" stroke-opacity=\"%.2f\" stroke-width=\"%.1f\"%s/>",
                x1,
                y1,
                x2,
                y2,
                1 - grey,
                width,
                dash > 0 ? String.format(Locale.ROOT, " stroke-dasharray=\"%.1f\"", dash) : "");
    }

    @Override
    public void box(double x, double y, double width, double height, double grey, boolean edge) {
        add(
                "<rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" %s%s/>",
                x,
                y,
                width,
                height,
                grey >= 1
                        ? "class=\"paper\""
                        : String.format(Locale.ROOT, "fill=\"currentColor\" fill-opacity=\"%.2f\"", 1 - grey),
                edge ? " stroke=\"currentColor\" stroke-width=\".4\"" : "");
    }

    @Override
    public void between(double left1, double right1, double y1, double left2, double right2, double y2, double grey) {
        add(
                "<path d=\"M%.1f %.1fL%.1f %.1fL%.1f %.1fL%.1f %.1fZ\" fill=\"currentColor\" fill-opacity=\"%.2f\"/>",
                left1, y1, right1, y1, right2, y2, left2, y2, 1 - grey);
    }

    @Override
    public void text(double x, double baseline, double size, boolean bold, String words) {
        add(
                "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.1f\" fill=\"currentColor\"%s>%s</text>",
                x, baseline, size, bold ? " font-weight=\"700\"" : "", escaped(words));
    }

    @Override
    public double width(double size, boolean bold, String words) {
        return words.length() * size * (bold ? BOLD_LETTER : LETTER);
    }

    private static String escaped(String words) {
        return HtmlUtils.htmlEscape(words, StandardCharsets.UTF_8.name());
    }

    /** The picture, as wide as there is room. */
    String picture(double width, double height, String told) {
        return String.format(
                Locale.ROOT,
                "<svg viewBox=\"0 0 %.0f %.0f\" role=\"img\" aria-label=\"%s\">%s</svg>",
                width,
                Math.ceil(height),
                escaped(told),
                drawn);
    }
}
