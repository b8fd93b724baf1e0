// Which quantity a picture of water over time draws.
import Button from 'react-bootstrap/Button';

type Props<C extends string> = { curves: readonly C[]; words: Record<C, string>; value: C; onChange: (curve: C) => void };

export function CurveTabs<C extends string>({ curves, words, value, onChange }: Props<C>) {
  return (
    <div className="chips curve-tabs" role="group" aria-label="What is drawn">
      {curves.map((curve) => (
        <Button
          key={curve}
          variant="plain"
          className={curve === value ? 'chip-on' : ''}
          aria-pressed={curve === value}
          onClick={() => onChange(curve)}
        >
          {words[curve]}
        </Button>
      ))}
    </div>
  );
}
