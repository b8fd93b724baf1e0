// Day or lights out, by hand.
import Button from 'react-bootstrap/Button';
import { Moon, Sun } from 'lucide-react';
import { setLook, useLook } from '../data/look.ts';

export function LookSwitch() {
  const look = useLook();
  return (
    <Button
      variant="quiet"
      className="btn-quiet"
      title={look === 'day' ? 'Lights out' : 'Day'}
      onClick={() => setLook(look === 'day' ? 'out' : 'day')}
    >
      {look === 'day' ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
      <span className="bar-word">{look === 'day' ? 'Lights out' : 'Day'}</span>
    </Button>
  );
}
