// A claim as a PDF: the letter, on as many pages as it needs, and its photographs, two a page, each with what it shows and the sum of its bytes.
import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { writable } from '../labels/pdf.ts';

const [WIDTH, HEIGHT, MARGIN] = [595, 842, 56];
const SIZE = 10.5;
const SMALL = 8.5;
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

export type LetterPicture = { says: readonly string[]; jpeg?: Uint8Array };
/** Over its words; two of them fill a page. */
const PICTURE_HEIGHT = (HEIGHT - 2 * MARGIN) / 2 - 4 * LEADING;

async function addPictures(pdf: PDFDocument, font: PDFFont, pictures: readonly LetterPicture[]): Promise<void> {
  let page: PDFPage | undefined;
  for (const [index, { jpeg, says }] of pictures.entries()) {
    if (index % 2 === 0) page = pdf.addPage([WIDTH, HEIGHT]);
    let y = HEIGHT - MARGIN - (index % 2) * ((HEIGHT - 2 * MARGIN) / 2);
    if (jpeg) {
      const image = await pdf.embedJpg(jpeg);
      const { width, height } = image.scaleToFit(WIDTH - 2 * MARGIN, PICTURE_HEIGHT);
      page!.drawImage(image, { x: MARGIN, y: y - height, width, height });
      y -= height;
    }
    for (const line of says) {
      y -= LEADING;
      page!.drawText(writable(line, font), { x: MARGIN, y, size: SMALL, font });
    }
  }
}

export async function claimPdf(title: string, letter: string, pictures: readonly LetterPicture[] = []): Promise<Uint8Array> {
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
  await addPictures(pdf, font, pictures);
  return pdf.save();
}
