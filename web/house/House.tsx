// The house: what it is set up with, part by part, with what is still missing before the first crate can come.
import { useCallback, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { HouseView } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useView } from '../data/house.ts';
import { useMayWrite } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayAll } from '../words/refusals.ts';
import { Chores } from './Chores.tsx';
import { DataAndBackup } from './DataAndBackup.tsx';
import { Foods } from './Foods.tsx';
import { Mixes } from './Mixes.tsx';
import { QuarantineRules } from './QuarantineRules.tsx';
import { Opening } from './Opening.tsx';
import type { PartProps, Write } from './part.ts';
import { People } from './People.tsx';
import { Racks } from './Racks.tsx';
import { Rules } from './Rules.tsx';
import { Setup } from './Setup.tsx';
import { isReady, setupSteps } from './setup.ts';
import { Supplies } from './Supplies.tsx';
import { Suppliers } from './Suppliers.tsx';
import { Tools } from './Tools.tsx';
import { Kits } from './Kits.tsx';
import { Systems } from './Systems.tsx';

const PARTS = [
  { id: 'setup', name: 'First steps', Part: Setup, count: () => undefined },
  { id: 'species', name: 'Species', to: '/species', count: ({ species }: HouseView) => species.length },
  { id: 'systems', name: 'Systems', Part: Systems, count: ({ systems }: HouseView) => systems.length },
  { id: 'racks', name: 'Racks and tanks', Part: Racks, count: ({ tanks }: HouseView) => tanks.length },
  { id: 'suppliers', name: 'Suppliers', Part: Suppliers, count: ({ suppliers }: HouseView) => suppliers.length },
  { id: 'people', name: 'People', Part: People, count: ({ people }: HouseView) => people.filter(({ leftAct }) => !leftAct).length },
  { id: 'opening', name: 'What lives here already', Part: Opening, count: ({ opened }: HouseView) => opened },
  { id: 'tools', name: 'Nets and other tools', Part: Tools, count: ({ tools }: HouseView) => tools.length || undefined },
  { id: 'foods', name: 'Foods', Part: Foods, count: ({ foods }: HouseView) => foods.length || undefined },
  { id: 'mixes', name: 'Medicated food', Part: Mixes, count: ({ mixes }: HouseView) => mixes.length || undefined },
  { id: 'supplies', name: 'Supplies', Part: Supplies, count: ({ supplies }: HouseView) => supplies.length || undefined },
  { id: 'kits', name: 'Tests and meters', Part: Kits, count: ({ kits }: HouseView) => kits.length || undefined },
  { id: 'chores', name: 'Chores', Part: Chores, count: ({ chores }: HouseView) => chores.length || undefined },
  { id: 'quarantine', name: 'Quarantine', Part: QuarantineRules, count: () => undefined },
  { id: 'rules', name: 'House rules', Part: Rules, count: () => undefined },
  { id: 'data', name: 'Data and backup', Part: DataAndBackup, count: () => undefined },
] as const;

export default function House() {
  const { data, error, mutate } = useView('house');
  const { recordAction } = useActions();
  const { ask } = useOverrule();
  const voice = useVoice();
  const mayEdit = useMayWrite(
    'house.configured',
    'rack.added',
    'system.added',
    'tank.added',
    'supplier.added',
    'person.added',
    'tool.added',
    'food.added',
  );
  const write = useCallback<Write>(
    async (words, ...drafts) => {
      const outcome = await recordAction(words, ...drafts);
      if (outcome.status === 'refused' && outcome.refusals.some(({ overrule }) => overrule)) {
        ask({ title: words, doing: 'It is so', words, drafts, onDone: () => undefined }, outcome.refusals);
        return undefined;
      }
      return outcome.status === 'refused' ? sayAll(outcome.refusals, outcome.code, voice) : undefined;
    },
    [recordAction, voice, ask],
  );
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  return <Parts view={data} write={write} mayEdit={mayEdit} />;
}

function Parts({ view: data, write, mayEdit }: PartProps) {
  const [query, setQuery] = useSearchParams();
  // What was missing when the page was opened stays open while it fills.
  const [ready] = useState(() => isReady(setupSteps(data)));
  const open = PARTS.find(({ id }) => id === query.get('part')) ?? PARTS.find(({ id }) => id === (ready ? 'systems' : 'setup'))!;
  return (
    <div className="two-parts">
      <div>
        <h1 className="station-title">House</h1>
        <ul className="rows" aria-label="Parts of the house">
          {PARTS.map((part) => (
            <li key={part.id}>
              {'to' in part ? (
                <Link className="row-button" to={data.species.length === 0 ? `${part.to}?open=import` : part.to}>
                  {part.name} <Count n={part.count(data)} />
                </Link>
              ) : (
                <button type="button" className="row-button" aria-current={part === open} onClick={() => setQuery({ part: part.id })}>
                  {part.name} <Count n={part.count(data)} />
                </button>
              )}
            </li>
          ))}
        </ul>
      </div>
      {'Part' in open && <open.Part view={data} write={write} mayEdit={mayEdit} />}
    </div>
  );
}

function Count({ n }: { n: number | undefined }) {
  return n === undefined ? null : <span className={n === 0 ? 'warn' : 'num soft'}>{n === 0 ? 'none yet' : n}</span>;
}
