// Some of a lot become a lot of their own; or a lot is joined to its own kind beside it, by a lead.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { LotView } from '#contract/views.ts';
import { SPLIT_WHYS, type SplitWhy } from '#core/stock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useView } from '../data/house.ts';
import { useVoice } from '../data/voice.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { sayAll } from '../words/refusals.ts';
import { plural } from '../words/text.ts';
import { joinEntry, splitEntry } from './draft.ts';

type Props = { view: LotView; lot: NonNullable<LotView['lot']>; onDone: () => void };

/** One of the tanks it stands in, when there are several. */
function usePlace(view: LotView) {
  const places = view.now.filter(({ tank }) => tank);
  const [place, setPlace] = useState(places[0]!.place);
  const chosen = places.find((there) => there.place === place) ?? places[0]!;
  const choose =
    places.length < 2 ? null : (
      <Form.Select aria-label="In which tank" value={chosen.place} onChange={(event) => setPlace(event.target.value)}>
        {places.map((place) => (
          <option key={place.place} value={place.place}>
            {place.n} in {place.name}
          </option>
        ))}
      </Form.Select>
    );
  return { place: chosen, choose };
}

export function CutLot({ view, lot, onDone }: Props) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const { place, choose } = usePlace(view);
  const form = `cut ${lot.id}`;
  const [n, setN] = useKept(form, 'n', 1);
  const [why, setWhy] = useKept<SplitWhy>(form, 'why', 'followed singly');
  const [label, setLabel] = useKept(form, 'label', lot.label);
  const [problem, setProblem] = useState<string>();
  const cut = async () => {
    const inQuarantine = view.quarantines.length > 0;
    const entry = splitEntry({ lot, place: place.place, n, why, label, inQuarantine });
    const outcome = await recordAction(`${n} ${lot.label} are a lot of their own`, entry);
    if (outcome.status === 'refused') setProblem(sayAll(outcome.refusals, outcome.code, voice));
    else {
      forgetKept(form);
      onDone();
    }
  };
  return (
    <div className="tank-form">
      {choose}
      <CountField label="How many" value={Math.min(n, place.n)} min={1} max={place.n} of={place.n} onChange={setN} />
      <Chips label="Why" options={SPLIT_WHYS} value={why} onChange={setWhy} />
      <Form.Group className="field" controlId="cut-label">
        <Form.Label className="label">What they are called</Form.Label>
        <Form.Control value={label} maxLength={120} onChange={(event) => setLabel(event.target.value)} />
      </Form.Group>
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <ActButton onPress={() => void cut()} hint={view.quarantines.length > 0 ? 'their clock goes on from here' : undefined}>
        {plural(n, 'is', 'are')} a lot of {n === 1 ? 'its' : 'their'} own
      </ActButton>
    </div>
  );
}

export function JoinLot({ view, lot, onDone }: Props) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const { place, choose } = usePlace(view);
  const { data: room } = useView('room');
  const kin = (room?.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === place.place)?.occupants ?? []).filter(
    (occupant) => occupant.lot !== lot.id && occupant.species?.id === lot.species?.id,
  );
  const [into, setInto] = useState('');
  const form = `join ${lot.id}`;
  const [why, setWhy] = useKept(form, 'why', '');
  const [problem, setProblem] = useState<string>();
  const chosen = kin.find((occupant) => occupant.lot === into) ?? kin[0];
  const join = async () => {
    const entry = joinEntry({ lot, into: chosen!.lot, place: place.place, n: place.n, why });
    const outcome = await recordAction(`${place.n} ${lot.label} joined to ${chosen!.label}`, entry);
    if (outcome.status === 'refused') setProblem(sayAll(outcome.refusals, outcome.code, voice));
    else {
      forgetKept(form);
      onDone();
    }
  };
  if (!chosen) return <p className="soft">No other lot of its kind stands with it in {place.name}.</p>;
  return (
    <div className="tank-form">
      {choose}
      <Form.Select aria-label="Joined to" value={chosen.lot} onChange={(event) => setInto(event.target.value)}>
        {kin.map((occupant) => (
          <option key={occupant.lot} value={occupant.lot}>
            {occupant.n} {occupant.label}
          </option>
        ))}
      </Form.Select>
      <Form.Group className="field" controlId="join-why">
        <Form.Label className="label">Why; both histories are kept</Form.Label>
        <Form.Control value={why} maxLength={300} onChange={(event) => setWhy(event.target.value)} />
      </Form.Group>
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <ActButton disabled={why.trim() === ''} onPress={() => void join()} hint="the slower clock holds for all">
        Join {place.n} to {chosen.n}
      </ActButton>
    </div>
  );
}
