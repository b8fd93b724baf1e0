// A place to drop, choose or paste a text file. What was wrong with the last try is said here.
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { readTextFile, type FileText } from '../data/files.ts';

type Props = { label: string; accept: string; onText: (file: FileText) => void; /** Shown as the field to paste into. */ paste?: string };

export function FileDrop({ label, accept, onText, paste }: Props) {
  const id = useId();
  const [over, setOver] = useState(false);
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
            rows={2}
            value=""
            onChange={() => undefined}
            onPaste={(event) => {
              event.preventDefault();
              take(new Blob([event.clipboardData.getData('text')]));
            }}
          />
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
