// Five rising strokes: how food was taken, from ignored to charged. Always beside its word.
import { RESPONSES, type Response } from '#core/rounds/index.ts';

const STROKE_STEP_PX = 3;
const FIRST_STROKE_PX = 5;

export function Strokes({ response }: { response: Response }) {
  const level = RESPONSES.indexOf(response);
  return (
    <svg width="40" height="20" viewBox="0 0 40 20" aria-hidden>
      {RESPONSES.map((answer, index) => {
        const height = FIRST_STROKE_PX + index * STROKE_STEP_PX;
        return (
          <rect
            key={answer}
            x={1 + index * 8}
            y={19 - height}
            width="5"
            height={height}
            fill={index <= level ? 'currentColor' : 'none'}
            stroke="currentColor"
            strokeWidth="1.2"
          />
        );
      })}
    </svg>
  );
}
