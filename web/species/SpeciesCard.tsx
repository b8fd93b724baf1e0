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

export function SpeciesCard({ species: one, allSpecies, onEdit }: Props) {
  const { say } = useUnits();
  const card = useRef<HTMLElement>(null);
  // On a phone the card lies below the list: what was tapped comes into sight.
  useEffect(() => {
    if (window.matchMedia?.(NARROW).matches) card.current?.scrollIntoView();
  }, [one.species]);
  const nameOf = (id: string) => allSpecies.find((other) => other.species === id)?.common ?? id;
  const eaters = allSpecies.filter(
    (other) => other.species !== one.species && other.eats.prey.includes(one.is) && other.water.some((water) => one.water.includes(water)),
  );
  return (
    <section ref={card} className={clsx('card', css.speciesCard)} aria-label={one.common}>
      <h2 className="big">{one.common}</h2>
      <p className="soft tight">
        <i>{one.scientific}</i>
        {one.alsoCalled.length > 0 && ` · also ${one.alsoCalled.join(', ')}`}
        {one.heads > 0 && ` · ${one.heads} in the house`}
      </p>
      <dl className="fact-grid">
        <Fact name="Water">{one.water.join(' or ')}</Fact>
        <Fact name="Temperature">{`${say('temperature', one.temperatureC.min)} to ${say('temperature', one.temperatureC.max)}`}</Fact>
        <Fact name="Salinity">{`${one.salinityPpt.min} to ${one.salinityPpt.max} ppt`}</Fact>
        <Fact name="Grows to">{`${one.adultCm} cm`}</Fact>
        <Fact name="Temperament">{one.temperament ?? 'not known'}</Fact>
        <Fact name="Company">
          {one.keptAlone ? 'kept alone' : (one.groupOf ?? 1) > 1 ? `groups of ${one.groupOf} or more` : 'singly or in pairs will do'}
        </Fact>
        <Fact name="Lives on">{one.guild ?? 'not known'}</Fact>
        <Fact name="Tolerance">{one.tolerance ? `${one.tolerance}, of a change of water` : 'not known: taken as ordinary'}</Fact>
        <Fact name="Lid">{one.jumps ? 'needs one: it jumps' : 'not for jumping'}</Fact>
        <Fact name="Takes">
          {one.eats.prey.length === 0
            ? 'no neighbour'
            : `${one.eats.prey.join(', ')} up to ${Math.round(one.eats.gape * 100)} % of its own length: ${(one.eats.gape * one.adultCm).toFixed(1)} cm when grown`}
        </Fact>
        <Fact name="Never with">{one.neverWith.length === 0 ? 'none named' : one.neverWith.map(nameOf).join(', ')}</Fact>
        <Fact name="May be taken by">
          {eaters.length === 0 ? 'none in this list' : `${eaters.map(({ common }) => common).join(', ')}, when it fits the mouth`}
        </Fact>
        <Fact name="Harmed by">
          {one.shyOf && one.shyOf.length > 0 ? <b className="warn">{one.shyOf.join(', ')}</b> : 'no medication family known to the house'}
        </Fact>
      </dl>
      {one.shyOf && one.shyOf.length > 0 && (
        <Caution>Before any medication: read its label, ask a veterinarian. This list is no dose and not complete.</Caution>
      )}
      {one.sources.length > 0 && <p className={clsx('soft', css.sources)}>{one.sources.join(' · ')}</p>}
      {onEdit && (
        <Button variant="plain" onClick={onEdit}>
          Change
        </Button>
      )}
    </section>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}
