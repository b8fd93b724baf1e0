// A family of moves: A can go when B is free, which waits for caves that come tomorrow. Step by step, then written as one plan.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { RoomView } from '#contract/views.ts';
import { findRound, type TransferTask } from '#core/moves/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { readWall } from '../data/wallTime.ts';
import { numberOf, PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import { sayAll } from '../words/refusals.ts';
import { plural } from '../words/text.ts';
import css from './moves.module.scss';

type Step = TransferTask & { words: string };

export function stepOf(values: Values, view: RoomView, given: { steps: readonly Step[]; id: string; zone: string }): Step | string {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const byCode = (code: string | undefined) => tanks.find((tank) => tank.code.toLowerCase() === (code ?? '').trim().toLowerCase());
  const [from, to] = [byCode(values.from), byCode(values.to)];
  if (!from) return `There is no tank ${values.from}.`;
  if (!to) return `There is no tank ${values.to}.`;
  if (from.id === to.id) return 'They are there already: choose another place.';
  const said = (values.fish ?? '').trim().toLowerCase();
  // A fish may be there only after an earlier step: then it is one of that step's.
  const coming = given.steps.filter((step) => step.to === from.id).map((step) => ({ lot: step.lot, label: step.words }));
  const lots = [...from.occupants, ...coming].filter(({ label }) => said === '' || label.toLowerCase().includes(said));
  const kinds = [...new Map(lots.map((lot) => [lot.lot, lot])).values()];
  if (kinds.length === 0) return `No ${said || 'fish'} in ${from.code}, now or after an earlier step.`;
  if (kinds.length > 1) return `Which fish in ${from.code}: ${kinds.map(({ label }) => label).join(', ')}?`;
  const [fish] = kinds as [{ lot: string; label: string }];
  const untilMs = values.comes ? readWall(values.comes, given.zone) : undefined;
  if (values.comes && untilMs === undefined) return 'Write when it comes like 2026-03-04 10:00, or leave it out.';
  const n = numberOf(values.n);
  return {
    task: given.id,
    lot: fish.lot,
    from: from.id,
    to: to.id,
    n,
    sex: 'any',
    size: 'any',
    by: from.vessel === 'bucket' ? 'cup' : 'net',
    after: values.after === '' || values.after === undefined ? [] : [values.after],
    ...(values.waits ? { waitsFor: { what: values.waits, ...(untilMs === undefined ? {} : { untilMs }) } } : {}),
    comesBack: values.back === 'yes',
    words: `${n} ${fish.label}, ${from.code} to ${to.code}`,
  };
}

export function Family({ view }: { view: RoomView }) {
  const { house } = useMe();
  const { recordAction } = useActions();
  const voice = useVoice();
  const [name, setName] = useState('');
  const [steps, setSteps] = useState<readonly Step[]>([]);
  const [problem, setProblem] = useState<string>();
  const fields: FormField[] = [
    { name: 'n', type: 'number', label: 'How many', min: 1, max: 100_000, whole: true },
    { name: 'fish', type: 'text', label: 'Which fish', optional: true, hint: 'left out where only one kind lives there' },
    { name: 'from', type: 'text', label: 'From tank', maxLength: 12 },
    { name: 'to', type: 'text', label: 'To tank', maxLength: 12 },
    {
      name: 'after',
      type: 'choice',
      label: 'After',
      options: [{ value: '', label: 'nothing: first' }, ...steps.map((step) => ({ value: step.task, label: step.words }))],
    },
    { name: 'waits', type: 'text', label: 'Waits for', optional: true, hint: 'caves, a heater, a lid' },
    { name: 'comes', type: 'text', label: 'When that comes', optional: true, hint: '2026-03-04 10:00' },
    { name: 'back', type: 'choice', label: 'They come back afterwards', options: ['no', 'yes'] },
  ];
  const write = async () => {
    const outcome = await recordAction(`Planned: ${name.trim()}`, {
      kind: 'moves.planned',
      payload: { plan: newId(), name: name.trim(), tasks: steps.map(({ words: _words, ...task }) => task) },
    });
    if (outcome.status === 'refused') return setProblem(sayAll(outcome.refusals, outcome.code, voice));
    setSteps([]);
    setName('');
    setProblem(undefined);
  };
  return (
    <section className="card" aria-label="A family of moves">
      <h2>Plan a family of moves</h2>
      <p className="soft">What must be out first comes first; displaced fish are remembered until they are back.</p>
      <Form.Group className="field" controlId="family-name">
        <Form.Label className="label">What it is for</Form.Label>
        <Form.Control value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </Form.Group>
      <ol>
        {steps.map((step) => (
          <li key={step.task} className={css.familyStep}>
            <span>
              {step.words}
              {step.after.length > 0 && <span className="soft">, after {steps.find(({ task }) => task === step.after[0])?.words}</span>}
              {step.waitsFor && <span className="soft">, waits for {step.waitsFor.what}</span>}
            </span>
            <Form.Select
              aria-label={`${step.words}: after`}
              value={step.after[0] ?? ''}
              onChange={(event) => {
                const next = steps.map((otherStep) =>
                  otherStep.task === step.task ? { ...otherStep, after: event.target.value ? [event.target.value] : [] } : otherStep,
                );
                const round = findRound(next);
                setProblem(
                  round
                    ? `These wait for each other in a round: ${round.map((id) => next.find(({ task }) => task === id)?.words).join(', which waits for ')}. Give one of them a bucket in between.`
                    : undefined,
                );
                setSteps(next);
              }}
            >
              <option value="">nothing: first</option>
              {steps
                .filter(({ task }) => task !== step.task)
                .map((step) => (
                  <option key={step.task} value={step.task}>
                    after {step.words}
                  </option>
                ))}
            </Form.Select>
            <Button
              variant="quiet"
              className="btn-quiet"
              aria-label={`Leave out ${step.words}`}
              onClick={() =>
                setSteps(
                  steps
                    .filter(({ task }) => task !== step.task)
                    .map((otherStep) => ({ ...otherStep, after: otherStep.after.filter((id) => id !== step.task) })),
                )
              }
            >
              Leave out
            </Button>
          </li>
        ))}
      </ol>
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <PlainForm
        draft="step of a plan"
        key={steps.length}
        fields={fields}
        initial={{ after: steps.at(-1)?.task ?? '' }}
        submit="Add this step"
        onSubmit={(values) => {
          const step = stepOf(values, view, { steps, id: newId(), zone: house.zone });
          if (typeof step === 'string') return Promise.resolve(step);
          setSteps((now) => [...now, step]);
          return Promise.resolve(undefined);
        }}
      />
      {steps.length > 0 && (
        <Button variant="primary" disabled={name.trim() === '' || problem !== undefined} onClick={() => void write()}>
          Write {plural(steps.length, 'slip')}
        </Button>
      )}
    </section>
  );
}
