// The dead of a lot: what of and how sure, where they lay and what they show, whether somebody examined them, where the body went. Nothing of it must be said.
import Form from 'react-bootstrap/Form';
import type { RoundTank } from '#contract/views.ts';
import { CAUSES, DISPOSALS, EXAMINED, FOUND_WHERE, signsFor, SURENESS, type Cause, type Sign } from '#core/rounds/index.ts';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import type { LotDraft } from './draft.ts';

type Props = { lot: RoundTank['lots'][number]; draft: LotDraft; change: (part: Partial<LotDraft>) => void };

export function Dead({ lot, draft, change }: Props) {
  const { cause, sure, found, examined, disposed, deadSigns = [] } = draft;
  const toggle = (sign: Sign) =>
    change({ deadSigns: deadSigns.includes(sign) ? deadSigns.filter((known) => known !== sign) : [...deadSigns, sign] });
  // What nobody examined is a guess.
  const sureOf = SURENESS.filter((word) => word !== 'examined' || examined !== 'not examined');
  return (
    <div>
      <Caution>
        Out at once, with gloves: a body fouls the water, and others eat of it. It goes where local rules say; never down the drain, never
        to other fish. Then test its system.
      </Caution>
      <Form.Group className="field" controlId={`cause-${lot.lot}`}>
        <Form.Label className="label">What of, as far as you can tell</Form.Label>
        <Form.Select value={cause} onChange={(event) => change({ cause: event.target.value as Cause })}>
          {CAUSES.map((word) => (
            <option key={word}>{word}</option>
          ))}
        </Form.Select>
      </Form.Group>
      {cause !== 'not known' && <Chips label="How sure" options={sureOf} value={sure} onChange={(word) => change({ sure: word })} />}
      <Chips
        label="Found"
        options={FOUND_WHERE}
        value={found}
        onChange={(where) => change({ found: where === found ? undefined : where })}
      />
      <Chips
        label="Examined"
        options={EXAMINED}
        value={examined}
        onChange={(how) =>
          change({
            examined: how === examined ? undefined : how,
            ...(how === 'not examined' && sure === 'examined' ? { sure: 'guess' } : {}),
          })
        }
      />
      <details>
        <summary>What the body shows, and where it went</summary>
        <Chips
          label="It shows"
          name={`What the dead ${lot.label} show`}
          options={signsFor(lot.is).filter((sign) => !OF_THE_LIVING.has(sign))}
          value={deadSigns}
          onChange={toggle}
        />
        <Chips
          label="The body"
          options={DISPOSALS}
          value={disposed}
          onChange={(where) => change({ disposed: where === disposed ? undefined : where })}
        />
      </details>
      <TakePhoto of={{ kind: 'lot', id: lot.lot }} shows="the fish" what={`the dead ${lot.label}`} label="photograph the dead" quiet />
    </div>
  );
}

/** What only a living fish does. */
const OF_THE_LIVING: ReadonlySet<Sign> = new Set<Sign>([
  'flashing',
  'fast breathing',
  'gasping',
  'hiding',
  'not eating',
  'listing',
  'chased',
]);
