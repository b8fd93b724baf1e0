// Another way for a bag than the rules of the house have for it: with a reason, which stays with it.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { BagCard } from '#contract/views.ts';
import { ROUTES, type Route } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite } from '../data/me.ts';
import { ROUTE_SAYS } from '../words/triage.ts';
import css from './dock.module.scss';

export function OtherRoute({ bag, route }: { bag: BagCard; route: Route }) {
  const may = useMayWrite('bag.routed');
  const { recordAction } = useActions();
  const [to, setTo] = useState<Route>();
  const [why, setWhy] = useState('');
  if (!may) return null;
  if (to === undefined)
    return (
      <Button
        variant="link"
        className={clsx('btn-quiet', css.otherWay)}
        aria-label={`Another way for ${bag.label}`}
        onClick={() => setTo(ROUTES.find((way) => way !== route))}
      >
        another way
      </Button>
    );
  const write = () => {
    void recordAction(`${bag.label}: ${to}`, { kind: 'bag.routed', payload: { bag: bag.bag, lot: bag.lot, route: to, why: why.trim() } });
    setTo(undefined);
    setWhy('');
  };
  return (
    <span className="field">
      <Form.Select aria-label={`The way of ${bag.label}`} value={to} onChange={(event) => setTo(event.target.value as Route)}>
        {ROUTES.filter((way) => way !== route).map((way) => (
          <option key={way} value={way}>
            {ROUTE_SAYS[way]}
          </option>
        ))}
      </Form.Select>
      <Form.Control
        aria-label={`Why, for ${bag.label}`}
        placeholder="Why; it stays with the bag"
        value={why}
        maxLength={300}
        onChange={(event) => setWhy(event.target.value)}
      />
      <span className="chips">
        <Button variant="plain" disabled={why.trim() === ''} onClick={write}>
          So be it
        </Button>
        <Button variant="quiet" className="btn-quiet" onClick={() => setTo(undefined)}>
          Leave it
        </Button>
      </span>
    </span>
  );
}
