// What is wished for and not ordered yet: noted in a few taps by anybody, dropped with a reason.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { DockView, WishCard } from '#contract/views.ts';
import { SEXES_WANTED } from '#core/dock/index.ts';
import { numberIn } from '#core/text/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { lengthFault } from '../parts/length.ts';
import { CountField } from '../parts/CountField.tsx';
import { WhyForm } from '../parts/WhyForm.tsx';
import { SpeciesPicker, type Heard } from '../parts/SpeciesPicker.tsx';
import { isSex, NO_SEX, wishEntry } from './draft.ts';
import css from './orders.module.scss';

export function Wishes({ wishes, species }: { wishes: readonly WishCard[]; species: DockView['species'] }) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const mayWish = useMayWrite('wish.noted');
  const mayDrop = useMayWrite('wish.dropped');
  const [dropping, setDropping] = useState<string>();
  return (
    <section className="card" aria-label="Wished for">
      <h2>Wished for</h2>
      {wishes.length === 0 && <p className="soft">Nothing is wished for. What a customer asks for, or runs out, is noted here.</p>}
      <ul className={css.list}>
        {wishes.map(({ wish, n, label, sizeCm, sex, forWhom, note, by, atMs }) => (
          <li key={wish}>
            <b className="num">{n}</b> {label}
            {sizeCm !== undefined && `, about ${sizeCm} cm`}
            {sex && `, ${sex}`}
            {forWhom && `, for ${forWhom}`}
            <span className="soft">
              {' '}
              {by}, {when(atMs)}
              {note && ` · ${note}`}
            </span>{' '}
            {mayDrop && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={dropping === wish}
                aria-label={`Drop the wish for ${n} ${label}`}
                onClick={() => setDropping(dropping === wish ? undefined : wish)}
              >
                Drop
              </Button>
            )}
            {dropping === wish && (
              <WhyForm
                label="Why it is dropped"
                submit="Drop it"
                onSay={(why) => {
                  setDropping(undefined);
                  void recordAction(`Wished for no longer: ${n} ${label}`, { kind: 'wish.dropped', payload: { wish, why } });
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {mayWish && <NewWish species={species} />}
    </section>
  );
}

function NewWish({ species }: { species: DockView['species'] }) {
  const { recordAction } = useActions();
  const [heard, setHeard] = useState<Heard>();
  const [n, setN] = useState(1);
  const [forWhom, setForWhom] = useState('');
  const [size, setSize] = useState('');
  const [sex, setSex] = useState<string>(NO_SEX);
  const [more, setMore] = useState('');
  const cm = numberIn(size);
  const fault = lengthFault(size);
  const [round, setRound] = useState(0);
  const note = () => {
    if (!heard?.heardAs || fault) return;
    void recordAction(
      `Wished for: ${n} ${heard.species?.common ?? heard.heardAs}`,
      wishEntry({
        wish: newId(),
        ...(heard.species ? { species: heard.species.id } : { heardAs: heard.heardAs }),
        n,
        ...(cm === undefined ? {} : { sizeCm: cm }),
        ...(isSex(sex) ? { sex } : {}),
        ...(forWhom.trim() ? { forWhom: forWhom.trim() } : {}),
        ...(more.trim() ? { note: more.trim() } : {}),
      }),
    );
    setHeard(undefined);
    setN(1);
    setForWhom('');
    setSize('');
    setSex(NO_SEX);
    setMore('');
    setRound(round + 1);
  };
  return (
    <div role="group" aria-label="A wish">
      <SpeciesPicker key={round} label="What is wished for: any name it goes by" species={species} value={heard} onChange={setHeard} />
      <CountField label="How many" value={n} min={1} max={2000} onChange={setN} />
      <Form.Group className="field" controlId="wish-for">
        <Form.Label className="label">For whom (may be left empty)</Form.Label>
        <Form.Control value={forWhom} maxLength={120} onChange={(event) => setForWhom(event.target.value)} />
      </Form.Group>
      <details>
        <summary>Size, sex, a note</summary>
        <Form.Group className="field" controlId="wish-size">
          <Form.Label className="label">About so long, cm</Form.Label>
          <Form.Control value={size} maxLength={8} autoComplete="off" onChange={(event) => setSize(event.target.value)} />
          {fault && <span className="field-problem">{fault}</span>}
        </Form.Group>
        <Chips label="Sex" options={[NO_SEX, ...SEXES_WANTED]} value={sex} onChange={setSex} />
        <Form.Group className="field" controlId="wish-note">
          <Form.Label className="label">Note</Form.Label>
          <Form.Control value={more} maxLength={500} onChange={(event) => setMore(event.target.value)} />
        </Form.Group>
      </details>
      <Button variant="plain" disabled={!heard?.heardAs || fault !== undefined} onClick={note}>
        Note the wish
      </Button>
    </div>
  );
}
