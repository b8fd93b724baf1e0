// A tank's label as plain shapes in millimetres: its code, what it is, and a QR that opens it on a phone. SVG and PDF draw the same shapes.
import qrcode from 'qrcode-generator';

/** One label, mm: three in a row and eight in a column on A4. */
export const LABEL = { width: 60, height: 34 };
export const SHEET = { width: 210, height: 297, columns: 3, rows: 8, left: 15, top: 12.5 };
export const LABELS_A_SHEET = SHEET.columns * SHEET.rows;

export type TankLabel = { code: string; lines: readonly string[]; address: string };
export type Shape =
  | { kind: 'text'; x: number; y: number; size: number; bold: boolean; text: string }
  | { kind: 'rect'; x: number; y: number; width: number; height: number };

const QR = { x: 34, y: 5, size: 24 };

/** The dark squares of a QR, joined along each row so that no hairline parts them. */
export function qrRects(address: string): { x: number; y: number; width: number; height: number }[] {
  const qr = qrcode(0, 'M');
  qr.addData(address);
  qr.make();
  const n = qr.getModuleCount();
  const step = QR.size / n;
  const rects: { x: number; y: number; width: number; height: number }[] = [];
  for (let row = 0; row < n; row += 1) {
    for (let from = 0; from < n; from += 1) {
      if (!qr.isDark(row, from)) continue;
      let to = from;
      while (to + 1 < n && qr.isDark(row, to + 1)) to += 1;
      rects.push({ x: QR.x + from * step, y: QR.y + row * step, width: (to - from + 1) * step, height: step });
      from = to;
    }
  }
  return rects;
}

/** The shapes of a label, its top left corner at (0, 0); y of a text = its base line. */
export function shapesOf({ code, lines, address }: TankLabel): Shape[] {
  return [
    { kind: 'text', x: 4, y: 15, size: code.length > 4 ? 7 : 11, bold: true, text: code },
    ...lines.slice(0, 3).map((text, index): Shape => ({ kind: 'text', x: 4, y: 21 + index * 4.2, size: 3, bold: false, text })),
    ...qrRects(address).map((rect): Shape => ({ kind: 'rect', ...rect })),
  ];
}

/** Where the nth label of a sheet stands, mm from the top left. */
export function placeOf(index: number): { x: number; y: number } {
  return { x: SHEET.left + (index % SHEET.columns) * LABEL.width, y: SHEET.top + Math.floor(index / SHEET.columns) * LABEL.height };
}

export function sheetsOf<T>(labels: readonly T[]): T[][] {
  return Array.from({ length: Math.ceil(labels.length / LABELS_A_SHEET) }, (_, index) =>
    labels.slice(index * LABELS_A_SHEET, (index + 1) * LABELS_A_SHEET),
  );
}

const escape = (text: string) => text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
const mm = (value: number) => Number(value.toFixed(3));

/** One sheet of labels as an SVG of A4, in millimetres. */
export function svgOf(labels: readonly TankLabel[]): string {
  const drawn = labels.map((label, index) => {
    const { x, y } = placeOf(index);
    const inner = shapesOf(label).map((shape) =>
      shape.kind === 'rect'
        ? `<rect x="${mm(shape.x)}" y="${mm(shape.y)}" width="${mm(shape.width)}" height="${mm(shape.height)}"/>`
        : `<text x="${shape.x}" y="${shape.y}" font-size="${shape.size}"${shape.bold ? ' font-weight="bold"' : ''}>${escape(shape.text)}</text>`,
    );
    return `<g transform="translate(${x} ${y})">${inner.join('')}<rect x="1" y="1" width="${LABEL.width - 2}" height="${LABEL.height - 2}" rx="2" fill="none" stroke="#999" stroke-width="0.15"/></g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${SHEET.width}mm" height="${SHEET.height}mm" viewBox="0 0 ${SHEET.width} ${SHEET.height}" font-family="Helvetica, Arial, sans-serif" fill="#000">${drawn.join('')}</svg>`;
}
