// A place to drop, choose or paste a text file. What was wrong with the last try is said here.
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { readTextFile, type FileText } from '../data/files.ts';

type Props = { label: string; accept: string; onText: (file: FileText) => void; /** Shown as the field to paste into. */ paste?: string };

export function FileDrop({ label, accept, onText, paste }: Props) {
  const id = useId();
  const [over, setOver] = useState(false);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const take = (file: (Blob & { name?: string }) | undefined | null) => {
    if (!file) return;
    setProblem(undefined);
    readTextFile(file).then(onText, (error: Error) => setProblem(error.message));
  };
  return (
    <div
      className={`drop${over ? ' over' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        take(event.dataTransfer.files[0]);
      }}
    >
      <Form.Group controlId={id}>
        <Form.Label className="label">{label}</Form.Label>
        <Form.Control type="file" accept={accept} onChange={(event) => take((event.target as HTMLInputElement).files?.[0])} />
      </Form.Group>
      {paste && (
        <Form.Group controlId={`${id}-paste`}>
          <Form.Label className="label">{paste}</Form.Label>
          <Form.Control
            as="textarea"
            rows={3}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onPaste={(event) => {
              // Into an empty box it is the whole list; into what was typed it is a part of it.
              if (typed.trim() !== '') return;
              event.preventDefault();
              take(new Blob([event.clipboardData.getData('text')]));
            }}
          />
          {typed.trim() !== '' && (
            <Button variant="plain" onClick={() => take(new Blob([typed]))}>
              Read what is typed
            </Button>
          )}
        </Form.Group>
      )}
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}
