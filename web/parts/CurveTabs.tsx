// Which quantity a picture of water over time draws.
import Button from 'react-bootstrap/Button';

type Props<C extends string> = { curves: readonly C[]; words: Record<C, string>; value: C; onChange: (curve: C) => void };

export function CurveTabs<C extends string>({ curves, words, value, onChange }: Props<C>) {
  return (
    <div className="chips curve-tabs" role="group" aria-label="What is drawn">
      {curves.map((one) => (
        <Button
          key={one}
          variant="plain"
          className={one === value ? 'chip-on' : ''}
          aria-pressed={one === value}
          onClick={() => onChange(one)}
        >
          {words[one]}
        </Button>
      ))}
    </div>
  );
}
