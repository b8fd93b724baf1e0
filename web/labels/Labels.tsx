// Tank labels with a QR that opens the tank on a phone: chosen by rack, as SVG, PDF, a printed sheet, or on the label printer.
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { RoomView } from '#contract/views.ts';
import { saveFile } from '../data/files.ts';
import { useView } from '../data/house.ts';
import { useUnits, type Units } from '../data/units.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { LABEL, LABELS_A_SHEET, shapesOf, sheetsOf, svgOf, type TankLabel } from './label.ts';
import css from './labels.module.scss';
import { LABEL_MS, newPrinter, newRoll, send, step } from './printer.ts';

export function labelsOf(view: RoomView, racks: ReadonlySet<string>, { origin, say }: { origin: string; say: Units['say'] }): TankLabel[] {
  return view.racks
    .filter(({ id }) => racks.has(id))
    .flatMap(({ name, tanks }) =>
      tanks.map(({ code, volumeL, system, purpose }): TankLabel => {
        const { name: called, type } = view.systems.find(({ id }) => id === system)!;
        return {
          code,
          lines: [`${name}, ${say('volume', volumeL)}`, `${type}, ${purpose}`, called],
          address: `${origin}/tank/${encodeURIComponent(code)}`,
        };
      }),
    );
}

export default function Labels() {
  const { data, error, mutate } = useView('room');
  const { say } = useUnits();
  const [racks, setRacks] = useState<ReadonlySet<string>>();
  const [origin, setOrigin] = useState(location.origin);
  const [printer, setPrinter] = useState(newPrinter<TankLabel>);
  useEffect(() => {
    if (printer.state !== 'printing') return;
    const timer = setTimeout(() => setPrinter(step), LABEL_MS);
    return () => clearTimeout(timer);
  }, [printer]);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const chosen = racks ?? new Set(data.racks.slice(0, 2).map(({ id }) => id));
  const labels = labelsOf(data, chosen, { origin: origin.trim().replace(/\/+$/, ''), say });
  const sheets = sheetsOf(labels);
  const toPdf = async () => {
    // Only who prints needs the writer of PDFs.
    const { pdfOf } = await import('./pdf.ts');
    saveFile('tank-labels.pdf', (await pdfOf(labels)) as Uint8Array<ArrayBuffer>, 'application/pdf');
  };
  return (
    <div className={css.labels}>
      <div className="no-print">
        <h1 className="station-title">Tank labels</h1>
        <p>
          <Link to="/room">To the room</Link>. A phone that reads the square opens that tank. {LABELS_A_SHEET} fit on an A4 sheet.
        </p>
        <Form.Group className="field" controlId="label-origin">
          <Form.Label className="label">The address at which phones reach the house</Form.Label>
          <Form.Control value={origin} maxLength={120} inputMode="url" onChange={(event) => setOrigin(event.target.value)} />
          {/^https?:\/\/(localhost|127\.)/.test(origin) && (
            <span className="warn">
              No phone can reach this one: it means the phone itself. Write the name or number of this computer in your network.
            </span>
          )}
        </Form.Group>
        <div className="chips" role="group" aria-label="Racks">
          {data.racks.map(({ id, name, tanks }) => (
            <Button
              key={id}
              variant="plain"
              className={chosen.has(id) ? 'chip-on' : ''}
              aria-pressed={chosen.has(id)}
              onClick={() => setRacks(new Set(chosen.has(id) ? [...chosen].filter((tank) => tank !== id) : [...chosen, id]))}
            >
              {name} <span className="num">{tanks.length}</span>
            </Button>
          ))}
        </div>
        <div className="chips">
          <Button variant="primary" disabled={labels.length === 0} onClick={() => window.print()}>
            Print {plural(sheets.length, 'sheet')}
          </Button>
          <Button variant="plain" disabled={labels.length === 0} onClick={() => void toPdf()}>
            Save as PDF
          </Button>
          <Button
            variant="plain"
            disabled={labels.length === 0}
            onClick={() => sheets.forEach((sheet, index) => saveFile(`tank-labels-${index + 1}.svg`, svgOf(sheet), 'image/svg+xml'))}
          >
            Save as SVG
          </Button>
          <Button variant="plain" disabled={labels.length === 0} onClick={() => setPrinter((was) => send(was, labels))}>
            To the label printer
          </Button>
        </div>
        <section className={clsx('card', css.printer)} aria-label="Label printer">
          <h2>
            Label printer <span className="soft">simulated</span>
          </h2>
          <p role="status">
            {printer.state === 'no paper'
              ? `Out of paper: ${printer.queue.length} labels wait.`
              : printer.state === 'printing'
                ? `Printing, ${printer.queue.length} to go.`
                : `Ready. ${printer.left} labels on the roll.`}{' '}
            {printer.state === 'no paper' && (
              <Button variant="plain" onClick={() => setPrinter(newRoll)}>
                A new roll is in
              </Button>
            )}
          </p>
          <div className={css.roll}>
            {printer.out.slice(-12).map((label, index) => (
              <OneLabel key={`${printer.out.length} ${index}`} label={label} />
            ))}
          </div>
        </section>
      </div>
      <div className={css.sheets} aria-label="Sheets as they print">
        {sheets.map((sheet, index) => (
          <img
            key={index}
            className={css.sheet}
            alt={`Sheet ${index + 1}: ${sheet.map(({ code }) => code).join(' ')}`}
            src={`data:image/svg+xml,${encodeURIComponent(svgOf(sheet))}`}
          />
        ))}
      </div>
    </div>
  );
}

function OneLabel({ label }: { label: TankLabel }) {
  return (
    <svg className={css.oneLabel} viewBox={`0 0 ${LABEL.width} ${LABEL.height}`} role="img" aria-label={`Label ${label.code}`}>
      {shapesOf(label).map((shape, index) =>
        shape.kind === 'rect' ? (
          <rect key={index} x={shape.x} y={shape.y} width={shape.width} height={shape.height} />
        ) : (
          <text key={index} x={shape.x} y={shape.y} fontSize={shape.size} fontWeight={shape.bold ? 700 : 400}>
            {shape.text}
          </text>
        ),
      )}
    </svg>
  );
}
