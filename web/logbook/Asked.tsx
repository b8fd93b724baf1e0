// What of the logbook is asked for: words, who wrote it, about what, of which days; a tank or a lot by the way from its page.
import { X } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useSearchParams } from 'react-router';
import { LOGBOOK_GROUPS, type LogbookView } from '#contract/views.ts';
import { useInAddress } from '../parts/useInAddress.ts';
import { useSearchWords } from '../parts/useSearchWords.ts';
import css from './logbook.module.scss';
import { ASKED, GROUP_WORDS } from './query.ts';

export function Asked({ view }: { view: LogbookView | undefined }) {
  const [query, setQuery] = useSearchParams();
  const { words, setWords } = useSearchWords('q');
  const set = useInAddress();
  const about = query.get('tank') ?? query.get('lot');
  const day = (name: 'from' | 'to', label: string) => (
    <label>
      {name}{' '}
      <Form.Control type="date" aria-label={label} value={query.get(name) ?? ''} onChange={({ target }) => set(name, target.value)} />
    </label>
  );
  return (
    <div className={css.asked} role="search" aria-label="What of the logbook is shown">
      <Form.Control
        type="search"
        aria-label="Words, a tank, a lot, a name"
        placeholder="Words, a tank, a lot, a name"
        value={words}
        maxLength={80}
        onChange={({ target }) => setWords(target.value)}
      />
      <Form.Select aria-label="By whom" value={query.get('person') ?? ''} onChange={({ target }) => set('person', target.value)}>
        <option value="">Anybody</option>
        {view?.people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      <Form.Select aria-label="About what" value={query.get('what') ?? ''} onChange={({ target }) => set('what', target.value)}>
        <option value="">Anything</option>
        {LOGBOOK_GROUPS.map((group) => (
          <option key={group} value={group}>
            {GROUP_WORDS[group]}
          </option>
        ))}
      </Form.Select>
      <span className={css.days}>
        {day('from', 'From this day')}
        {day('to', 'To this day')}
      </span>
      {about !== null && <b>{view?.about ?? about}</b>}
      {ASKED.some((name) => query.has(name)) && (
        <Button variant="plain" onClick={() => setQuery({}, { replace: true })}>
          <X size={16} aria-hidden /> Everything
        </Button>
      )}
    </div>
  );
}
