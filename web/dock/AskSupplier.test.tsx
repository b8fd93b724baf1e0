/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen } from '@testing-library/react';
import type { CrateCard } from '#contract/views.ts';
import { answer, draw, NOW } from '../testScreen.tsx';
import { AskSupplier } from './AskSupplier.tsx';

const crate = (more: Partial<CrateCard> = {}): CrateCard => ({
  crate: 'c',
  entry: 'e',
  label: 'Yard, Tuesday',
  supplier: 'Yard',
  supplierId: 's',
  packedAtMs: NOW,
  promisedAtMs: NOW,
  stated: {},
  bags: [],
  ...more,
});
const taught = { columns: [], names: [] };

it('a letter asks what is not known, and of nothing that was stated; it says how they are reached', async () => {
  answer({
    '/api/views/intake': {
      body: { seq: 1, species: [], suppliers: [{ id: 's', name: 'Yard', transit: 'van', taught, contact: 'the desk' }] },
    },
  });
  draw(
    <AskSupplier
      crate={crate({ stated: { temperatureC: 24, salinityPpt: 28, salinitySaid: '1.021 sg 25/25' }, told: { packedWith: 'air' } })}
    />,
  );
  expect(screen.getByText(/24.*28.*“1.021 sg 25\/25”.*packed with air/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: /^Ask Yard: 3 things not known/ }));
  const letter = screen.getByLabelText<HTMLTextAreaElement>('The letter, ready to send').value;
  expect(letter).toMatch(/Hour of packing.*\n2\. pH of the water.*\n3\. When they were last fed.*\n4\. Wild, farmed or bred/);
  expect(letter).not.toMatch(/oxygen|Salinity|Temperature/);
  expect(await screen.findByText('Reached by: the desk')).toBeTruthy();
});

it('asks nothing once all is answered', () => {
  answer({});
  draw(
    <AskSupplier
      crate={crate({
        stated: { temperatureC: 24, salinityPpt: 28, pH: 8 },
        told: { packedWith: 'air', lastMeal: 'Sunday', caught: 'bred' },
      })}
    />,
  );
  expect(screen.queryByRole('button')).toBeNull();
});
