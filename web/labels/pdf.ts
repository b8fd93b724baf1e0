// Label sheets as a PDF: the same shapes as the SVG, so that what is seen is what is printed.
import { PDFDocument, rgb, StandardFonts, type PDFFont } from 'pdf-lib';
import { LABEL, placeOf, SHEET, shapesOf, sheetsOf, type TankLabel } from './label.ts';

const POINTS_A_MM = 72 / 25.4;

/** The bytes of a PDF with as many A4 sheets as the labels need. */
export async function pdfOf(labels: readonly TankLabel[]): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Tank labels');
  const [plain, bold] = await Promise.all([pdf.embedFont(StandardFonts.Helvetica), pdf.embedFont(StandardFonts.HelveticaBold)]);
  const pt = (value: number) => value * POINTS_A_MM;
  for (const sheet of sheetsOf(labels)) {
    const page = pdf.addPage([pt(SHEET.width), pt(SHEET.height)]);
    sheet.forEach((label, index) => {
      const corner = placeOf(index);
      page.drawRectangle({
        x: pt(corner.x + 1),
        y: pt(SHEET.height - corner.y - LABEL.height + 1),
        width: pt(LABEL.width - 2),
        height: pt(LABEL.height - 2),
        borderWidth: 0.4,
        borderColor: rgb(0.6, 0.6, 0.6),
      });
      for (const shape of shapesOf(label)) {
        const [x, y] = [pt(corner.x + shape.x), pt(SHEET.height - corner.y - shape.y)];
        if (shape.kind === 'rect')
          page.drawRectangle({ x, y: y - pt(shape.height), width: pt(shape.width), height: pt(shape.height), color: rgb(0, 0, 0) });
        else {
          const font = shape.bold ? bold : plain;
          page.drawText(writable(shape.text, font), { x, y, size: pt(shape.size), font });
        }
      }
    });
  }
  return pdf.save();
}

/** The font's own letters only: what it cannot write is a question mark, not a failure. */
export function writable(text: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet());
  return [...text].map((letter) => (known.has(letter.codePointAt(0)!) ? letter : '?')).join('');
}
