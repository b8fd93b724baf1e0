// Things that are washed and used again: how many are clean, dirty, not back yet; counted back by one tap, washed by another.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { ChoresView, HeapCard } from '#contract/views.ts';
import { CountField } from '../parts/CountField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayHeap } from '../words/chores.ts';
import type { Draft } from '../data/house.ts';
import css from './chores.module.scss';
import { backEntry, washedEntry } from './draft.ts';

export function Heaps({ view }: { view: ChoresView }) {
  if (view.heaps.length === 0) return null;
  return (
    <section className={clsx('card', css.heaps)} aria-label="Washed and used again">
      <h2>Washed and used again</h2>
      <ul className={css.list}>
        {view.heaps.map((heap) => (
          <Heap key={heap.item} heap={heap} />
        ))}
      </ul>
    </section>
  );
}

function Heap({ heap }: { heap: HeapCard }) {
  const { attempt } = useOverrule();
  const [open, setOpen] = useState<'back' | 'wash'>();
  const [count, setCount] = useState(0);
  const [thrown, setThrown] = useState(0);
  const { item, name, out, dirty } = heap;
  const start = (what: 'back' | 'wash') => {
    setOpen(open === what ? undefined : what);
    setCount(what === 'back' ? out : dirty);
    setThrown(0);
  };
  const write = (words: string, draft: Draft) =>
    attempt({
      title: `${name}: ${words}`,
      doing: 'It is so',
      words: `${name}: ${words}`,
      drafts: [draft],
      onDone: () => setOpen(undefined),
    });
  return (
    <li>
      <div>
        <b>{name}</b> <span className={out > 0 ? 'warn' : 'soft'}>{sayHeap(heap)}</span>
      </div>
      <div className={css.acts}>
        {out > 0 && (
          <>
            <Button
              variant="plain"
              className={css.done}
              aria-label={`All ${out} back: ${name}`}
              onClick={() => write(`all ${out} back`, backEntry(item, out))}
            >
              All {out} back
            </Button>
            <Button variant="plain" aria-expanded={open === 'back'} aria-label={`Fewer back: ${name}`} onClick={() => start('back')}>
              Fewer
            </Button>
          </>
        )}
        {dirty > 0 && (
          <Button variant="plain" aria-expanded={open === 'wash'} aria-label={`Washed: ${name}`} onClick={() => start('wash')}>
            Washed …
          </Button>
        )}
      </div>
      {open && (
        <div className={css.more}>
          <CountField label={open === 'back' ? 'Dirty ones here' : 'Clean again'} value={count} max={10_000} onChange={setCount} />
          {open === 'wash' && <CountField label="Thrown away" value={thrown} max={10_000} onChange={setThrown} />}
          <Button
            variant="act"
            disabled={count + thrown === 0}
            onClick={() =>
              open === 'back' ? write(`${count} back`, backEntry(item, count)) : write(`${count} washed`, washedEntry(item, count, thrown))
            }
          >
            {open === 'back' ? `${count} came back` : `${count} are clean again`}
          </Button>
          {open === 'back' && count < out && <span className="warn">{out - count} are in a tank or a bucket still.</span>}
        </div>
      )}
    </li>
  );
}
