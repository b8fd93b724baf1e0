// None of the tanks will do for what is in hand: said at once, with the way to draw one that will, and back.
import { Link, useLocation } from 'react-router';
import type { TankCard } from '#contract/views.ts';
import type { WaterType } from '#core/species/index.ts';
import { useMayWrite } from '../data/me.ts';
import { Caution } from '../parts/Caution.tsx';
import { drawTanksAt } from '../parts/drawTanksAt.ts';
import { forbids } from './forbids.ts';

type Props = { tanks: readonly TankCard[]; water: WaterType | undefined };

export function NoTankFits({ tanks, water }: Props) {
  const { pathname, search } = useLocation();
  const mayDraw = useMayWrite('tank.added');
  if (tanks.some((tank) => tank.reasons && forbids(tank).length === 0)) return null;
  return (
    <Caution strong>
      <b>None of the tanks will do.</b> Each says why when it is tapped.{' '}
      {mayDraw ? (
        <Link to={drawTanksAt(water, `${pathname}${search}`)}>Draw a quarantine tank for them</Link>
      ) : (
        'A lead draws another one, under House.'
      )}
    </Caution>
  );
}
