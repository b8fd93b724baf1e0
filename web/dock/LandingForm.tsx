// The bag in front: what one tap asserts in large type, the tap itself, and everything that may be otherwise.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { BagCard, DockView } from '#contract/views.ts';
import { withSign } from '#core/dock/index.ts';
import { useUnits } from '../data/units.ts';
import type { Figure } from '../figured/figure.ts';
import { Figured } from '../figured/Figured.tsx';
import { useKey } from '../keys/useKey.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { lengthFault } from '../parts/length.ts';
import { problemOf } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { sayEach } from '../words/triage.ts';
import css from './dock.module.scss';
import { Advice } from './Advice.tsx';
import { Details, Otherwise } from './LandingDetails.tsx';
import { asListed, isAsListed, oneLooks, withAlive, type LandingDraft } from './draft.ts';

type Props = {
  /** The listed bag; none for a bag that is on no list. */
  bag?: BagCard;
  title: string;
  /** How the hours in the title come about. */
  closed?: Figure;
  species: DockView['species'];
  /** Of its crate: late, or closed for long. */
  times?: { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number };
  /** Its box is wet inside. */
  leaky?: boolean;
  /** More bags of its lot in this crate that nobody has landed. */
  like?: number;
  onLand: (draft: LandingDraft, same: number) => void;
  onAbsent?: () => void;
  onCancel?: () => void;
};

export function LandingForm({ bag, title, closed, species, times, leaky, like = 0, onLand, onAbsent, onCancel }: Props) {
  const units = useUnits();
  const listed = bag?.listed ?? 1;
  const form = `landing ${bag?.bag ?? 'surprise'}`;
  // Kept by the bag: another page, a reload, or somebody's act in between loses nothing of it.
  const [kept, setDraft] = useKept<LandingDraft>(form, 'draft', asListed(listed));
  // One that was kept by an older page lacks what has been asked since.
  const draft = { ...asListed(listed), ...kept };
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
    lengthFault(draft.size) === undefined &&
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
  const soft = () => reveal({ bagCondition: withSign(draft.bagCondition, 'soft') });
  useKey('dock.soft', soft);
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
      <Leaky is={leaky && draft.bagCondition === 'sound'} />
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
          <Otherwise
            onDead={oneDead}
            onSoft={soft}
            onUnwell={oneUnwell}
            onCount={() => setOpen(true)}
            onOther={() => reveal({ other: { heardAs: '' } })}
            onAbsent={onAbsent}
          />
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

const BAG_SAYS: Record<LandingDraft['bagCondition'], string> = {
  sound: 'Bag sound, water clear',
  soft: 'Bag soft',
  foul: 'Water foul',
  'soft and foul': 'Bag soft, water foul',
};

/** The sentence that a tap asserts. */
export function sayDraft(draft: LandingDraft, listed: number): string {
  const bag = BAG_SAYS[draft.bagCondition];
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

const Leaky = ({ is }: { is?: boolean }) =>
  is ? <p className="warn">Its box is wet inside: one of its bags leaks. Feel this one.</p> : null;

function BagTitle({ title, closed }: Pick<Props, 'title' | 'closed'>) {
  return (
    <p className="soft">
      <span id="bag-title">{title}</span>
      {closed && <Figured figure={closed} />}
    </p>
  );
}
