// What somebody sees of the fish through the bag: how long, of which sex, and how sure what they are is. Beside it what was ordered.
import Form from 'react-bootstrap/Form';
import type { BagCard } from '#contract/views.ts';
import { SEXES_SEEN } from '#core/dock/index.ts';
import { CERTAINTIES } from '#core/lots/index.ts';
import { lengthFault } from '../parts/length.ts';
import { Chips } from '../parts/Chips.tsx';
import type { LandingDraft } from './draft.ts';

type Change = (part: Partial<LandingDraft>) => void;

export function SizeAndSex({ draft, bag, change }: { draft: LandingDraft; bag?: BagCard; change: Change }) {
  const ordered = draft.other ? undefined : bag?.ordered;
  const fault = lengthFault(draft.size);
  return (
    <div className="pair">
      <Form.Group className="field" controlId="seen-size">
        <Form.Label className="label">{ordered?.sizeCm ? `Length, cm; ${ordered.sizeCm} ordered` : 'Length, cm'}</Form.Label>
        <Form.Control
          inputMode="decimal"
          autoComplete="off"
          maxLength={8}
          value={draft.size}
          isInvalid={fault !== undefined}
          aria-describedby="seen-size-says"
          onChange={(event) => change({ size: event.target.value })}
        />
        {fault && (
          <span id="seen-size-says" className="field-problem" role="alert">
            {fault}
          </span>
        )}
      </Form.Group>
      <Form.Group className="field" controlId="seen-sex">
        <Form.Label className="label">{ordered?.sex ? `Sex; ${ordered.sex} ordered` : 'Sex'}</Form.Label>
        <Form.Select
          value={draft.sex ?? ''}
          onChange={(event) => change({ sex: (event.target.value || undefined) as LandingDraft['sex'] })}
        >
          <option value="">not seen</option>
          {SEXES_SEEN.map((sex) => (
            <option key={sex} value={sex}>
              {sex}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
    </div>
  );
}

/** Once a species is chosen for fish of no list, or for other fish than listed. */
export function HowSure({ draft, change }: { draft: LandingDraft; change: Change }) {
  if (!draft.other?.species) return null;
  return (
    <>
      <Chips
        label={`How sure that they are ${draft.other.species.common}`}
        options={CERTAINTIES}
        value={draft.sure}
        onChange={(sure) => change({ sure })}
        odd={(sure) => sure === 'guess'}
      />
      <Form.Group className="field" controlId="evidence">
        <Form.Label className="label">By what (may be left out)</Form.Label>
        <Form.Control value={draft.evidence} maxLength={200} onChange={(event) => change({ evidence: event.target.value })} />
      </Form.Group>
    </>
  );
}
