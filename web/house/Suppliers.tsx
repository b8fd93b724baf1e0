// Who sends the crates: how, at what water, with which claim rule. What nobody wrote down is said to be not known.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { SupplierRecord } from '#contract/views.ts';
import { newId } from '../data/house.ts';
import { useMayWrite } from '../data/me.ts';
import { useUnits, type Units } from '../data/units.ts';
import { PlainForm } from '../parts/PlainForm.tsx';
import { sayMinutes } from '../words/runs.ts';
import { plural } from '../words/text.ts';
import type { PartProps } from './part.ts';
import { NEW_SUPPLIER_FIELDS, supplierChanged, supplierFields, supplierOf, supplierValues, type KnownSupplier } from './supplierForm.ts';

export function Suppliers({ view, write }: PartProps) {
  // Keepers take in crates, and know their suppliers.
  const mayEdit = useMayWrite('supplier.changed');
  const units = useUnits();
  const [open, setOpen] = useState<string>();
  return (
    <section className="card" aria-label="Suppliers">
      <h2>Suppliers</h2>
      <ul className="plain-list">
        {view.suppliers.map((supplier) => (
          <li key={supplier.id}>
            <b>{supplier.name}</b> <span className="soft">{supplier.transit}</span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === supplier.id}
                aria-label={`Change ${supplier.name}`}
                onClick={() => setOpen(open === supplier.id ? undefined : supplier.id)}
              >
                Change
              </Button>
            )}
            {open === supplier.id ? (
              <OneSupplier key={supplier.entry} supplier={supplier} write={write} onDone={() => setOpen(undefined)} />
            ) : (
              <Known supplier={supplier} units={units} />
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="new supplier"
          fields={NEW_SUPPLIER_FIELDS}
          submit="Add this supplier"
          onSubmit={(values) => write(values.name!, supplierOf(values, newId))}
        />
      )}
    </section>
  );
}

const sayHours = (hours: number) => sayMinutes(hours * 60);

/** `12 crates, 8 of 640 dead on arrival; claims: 1 credited (31.5 EUR), 1 refused`. */
function sayRecord({ crates, alive, dead, claims, granted }: SupplierRecord): string {
  const sums = granted.map(({ amount, currency }) => `${Number(amount.toFixed(2))} ${currency}`.trim()).join(', ');
  const told = [
    claims.paid > 0 && `${claims.paid} paid`,
    claims.credit > 0 && `${claims.credit} credited`,
    claims.refused > 0 && `${claims.refused} refused`,
    claims.sent > 0 && `${claims.sent} not answered`,
  ].filter(Boolean);
  return `${plural(crates, 'crate')}, ${dead} of ${alive + dead} dead on arrival; ${told.length > 0 ? `claims: ${told.join(', ')}${sums ? ` (${sums})` : ''}` : 'no claim was sent'}.`;
}

function Known({
  supplier: { usualH, delayH, ships, origins, claim, contact, note, record },
  units,
}: {
  supplier: KnownSupplier;
  units: Units;
}) {
  const { say } = units;
  const water = [
    ships?.temperatureC !== undefined && say('temperature', ships.temperatureC),
    ships?.salinityPpt !== undefined &&
      `${say('salinity', ships.salinityPpt)}${ships.salinitySaid ? ` (they say ${ships.salinitySaid})` : ''}`,
    ships?.pH !== undefined && `pH ${ships.pH}`,
  ].filter(Boolean);
  const rows = [
    [
      'On the way',
      'how long on the way',
      usualH === undefined ? '' : `${sayHours(usualH)}${delayH ? `, usually ${sayHours(delayH)} late` : ''}`,
    ],
    ['Ships at, as they say', 'the water they ship at', water.join(', ')],
    ['Their fish', 'where their fish are from', origins?.join(' and ') ?? ''],
    [
      'Claims',
      'their hours for claims',
      claim
        ? `within ${sayHours(claim.withinH)} of ${claim.from === 'arrival' ? 'the box coming' : 'opening the bag'}, from ${claim.leastDead} dead on${claim.evidence ? `; ${claim.evidence}` : ''}`
        : '',
    ],
    ['Reached by', 'how to reach them', contact ?? ''],
  ] as const;
  const unknown = rows.filter(([, , says]) => says === '').map(([, asked]) => asked);
  return (
    <>
      {note && <p className="soft tight">{note}</p>}
      {rows
        .filter(([, , says]) => says !== '')
        .map(([what, , says]) => (
          <p key={what} className="tight">
            <span className="soft">{what}:</span> {says}
          </p>
        ))}
      {record && (
        <p className="tight">
          <span className="soft">So far:</span> {sayRecord(record)}
        </p>
      )}
      {unknown.length > 0 && <p className="soft tight">Not known: {unknown.join('; ')}.</p>}
    </>
  );
}

type OneProps = Pick<PartProps, 'write'> & { supplier: KnownSupplier; onDone: () => void };

function OneSupplier({ supplier, write, onDone }: OneProps) {
  const units = useUnits();
  return (
    <PlainForm
      draft={`supplier ${supplier.id}`}
      fields={supplierFields(units, supplier)}
      initial={supplierValues(supplier, units)}
      submit={`${supplier.name} is so`}
      keep
      onSubmit={async (values) => {
        const change = supplierChanged(supplier, values, units);
        if (!change) return 'Nothing is different from what the house knows.';
        const wrong = await write(`${values.name} changed`, change);
        if (wrong === undefined) onDone();
        return wrong;
      }}
    />
  );
}
