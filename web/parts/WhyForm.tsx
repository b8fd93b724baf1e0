// Why something is left out, dropped or given up: a word that is kept, and one button.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';

type Props = { label: string; submit: string; className?: string; odd?: boolean; onSay: (why: string) => void };

export function WhyForm({ label, submit, className, odd = false, onSay }: Props) {
  const [why, setWhy] = useState('');
  return (
    <form
      className={className}
      onSubmit={(event) => {
        event.preventDefault();
        if (why.trim()) onSay(why.trim());
      }}
    >
      <Form.Control
        aria-label={label}
        placeholder="Why; it is kept"
        autoFocus
        value={why}
        maxLength={300}
        onChange={(event) => setWhy(event.target.value)}
      />
      <Button type="submit" variant={odd ? 'odd' : 'plain'} disabled={why.trim() === ''}>
        {submit}
      </Button>
    </form>
  );
}
