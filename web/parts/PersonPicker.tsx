// One of the people who work here, or nobody.
import Form from 'react-bootstrap/Form';

type Props = {
  id: string;
  label: string;
  nobody: string;
  people: readonly { id: string; name: string }[];
  value: string;
  onChange: (id: string) => void;
};

export function PersonPicker({ id, label, nobody, people, value, onChange }: Props) {
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label className="label">{label}</Form.Label>
      <Form.Select value={value} onChange={(event) => onChange(event.target.value)}>
        <option value="">{nobody}</option>
        {people.map((person) => (
          <option key={person.id} value={person.id}>
            {person.name}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
