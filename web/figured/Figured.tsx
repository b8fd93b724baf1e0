// A small `?` beside a figure: how it comes about, with these numbers. It opens at the side and takes the focus; Esc brings it back.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { Figure } from './figure.ts';
import { FigureSheet } from './FigureSheet.tsx';

export function Figured({ figure }: { figure: Figure }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="quiet" className="btn-quiet figured" aria-label={`How it comes about: ${figure.what}`} onClick={() => setOpen(true)}>
        ?
      </Button>
      {open && <FigureSheet figure={figure} onClose={() => setOpen(false)} />}
    </>
  );
}
