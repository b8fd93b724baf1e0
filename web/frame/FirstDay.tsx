// The first day in five steps, on whatever page: what a station is for, and the way to the next. Skipped or done, it is over on this device; under one's
// name it is begun again.
import { useSyncExternalStore } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate } from 'react-router';
import { useMe } from '../data/me.ts';
import { handbookFor } from '../handbook/jobs.ts';
import { firstDay } from './firstDay.ts';

type Step = { to: string; name: string; demo: string; ours: string };

const STEPS: readonly Step[] = [
  {
    to: '/dock',
    name: 'Dock',
    demo: 'A crate came late, and some of its bags are landed. The card says what one press of Land asserts; tap what is not so first.',
    ours: 'Take in a supplier’s list here, or type its lines; then each bag is landed with one press. A box on no list is taken in too.',
  },
  {
    to: '/room',
    name: 'Room',
    demo: 'The racks as they stand. Tap a tank to see who lives there; with fish in hand every tank says whether it will do, and why not.',
    ours: 'The racks that you drew. With fish in hand every tank says whether it will do, and why not.',
  },
  {
    to: '/bench',
    name: 'Bench',
    demo: 'Each bag that has a tank: which method is least stressful for it, and why. A vessel that is on its way is followed here step by step.',
    ours: 'Each bag that has a tank: which method is least stressful for it, why, and what to measure first.',
  },
  {
    to: '/rounds',
    name: 'Rounds',
    demo: 'Tank after tank, twice a day. All well is one press; tap what is odd, who ate, what died.',
    ours: 'Tank after tank, twice a day. All well is one press. Days without a check do not count in a quarantine.',
  },
  {
    to: '/today',
    name: 'Today',
    demo: 'What hands must do now, by harm. All of it follows from what was written. The two buttons beside the clock move this demo’s time.',
    ours: 'What hands must do now, by harm. All of it follows from what was written: this is where a day begins.',
  },
];

export function FirstDay() {
  const { house } = useMe();
  const navigate = useNavigate();
  const at = useSyncExternalStore(firstDay.subscribe, firstDay.step);
  // A house that is being set up is led through that first; a demo shows itself.
  const step = at === undefined || (house.isNew && !house.demo) ? undefined : STEPS[at];
  if (!step || at === undefined) return null;
  const next = STEPS[at + 1];
  return (
    <aside className="first-day no-print" aria-label="The first day">
      <span>
        <b>
          First day, {at + 1} of {STEPS.length}: {step.name}.
        </b>{' '}
        {house.demo ? step.demo : step.ours} <Link to={handbookFor(step.to)}>In the handbook</Link>
      </span>
      <span className="chips">
        <Button
          variant="plain"
          onClick={() => {
            firstDay.go(next ? at + 1 : undefined);
            if (next) void navigate(next.to);
          }}
        >
          {next ? `Next: ${next.name}` : 'That is all'}
        </Button>
        {next && (
          <Button variant="plain" onClick={() => firstDay.go(undefined)}>
            Skip
          </Button>
        )}
      </span>
    </aside>
  );
}
