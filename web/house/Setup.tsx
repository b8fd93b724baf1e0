// First steps: what a new house still wants, in order, each with the page where it is done; and the way to the first crate.
import { clsx } from 'clsx';
import { Check, Circle } from 'lucide-react';
import { Link } from 'react-router';
import css from './house.module.scss';
import type { PartProps } from './part.ts';
import { isReady, nextStep, setupSteps } from './setup.ts';

export function Setup({ view, mayEdit }: PartProps) {
  const steps = setupSteps(view);
  const next = nextStep(steps);
  const ready = isReady(steps);
  return (
    <section className="card" aria-label="First steps">
      <h2>{ready ? 'The house is ready' : 'What is still missing'}</h2>
      <p className="soft">
        {ready
          ? 'A crate can come. What is left below helps, and may wait.'
          : mayEdit
            ? 'In this order it is least work. Everything can be changed later.'
            : 'A lead sets these up.'}
      </p>
      <ol className={css.steps}>
        {steps.map((step) => (
          <li key={step.id} aria-current={step === next ? 'step' : undefined}>
            {step.done ? <Check aria-label="done" /> : <Circle aria-label={step.needed ? 'needed' : 'may wait'} />}
            <span>
              <Link to={step.to}>{step.name}</Link> <span className="soft">{step.done || step.needed ? '' : '· may wait'}</span>
              <span className={css.why}>{step.why}</span>
            </span>
          </li>
        ))}
      </ol>
      {ready ? (
        <Link className={clsx('btn btn-act', css.go)} to="/dock">
          To the dock: the first crate
        </Link>
      ) : (
        mayEdit &&
        next && (
          <Link className={clsx('btn btn-act', css.go)} to={next.to}>
            Next: {next.name}
          </Link>
        )
      )}
    </section>
  );
}
