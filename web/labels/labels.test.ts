import { LABEL, LABELS_A_SHEET, placeOf, qrRects, SHEET, shapesOf, sheetsOf, svgOf, type TankLabel } from './label.ts';
import { pdfOf } from './pdf.ts';
import { newPrinter, newRoll, ROLL, send, step } from './printer.ts';

const label = (code: string): TankLabel => ({
  code,
  lines: ['Fern bench, 45 L', 'fresh, hold', 'F & G <1>'],
  address: `http://house.local/tank/${code}`,
});

it('lays as many labels on a sheet as fit, each inside it, none over another', () => {
  const places = Array.from({ length: LABELS_A_SHEET }, (_, index) => placeOf(index));
  for (const { x, y } of places) {
    expect(x + LABEL.width).toBeLessThanOrEqual(SHEET.width);
    expect(y + LABEL.height).toBeLessThanOrEqual(SHEET.height);
  }
  expect(new Set(places.map(({ x, y }) => `${x} ${y}`)).size).toBe(LABELS_A_SHEET);
  expect(sheetsOf(Array.from({ length: 25 }, (_, index) => index)).map((sheet) => sheet.length)).toEqual([24, 1]);
});

it('draws a QR of its address: three finder patterns, and another address another picture', () => {
  const rects = qrRects('http://house.local/tank/F2');
  const left = Math.min(...rects.map(({ x }) => x));
  const top = Math.min(...rects.map(({ y }) => y));
  const step = rects[0]!.height;
  // The upper row of a finder pattern is seven dark squares, at both upper corners.
  const upper = rects.filter(({ y }) => Math.abs(y - top) < 1e-9).sort((a, b) => a.x - b.x);
  expect(upper[0]!.x).toBeCloseTo(left, 9);
  expect(upper[0]!.width / step).toBeCloseTo(7, 6);
  expect(upper.at(-1)!.width / step).toBeCloseTo(7, 6);
  expect(rects).not.toEqual(qrRects('http://house.local/tank/F3'));
  expect(rects.every(({ x, width, y, height }) => x >= 0 && x + width <= LABEL.width && y >= 0 && y + height <= LABEL.height)).toBe(true);
});

it('writes an SVG in millimetres with nothing unescaped in it', () => {
  const svg = svgOf([label('F2'), label('Bucket 1')]);
  expect(svg).toMatch(/^<svg [^>]*width="210mm" height="297mm"/);
  expect(svg).toContain('F &amp; G &lt;1&gt;');
  expect(svg.match(/<g /g)).toHaveLength(2);
  expect(shapesOf(label('Bucket 1'))[0]).toMatchObject({ size: 7, text: 'Bucket 1' });
});

it('writes a PDF of as many pages as sheets, letters it cannot write included', async () => {
  const bytes = await pdfOf([...Array.from({ length: 25 }, (_, index) => label(`F${index}`)), label('Ж1')]);
  const text = Buffer.from(bytes).toString('latin1');
  expect(text.slice(0, 5)).toBe('%PDF-');
  const { PDFDocument } = await import('pdf-lib');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);
});

it('the printer prints one after the other, stops for want of paper and goes on with a new roll', () => {
  let printer = send(
    newPrinter<number>(),
    Array.from({ length: ROLL + 2 }, (_, index) => index),
  );
  expect(printer.state).toBe('printing');
  for (let printed = 0; printed < ROLL; printed += 1) printer = step(printer);
  expect([printer.state, printer.left, printer.queue.length, printer.out.length]).toEqual(['no paper', 0, 2, ROLL]);
  expect(step(printer).out).toHaveLength(ROLL);
  expect(send(printer, [99]).state).toBe('no paper');
  printer = step(step(newRoll(printer)));
  expect([printer.state, printer.out.at(-1)]).toEqual(['idle', ROLL + 1]);
});
