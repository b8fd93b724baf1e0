// A claim as a PDF: the letter, on as many pages as it needs.
import { PDFDocument, StandardFonts } from 'pdf-lib';
import { writable } from '../labels/pdf.ts';

const [WIDTH, HEIGHT, MARGIN] = [595, 842, 56];
const SIZE = 10.5;
const LEADING = 15;

/** Words of a line that fit beside each other, line by line; a word that is wider than the page stands alone. */
export function wrapped(line: string, isFit: (text: string) => boolean): string[] {
  const lines: string[] = [];
  let now = '';
  for (const word of line.split(' ')) {
    const longer = now === '' ? word : `${now} ${word}`;
    if (now !== '' && !isFit(longer)) {
      lines.push(now);
      now = word;
    } else now = longer;
  }
  return [...lines, now];
}

export async function claimPdf(title: string, letter: string): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const isFit = (text: string) => font.widthOfTextAtSize(text, SIZE) <= WIDTH - 2 * MARGIN;
  const lines = letter.split('\n').flatMap((line) => wrapped(writable(line, font), isFit));
  const most = Math.floor((HEIGHT - 2 * MARGIN) / LEADING);
  for (let first = 0; first < lines.length; first += most) {
    const page = pdf.addPage([WIDTH, HEIGHT]);
    lines.slice(first, first + most).forEach((text, index) => {
      page.drawText(text, { x: MARGIN, y: HEIGHT - MARGIN - index * LEADING - SIZE, size: SIZE, font });
    });
  }
  return pdf.save();
}
