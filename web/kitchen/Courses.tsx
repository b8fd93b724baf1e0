// Who is on medicated food: each lot on its own day, what holds it back, and who is through with it.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { CourseCard, KitchenView } from '#contract/views.ts';
import type { Draft } from '../data/house.ts';
import { useMayWrite } from '../data/me.ts';
import { courseEntry } from '../lot/draft.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { WhyForm } from '../parts/WhyForm.tsx';
import { HELD_SAYS, sayCourse } from '../words/kitchen.ts';
import { capital, plural } from '../words/text.ts';
import css from './kitchen.module.scss';

export function Courses({ view }: { view: KitchenView }) {
  const { courses, mixes } = view;
  if (mixes.length === 0) return null;
  const on = courses.filter(({ now }) => now.is === 'on');
  const resting = courses.filter(({ now }) => now.is === 'break');
  const over = courses.filter(({ now }) => now.is === 'over');
  const nameOf = (mix: string) => mixes.find(({ id }) => id === mix)?.name ?? mix;
  const list = (cards: readonly CourseCard[]) => (
    <ul className={css.steps}>
      {cards.map((card) => (
        <Course key={card.lot + card.mix} card={card} name={nameOf(card.mix)} />
      ))}
    </ul>
  );
  return (
    <section className="card" aria-label="Medicated food">
      <h2>Medicated food</h2>
      <p className="soft tight">Each lot counts its own days, from its first meal with it. A second course only on signs.</p>
      {on.length === 0 && resting.length === 0 && <p>Nobody is to get any today.</p>}
      {on.length > 0 && list(on)}
      {resting.length > 0 && (
        <>
          <h3>On their break</h3>
          {list(resting)}
        </>
      )}
      {over.length > 0 && (
        <details className="no-print">
          <summary>{plural(over.length, 'lot')} through with it</summary>
          {list(over)}
        </details>
      )}
    </section>
  );
}

function Course({ card, name }: { card: CourseCard; name: string }) {
  const { attempt } = useOverrule();
  const mayDecide = useMayWrite('course.begun');
  const [asking, setAsking] = useState(false);
  const { lot, label, n, tanks, mix, now, held, timesToday } = card;
  const doing = now.is === 'on' ? 'Stop' : 'Again, on signs';
  const decide = (why: string) => {
    const draft: Draft = now.is === 'on' ? { kind: 'course.stopped', payload: { lot, mix, why } } : courseEntry(lot, mix, why);
    setAsking(false);
    attempt({
      title: `${name} again, all the same`,
      doing: 'They get it again',
      words: `${capital(label)}: ${now.is === 'on' ? 'no' : 'again'} ${name}`,
      drafts: [draft],
      onDone: () => undefined,
    });
  };
  return (
    <li>
      <div>
        <span className="num">{n}</span> <Link to={`/lot/${lot}`}>{label}</Link> <span className="soft">{tanks.join(', ')}</span>
        <div>
          {name}: <b>{sayCourse(now)}</b>
          {now.is === 'on' && timesToday > 0 && <span className="soft"> · given today</span>}
        </div>
        {now.is === 'on' && held && <div className="warn">Held back: {HELD_SAYS[held]}</div>}
      </div>
      {mayDecide && (
        <div className={css.acts}>
          <Button
            variant="quiet"
            className="btn-quiet"
            aria-expanded={asking}
            aria-label={`${doing}: ${label}`}
            onClick={() => setAsking(!asking)}
          >
            {doing}
          </Button>
        </div>
      )}
      {asking && (
        <WhyForm className={css.more} label={`Why, ${label}`} submit={now.is === 'on' ? 'No more of it' : 'Give it again'} onSay={decide} />
      )}
    </li>
  );
}
