// How the fish of a bag look: all alike by one tap, or some of them otherwise by one tap each.
import Button from 'react-bootstrap/Button';
import { CONDITIONS, type Condition } from '#core/dock/index.ts';
import { Chips } from '../parts/Chips.tsx';
import { sayEach } from '../words/triage.ts';
import { allLook, oneLooks, type LandingDraft } from './draft.ts';

type Props = { draft: LandingDraft; onChange: (part: Pick<LandingDraft, 'condition' | 'each'>) => void };
const ODD = CONDITIONS.filter((condition) => condition !== 'fit');

export function EachFish({ draft, onChange }: Props) {
  const { alive, condition, each } = draft;
  return (
    <>
      <Chips
        label={alive > 1 ? `Fish, all ${alive}` : 'Fish'}
        options={CONDITIONS}
        value={each ? undefined : condition}
        onChange={(all: Condition) => onChange(allLook(all))}
        odd={(option) => option !== 'fit'}
      />
      {alive > 1 && (
        <div className="field">
          <span className="label">{each ? sayEach(each) : 'Only some of them'}</span>
          <div className="chips" role="group" aria-label="Only some of them">
            {ODD.map((option) => (
              <Button key={option} variant="odd" aria-label={`One more ${option}`} onClick={() => onChange(oneLooks(draft, option))}>
                one {option}
              </Button>
            ))}
          </div>
        </div>
      )}
    </>
  );
}
