// The keys that work everywhere, and what they open.
import { PenLine, Search } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate } from 'react-router';
import { setTheme, useTheme } from '../data/theme.ts';
import { Key } from '../keys/Key.tsx';
import { setLineOpen, useLineOpen } from '../keys/lineOpen.ts';
import { useKey } from '../keys/useKey.ts';
import { LineBar } from '../line/LineBar.tsx';
import { STATIONS } from './stations.ts';

export function FrameKeys() {
  const navigate = useNavigate();
  const theme = useTheme();
  const open = useLineOpen();
  useKey('line', () => setLineOpen(true));
  useKey('find', () => void navigate('/find'));
  useKey('theme', () => setTheme(theme === 'day' ? 'out' : 'day'));
  useKey('station', (digit) => {
    const station = STATIONS[Number(digit) - 1];
    if (station) void navigate(station.to);
  });
  useKey('back', () => document.activeElement instanceof HTMLElement && document.activeElement.blur(), { inFields: true });
  return open ? <LineBar onClose={() => setLineOpen(false)} /> : null;
}

export function LineButton() {
  return (
    <Button variant="quiet" className="btn-quiet" onClick={() => setLineOpen(true)}>
      <PenLine size={18} aria-hidden /> One line <Key name="line" />
    </Button>
  );
}

export function FindLink() {
  return (
    <Link className="btn-quiet" to="/find">
      <Search size={18} aria-hidden /> <span className="bar-word">Find</span> <Key name="find" />
    </Link>
  );
}
