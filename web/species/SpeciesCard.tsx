// One species as the house knows it, in words and with its units.
import { clsx } from 'clsx';
import { useEffect, useRef, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import type { SpeciesRow } from '#contract/views.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import css from './species.module.scss';

const NARROW = '(max-width: 760px)';
type Props = { species: SpeciesRow; allSpecies: readonly SpeciesRow[]; onEdit?: () => void };

export function SpeciesCard({ species, allSpecies, onEdit }: Props) {
  const { say } = useUnits();
  const card = useRef<HTMLElement>(null);
  // On a phone the card lies below the list: what was tapped comes into sight.
  useEffect(() => {
    if (window.matchMedia?.(NARROW).matches) card.current?.scrollIntoView();
  }, [species.species]);
  const nameOf = (id: string) => allSpecies.find((otherSpecies) => otherSpecies.species === id)?.common ?? id;
  const eaters = allSpecies.filter(
    (otherSpecies) =>
      otherSpecies.species !== species.species &&
      otherSpecies.eats?.prey.includes(species.is) &&
      otherSpecies.water.some((water) => species.water.includes(water)),
  );
  return (
    <section ref={card} className={clsx('card', css.speciesCard)} aria-label={species.common}>
      <h2 className="big">{species.common}</h2>
      <p className="soft tight">
        <i>{species.scientific}</i>
        {species.alsoCalled.length > 0 && ` · also ${species.alsoCalled.join(', ')}`}
        {species.heads > 0 && ` · ${species.heads} in the house`}
      </p>
      <dl className="fact-grid">
        <Fact name="Water">{species.water.join(' or ')}</Fact>
        <Fact name="Temperature">
          {species.temperatureC ? (
            `${say('temperature', species.temperatureC.min)} to ${say('temperature', species.temperatureC.max)}`
          ) : (
            <NotKnown />
          )}
        </Fact>
        <Fact name="Salinity">{species.salinityPpt ? `${species.salinityPpt.min} to ${species.salinityPpt.max} ppt` : <NotKnown />}</Fact>
        <Fact name="Grows to">{species.adultCm === undefined ? <NotKnown /> : `${species.adultCm} cm`}</Fact>
        <Fact name="Temperament">{species.temperament ?? 'not known'}</Fact>
        <Fact name="Company">
          {species.keptAlone
            ? 'kept alone'
            : (species.groupOf ?? 1) > 1
              ? `groups of ${species.groupOf} or more`
              : species.keptAlone === undefined
                ? 'not known'
                : 'singly or in pairs will do'}
        </Fact>
        <Fact name="Lives on">{species.guild ?? 'not known'}</Fact>
        <Fact name="Tolerance">{species.tolerance ? `${species.tolerance}, of a change of water` : 'not known: taken as delicate'}</Fact>
        <Fact name="Lid">{species.jumps === undefined ? <NotKnown /> : species.jumps ? 'needs one: it jumps' : 'not for jumping'}</Fact>
        <Fact name="Takes">{species.eats ? sayTakes(species.eats, species.adultCm) : <NotKnown />}</Fact>
        <Fact name="Never with">{species.neverWith.length === 0 ? 'none named' : species.neverWith.map(nameOf).join(', ')}</Fact>
        <Fact name="May be taken by">
          {eaters.length === 0 ? 'none in this list' : `${eaters.map(({ common }) => common).join(', ')}, when it fits the mouth`}
        </Fact>
        <Fact name="Harmed by">
          {species.shyOf && species.shyOf.length > 0 ? (
            <b className="warn">{species.shyOf.join(', ')}</b>
          ) : (
            (species.shyOf && 'no medication family known to the house') || <NotKnown />
          )}
        </Fact>
      </dl>
      {species.shyOf && species.shyOf.length > 0 && (
        <Caution>Before any medication: read its label, ask a veterinarian. This list is no dose and not complete.</Caution>
      )}
      {species.sources.length > 0 && <p className={clsx('soft', css.sources)}>{species.sources.join(' · ')}</p>}
      {onEdit && (
        <Button variant="plain" onClick={onEdit}>
          Change
        </Button>
      )}
    </section>
  );
}

const NotKnown = () => <b className="warn">not known</b>;

function sayTakes({ prey, gape }: NonNullable<SpeciesRow['eats']>, adultCm: number | undefined): string {
  if (prey.length === 0) return 'no neighbour';
  const grown = adultCm === undefined ? '' : `: ${(gape * adultCm).toFixed(1)} cm when grown`;
  return `${prey.join(', ')} up to ${Math.round(gape * 100)} % of its own length${grown}`;
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}
