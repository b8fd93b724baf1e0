/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import type { Overrule } from '#core/journal/index.ts';
import { draw, tankCard } from '../testScreen.tsx';
import { Chips } from './Chips.tsx';
import { CountField } from './CountField.tsx';
import { OverruleDialog } from './OverruleDialog.tsx';
import { Strokes } from './Strokes.tsx';
import { Tank } from './Tank.tsx';

function Counter() {
  const [n, setN] = useState(1);
  return <CountField label="Dead" value={n} max={2} onChange={setN} />;
}

it('counts between its ends without a keyboard', () => {
  draw(<Counter />);
  const [fewer, more] = [
    screen.getByRole<HTMLButtonElement>('button', { name: 'one dead fewer' }),
    screen.getByRole<HTMLButtonElement>('button', { name: 'one dead more' }),
  ];
  const shown = () => screen.getByRole<HTMLInputElement>('textbox');
  fireEvent.click(more);
  expect([shown().value, more.disabled]).toEqual(['2', true]);
  fireEvent.click(fewer);
  fireEvent.click(fewer);
  expect([shown().value, fewer.disabled]).toEqual(['0', true]);
});

it('takes a count that is typed, says what cannot be, and forgets it when it is left', () => {
  draw(<Counter />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Dead' });
  fireEvent.change(field, { target: { value: '' } });
  expect([field.value, screen.getByRole('alert').textContent]).toEqual(['', 'A number from 0 to 2.']);
  fireEvent.change(field, { target: { value: '9' } });
  expect(screen.getByRole('alert')).toBeTruthy();
  fireEvent.blur(field);
  expect([field.value, screen.queryByRole('alert')]).toEqual(['1', null]);
  fireEvent.change(field, { target: { value: '2' } });
  fireEvent.blur(field);
  expect(field.value).toBe('2');
});

it('says which chip is chosen, not by colour alone', () => {
  const chosen: string[] = [];
  draw(<Chips label="Bag" options={['sound', 'soft']} value="sound" onChange={(chip) => chosen.push(chip)} />);
  expect(screen.getByRole('button', { name: 'sound' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'soft' }));
  expect(chosen).toEqual(['soft']);
});

it('fills as many strokes as the word is worth', () => {
  const { container } = draw(<Strokes response="tasted" />);
  expect([...container.querySelectorAll('rect')].map((rect) => rect.getAttribute('fill'))).toEqual([
    'currentColor',
    'currentColor',
    'currentColor',
    'none',
    'none',
  ]);
});

describe('overruling', () => {
  const refusals = [
    { code: 'fit.noLid' as const, facts: { species: 'firefish' } },
    { code: 'fit.noLid' as const, facts: { species: 'blenny' } },
    { code: 'fit.tooCold' as const, overrule: 'lead' as const, facts: { hasC: 20, minC: 22, species: 'firefish' } },
  ];
  const open = (role: 'lead' | 'keeper') => {
    const given: Pick<Overrule, 'reason' | 'without'>[] = [];
    draw(
      <OverruleDialog
        title="firefish in G2"
        doing="Put it in G2"
        refusals={refusals}
        onClose={() => undefined}
        onOverrule={(why) => given.push(why)}
      />,
      role,
    );
    return given;
  };

  it('asks a lead for a reason', () => {
    const given = open('lead');
    expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      'No lid, and firefish jump',
      'No lid, and blenny jump',
      'Too cold: 20.0 °C, firefish from 22.0 °C',
    ]);
    const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Put it in G2' });
    fireEvent.change(screen.getByLabelText(/Why you do it/), { target: { value: '   ' } });
    expect(button.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/Why you do it/), { target: { value: ' lid comes at noon ' } });
    fireEvent.click(button);
    expect(given).toEqual([{ reason: 'lid comes at noon' }]);
  });

  it('where fish cannot wait a keeper goes on without a lead, says why, and it is kept; costs are one tap', () => {
    const given: Pick<Overrule, 'reason' | 'without'>[] = [];
    const ask = (refusals: Parameters<typeof OverruleDialog>[0]['refusals']) =>
      draw(
        <OverruleDialog
          title="t"
          doing="Net out"
          refusals={refusals}
          onClose={() => undefined}
          onOverrule={(overrule) => given.push(overrule)}
        />,
        'keeper',
      );
    const { unmount } = ask([
      { code: 'release.salinity', facts: { step: 3, tolerance: 2, open: false, tank: 'G1' }, overrule: 'lead', emergency: true },
    ]);
    expect(screen.queryByRole('button', { name: 'Net out' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'no lead to be reached' }));
    fireEvent.change(screen.getByLabelText(/Why you do it/), { target: { value: 'the bag burst' } });
    fireEvent.click(screen.getByRole('button', { name: 'Net out' }));
    unmount();
    ask([{ code: 'cost.crowded', facts: { size: 1.4, limit: 1 }, overrule: 'keeper' }]);
    fireEvent.click(screen.getByRole('button', { name: 'Net out' }));
    expect(given).toEqual([{ reason: 'the bag burst', without: 'no lead to be reached' }, { reason: 'taken knowingly' }]);
  });

  it('tells a keeper who may', () => {
    open('keeper');
    expect(screen.getByText('A lead may do it all the same, with a reason.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Put it in G2' })).toBeNull();
  });
});

it('a tank says to everyone what its picture says', () => {
  const tank = tankCard('G1', {
    suspect: true,
    coming: 2,
    occupants: [
      { lot: 'a', label: 'firefish', n: 3, quarantine: { id: 'h', days: 14, openedAtMs: 0 }, promised: false },
      { lot: 'b', label: 'chromis', n: 4, promised: false },
    ],
  });
  draw(<Tank tank={tank} water="marine" chosen={false} refused="no lid, it jumps" onChoose={() => undefined} />);
  expect(screen.getByRole('button').getAttribute('aria-label')).toBe(
    'Tank G1, 3 firefish, 4 chromis, in quarantine, suspect, 2 bags to come, not for these: no lid, it jumps',
  );
});
