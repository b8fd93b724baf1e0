/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { SpeciesRow } from '#contract/views.ts';
import type { Role } from '#core/roles/index.ts';
import { SPECIES_COLUMNS, speciesRow, type SpeciesAdded } from '#core/species/index.ts';
import { writeCsv } from '#core/text/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, press, sentAct } from '../testScreen.tsx';
import SpeciesPage from './SpeciesPage.tsx';
import { SpeciesImport } from './SpeciesImport.tsx';
import { SpeciesCard } from './SpeciesCard.tsx';
import { SpeciesForm } from './SpeciesForm.tsx';

const wrasse: SpeciesRow = {
  entry: '019cb270-7380-7000-8036-9ee768e6d3a5',
  heads: 2,
  species: 'six-line-wrasse',
  scientific: 'Pseudocheilinus hexataenia',
  common: 'six-line wrasse',
  alsoCalled: ['pyjama wrasse'],
  water: ['marine'],
  temperatureC: { min: 22, max: 28 },
  salinityPpt: { min: 30, max: 36 },
  adultCm: 8,
  is: 'fish',
  eats: { prey: ['shrimp'], gape: 0.1 },
  jumps: true,
  keptAlone: true,
  neverWith: ['firefish'],
  shyOf: ['copper', 'chloroquine'],
  sources: ['Froese R., Pauly D. (eds.), FishBase'],
};
const shrimp: SpeciesRow = {
  ...wrasse,
  species: 'cleaner-shrimp',
  common: 'cleaner shrimp',
  scientific: 'Lysmata amboinensis',
  alsoCalled: [],
  is: 'shrimp',
  eats: { prey: [], gape: 0 },
  jumps: false,
  keptAlone: false,
  neverWith: [],
  shyOf: [],
  sources: [],
  heads: 0,
};
const species = [wrasse, shrimp];

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/views/species': { body: { seq: 1, species } }, '/api/journal': { body: { seq: 2 } } });
  await outbox.signIn('p');
});
const show = (part: React.ReactNode, role: Role = 'lead') => draw(<ActionProvider>{part}</ActionProvider>, role);
const sent = async () => (await sentAct(asked)).entries[0]!;

describe('a species, told', () => {
  it('says what harms it, with a caution that gives no dose, and who eats it', () => {
    show(<SpeciesCard species={wrasse} allSpecies={species} />);
    expect(screen.getByText('copper, chloroquine')).toBeTruthy();
    expect(screen.getByText(/This list is no dose and not complete/)).toBeTruthy();
    expect(screen.getByText('needs one: it jumps')).toBeTruthy();
    expect(screen.getByText(/shrimp up to 10 % of its own length: 0\.8 cm when grown/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Change' })).toBeNull();
  });

  it('names who may take it, and says what is not known', () => {
    show(<SpeciesCard species={{ ...shrimp, temperament: undefined }} allSpecies={species} onEdit={() => undefined} />);
    expect(screen.getByText('six-line wrasse, when it fits the mouth')).toBeTruthy();
    expect(screen.getByText('no medication family known to the house')).toBeTruthy();
    expect(screen.queryByText(/no dose/)).toBeNull();
    expect(screen.getAllByText('not known').length).toBeGreaterThan(0);
    expect(screen.getByRole('button', { name: 'Change' })).toBeTruthy();
  });
});

describe('the species list', () => {
  it('is searched by any name, a letter wrong', async () => {
    show(<SpeciesPage />);
    const list = within(await screen.findByRole('list', { name: 'Species' }));
    expect(list.getAllByRole('button')).toHaveLength(2);
    fireEvent.change(screen.getByLabelText('Search by any name'), { target: { value: 'pyjama wrase' } });
    await waitFor(() => expect(list.getAllByRole('button')).toHaveLength(1));
    fireEvent.click(list.getByRole('button', { name: /six-line wrasse/ }));
    expect(screen.getByRole('region', { name: 'six-line wrasse' })).toBeTruthy();
  });

  it('is changed by a lead only', async () => {
    show(<SpeciesPage />, 'keeper');
    await screen.findByRole('list', { name: 'Species' });
    expect(screen.getByRole('button', { name: 'Save as CSV' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'New species' })).toBeNull();
  });
});

describe('a species, typed', () => {
  const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

  it('a change sends what changed, and what it was based on', async () => {
    let done: string | undefined;
    show(<SpeciesForm of={wrasse} allSpecies={species} onDone={(id) => (done = id)} />);
    type('adult length (cm)', '7.5');
    await press(/^Save six-line wrasse/);
    expect(await sent()).toMatchObject({
      kind: 'species.changed',
      payload: { species: 'six-line-wrasse', basedOn: wrasse.entry, fields: { adultCm: 7.5 } },
    });
    await waitFor(() => expect(done).toBe('six-line-wrasse'));
  });

  it('what cannot be is named at its field, and what was typed stays', async () => {
    show(<SpeciesForm of={wrasse} allSpecies={species} onDone={() => undefined} />);
    type('adult length (cm)', 'big');
    await press(/^Save/);
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('adult length (cm)').value).toBe('big');
    expect(asked.some(({ path }) => path === '/api/journal')).toBe(false);
  });

  it('a new one needs what must be known', async () => {
    show(<SpeciesForm allSpecies={species} onDone={() => undefined} />);
    type('common name *', 'unheard of');
    await press(/^Save unheard of/);
    expect((await screen.findAllByRole('alert')).length).toBe(2);
    expect(asked.some(({ path }) => path === '/api/journal')).toBe(false);
  });
});

describe('a table taken in', () => {
  const { entry: _entry, heads: _heads, ...bare } = wrasse;
  /** The page of these tests has no File.arrayBuffer. */
  const file = (rows: SpeciesAdded[], broken = (text: string) => text) => {
    const text = broken(writeCsv(SPECIES_COLUMNS, rows.map(speciesRow)));
    const bytes = Uint8Array.from(Buffer.from(text));
    return Object.assign(new File([text], 'species.csv'), { arrayBuffer: () => Promise.resolve(bytes.buffer) });
  };
  const drop = (given: File) => fireEvent.change(screen.getByLabelText('A CSV file'), { target: { files: [given] } });

  it('shows what is new, what changes and what is the same before it saves', async () => {
    show(<SpeciesImport allSpecies={species} onDone={() => undefined} />);
    const { entry: _e, heads: _h, ...prawn } = shrimp;
    drop(
      file([
        { ...bare, adultCm: 9 },
        prawn,
        { ...bare, species: 'melanurus', common: 'melanurus wrasse', scientific: 'Halichoeres melanurus' },
      ]),
    );
    expect(await screen.findByText(/species\.csv/)).toBeTruthy();
    expect(screen.getByText(/new: melanurus wrasse/)).toBeTruthy();
    await press('Take in 2 species');
    const act = await sentAct(asked);
    expect(act.entries.map(({ kind }) => kind).sort()).toEqual(['species.added', 'species.changed']);
  });

  it('takes nothing in while a line is wrong', async () => {
    show(<SpeciesImport allSpecies={species} onDone={() => undefined} />);
    drop(file([{ ...bare, adultCm: 9 }], (text) => text.replace(',9,', ',nine,')));
    expect(await screen.findByText(/adult length/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Take in|Nothing to take in/ }).disabled).toBe(true);
  });
});
