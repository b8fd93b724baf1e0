// Every key of the application in one table: the list on `?` is drawn from it, and no key is bound but through it.

export type Place = 'Anywhere' | 'Dock' | 'Choosing a tank' | 'Room' | 'Bench' | 'Rounds';
/** `keys` as the key is produced, whatever the layout; `shown` as it is written on the cap. */
type Row = { place: Place; keys: string; shown: string; does: string };

export const KEYS = {
  list: { place: 'Anywhere', keys: '?', shown: '?', does: 'This list' },
  line: { place: 'Anywhere', keys: '.', shown: '.', does: 'Write one line: B3 lost 2' },
  calculators: { place: 'Anywhere', keys: 'm', shown: 'm', does: 'Calculators: salinity, ammonia, dilution, volumes, drip' },
  undo: { place: 'Anywhere', keys: 'u', shown: 'u', does: 'Undo what was just done' },
  find: { place: 'Anywhere', keys: '/', shown: '/', does: 'Find a fish: where it is and where it has been' },
  theme: { place: 'Anywhere', keys: 'l', shown: 'l', does: 'Lights out, or day' },
  station: { place: 'Anywhere', keys: '1,2,3,4,5,6,7,8', shown: '1 to 8', does: 'Go to a station, in the order of the links' },
  back: { place: 'Anywhere', keys: 'escape', shown: 'Esc', does: 'Close what is open; leave a field' },
  'dock.land': { place: 'Dock', keys: 'enter', shown: 'Enter', does: 'The crate is here; land the bag as the card says' },
  'dock.dead': { place: 'Dock', keys: 'd', shown: 'd', does: 'One more dead in the bag' },
  'dock.soft': { place: 'Dock', keys: 's', shown: 's', does: 'Bag soft or foul' },
  'dock.unwell': { place: 'Dock', keys: 'n', shown: 'n', does: 'Fish not well' },
  'dock.count': { place: 'Dock', keys: 'c', shown: 'c', does: 'Count, temperature, note' },
  'dock.other': { place: 'Dock', keys: 'f', shown: 'f', does: 'Other fish than listed' },
  'dock.absent': { place: 'Dock', keys: 'b', shown: 'b', does: 'Not in the box' },
  'dock.surprise': { place: 'Dock', keys: 'x', shown: 'x', does: 'A bag on no list' },
  'dock.listed': { place: 'Dock', keys: 'escape', shown: 'Esc', does: 'As listed after all' },
  'dock.next': { place: 'Dock', keys: 't', shown: 't', does: 'What the most pressing bag asks for: tank or float' },
  'room.move': {
    place: 'Choosing a tank',
    keys: 'arrowleft,arrowright,arrowup,arrowdown',
    shown: '← → ↑ ↓',
    does: 'From tank to tank; first to one that will do',
  },
  'room.put': { place: 'Choosing a tank', keys: 'enter', shown: 'Enter', does: 'Put the bag in this tank' },
  'room.against': { place: 'Choosing a tank', keys: 'o', shown: 'o', does: 'Put it there all the same, with a reason' },
  'room.take': { place: 'Room', keys: 'v', shown: 'v', does: 'Take the fish of this tank in hand, to move them' },
  'room.carry': { place: 'Room', keys: 'enter', shown: 'Enter', does: 'Move them as the slip says' },
  'bench.move': { place: 'Bench', keys: 'arrowup,arrowdown', shown: '↑ ↓', does: 'From bag to bag' },
  'bench.act': { place: 'Bench', keys: 'enter', shown: 'Enter', does: 'Start the float, or net out when it is due' },
  'run.tap': { place: 'Bench', keys: 't,audiovolumeup,audiovolumedown', shown: 't, or a volume button', does: 'One drop of the drip' },
  'run.read': { place: 'Bench', keys: 'r', shown: 'r', does: 'Read the vessel' },
  'run.sign': { place: 'Bench', keys: 's', shown: 's', does: 'A stop sign' },
  'rounds.well': { place: 'Rounds', keys: 'enter', shown: 'Enter', does: 'All well, or save what is noted; then the next tank' },
  'rounds.open': { place: 'Rounds', keys: 'o', shown: 'o', does: 'Something odd, fed or counted: open every lot' },
  'rounds.fed': { place: 'Rounds', keys: 'f', shown: 'f', does: 'Not fed now, or fed after all' },
  'rounds.asBefore': { place: 'Rounds', keys: 'y', shown: 'y', does: 'As at the check before: the same signs again' },
  'rounds.took': { place: 'Rounds', keys: 'q,w,e,r,t', shown: 'q w e r t', does: 'How the next lot took its food: ignored … charged' },
  'rounds.move': { place: 'Rounds', keys: 'arrowup,arrowdown', shown: '↑ ↓', does: 'From tank to tank' },
} as const satisfies Record<string, Row>;

export type KeyName = keyof typeof KEYS;
export const PLACES: readonly Place[] = ['Anywhere', 'Dock', 'Choosing a tank', 'Room', 'Bench', 'Rounds'];
