// How people see the quantities: an SI value in the unit of their choice, rounded only here.
import { conductivityFromSalinity, GRAVITY_REFERENCES, specificGravityFromSalinity, type GravityReference } from './salinity.ts';
import { METRIC, PLAUSIBLE, US_GALLON_L, type Preference, type Quantity } from './units.ts';

const DECIMALS: Partial<Record<Quantity, number>> = {
  salinity: 1,
  pH: 2,
  ammonia: 2,
  'free ammonia': 3,
  nitrite: 2,
  nitrate: 0,
  alkalinity: 2,
  hardness: 1,
  oxygen: 1,
  copper: 2,
};

/** An SI value as this person likes to see it, with its unit: `25.4 °C`, `77.7 °F`, `1.2 L`, `34 ppt`, `pH 7.9`. */
export function formatQuantity(quantity: Quantity, value: number, preference: Preference = METRIC): string {
  if (quantity === 'temperature') {
    return preference.temperature === '°F' ? `${((value * 9) / 5 + 32).toFixed(1)} °F` : `${value.toFixed(1)} °C`;
  }
  if (quantity === 'volume') return preference.volume === 'US gal' ? `${trim(value / US_GALLON_L, 2)} US gal` : `${trim(value, 2)} L`;
  const number = trim(value, DECIMALS[quantity] ?? 1);
  return quantity === 'pH' ? `pH ${number}` : `${number} ${PLAUSIBLE[quantity].unit}`;
}

/** A salinity in every way that keepers tell it; conductivity only where it is defined (to 42 ppt). */
export function everySalinity(salinity: number): { reference: GravityReference | 'compensated25'; text: string }[] {
  return [
    ...GRAVITY_REFERENCES.map((reference) => ({ reference, text: specificGravityFromSalinity(salinity, reference).toFixed(4) })),
    ...(salinity <= 42
      ? [
          {
            reference: 'compensated25' as const,
            text: `${conductivityFromSalinity({ salinity, temperature: 25, reference: 'compensated25' }).toFixed(1)} mS/cm`,
          },
        ]
      : []),
  ];
}

/** A difference of temperatures, given in °C, as this person reads it: 1 °C is 1.8 °F, with no offset. @example formatStep(1, METRIC) gives '1 °C' */
export function formatStep(differenceC: number, preference: Preference = METRIC): string {
  return preference.temperature === '°F' ? `${trim(differenceC * 1.8, 1)} °F` : `${trim(differenceC, 1)} °C`;
}

function trim(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}
