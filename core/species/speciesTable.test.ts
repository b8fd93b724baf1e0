import { SPECIES } from '#demo/species.ts';
import { parseCsv, writeCsv } from '../text/index.ts';
import { diffSpecies, readSpeciesTable, SPECIES_COLUMNS, speciesRow } from './index.ts';

const head =
  'common name;scientific name;water;temperature min (°C);temperature max (°C);salinity min (ppt);salinity max (ppt);adult length (cm);is;eats;jumps;mouth (share of own length)';
const read = (...lines: string[]) => readSpeciesTable(parseCsv([head, ...lines].join('\n')).rows);

it('reads back just what it writes', () => {
  const text = writeCsv(SPECIES_COLUMNS, SPECIES.map(speciesRow));
  expect(readSpeciesTable(parseCsv(text).rows)).toMatchObject({ species: SPECIES, problems: [] });
});

it('has about forty species, each fit to keep, naming only species that it has', () => {
  const ids = new Set(SPECIES.map(({ species }) => species));
  expect(SPECIES.length).toBeGreaterThanOrEqual(40);
  for (const species of SPECIES) {
    expect(species.sources.length).toBeGreaterThan(0);
    expect([species.species, species.temperament, species.guild]).not.toContain(undefined);
    expect(species.neverWith.filter((id) => !ids.has(id))).toEqual([]);
    if (species.is !== 'fish') expect([species.species, species.shyOf]).toEqual([species.species, expect.arrayContaining(['copper'])]);
  }
});

it('takes columns in any order, a decimal comma, and makes an id of the name', () => {
  const { species, problems } = read("Boeseman's rainbow;Melanotaenia boesemani;fresh;24,5;30;0;1;10;fish;shrimp;;0,3");
  expect(problems).toEqual([]);
  expect(species).toEqual([
    expect.objectContaining({
      species: 'boeseman-rainbow',
      temperatureC: { min: 24.5, max: 30 },
      eats: { prey: ['shrimp'], gape: 0.3 },
      is: 'fish',
    }),
  ]);
});

it('takes what is not written for not known, and none for none', () => {
  const { species, problems } = read('mystery goby;;marine;;;;;;fish;;;', 'settled goby;;marine;;;;;;fish;none;no;');
  expect(problems).toEqual([]);
  expect(species).toEqual([
    { species: 'mystery-goby', common: 'mystery goby', water: ['marine'], is: 'fish', alsoCalled: [], neverWith: [], sources: [] },
    expect.objectContaining({ eats: { prey: [], gape: 0 }, jumps: false }),
  ]);
  // Written and read back it is as open as it was.
  expect(readSpeciesTable(parseCsv(writeCsv(SPECIES_COLUMNS, species.map(speciesRow))).rows)).toMatchObject({ species, problems: [] });
});

it('names line, column and what was expected, and gives nothing of such a row', () => {
  const { species, problems } = read(
    'comet;Calloplesiops altivelis;marine;22;28;30;36;20;fish;fish;no;0.4',
    ';Gramma loreto;sea;warm;28;30;36;800;fish;ants;perhaps',
    'mono;Monodactylus argenteus;marine;28;24;2;35;27;fish;none;no',
    'comet;Calloplesiops sp;marine;22;28;30;36;20;fish;none;no',
    'goby;;marine;22;;;30;;fish;shrimp;;',
  );
  expect(species.map(({ species: id }) => id)).toEqual(['comet']);
  expect(problems.map(({ line, column }) => `${line} ${column}`)).toEqual([
    '3 common name',
    '3 water',
    '3 temperature min (°C)',
    '3 adult length (cm)',
    '3 eats',
    '3 jumps',
    '4 temperature max (°C)',
    '5 id',
    '6 temperature max (°C)',
    '6 salinity min (ppt)',
    '6 mouth (share of own length)',
  ]);
  expect(problems[2]!.expected).toBe('a number from -2 to 45');
});

it('asks for the headings it needs', () => {
  expect(readSpeciesTable(parseCsv('name,size\ncomet,20').rows).problems.map(({ column }) => column)).toContain('is');
  expect(readSpeciesTable([]).problems).toHaveLength(1);
});

it('reads no file with a heading that it does not know: what harms a fish could stand there', () => {
  const whole = writeCsv(SPECIES_COLUMNS, SPECIES.map(speciesRow));
  const misnamed = readSpeciesTable(parseCsv(whole.replace('harmed by (medication families)', 'harmed by (remedy families)')).rows);
  expect([misnamed.species, misnamed.problems.map(({ line, column }) => `${line} ${column}`)]).toEqual([
    [],
    ['1 harmed by (remedy families)'],
  ]);
  expect(misnamed.problems[0]!.expected).toContain('harmed by (medication families)');
  // The heading with spaces or capitals around it is the heading, and a last empty column is none.
  const spaced = readSpeciesTable(parseCsv(whole.replace('harmed by', ' Harmed by')).rows);
  expect([spaced.problems, spaced.species.find(({ species }) => species === 'six-line-wrasse')!.shyOf]).toEqual([
    [],
    ['copper', 'chloroquine'],
  ]);
});

describe('against the species list as it is', () => {
  const allSpecies = SPECIES.map((species) => ({ ...species, entry: `entry of ${species.species}` }));

  it('changes nothing when the species list comes back as it went', () => {
    const { species, fields } = readSpeciesTable(parseCsv(writeCsv(SPECIES_COLUMNS, SPECIES.map(speciesRow))).rows);
    expect(diffSpecies(allSpecies, species, fields)).toEqual({ added: [], changed: [], same: SPECIES.length });
  });

  it('finds by scientific name, and takes a missing column for no opinion', () => {
    const { species, fields } = read(
      'Comet;Calloplesiops altivelis;marine;22;28;30;36;18;fish;fish;no;0.4',
      'tuxedo urchin;Mespilia globulus;marine;23;27;32;36;7;snail;none;no',
    );
    const { added, changed, same } = diffSpecies(allSpecies, species, fields);
    expect(added.map((species) => species.species)).toEqual(['tuxedo-urchin']);
    expect(changed).toEqual([
      { species: 'comet', basedOn: 'entry of comet', fields: expect.objectContaining({ adultCm: 18, common: 'Comet' }) as unknown },
    ]);
    expect(changed[0]!.fields).not.toHaveProperty('temperament');
    expect(same).toBe(0);
  });
});
