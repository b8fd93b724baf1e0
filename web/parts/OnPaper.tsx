// A page as it goes on paper: what it is, of which house and when stands over it; buttons and fields stay on the screen (theme/_paper.scss).
import { Printer } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import { flushSync } from 'react-dom';
import { formatDay, formatTime, houseDay } from '#core/time/index.ts';
import { houseNow } from '../data/clock.ts';
import { useMe } from '../data/me.ts';

export function PaperHead({ title }: { title: string }) {
  const { house, person } = useMe();
  const now = houseNow();
  return (
    <header className="paper-only paper-head">
      <b>{title}</b>
      <span>
        {house.name} · {formatDay(houseDay(now, house.zone))} {formatTime(now, house.zone)} · {person.name}
      </span>
    </header>
  );
}

/** `before` = what must be drawn first. */
export function PrintButton({ before }: { before?: () => void }) {
  const print = () => {
    if (before) flushSync(before);
    window.print();
  };
  return (
    <Button variant="link" className="btn-quiet no-print print-button" onClick={print}>
      <Printer size={16} aria-hidden /> Print
    </Button>
  );
}
