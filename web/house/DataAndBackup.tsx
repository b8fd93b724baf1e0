// The data out of the house: the whole journal, and tables for a spreadsheet.
import { paths } from '#contract/paths.ts';
import type { PartProps } from './part.ts';

const TABLES = [
  ['stock', 'who lives where now'],
  ['landings', 'every bag landed'],
  ['releases', 'every bag netted out'],
  ['losses', 'every fish found dead'],
  ['meals', 'every meal'],
  ['readings', 'every reading, with its unit'],
  ['movements', 'every fish in and out of every place'],
] as const;

export function DataAndBackup({ mayEdit }: PartProps) {
  return (
    <section className="card" aria-label="Data and backup">
      <h2>Data and backup</h2>
      {mayEdit ? (
        <>
          <p className="soft">
            Everything written here is yours. The journal holds all of it and rebuilds the house; the tables are for a spreadsheet.
          </p>
          <ul className="plain-list">
            <li>
              <a href={`${paths.export}/journal.jsonl`} download>
                The journal, JSON Lines
              </a>{' '}
              <span className="soft">every entry as it was written; no PINs</span>
            </li>
            <li>
              <a href={`${paths.export}/photos.zip`} download>
                The photographs, ZIP
              </a>{' '}
              <span className="soft">with a table of what each shows</span>
            </li>
            {TABLES.map(([name, about]) => (
              <li key={name}>
                <a href={`${paths.export}/${name}.csv`} download>
                  {name}.csv
                </a>{' '}
                <span className="soft">{about}</span>
              </li>
            ))}
          </ul>
          <p className="soft">
            A checked copy of the running house: <code>npm run backup -- DIRECTORY</code>. Back from it:{' '}
            <code>npm run restore -- FILE</code>. The photographs lie beside the copy in the folder <code>files</code>. A journal into an
            empty house: <code>npm run import -- FILE</code>.
          </p>
        </>
      ) : (
        <p className="soft">A lead takes them out.</p>
      )}
    </section>
  );
}
