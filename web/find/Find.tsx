// Find a fish by whatever is known of it, and where its lots are now.
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { Hit } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { useSearchWords } from '../parts/useSearchWords.ts';
import css from './find.module.scss';

export default function Find() {
  const { words, asked: q, setWords } = useSearchWords('q');
  const { data } = useView('find', { q });
  const hits = data?.hits ?? [];
  return (
    <div className={css.find}>
      <h1 className="visually-hidden">Find a fish</h1>
      <Form.Control
        type="search"
        size="lg"
        autoFocus
        aria-label="A species, lot, tank, crate, supplier, system, customer or person"
        placeholder="A species, lot, tank, crate, supplier, system, customer or person"
        value={words}
        maxLength={80}
        onChange={(event) => setWords(event.target.value)}
      />
      <div role="status" className="visually-hidden">
        {q && `${hits.length} found`}
      </div>
      {q && data && hits.length === 0 && (
        <p>Nothing in the house is called “{q}”. Any name a fish is sold under will do, a letter or two wrong.</p>
      )}
      {!q && <p className="soft">Where it is, everywhere it has been, and who shared system with it.</p>}
      <ul className={css.hits}>
        {hits.map((hit) => (
          <HitItem key={hit.what + hit.id} hit={hit} />
        ))}
      </ul>
    </div>
  );
}

function HitItem({ hit }: { hit: Hit }) {
  const { when } = useTimes();
  const here = hit.lots.reduce((sum, { n }) => sum + n, 0);
  return (
    <li className="card">
      <h2>
        <HitName hit={hit} />{' '}
        <span className="soft">
          {hit.detail || hit.what}
          {here > 0 && `, ${here} here`}
        </span>
      </h2>
      <ul className="plain-list">
        {hit.lots.map(({ lot, label, n, places, supplier, cameAtMs }) => (
          <li key={lot}>
            <Link to={`/lot/${lot}`}>
              <span className="num">{n}</span> {label}
            </Link>{' '}
            <b className="num">{places.length > 0 ? places.join(', ') : 'gone'}</b>{' '}
            <span className="soft">{[supplier, cameAtMs && `since ${when(cameAtMs)}`].filter(Boolean).join(', ')}</span>
          </li>
        ))}
      </ul>
      {hit.lots.length === 0 && hit.what !== 'person' && <p className="soft">{hit.what === 'tank' ? 'Empty.' : 'No lots.'}</p>}
    </li>
  );
}

const PAGE_OF: Partial<Record<Hit['what'], (hit: Hit) => string>> = {
  tank: ({ name }) => `/tank/${encodeURIComponent(name)}`,
  crate: ({ id }) => `/dock?crate=${encodeURIComponent(id)}`,
  system: ({ id }) => `/room?system=${encodeURIComponent(id)}`,
  // Of a person the house keeps what they wrote.
  person: ({ id }) => `/logbook?person=${encodeURIComponent(id)}`,
};

function HitName({ hit }: { hit: Hit }) {
  const page = PAGE_OF[hit.what];
  return page ? <Link to={page(hit)}>{hit.name}</Link> : hit.name;
}
