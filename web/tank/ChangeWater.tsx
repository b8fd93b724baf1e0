// A water change with its source: freshly mixed, or from another tank. From clean tanks to hold, never back.
import Form from 'react-bootstrap/Form';
import type { TankCard } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { useContactAgain } from '../moves/useQuarantineAgain.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { problemOf, QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';
import { exchangeEntry, swapped } from './draft.ts';

/** Typed, and not to be read. */
const isBad = (text: string, read: { ok: boolean }): boolean => text.trim() !== '' && !read.ok;

export function ChangeWater({ tank, onDone }: { tank: TankCard; onDone: () => void }) {
  const units = useUnits();
  const { data: room } = useView('room');
  const overrule = useOverrule();
  const form = `water of ${tank.id}`;
  const [litres, setLitres] = useKept(form, 'litres', units.bare('volume', Math.round(tank.volumeL / 5)));
  const [from, setFrom] = useKept(form, 'from', '');
  const [salt, setSalt] = useKept(form, 'salt', '');
  const [warmth, setWarmth] = useKept(form, 'warmth', '');
  const [acid, setAcid] = useKept(form, 'acid', '');
  const parsed = units.read('volume', litres);
  const tanks = room?.racks.flatMap((rack) => rack.tanks).filter(({ id, vessel }) => id !== tank.id && vessel === 'tank') ?? [];
  const source = tanks.find(({ id }) => id === from);
  const again = useContactAgain({ from: source ? [source.id] : [], to: tank.id });
  const read = { salinity: units.read('salinity', salt), temperature: units.read('temperature', warmth), pH: units.read('pH', acid) };
  const systemOf = (id: string) => room?.systems.find((system) => system.id === id);
  const [here, there] = [systemOf(tank.system), source && systemOf(source.system)];
  const poured = {
    salinityPpt: there?.salinityPpt ?? (read.salinity.ok ? read.salinity.value : undefined),
    temperatureC: there?.temperatureC ?? (read.temperature.ok ? read.temperature.value : undefined),
  };
  const share = parsed.ok ? Math.min(1, parsed.value / tank.volumeL) : 0;
  const becomes = here && [
    ['salinity', here.salinityPpt, swapped(here.salinityPpt, poured.salinityPpt, share)] as const,
    ['temperature', here.temperatureC, swapped(here.temperatureC, poured.temperatureC, share)] as const,
  ];
  const sayMixed = (part: number): string =>
    [['salinity', here!.salinityPpt, poured.salinityPpt] as const, ['temperature', here!.temperatureC, poured.temperatureC] as const]
      .map(([quantity, now, fresh]) => {
        const then = swapped(now, fresh, Math.min(1, part));
        return then === undefined ? `${quantity} not known` : units.say(quantity, then);
      })
      .join(', ');
  const change = (volumeL: number) =>
    overrule.attempt(
      knowing(
        {
          title: `Water of ${source?.code ?? ''} into ${tank.code}`,
          doing: 'It was done all the same',
          words: `${units.say('volume', volumeL)} of ${tank.code} changed`,
          drafts: [exchangeEntry(tank.id, volumeL, { fromTank: source?.id, ...read }), ...again.drafts()],
          onDone: () => (forgetKept(form), onDone()),
        },
        again.left,
      ),
    );
  return (
    <div className="tank-form">
      <QuantityField
        label="How much"
        quantity="volume"
        text={litres}
        onChange={setLitres}
        hint={parsed.ok ? `${Math.round((parsed.value / tank.volumeL) * 100)} % of ${tank.code}` : undefined}
      />
      <Form.Group className="field" controlId="change-from">
        <Form.Label className="label">Filled up with</Form.Label>
        <Form.Select value={from} onChange={(event) => setFrom(event.target.value)}>
          <option value="">freshly mixed water</option>
          {[true, false].map((same) => {
            const offered = tanks.filter((each) => (systemOf(each.system)?.type === here?.type) === same);
            return offered.length === 0 ? null : (
              <optgroup
                key={String(same)}
                label={same ? `${here?.type ?? 'the same'} water` : 'other water: it is judged by who lives here'}
              >
                {offered.map(({ id, code, purpose }) => (
                  <option key={id} value={id}>
                    water of {code} ({purpose})
                  </option>
                ))}
              </optgroup>
            );
          })}
        </Form.Select>
      </Form.Group>
      {!source && (
        <>
          <QuantityField label="Its salinity" quantity="salinity" text={salt} onChange={setSalt} optional />
          <QuantityField label="Its temperature" quantity="temperature" text={warmth} onChange={setWarmth} optional />
          <QuantityField label="Its pH" quantity="pH" text={acid} onChange={setAcid} optional />
        </>
      )}
      {becomes && share > 0 && (
        <p role="status">
          {tank.code} then:{' '}
          {becomes
            .map(([quantity, now, then]) =>
              then === undefined
                ? `${quantity} not known, nobody read the new water`
                : `${units.say(quantity, now)} to ${units.say(quantity, then)}`,
            )
            .join('; ')}
          {here.tanks > 1 ? `. Once ${here.name} has mixed: ${sayMixed(parsed.ok ? parsed.value / here.volumeL : 0)}.` : '.'}
        </p>
      )}
      {again.box}
      <Caution>Water may go from cleared tanks to quarantine, never back. Heater off; start no siphon by mouth; hose secured.</Caution>
      <ActButton
        disabled={
          problemOf('volume', litres, { units }) !== undefined ||
          !parsed.ok ||
          isBad(salt, read.salinity) ||
          isBad(warmth, read.temperature) ||
          isBad(acid, read.pH)
        }
        onPress={() => parsed.ok && change(parsed.value)}
      >
        Changed {parsed.ok ? units.say('volume', parsed.value) : ''}
      </ActButton>
    </div>
  );
}
