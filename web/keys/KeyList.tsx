// The list of every key, on `?` or by hand.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Link, useLocation } from 'react-router';
import { handbookFor } from '../handbook/jobs.ts';
import { Key } from './Key.tsx';
import css from './keys.module.scss';
import { useLetters } from './letters.ts';
import { KEYS, PLACES } from './table.ts';
import { useKey } from './useKey.ts';

export function KeyList() {
  const [open, setOpen] = useState(false);
  const letters = useLetters();
  const { pathname } = useLocation();
  useKey('list', () => setOpen((now) => !now), { inDialog: open });
  return (
    <>
      <Button variant="quiet" className="btn-quiet" onClick={() => setOpen(true)}>
        <span className="bar-word">Keys</span> <Key name="list" />
      </Button>
      <Modal show={open} onHide={() => setOpen(false)} centered size="lg" aria-labelledby="keys-title">
        <Modal.Body>
          <h2 id="keys-title">Keys</h2>
          <div className={css.keyPlaces}>
            {PLACES.map((place) => (
              <section key={place}>
                <h3>{place}</h3>
                <dl>
                  {Object.entries(KEYS)
                    .filter(([, row]) => row.place === place)
                    .map(([name, { shown, does }]) => (
                      <div key={name}>
                        <dt>
                          <kbd>{shown}</kbd>
                        </dt>
                        <dd>{does}</dd>
                      </div>
                    ))}
                </dl>
              </section>
            ))}
          </div>
          {!letters && <p className="warn">Keys of one letter do nothing on this device: that is chosen under your name.</p>}
          <p className="soft">Everything else is reached with Tab, and pressed with Enter or Space.</p>
          <span className="chips">
            <Button variant="plain" onClick={() => setOpen(false)}>
              Close
            </Button>
            <Link className="btn btn-plain" to={handbookFor(pathname)} onClick={() => setOpen(false)}>
              Handbook
            </Link>
          </span>
        </Modal.Body>
      </Modal>
    </>
  );
}
