// What may be otherwise than listed of a bag: the quick words for it, and everything that can be said of it.
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { BagCard, DockView } from '#contract/views.ts';
import { withSign } from '#core/dock/index.ts';
import { TEMPERATURE_METHODS } from '#core/water/index.ts';
import { useUnits } from '../data/units.ts';
import { Key } from '../keys/Key.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { SpeciesPicker } from '../parts/SpeciesPicker.tsx';
import { signsOf } from '../words/boxes.ts';
import css from './dock.module.scss';
import { withAlive, type LandingDraft } from './draft.ts';
import { EachFish } from './EachFish.tsx';
import { HowSure, SizeAndSex } from './Seen.tsx';

const METHOD_WORDS = {
  'in the water': 'In the water',
  folded: 'Folded round the probe',
  'on the bag': 'On the bag (its skin, not its water)',
} as const;

type OtherwiseProps = Record<'onDead' | 'onSoft' | 'onUnwell' | 'onCount' | 'onOther', () => void> & { onAbsent?: () => void };

export function Otherwise({ onDead, onSoft, onUnwell, onCount, onOther, onAbsent }: OtherwiseProps) {
  const units = useUnits();
  return (
    <div className="chips grid">
      <Button variant="odd" onClick={onDead}>
        Dead in bag <Key name="dock.dead" />
      </Button>
      <Button variant="odd" onClick={onSoft}>
        Soft or foul <Key name="dock.soft" />
      </Button>
      <Button variant="odd" onClick={onUnwell}>
        Not well <Key name="dock.unwell" />
      </Button>
      <Button variant="plain" onClick={onCount}>
        Count, {units.unit('temperature')} <Key name="dock.count" />
      </Button>
      <Button variant="plain" onClick={onOther}>
        Other fish <Key name="dock.other" />
      </Button>
      {onAbsent && (
        <Button variant="plain" onClick={onAbsent}>
          Not in box <Key name="dock.absent" />
        </Button>
      )}
    </div>
  );
}

type DetailProps = {
  draft: LandingDraft;
  listed: number;
  bag?: BagCard;
  species: DockView['species'];
  change: (part: Partial<LandingDraft>) => void;
};

export function Details({ draft, bag, species, change }: DetailProps) {
  return (
    <div className={css.bagDetails}>
      {(draft.other || !bag) && <SpeciesPicker species={species} value={draft.other} onChange={(words) => change({ other: words })} />}
      <HowSure draft={draft} change={change} />
      <div className="pair">
        <CountField label="Alive" value={draft.alive} onChange={(alive) => change(withAlive(draft, alive))} />
        <CountField label="Dead" value={draft.dead} onChange={(dead) => change({ dead })} />
      </div>
      <EachFish draft={draft} onChange={change} />
      <Chips
        label="Bag; foul is cloudy, or it smells"
        options={['sound', 'soft', 'foul'] as const}
        value={draft.bagCondition === 'sound' ? 'sound' : signsOf(draft.bagCondition)}
        onChange={(sign) => change({ bagCondition: sign === 'sound' ? 'sound' : withSign(draft.bagCondition, sign) })}
        odd={(option) => option !== 'sound'}
      />
      <QuantityField
        label="Temperature"
        quantity="temperature"
        optional
        text={draft.temperature}
        onChange={(temperature) => change({ temperature })}
        hint="Left empty when not taken."
      />
      {draft.temperature.trim() !== '' && (
        <Form.Group className="field" controlId="method">
          <Form.Label className="label">How it was read</Form.Label>
          <Form.Select value={draft.method} onChange={(event) => change({ method: event.target.value as LandingDraft['method'] })}>
            {TEMPERATURE_METHODS.map((method) => (
              <option key={method} value={method}>
                {METHOD_WORDS[method]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      <SizeAndSex draft={draft} bag={bag} change={change} />
      <Form.Group className="field" controlId="note">
        <Form.Label className="label">Note</Form.Label>
        <Form.Control value={draft.note} maxLength={500} onChange={(event) => change({ note: event.target.value })} />
      </Form.Group>
    </div>
  );
}
