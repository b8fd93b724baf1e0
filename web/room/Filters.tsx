// What of the house is drawn: one row of choices above the racks.
import { X } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useSearchParams } from 'react-router';
import type { RackCard, RoomView } from '#contract/views.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { CLOCKS, filterOf, isFiltered } from './filter.ts';
import { useInAddress } from '../parts/useInAddress.ts';
import css from './room.module.scss';

const STAGE_WORDS: Record<string, string> = {
  quarantine: 'fish in quarantine',
  cleared: 'cleared fish',
  promised: 'fish promised to somebody',
};

/** `racks` = those that are drawn, by what is asked for. */
type Props = { view: RoomView; racks: readonly RackCard[]; small: boolean; onSmall: (small: boolean) => void; onPrint: () => void };

export function Filters({ view, racks, small, onSmall, onPrint }: Props) {
  const [query, setQuery] = useSearchParams();
  const filter = filterOf(query);
  const shown = racks.reduce((sum, { tanks }) => sum + tanks.length, 0);
  const set = useInAddress();
  const clear = () =>
    setQuery((now) => new URLSearchParams([...now].filter(([name]) => ['tank', 'lot', 'from', 'slip', 'bag', 'edit'].includes(name))), {
      replace: true,
    });
  return (
    <div className={css.roomFilters} role="search" aria-label="Which tanks are drawn">
      <Form.Control
        type="search"
        aria-label="Fish"
        placeholder="Fish"
        value={query.get('fish') ?? ''}
        maxLength={60}
        onChange={(event) => set('fish', event.target.value)}
      />
      <Form.Select aria-label="Water" value={filter.system ?? ''} onChange={(event) => set('system', event.target.value)}>
        <option value="">Any system</option>
        {view.systems.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      <Form.Select aria-label="Clock" value={filter.clock ?? ''} onChange={(event) => set('clock', event.target.value)}>
        <option value="">Any clock</option>
        {CLOCKS.map((clock) => (
          <option key={clock}>{clock}</option>
        ))}
      </Form.Select>
      <Toggle on={filter.empty ?? false} onPress={(on) => set('empty', on ? '1' : '')}>
        Empty
      </Toggle>
      <Toggle on={filter.odd ?? false} onPress={(on) => set('odd', on ? '1' : '')}>
        Odd
      </Toggle>
      <Toggle on={small} onPress={onSmall}>
        Small
      </Toggle>
      <PrintButton before={onPrint} />
      <PaperHead title="Room" />
      {isFiltered(filter) && (
        <span className={css.roomShown}>
          <span role="status">
            {filter.stage ? `${STAGE_WORDS[filter.stage] ?? filter.stage}: ` : ''}
            <span className="num">{shown}</span> {shown === 1 ? 'tank' : 'tanks'}
          </span>
          <Button variant="quiet" className="btn-quiet" onClick={clear}>
            <X size={16} aria-hidden /> Show all
          </Button>
        </span>
      )}
    </div>
  );
}

function Toggle({ on, onPress, children }: { on: boolean; onPress: (on: boolean) => void; children: string }) {
  return (
    <Button variant="plain" className={on ? 'chip-on' : ''} aria-pressed={on} onClick={() => onPress(!on)}>
      {children}
    </Button>
  );
}
