// On every page of a new house: how far its setting up is, and one tap to what comes next.
import { clsx } from 'clsx';
import { Link, useLocation } from 'react-router';
import { useView } from '../data/house.ts';
import { useMayWrite, useMe } from '../data/me.ts';
import css from './house.module.scss';
import { isReady, nextStep, setupSteps } from './setup.ts';

export function SetupBar() {
  const { house } = useMe();
  const mayEdit = useMayWrite('tank.added', 'supplier.added');
  return house.isNew && mayEdit ? <Missing /> : null;
}

function Missing() {
  const { data } = useView('house');
  const { pathname, search } = useLocation();
  if (!data) return null;
  const steps = setupSteps(data);
  const next = nextStep(steps);
  const isHere = next && new URL(next.to, location.origin).pathname === pathname && `${pathname}${search}`.startsWith(next.to);
  const isGuide = pathname === '/house' && (search === '' || search.includes('part=setup'));
  if (isReady(steps) || !next || isGuide) return null;
  const needed = steps.filter((step) => step.needed);
  return (
    <p className={clsx(css.setupBar, 'no-print')} role="status">
      <Link to="/house?part=setup">Setting up</Link>: {needed.filter(({ done }) => done).length} of {needed.length} needed things are there.{' '}
      {isHere ? `Now: ${next.name}.` : <Link to={next.to}>Next: {next.name}</Link>}
    </p>
  );
}
