// The sheet behind a figure's `?`.
import Button from 'react-bootstrap/Button';
import Offcanvas from 'react-bootstrap/Offcanvas';
import { Link, useLocation } from 'react-router';
import { handbookFor } from '../handbook/jobs.ts';
import type { Figure } from './figure.ts';
import css from './figured.module.scss';

export function FigureSheet({ figure, onClose }: { figure: Figure; onClose: () => void }) {
  const { pathname } = useLocation();
  const { what, law, sums, band, source, changes } = figure;
  return (
    <Offcanvas show onHide={onClose} placement="end" aria-labelledby="figured-title">
      <Offcanvas.Body className={css.sheet}>
        <h2 id="figured-title">{what}</h2>
        <p>{law}</p>
        {sums.map((sum) => (
          <p key={sum} className={css.sum}>
            {sum}
          </p>
        ))}
        <h3>How sure</h3>
        <p>{band}</p>
        <h3>What would change it</h3>
        <p>{changes}</p>
        <h3>Source</h3>
        <p>{source}</p>
        <span className="chips">
          <Button variant="plain" onClick={onClose}>
            Close
          </Button>
          <Link className="btn btn-plain" to={handbookFor(pathname)} onClick={onClose}>
            Handbook
          </Link>
        </span>
      </Offcanvas.Body>
    </Offcanvas>
  );
}
