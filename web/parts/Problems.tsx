// What is wrong in a file, by line and column, with what was expected there.
import type { FileProblem } from '#core/text/index.ts';

export function Problems({ problems }: { problems: readonly FileProblem[] }) {
  return (
    <div role="alert">
      <p className="field-problem">
        {problems.length === 1 ? 'One thing is' : `${problems.length} things are`} to be put right in the file; nothing was taken in.
      </p>
      <ul className="read-list">
        {problems.slice(0, 50).map(({ line, column, expected }, index) => (
          <li key={index}>
            line {line}
            {column && <>, column “{column}”</>}: expected {expected}
          </li>
        ))}
        {problems.length > 50 && <li className="soft">and {problems.length - 50} more</li>}
      </ul>
    </div>
  );
}
