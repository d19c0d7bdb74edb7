package craftypocket.app.sets;

import craftypocket.app.sets.CueSheet.Listed;
import craftypocket.app.sets.CueSheet.Marked;
import craftypocket.app.sets.CueSheet.Part;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes a {@link CueSheet} on one page, as large as it fits; on more pages only when it would be too small to read. */
final class CueSheetPdf {

    /** The page for the pocket, and the one for the prop table. */
    enum Paper {
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

    private static final float SMALLEST = 5.5f;
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
    private float y;
    private int pages;

    private CueSheetPdf(Paper paper, PDDocument document) throws IOException {
        this.paper = paper;
        this.document = document;
        text = font("text");
        bold = font("bold");
        title = font("title");
    }

    /** The sheet as a PDF. */
    static byte[] write(CueSheet sheet, Paper paper) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(sheet.title());
            new CueSheetPdf(paper, document).write(sheet);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    private PDFont font(String name) throws IOException {
        try (InputStream file = CueSheetPdf.class.getResourceAsStream("/print/" + name + ".ttf")) {
            return PDType0Font.load(document, file);
        }
    }

    private void write(CueSheet sheet) throws IOException {
        size = paper.largest;
        while (size > SMALLEST && !fits(sheet)) {
            size -= SMALLER;
        }
        pages = 0;
        newPage();
        lay(sheet);
        page.close();
    }

    /** Lays everything without drawing, and sees whether one page is enough. */
    private boolean fits(CueSheet sheet) throws IOException {
        page = null;
        pages = 0;
        y = top();
        lay(sheet);
        return pages == 0;
    }

    private float top() {
        return paper.size.getHeight() - paper.margin;
    }

    private float width() {
        return paper.size.getWidth() - 2 * paper.margin;
    }

    private void newPage() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage sheet = new PDPage(paper.size);
        document.addPage(sheet);
        page = new PDPageContentStream(document, sheet);
        y = top();
    }

    private void lay(CueSheet sheet) throws IOException {
        words(title, size * 1.6f, sheet.title(), 0);
        words(text, size, sheet.subtitle(), 0);
        for (int i = 0; i < sheet.parts().size(); i++) {
            part(i + 1, sheet.parts().get(i));
        }
        for (Listed list : sheet.lists()) {
            if (!list.items().isEmpty() && (paper == Paper.A4 || list.atTable())) {
                gap(size * 0.7f);
                words(bold, size, list.heading(), 0);
                for (String item : list.items()) {
                    box();
                    words(text, size, item, size * 1.3f);
                }
            }
        }
    }

    private void part(int number, Part part) throws IOException {
        gap(size * 0.6f);
        for (String reset : part.before()) {
            words(text, size, "» " + reset, 0);
        }
        words(bold, size * 1.2f, number + ". " + part.title(), 0);
        if (!part.marked().isEmpty()) {
            deck(part);
        }
        words(text, size, part.bring(), size);
        if (!part.words().isBlank()) {
            words(bold, size, "“" + part.words() + "”", size);
        }
        for (String cue : part.cues()) {
            words(text, size, "• " + cue, size);
        }
        if (paper == Paper.A4) {
            for (String out : part.outs()) {
                words(text, size, "If " + out, size);
            }
        }
    }

    private void gap(float height) {
        y -= height;
    }

    /** The deck seen from the side, the top on the left, with the cards whose place is stated. */
    private void deck(Part part) throws IOException {
        float height = size * 0.9f;
        float wide = width() - 2 * size;
        room(height + size * LEADING * 1.2f);
        if (page != null) {
            float left = paper.margin + size;
            page.setLineWidth(0.4f);
            page.addRect(left, y - height, wide, height);
            page.stroke();
            for (Marked card : part.marked()) {
                float x = left + wide * (card.nth() - 0.5f) / part.cards();
                page.setLineWidth(1.2f);
                page.moveTo(x, y);
                page.lineTo(x, y - height);
                page.stroke();
                float label = Math.min(x, left + wide - measure(text, size * 0.8f, card.sign()));
                line(text, size * 0.8f, card.sign(), label, y - height - size);
            }
        }
        y -= height + size * LEADING;
    }

    /** A box to tick. */
    private void box() throws IOException {
        room(size * LEADING);
        if (page != null) {
            page.setLineWidth(0.5f);
            page.addRect(paper.margin, y - size, size * 0.75f, size * 0.75f);
            page.stroke();
        }
    }

    private void words(PDFont font, float points, String words, float indent) throws IOException {
        for (String line : lines(font, points, words, width() - indent)) {
            room(points * LEADING);
            if (page != null) {
                line(font, points, line, paper.margin + indent, y - points);
            }
            y -= points * LEADING;
        }
    }

    private void room(float height) throws IOException {
        if (y - height < paper.margin) {
            pages++;
            if (page == null) {
                y = top();
            } else {
                newPage();
            }
        }
    }

    private List<String> lines(PDFont font, float points, String words, float wide) throws IOException {
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
    private float measure(PDFont font, float points, String line) throws IOException {
        float wide = 0;
        for (int point : line.codePoints().toArray()) {
            wide += isSuit(point) ? points * 0.75f : font.getStringWidth(letter(font, point)) / 1000 * points;
        }
        return wide;
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
                at += font.getStringWidth(letter) / 1000 * points;
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
