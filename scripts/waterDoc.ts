// `npm run docs:water`: reference tables of core/water at several temperatures and salinities, into docs/water.md.
import fs from 'node:fs';
import {
  conductivityFromSalinity,
  dicAtEquilibrium,
  GRAVITY_REFERENCES,
  oxygenSolubility,
  pHOf,
  seawaterDensity,
  specificGravityFromSalinity,
  unionizedFraction,
} from '#core/water/index.ts';

const T = [15, 20, 25, 30];
const S = [0, 5, 10, 20, 30, 35];
const grid = (title: string, cell: (salinity: number, temperature: number) => string) => [
  `## ${title}`,
  '',
  `| ppt | ${T.map((t) => `${t} °C`).join(' | ')} |`,
  `|---|${T.map(() => '---').join('|')}|`,
  ...S.map((s) => `| ${s} | ${T.map((t) => cell(s, t)).join(' | ')} |`),
  '',
];

const lines = [
  '# Water in tables',
  '',
  'Made by `npm run docs:water` from `core/water`; sources, ranges and errors stand in the docstrings there. Check values of the literature are pinned in its tests.',
  '',
  ...grid('Density, kg/m³ (EOS-80)', (salinity, temperature) => seawaterDensity({ salinity, temperature }).toFixed(2)),
  '## Specific gravity, by its reference',
  '',
  `| ppt | ${GRAVITY_REFERENCES.join(' | ')} |`,
  `|---|${GRAVITY_REFERENCES.map(() => '---').join('|')}|`,
  ...S.map((s) => `| ${s} | ${GRAVITY_REFERENCES.map((reference) => specificGravityFromSalinity(s, reference).toFixed(4)).join(' | ')} |`),
  '',
  ...grid('Conductivity as it is, mS/cm (PSS-78; below 2 ppt Hill et al. 1986)', (salinity, temperature) =>
    conductivityFromSalinity({ salinity, temperature }).toFixed(2),
  ),
  ...[7, 8, 8.3].flatMap((pH) =>
    grid(`Toxic share of all ammonia at pH ${pH} (NBS), %`, (salinity, temperature) =>
      (100 * unionizedFraction({ pH, temperature, salinity })).toPrecision(3),
    ),
  ),
  ...grid('Oxygen in equilibrium with air, mg/L (Weiss 1970)', (salinity, temperature) =>
    oxygenSolubility({ salinity, temperature }).toFixed(2),
  ),
  ...[0.5, 1.5, 2.5].flatMap((alkalinity) =>
    grid(`pH (NBS) of water of ${alkalinity} meq/L in the air of a closed fish room, 600 µatm`, (salinity, temperature) => {
      const dic = dicAtEquilibrium({ alkalinity, salinity, temperature });
      return pHOf({ alkalinity, dic, salinity, temperature }).nbs.toFixed(2);
    }),
  ),
];
fs.writeFileSync('docs/water.md', lines.join('\n').trimEnd() + '\n');
console.log('docs/water.md');
