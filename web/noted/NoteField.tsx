// A line of words beside what was chosen.
import Form from 'react-bootstrap/Form';

export function NoteField({ id, label, note, onChange }: { id: string; label: string; note: string; onChange: (note: string) => void }) {
  return (
    <Form.Group className="field" controlId={`note-${id}`}>
      <Form.Label className="label">{label}</Form.Label>
      <Form.Control value={note} maxLength={500} onChange={({ target }) => onChange(target.value)} />
    </Form.Group>
  );
}
