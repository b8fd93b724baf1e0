// Day or lights out, by hand.
import Button from 'react-bootstrap/Button';
import { Moon, Sun } from 'lucide-react';
import { setTheme, useTheme } from '../data/theme.ts';

export function ThemeSwitch() {
  const theme = useTheme();
  return (
    <Button
      variant="quiet"
      className="btn-quiet"
      title={theme === 'day' ? 'Lights out' : 'Day'}
      onClick={() => setTheme(theme === 'day' ? 'out' : 'day')}
    >
      {theme === 'day' ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
      <span className="bar-word">{theme === 'day' ? 'Lights out' : 'Day'}</span>
    </Button>
  );
}
