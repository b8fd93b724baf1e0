// A tank as it stands on its species list: open top, water line, who is in it, its clock as tally marks. A thick line = in quarantine.
import { memo, useEffect, useRef } from 'react';
import type { Occupant, QuarantineCard, TankCard } from '#contract/views.ts';
import type { WaterType } from '#core/species/index.ts';
import { TallyLine } from './TallyMarks.tsx';

type Props = {
  tank: TankCard;
  water: WaterType;
  chosen: boolean;
  refused?: string;
  /** What it would cost to put these in, in few words. */
  costs?: string;
  quarantine?: QuarantineCard;
  /** What is due here, in a word or two. */
  due?: string;
  onChoose: (tank: string) => void;
};

export const Tank = memo(function Tank({ tank, water, chosen, refused, costs, quarantine, due, onChoose }: Props) {
  const button = useRef<HTMLButtonElement>(null);
  // Chosen by arrow keys it takes the focus, so that it is read out and comes into sight.
  useEffect(() => {
    if (chosen) button.current?.focus();
  }, [chosen]);
  const heads = tank.occupants.reduce((sum, { n }) => sum + n, 0);
  const names = kindsIn(tank.occupants);
  const inQuarantine = tank.occupants.some((occupant) => occupant.quarantine);
  const says = [
    tank.vessel === 'tank' ? `Tank ${tank.code}` : `${tank.vessel} ${tank.code}`,
    heads === 0 ? 'empty' : tank.occupants.map(({ n, label }) => `${n} ${label}`).join(', '),
    inQuarantine && (quarantine ? `in quarantine, ${quarantine.clock.clear} clear days of ${quarantine.clock.required}` : 'in quarantine'),
    tank.suspect && 'suspect',
    tank.coming > 0 && `${tank.coming} bags to come`,
    due,
    refused && `not for these: ${refused}`,
    !refused && costs && `costs: ${costs}`,
  ];
  return (
    <button
      ref={button}
      type="button"
      data-tank={tank.id}
      className={`tank water-${water} vessel-${tank.vessel}${inQuarantine ? ' on-hold' : ''}${tank.suspect ? ' suspect' : ''}${refused ? ' refused' : ''}${chosen ? ' chosen' : ''}`}
      aria-pressed={chosen}
      // Chosen already, its Enter is left to the action beside it.
      data-enter={chosen ? 'act' : undefined}
      aria-label={says.filter(Boolean).join(', ')}
      onClick={() => onChoose(tank.id)}
    >
      <span className="code">
        {tank.code}
        {tank.suspect && ' !'}
      </span>
      {!refused && quarantine && <TallyLine clock={quarantine.clock} />}
      {refused ? <span className="name">{refused}</span> : <span className="name">{names[0] ?? <span className="soft">empty</span>}</span>}
      {!refused && costs && <span className="cost">{costs}</span>}
      {!refused && names.length > 1 && <span className="more">and {names.slice(1).join(', ')}</span>}
      {tank.coming > 0 && <span className="more">{tank.coming} to come</span>}
      {due && <span className="more due">{due}</span>}
      {heads > 0 && <span className="heads num">{heads}</span>}
    </button>
  );
});

/** Several lots of one kind are one name in a picture this small: their own names, long as they are, are read aloud and stand beside it. */
function kindsIn(occupants: readonly Occupant[]): string[] {
  const kindOf = ({ species, label }: Occupant) =>
    species && occupants.filter((occupant) => occupant.species?.id === species.id).length > 1 ? species.common : label;
  return [...new Set(occupants.map(kindOf))];
}
