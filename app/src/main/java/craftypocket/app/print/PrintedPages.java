package craftypocket.app.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * Pages to be printed, with the letters of the screen and shapes of our own for the suits. What goes onto them is said from
 * top to bottom, and said again for each size of type that is tried: the largest with which one page is enough is taken.
 * Where even the smallest is not enough there are more pages.
 */
public final class PrintedPages {

    /** A sheet of paper. */
    public enum Paper {
        /** For the pocket. */
        A6(PDRectangle.A6, 18, 11),
        A4(PDRectangle.A4, 48, 13);

        private final PDRectangle size;
        private final float margin;
        private final float largest;

        Paper(PDRectangle size, float margin, float largest) {
            this.size = size;
            this.margin = margin;
            this.largest = largest;
        }
    }

    /** A card at a place of a deck, counted from the top. */
    public record Marked(int nth, String sign) {}

    private static final float SMALLER = 0.5f;
    private static final float LEADING = 1.3f;
    private static final String SUITS = "♠♥♦♣";

    private final Paper paper;
    private final PDDocument document;
    private final PDFont text;
    private final PDFont bold;
    private final PDFont title;

    /** The size of plain text; nothing is drawn while it is tried out. */
    private float size;

    private PDPageContentStream page;

    /** The picture of the row above on this page, and how far from the top of the paper it begins. */
    private DeckPicture above;

    private double abovesTop;
    private float y;
    private int pages;

    private PrintedPages(Paper paper, PDDocument document) throws IOException {
        this.paper = paper;
        this.document = document;
        text = font("text");
        bold = font("bold");
        title = font("title");
    }

    /**
     * Makes a PDF.
     *
     * @param title what the document is called
     * @param smallest the smallest type that may be tried, in points
     * @param content says what is on the pages; called several times
     */
    public static byte[] write(String title, Paper paper, double smallest, Consumer<PrintedPages> content) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            new PrintedPages(paper, document).write((float) smallest, content);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    private PDFont font(String name) throws IOException {
        try (InputStream file = PrintedPages.class.getResourceAsStream("/print/" + name + ".ttf")) {
            return PDType0Font.load(document, file);
        }
    }

    private void write(float smallest, Consumer<PrintedPages> content) throws IOException {
        size = paper.largest;
        while (size > smallest && !fits(content)) {
            size -= SMALLER;
        }
        pages = 0;
        newPage();
        content.accept(this);
        page.close();
    }

    /** Lays everything without drawing, and sees whether one page is enough. */
    private boolean fits(Consumer<PrintedPages> content) {
        page = null;
        pages = 0;
        y = top();
        content.accept(this);
        return pages == 0;
    }

    /** The title of the whole, in the letters of titles. */
    public void title(String words) {
        words(title, size * 1.6f, words, 0);
    }

    /** The heading of a part. */
    public void heading(String words) {
        words(bold, size * 1.2f, words, 0);
    }

    /** Plain words, or strong ones. */
    public void plain(String words, boolean indented) {
        words(text, size, words, indented ? size : 0);
    }

    public void strong(String words, boolean indented) {
        words(bold, size, words, indented ? size : 0);
    }

    /** Something to be ticked. */
    public void tick(String words) {
        box();
        words(text, size, words, size * 1.3f);
    }

    /** Room between two parts. */
    public void gap() {
        y -= size * 0.6f;
    }

    private float top() {
        return paper.size.getHeight() - paper.margin;
    }

    private float width() {
        return paper.size.getWidth() - 2 * paper.margin;
    }

    private void newPage() throws IOException {
        above = null;
        if (page != null) {
            page.close();
        }
        PDPage sheet = new PDPage(paper.size);
        document.addPage(sheet);
        page = new PDPageContentStream(document, sheet);
        y = top();
    }

    /** The deck seen from the side, the top on the left, with the cards whose place is stated. */
    public void deck(int cards, List<Marked> marked) {
        float height = size * 0.9f;
        float wide = width() - 2 * size;
        room(height + size * LEADING * 1.2f);
        if (page != null) {
            drawing(() -> drawDeck(cards, marked, wide, height));
        }
        y -= height + size * LEADING;
    }

    private void drawDeck(int cards, List<Marked> marked, float wide, float height) throws IOException {
        float left = paper.margin + size;
        page.setLineWidth(0.4f);
        page.addRect(left, y - height, wide, height);
        page.stroke();
        List<Marked> sorted =
                marked.stream().sorted(Comparator.comparingInt(Marked::nth)).toList();
        float points = size * 0.8f;
        float[] at = new float[sorted.size()];
        float free = left;
        for (int i = 0; i < at.length; i++) {
            float x = left + wide * (sorted.get(i).nth() - 0.5f) / cards;
            page.setLineWidth(1.2f);
            page.moveTo(x, y);
            page.lineTo(x, y - height);
            page.stroke();
            at[i] = Math.max(x, free);
            free = at[i] + measure(text, points, sorted.get(i).sign()) + points;
        }
        // Labels that would run over the end make room to the left.
        float end = left + wide;
        for (int i = at.length - 1; i >= 0; i--) {
            at[i] = Math.min(at[i], end - measure(text, points, sorted.get(i).sign()));
            end = at[i] - points;
            line(text, points, sorted.get(i).sign(), at[i], y - height - size);
        }
    }

    /** Words of a row: strong or plain. */
    public record Words(String text, boolean strong) {}

    /**
     * Words on the left, and on the right the deck as it is then. Threads run from the row before to this one where they stand on
     * one page.
     */
    public void row(List<Words> words, DeckPicture picture) {
        float gutter = size * 1.5f;
        float wide = (width() - gutter) * 0.4f;
        float left = paper.margin + wide + gutter;
        float high = size * 0.6f;
        for (Words part : words) {
            high += lines(font(part), size, part.text(), wide).size() * size * LEADING;
        }
        float height = Math.max(high, (float) picture.height() + size);
        room(height);
        if (page != null) {
            float top = y;
            drawing(() -> {
                page.setLineWidth(0.3f);
                page.setStrokingColor(0.7f);
                page.moveTo(paper.margin, top);
                page.lineTo(paper.margin + width(), top);
                page.stroke();
                page.setStrokingColor(0f);
            });
            Canvas canvas = new PdfCanvas();
            double picturesTop = paper.size.getHeight() - top + size * 0.3;
            if (above != null) {
                picture.threads(canvas, above, left, abovesTop, picturesTop, width() - wide - gutter);
                above.draw(canvas, left, abovesTop, width() - wide - gutter);
            }
            picture.draw(canvas, left, picturesTop, width() - wide - gutter);
            above = picture;
            abovesTop = picturesTop;
            float baseline = top - size * 0.4f;
            for (Words part : words) {
                for (String line : lines(font(part), size, part.text(), wide)) {
                    float at = baseline - size;
                    drawing(() -> line(font(part), size, line, paper.margin, at));
                    baseline -= size * LEADING;
                }
            }
        }
        y -= height;
    }

    private PDFont font(Words words) {
        return words.strong() ? bold : text;
    }

    /** A page to draw on, measured from its top. */
    private final class PdfCanvas implements Canvas {

        private float up(double fromTop) {
            return (float) (paper.size.getHeight() - fromTop);
        }

        @Override
        public void line(double x1, double y1, double x2, double y2, double width, double grey, double dash) {
            drawing(() -> {
                page.setLineWidth((float) width);
                page.setStrokingColor((float) grey);
                page.setLineDashPattern(dash > 0 ? new float[] {(float) dash, (float) dash} : new float[0], 0);
                page.moveTo((float) x1, up(y1));
                page.lineTo((float) x2, up(y2));
                page.stroke();
                page.setLineDashPattern(new float[0], 0);
                page.setStrokingColor(0f);
            });
        }

        @Override
        public void box(double x, double top, double width, double height, double grey, boolean edge) {
            drawing(() -> {
                page.setNonStrokingColor((float) grey);
                page.setLineWidth(0.3f);
                page.addRect((float) x, up(top + height), (float) width, (float) height);
                if (edge) {
                    page.fillAndStroke();
                } else {
                    page.fill();
                }
                page.setNonStrokingColor(0f);
            });
        }

        @Override
        public void between(
                double left1, double right1, double y1, double left2, double right2, double y2, double grey) {
            drawing(() -> {
                page.setNonStrokingColor((float) grey);
                page.moveTo((float) left1, up(y1));
                page.lineTo((float) right1, up(y1));
                page.lineTo((float) right2, up(y2));
                page.lineTo((float) left2, up(y2));
                page.fill();
                page.setNonStrokingColor(0f);
            });
        }

        @Override
        public void text(double x, double baseline, double points, boolean strong, String words) {
            drawing(() -> PrintedPages.this.line(strong ? bold : text, (float) points, words, (float) x, up(baseline)));
        }

        @Override
        public double width(double points, boolean strong, String words) {
            return measure(strong ? bold : text, (float) points, words);
        }
    }

    /** Something that draws into memory, where nothing can fail. */
    @FunctionalInterface
    private interface Drawing {
        void draw() throws IOException;
    }

    private static void drawing(Drawing drawing) {
        try {
            drawing.draw();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    /** A box to tick. */
    private void box() {
        room(size * LEADING);
        if (page != null) {
            drawing(() -> {
                page.setLineWidth(0.5f);
                page.addRect(paper.margin, y - size, size * 0.75f, size * 0.75f);
                page.stroke();
            });
        }
    }

    private void words(PDFont font, float points, String words, float indent) {
        for (String line : lines(font, points, words, width() - indent)) {
            room(points * LEADING);
            if (page != null) {
                drawing(() -> line(font, points, line, paper.margin + indent, y - points));
            }
            y -= points * LEADING;
        }
    }

    private void room(float height) {
        if (y - height < paper.margin) {
            pages++;
            if (page == null) {
                y = top();
            } else {
                drawing(this::newPage);
            }
        }
    }

    private List<String> lines(PDFont font, float points, String words, float wide) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.strip().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && measure(font, points, longer) > wide) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }

    /** Letters by the font, suits as shapes of our own, and a question mark for what the font lacks. */
    private static float measure(PDFont font, float points, String line) {
        float wide = 0;
        for (int point : line.codePoints().toArray()) {
            wide += isSuit(point) ? points * 0.75f : letterWidth(font, points, letter(font, point));
        }
        return wide;
    }

    private static float letterWidth(PDFont font, float points, String letter) {
        try {
            return font.getStringWidth(letter) / 1000 * points;
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    private static boolean isSuit(int point) {
        return SUITS.indexOf(point) >= 0;
    }

    private static String letter(PDFont font, int point) {
        String letter = Character.toString(point);
        try {
            font.encode(letter);
            return letter;
        } catch (IOException | IllegalArgumentException lacking) {
            return "?";
        }
    }

    private void line(PDFont font, float points, String line, float x, float baseline) throws IOException {
        float at = x;
        StringBuilder run = new StringBuilder();
        float from = at;
        for (int point : line.codePoints().toArray()) {
            if (isSuit(point)) {
                show(font, points, run, from, baseline);
                SuitShape.draw(page, point, at + points * 0.05f, baseline, points * 0.65f);
                at += points * 0.75f;
                from = at;
            } else {
                String letter = letter(font, point);
                run.append(letter);
                at += letterWidth(font, points, letter);
            }
        }
        show(font, points, run, from, baseline);
    }

    private void show(PDFont font, float points, StringBuilder run, float x, float baseline) throws IOException {
        if (!run.isEmpty()) {
            page.beginText();
            page.setFont(font, points);
            page.newLineAtOffset(x, baseline);
            page.showText(run.toString());
            page.endText();
            run.setLength(0);
        }
    }
}
