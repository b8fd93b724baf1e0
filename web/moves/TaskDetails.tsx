// The rest of a catch slip: the counts at both ends, what stayed and went along, whose net, which ones, why.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { Occupant, TransferTaskCard, TankCard, ToolCard } from '#contract/views.ts';
import { netFor, SEXES, SIZES } from '#core/moves/index.ts';
import { MISHAPS, type Mishap } from '#core/rounds/index.ts';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';

/** What was seen on this one move: counted at the other end, and seen to stay behind; nothing when nobody counted. */
export type Counted = {
  arrived?: number;
  behind?: number;
  along: Readonly<Record<string, number>>;
  mishap?: Mishap;
};
/** What the slip says of the move, counted or not. */
export type SlipWords = {
  tool: string;
  sex: (typeof SEXES)[number];
  size: (typeof SIZES)[number];
  which: string;
  why: string;
};
export type Details = Counted & SlipWords;

export const wordsOf = (task: TransferTaskCard | undefined): SlipWords => ({
  tool: task?.tool ?? '',
  sex: task?.sex ?? 'any',
  size: task?.size ?? 'any',
  which: task?.who ?? '',
  why: task?.why ?? '',
});

/** A count may be so much more than the records say before it is a slip of the finger. */
const OVER = 50;

type Props = {
  details: Details;
  onChange: (details: Details) => void;
  fish: Occupant;
  from: TankCard;
  to: TankCard;
  n: number;
  tools: readonly ToolCard[];
};

export function TaskDetails({ details, onChange, fish, from, to, n, tools }: Props) {
  const [open, setOpen] = useState(false);
  const set = (more: Partial<Details>) => onChange({ ...details, ...more });
  const arrived = details.arrived ?? n;
  return (
    <>
      <Button variant="quiet" className="btn-quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
        Counts, net, which, why
      </Button>
      {open && (
        <>
          <CountField label={`Counted in ${to.code}`} value={arrived} max={n + OVER} onChange={(count) => set({ arrived: count })} />
          {arrived < n && <p className="warn">{n - arrived} missing: a search is put on Today.</p>}
          {arrived > n && <p className="warn">{arrived - n} more than netted: posted as a difference.</p>}
          <CountField
            label={`Seen to stay in ${from.code}`}
            value={details.behind ?? fish.n - n}
            max={fish.n + OVER}
            onChange={(behind) => set({ behind })}
          />
          {from.occupants
            .filter(({ lot }) => lot !== fish.lot)
            .map(({ lot, label, n: there }) => (
              <CountField
                key={lot}
                label={`${label} that went along`}
                value={details.along[lot] ?? 0}
                max={there}
                onChange={(count) => set({ along: { ...details.along, [lot]: count } })}
              />
            ))}
          <Net tool={details.tool} onChange={(tool) => set({ tool })} fish={fish} from={from} tools={tools} />
          <Chips label="Sex" options={SEXES} value={details.sex} onChange={(sex) => set({ sex })} />
          <Chips label="Size" options={SIZES} value={details.size} onChange={(size) => set({ size })} />
          <Form.Group className="field" controlId="slip-which">
            <Form.Label className="label">Which ones</Form.Label>
            <Form.Control value={details.which} maxLength={120} onChange={(event) => set({ which: event.target.value })} />
          </Form.Group>
          <Form.Group className="field" controlId="slip-why">
            <Form.Label className="label">Why, if it matters</Form.Label>
            <Form.Control value={details.why} maxLength={200} onChange={(event) => set({ why: event.target.value })} />
          </Form.Group>
          <Chips
            label="On the way one"
            options={MISHAPS}
            value={details.mishap}
            odd={() => true}
            onChange={(mishap) => set({ mishap: mishap === details.mishap ? undefined : mishap })}
          />
        </>
      )}
    </>
  );
}

type NetProps = { tool: string; onChange: (tool: string) => void; fish: Occupant; from: TankCard; tools: readonly ToolCard[] };

/** Whose net, what net suits, and whether it is wet from elsewhere. */
function Net({ tool, onChange, fish, from, tools }: NetProps) {
  const advice = netFor({ sizeCm: fish.sizeCm ?? 5, round: from.vessel === 'bucket' });
  const wet = tools.find(({ id }) => id === tool)?.wet.filter(({ tank }) => tank !== from.id) ?? [];
  return (
    <>
      <Form.Group className="field" controlId="slip-tool">
        <Form.Label className="label">Whose net or cup</Form.Label>
        <Form.Select value={tool} onChange={(event) => onChange(event.target.value)}>
          <option value="">none of ours</option>
          {tools.map((tool) => (
            <option key={tool.id} value={tool.id}>
              {tool.name}
              {tool.wet.length > 0 ? ` (wet from ${tool.wet.map(({ code }) => code).join(' ')})` : ''}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <p className="soft tight">
        {advice.cup
          ? 'A round bucket and a square net do not meet: a cup or a jug.'
          : `A net about ${advice.widthCm} cm wide, mesh ${advice.meshMm} mm: finer drags, coarser wounds.`}
      </p>
      {wet.length > 0 && <p className="warn">It is wet from {wet.map(({ code }) => code).join(' ')}: disinfect it first.</p>}
    </>
  );
}
