// What is asked of a move once its other end is known: until when, one lot or two, who is in quarantine again.
import Form from 'react-bootstrap/Form';
import type { TankCard } from '#contract/views.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import type { JudgedMove } from './judge.ts';

export type Choices = { oneLot: boolean; again: boolean; hours: number };
type Props = { move: JudgedMove; end: TankCard; now: number; choices: Choices; onChange: (more: Partial<Choices>) => void };

const HOURS = { '1 h': 1, '4 h': 4, '1 day': 24, '3 days': 72 } as const;
const HOUR_WORDS = Object.keys(HOURS) as (keyof typeof HOURS)[];

export function MoveOptions({ move: { temporary, n, fish, otherSystem, who }, end, now, choices, onChange }: Props) {
  const { time } = useTimes();
  const { oneLot, again, hours } = choices;
  return (
    <>
      {temporary && (
        <>
          <Chips
            label={`Out of ${end.code} again in`}
            options={HOUR_WORDS}
            value={HOUR_WORDS.find((word) => HOURS[word] === hours)}
            onChange={(word) => onChange({ hours: HOURS[word] })}
          />
          <p className="soft tight">Until {time(now + hours * HOUR_MS)}: it is timed, so that nobody is forgotten.</p>
        </>
      )}
      {n < fish.n && otherSystem && (
        <Form.Check
          type="checkbox"
          id="one-lot"
          label={`Keep one lot and one clock (else these ${n} become a lot of their own)`}
          checked={oneLot}
          onChange={(event) => onChange({ oneLot: event.target.checked })}
        />
      )}
      {who && (who.newcomerExposed || who.exposed.length > 0) && (
        <Form.Check
          type="checkbox"
          id="hold-again"
          label="Cleared fish that meet fish in quarantine are back in quarantine"
          checked={again}
          onChange={(event) => onChange({ again: event.target.checked })}
        />
      )}
    </>
  );
}
