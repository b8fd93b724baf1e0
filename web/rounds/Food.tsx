// Which food a lot was given: as planned, another of this house, or any words.
import Form from 'react-bootstrap/Form';
import { USUAL_FOODS } from '#core/feeding/index.ts';

type FoodProps = { lot: string; food: string; foods: readonly string[]; onChange: (food: string) => void };

/** Another food than planned is typed, or picked from those that are kept here. */
export function Food({ lot, food, foods, onChange }: FoodProps) {
  return (
    <Form.Group className="field" controlId={`food-${lot}`}>
      <Form.Label className="label">Food</Form.Label>
      <Form.Control list="foods" value={food} maxLength={60} onChange={(event) => onChange(event.target.value)} />
      {food.trim() === '' && (
        <span className="field-problem" role="alert">
          Say which food it was.
        </span>
      )}
      <datalist id="foods">
        {(foods.length > 0 ? foods : USUAL_FOODS.map(({ name }) => name)).map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </Form.Group>
  );
}
