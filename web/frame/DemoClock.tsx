// The clock of a demo house, and the two ways to move it on: to the next due thing, to the next morning.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { CalendarClock, StepForward } from 'lucide-react';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { formatDay, houseDay } from '#core/time/index.ts';
import { postJson, Refusal } from '../data/api.ts';
import { useHouseNow } from '../data/clock.ts';
import { useMe, useTimes } from '../data/me.ts';

export function DemoClock() {
  const { house } = useMe();
  const now = useHouseNow(1000);
  const { time } = useTimes();
  const [problem, setProblem] = useState<string>();
  if (!house.demo) return null;
  const move = async (to: 'next' | 'morning') => {
    try {
      await postJson(paths.demoClock, { to });
      setProblem(undefined);
      await mutate(paths.me);
    } catch (error) {
      setProblem(error instanceof Refusal && error.body.code === 'nothingDue' ? 'nothing is due' : 'not moved');
    }
  };
  return (
    <span className="demo-clock">
      <span className="num" title="The clock of this demo house">
        {formatDay(houseDay(now, house.zone))} {time(now)}
      </span>
      <Button
        variant="plain"
        size="sm"
        aria-label="Move the demo clock to the next due thing"
        title="To the next due thing"
        onClick={() => void move('next')}
      >
        <StepForward size={18} aria-hidden />
      </Button>
      <Button
        variant="plain"
        size="sm"
        aria-label="Move the demo clock to tomorrow morning"
        title="To tomorrow morning"
        onClick={() => void move('morning')}
      >
        <CalendarClock size={18} aria-hidden />
      </Button>
      <span role="status" className="warn">
        {problem}
      </span>
    </span>
  );
}
