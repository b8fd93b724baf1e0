// What is still to be known of a crate, as a letter to who sends it; the answers are entered where the crate is put right.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { CrateCard } from '#contract/views.ts';
import { openQuestions } from '#core/dock/index.ts';
import { useView } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { askText } from '../words/askSupplier.ts';
import { plural } from '../words/text.ts';

export function AskSupplier({ crate }: { crate: CrateCard }) {
  const open = openQuestions(crate);
  const [shown, setShown] = useState(false);
  return (
    <>
      <Stated crate={crate} />
      {open.length > 0 &&
        (shown ? (
          <Letter crate={crate} onDone={() => setShown(false)} />
        ) : (
          <Button variant="plain" onClick={() => setShown(true)}>
            Ask {crate.supplier}: {plural(open.length, 'thing')} not known
          </Button>
        ))}
    </>
  );
}

/** What the supplier said of this crate, as said: nothing of it is measured. */
function Stated({ crate: { supplier, stated, told = {} } }: { crate: CrateCard }) {
  const { say } = useUnits();
  const said = [
    stated.temperatureC !== undefined && say('temperature', stated.temperatureC),
    stated.salinityPpt !== undefined && `${say('salinity', stated.salinityPpt)}${stated.salinitySaid ? ` (“${stated.salinitySaid}”)` : ''}`,
    stated.pH !== undefined && `pH ${stated.pH}`,
    told.packedWith && `packed with ${told.packedWith}`,
    told.lastMeal && `last meal: ${told.lastMeal}`,
    told.caught,
  ].filter(Boolean);
  if (said.length === 0) return null;
  return (
    <p className="tight">
      <span className="soft">Stated by {supplier}:</span> {said.join('; ')}
    </p>
  );
}

function Letter({ crate, onDone }: { crate: CrateCard; onDone: () => void }) {
  const { house } = useMe();
  const { when } = useTimes();
  const { data: intake } = useView('intake');
  const [copied, setCopied] = useState(false);
  const contact = intake?.suppliers.find(({ id }) => id === crate.supplierId)?.contact;
  const text = askText({
    supplier: crate.supplier,
    crate: crate.label,
    packed: when(crate.packedAtMs),
    due: when(crate.promisedAtMs),
    open: openQuestions(crate),
    house: house.name,
  });
  return (
    <section className="card" aria-label={`Ask ${crate.supplier}`}>
      <h2>Ask {crate.supplier}</h2>
      <p className="soft">
        {contact ? `Reached by: ${contact}` : 'How to reach them is not known yet; a lead or keeper writes it under House, Suppliers.'}
      </p>
      <Form.Group className="field" controlId="ask-letter">
        <Form.Label className="label">The letter, ready to send</Form.Label>
        {/* Selected whole at a tap: where the browser may not copy, a finger can. */}
        <Form.Control as="textarea" rows={12} readOnly value={text} onFocus={(event) => event.currentTarget.select()} />
      </Form.Group>
      <p className="soft">
        Answers are entered under “Put its name, dates, water or answers right”. A meter in the first bag still beats what is stated.
      </p>
      <div className="chips">
        {'clipboard' in navigator && (
          <Button variant="act" onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}>
            {copied ? 'Copied' : 'Copy the letter'}
          </Button>
        )}
        <Button variant="plain" onClick={onDone}>
          Close
        </Button>
      </div>
    </section>
  );
}
