// What was passed over in a list, and what else is to be looked at before it is taken in.
import Button from 'react-bootstrap/Button';
import type { PassedLine, ReadReply } from '#core/intake/index.ts';
import css from './intake.module.scss';

const WHY: Record<PassedLine['why'], string> = {
  'none sent': 'none was sent',
  'not fish': 'no fish',
  heading: 'words only',
};
const SHOWN = 40;
type Props = { read: ReadReply; onIsFish: (line: number) => void };

export function Passed({ read, onIsFish }: Props) {
  const { list, notices } = read;
  const passed = list?.passed ?? [];
  const said = [...notices, ...(list?.notices ?? []), ...(list?.remarks ?? []).map((remark) => `Kept as words: “${remark}”.`)];
  if (passed.length + said.length === 0) return null;
  return (
    <section className="card" aria-label="Passed over">
      <h2>Please check</h2>
      <ul className={css.passed}>
        {said.map((notice) => (
          <li key={notice}>{notice}</li>
        ))}
        {passed.slice(0, SHOWN).map(({ line, said: words, why }) => (
          <li key={line}>
            Line {line}, “{words}”: {WHY[why]}, left out.{' '}
            {why !== 'none sent' && (
              <Button variant="quiet" className="btn-quiet" aria-label={`Line ${line} is fish`} onClick={() => onIsFish(line)}>
                It is fish
              </Button>
            )}
          </li>
        ))}
        {passed.length > SHOWN && <li className="soft">and {passed.length - SHOWN} more lines left out</li>}
      </ul>
    </section>
  );
}
