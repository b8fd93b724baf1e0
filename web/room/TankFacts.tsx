// One tank: its water, who is here and since when.
import type { RoomView, TankCard } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { HoldEnd } from '../holds/HoldEnd.tsx';

export function TankFacts({ tank, view }: { tank: TankCard; view: RoomView }) {
  const { when } = useTimes();
  const { say } = useUnits();
  const water = view.waters.find(({ id }) => id === tank.water)!;
  return (
    <>
      <h2>
        Tank {tank.code}, {say('volume', tank.volumeL)}
      </h2>
      <dl>
        <dt>for</dt>
        <dd>
          {tank.purpose === 'home' ? 'home stock' : tank.purpose}
          {tank.lid ? ', lid' : ', no lid'}
        </dd>
        <dt>water</dt>
        <dd>
          {water.name}
          {water.tanks > 1 && `, one with ${water.tanks - 1} more`}
        </dd>
        <dt>it is</dt>
        <dd>
          {water.type}, {say('temperature', water.temperatureC)}, {say('salinity', water.salinityPpt)}
        </dd>
      </dl>
      {tank.suspect && <p className="warn">Suspect: a sign of illness or an unexplained death in this water within 7 days.</p>}
      {tank.occupants.length === 0 ? (
        <p className="soft">Empty.</p>
      ) : (
        <ul className="look-lots">
          {tank.occupants.map(({ hold, ...occupant }) => (
            <li key={occupant.lot}>
              <b className="num">{occupant.n}</b> {occupant.label}
              <br />
              <i className="soft">{occupant.species?.scientific}</i>
              <br />
              <span className="soft">
                {[
                  hold ? undefined : 'cleared',
                  occupant.promised ? 'some promised' : undefined,
                  occupant.sinceMs ? `here since ${when(occupant.sinceMs)}` : undefined,
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
              {hold && <HoldEnd occupant={{ ...occupant, hold }} />}
            </li>
          ))}
        </ul>
      )}
      {tank.coming > 0 && (
        <p>
          {tank.coming} {tank.coming === 1 ? 'bag is' : 'bags are'} to come here.
        </p>
      )}
    </>
  );
}
