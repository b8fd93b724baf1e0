// Tanks drawn on a rack by rows and columns, shown as they will stand before they do; what they are for stays for the next draw.
import { useState } from 'react';
import type { HouseView } from '#contract/views.ts';
import { WATER_TYPES, type WaterType } from '#core/species/index.ts';
import { newId } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { Chips } from '../parts/Chips.tsx';
import { numberOf, PlainForm, type Values } from '../parts/PlainForm.tsx';
import { waterFields, waterStart } from './forms.ts';
import css from './house.module.scss';
import type { PartProps } from './part.ts';
import { afterDraw, codesOf, MAX_TANKS, OWN_WATER, sayCodes, tankFields, tanksOf } from './tankForms.ts';

const SHARED = 'They share a system';
const ALONE = 'Each stands alone';
type Props = Pick<PartProps, 'view' | 'write'> & {
  racks: HouseView['racks'];
  /** What the page that sent us here wants. */ asked: URLSearchParams;
};

export function DrawTanks({ view, racks, write, asked }: Props) {
  const units = useUnits();
  const { systems } = view;
  const wanted = WATER_TYPES.find((type) => type === asked.get('water'));
  const forQuarantine = asked.get('for') === 'quarantine';
  const [own, setOwn] = useState(systems.length === 0 || forQuarantine);
  const [water, setWater] = useState<WaterType>(wanted ?? systems[0]?.type ?? 'marine');
  const [drawn, setDrawn] = useState<string>();
  const rowsOn = (rack: string) => Math.max(-1, ...view.tanks.filter((tank) => tank.rack === rack).map(({ row }) => row)) + 1;
  const draw = async (values: Values) => {
    const codes = codesOf(values);
    if (codes.length === 0) return `At most ${MAX_TANKS} tanks at once: draw the rest after.`;
    const rack = racks.find(({ id }) => id === values.rack);
    const said = own ? { ...values, system: OWN_WATER, type: water } : values;
    const wrong = await write(`${sayCodes(codes)} on ${rack?.name}`, ...tanksOf(said, newId, rowsOn(values.rack!)));
    if (wrong === undefined) setDrawn(`${sayCodes(codes)}: ${values.purpose}, ${units.say('volume', numberOf(values.volumeL))} each.`);
    return wrong;
  };
  return (
    <>
      <Chips
        label="Their water"
        options={systems.length === 0 ? [ALONE] : [SHARED, ALONE]}
        value={own ? ALONE : SHARED}
        onChange={(choice) => setOwn(choice === ALONE)}
      />
      {own && <Chips label="Which water" options={WATER_TYPES} value={water} onChange={setWater} />}
      <PlainForm
        draft={`draw tanks, ${own ? water : 'in a system'}`}
        key={`${own} ${water}`}
        fields={[...tankFields({ racks, systems: own ? [] : systems }), ...(own ? waterFields(water) : [])]}
        initial={{
          rack: racks.at(-1)!.id,
          first: '1',
          rows: '1',
          columns: '4',
          ...(forQuarantine ? { purpose: 'quarantine' } : {}),
          ...(own ? waterStart(water, units) : {}),
        }}
        submit={(values) => {
          const codes = codesOf(values);
          return codes.length === 0 ? 'Draw the tanks' : `Draw ${sayCodes(codes)}`;
        }}
        onSubmit={draw}
        next={afterDraw}
        below={(values) => <Sketch values={values} />}
      />
      {drawn && <p role="status">Drawn: {drawn}</p>}
    </>
  );
}

/** The rack from the front as it is about to be: each tank with what it is for. */
function Sketch({ values }: { values: Values }) {
  const codes = codesOf(values);
  if (codes.length === 0 || !values.prefix?.trim()) return null;
  const columns = numberOf(values.columns);
  return (
    <ul className={css.sketch} aria-label="As they will stand" style={{ gridTemplateColumns: `repeat(${columns}, minmax(64px, 120px))` }}>
      {codes.map((code) => (
        <li key={code}>
          <b>{code}</b>
          <br />
          {values.purpose}
        </li>
      ))}
    </ul>
  );
}
