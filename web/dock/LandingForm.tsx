// The bag in front: what one tap asserts in large type, the tap itself, and everything that may be otherwise.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { BagCard, DockView } from '#contract/views.ts';
import { BAG_CONDITIONS } from '#core/dock/index.ts';
import { TEMPERATURE_METHODS } from '#core/water/index.ts';
import { useUnits } from '../data/units.ts';
import type { Figure } from '../figured/figure.ts';
import { Figured } from '../figured/Figured.tsx';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { problemOf, QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { SpeciesPicker } from '../parts/SpeciesPicker.tsx';
import { sayEach } from '../words/triage.ts';
import css from './dock.module.scss';
import { Advice } from './Advice.tsx';
import { asListed, isAsListed, oneLooks, withAlive, type LandingDraft } from './draft.ts';
import { EachFish } from './EachFish.tsx';

const METHOD_WORDS = {
  'in the water': 'In the water',
  folded: 'Folded round the probe',
  'on the bag': 'On the bag (its skin, not its water)',
} as const;

type Props = {
  /** The listed bag; none for a bag that is on no list. */
  bag?: BagCard;
  title: string;
  /** How the hours in the title come about. */
  closed?: Figure;
  species: DockView['species'];
  /** Of its crate: late, or closed for long. */
  times?: { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number };
  /** More bags of its lot in this crate that nobody has landed. */
  like?: number;
  onLand: (draft: LandingDraft, same: number) => void;
  onAbsent?: () => void;
  onCancel?: () => void;
};

export function LandingForm({ bag, title, closed, species, times, like = 0, onLand, onAbsent, onCancel }: Props) {
  const units = useUnits();
  const listed = bag?.listed ?? 1;
  const form = `landing ${bag?.bag ?? 'surprise'}`;
  // Kept by the bag: another page, a reload, or somebody's act in between loses nothing of it.
  const [draft, setDraft] = useKept<LandingDraft>(form, 'draft', asListed(listed));
  const [open, setOpen] = useState(() => !bag || JSON.stringify(draft) !== JSON.stringify(asListed(listed)));
  const [bags, setBags] = useState(1);
  // What is said of a dead or another fish is said of one bag.
  const asIt = bags > 1 && draft.dead === 0 && !draft.other && !draft.each ? bags - 1 : 0;
  const change = (part: Partial<LandingDraft>) => setDraft((now) => ({ ...now, ...part }));
  const reveal = (part: Partial<LandingDraft>) => {
    change(part);
    setOpen(true);
  };
  const oneDead = () => reveal({ ...withAlive(draft, Math.max(0, draft.alive - 1)), dead: Math.min(listed, draft.dead + 1) });
  const name = draft.other ? (draft.other.species?.common ?? draft.other.heardAs) : (bag?.species?.common ?? bag?.lotLabel ?? '');
  const ready =
    draft.alive + draft.dead > 0 &&
    problemOf('temperature', draft.temperature, { units, optional: true }) === undefined &&
    (draft.other ? draft.other.heardAs !== '' : bag !== undefined);
  const land = () => {
    if (!ready) return;
    forgetKept(form);
    onLand(draft, asIt);
  };

  useKey('dock.dead', oneDead);
  const oneUnwell = () => reveal(oneLooks(draft, 'tired'));
  useKey('dock.unwell', oneUnwell);
  useKey('dock.soft', () => reveal({ bagCondition: 'soft' }));
  useKey('dock.count', () => setOpen(true));
  useKey('dock.other', () => reveal({ other: { heardAs: '' } }), { enabled: bag !== undefined });
  useKey('dock.absent', () => onAbsent?.(), { enabled: onAbsent !== undefined && !open });
  const asListedAfterAll = () => {
    setDraft(asListed(listed));
    setOpen(!bag);
  };
  useKey('dock.listed', asListedAfterAll, { inFields: true });

  return (
    <section className={clsx('card', css.bagCard)} aria-labelledby="bag-title">
      <BagTitle title={title} closed={closed} />
      {bag && (
        <p className="big">
          <span className="num">{draft.alive}</span> {name}
          {draft.dead > 0 && <span className="warn"> and {draft.dead} dead</span>}
        </p>
      )}
      {bag?.species && !draft.other && (
        <p className={css.sci}>
          {bag.species.scientific}
          {bag.sizeCm ? ` · ${bag.sizeCm} cm` : ''} · {bag.origin}
          {bag.free ? ` · ${bag.free} of them free` : ''}
        </p>
      )}
      <p className={css.says}>
        {sayDraft(draft, listed)}
        {open && bag && (
          <Button variant="link" className="btn-quiet" onClick={asListedAfterAll}>
            As listed after all
          </Button>
        )}
      </p>
      {open && <Details draft={draft} listed={listed} bag={bag} species={species} change={change} />}
      <Advice draft={draft} bag={bag} times={times} />
      <div className={css.bagActs}>
        {!open && (
          <div className="chips grid">
            <Button variant="odd" onClick={oneDead}>
              Dead in bag <Key name="dock.dead" />
            </Button>
            <Button variant="odd" onClick={() => reveal({ bagCondition: 'soft' })}>
              Soft or foul <Key name="dock.soft" />
            </Button>
            <Button variant="odd" onClick={oneUnwell}>
              Not well <Key name="dock.unwell" />
            </Button>
            <Button variant="plain" onClick={() => setOpen(true)}>
              Count, {units.unit('temperature')} <Key name="dock.count" />
            </Button>
            <Button variant="plain" onClick={() => reveal({ other: { heardAs: '' } })}>
              Other fish <Key name="dock.other" />
            </Button>
            {onAbsent && (
              <Button variant="plain" onClick={onAbsent}>
                Not in box <Key name="dock.absent" />
              </Button>
            )}
          </div>
        )}
        {like > 0 && draft.dead === 0 && !draft.other && !draft.each && (
          <HowMany label="The same for" single="this bag" of={like + 1} value={bags} onChange={setBags} />
        )}
        <ActButton
          pressKey="dock.land"
          disabled={!ready}
          onPress={land}
          hint={
            !ready && draft.other?.heardAs === ''
              ? 'say what is in the bag'
              : isAsListed(draft, listed)
                ? 'as it stands here'
                : 'as changed'
          }
        >
          Land {draft.alive}
          {draft.dead > 0 && `, ${draft.dead} dead`}
          {asIt > 0 && `, and ${asIt} more ${asIt === 1 ? 'bag' : 'bags'} as listed`}
        </ActButton>
        {onCancel && (
          <Button variant="plain" onClick={() => (forgetKept(form), onCancel())}>
            Back to the list
          </Button>
        )}
      </div>
    </section>
  );
}

/** The sentence that a tap asserts. */
export function sayDraft(draft: LandingDraft, listed: number): string {
  const bag = draft.bagCondition === 'sound' ? 'Bag sound, water clear' : draft.bagCondition === 'soft' ? 'Bag soft' : 'Water foul';
  const fish =
    draft.alive === 0
      ? 'none alive'
      : draft.each
        ? sayEach(draft.each)
        : draft.condition === 'fit'
          ? draft.alive === 1
            ? 'upright'
            : `all ${draft.alive} upright`
          : `fish ${draft.condition}`;
  const heads = draft.alive + draft.dead;
  const count = heads === listed ? '' : ` ${heads < listed ? `${listed - heads} short` : `${heads - listed} over`} of ${listed} listed.`;
  return `${bag}, ${fish}.${count}`;
}

type DetailProps = {
  draft: LandingDraft;
  listed: number;
  bag?: BagCard;
  species: DockView['species'];
  change: (part: Partial<LandingDraft>) => void;
};

function Details({ draft, bag, species, change }: DetailProps) {
  return (
    <div className={css.bagDetails}>
      {(draft.other || !bag) && <SpeciesPicker species={species} value={draft.other} onChange={(words) => change({ other: words })} />}
      <div className="pair">
        <CountField label="Alive" value={draft.alive} onChange={(alive) => change(withAlive(draft, alive))} />
        <CountField label="Dead" value={draft.dead} onChange={(dead) => change({ dead })} />
      </div>
      <EachFish draft={draft} onChange={change} />
      <Chips
        label="Bag"
        options={BAG_CONDITIONS}
        value={draft.bagCondition}
        onChange={(bagCondition) => change({ bagCondition })}
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
      <Form.Group className="field" controlId="note">
        <Form.Label className="label">Note</Form.Label>
        <Form.Control value={draft.note} maxLength={500} onChange={(event) => change({ note: event.target.value })} />
      </Form.Group>
    </div>
  );
}

function BagTitle({ title, closed }: Pick<Props, 'title' | 'closed'>) {
  return (
    <p className="soft">
      <span id="bag-title">{title}</span>
      {closed && <Figured figure={closed} />}
    </p>
  );
}
