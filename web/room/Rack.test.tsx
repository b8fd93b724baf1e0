/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import type { RackCard, SystemCard } from '#contract/views.ts';
import { draw, tankCard } from '../testScreen.tsx';
import { Rack } from './Rack.tsx';

const systems: SystemCard[] = [
  { id: 'w', entry: 'e', name: 'Fern water', type: 'fresh', temperatureC: 25, salinityPpt: 0.3, volumeL: 90, tanks: 4 },
];
const rack = (id: string, heads: number): RackCard => ({
  id,
  name: `Rack ${id}`,
  room: 'Back room',
  walk: 1,
  tanks: [
    tankCard(`${id}1`, { occupants: [{ lot: `lot-${id}`, label: 'loach', n: heads, promised: false }] }),
    tankCard(`${id}2`, { column: 1 }),
    tankCard(`${id}-box`, { vessel: 'box', hangsIn: `${id}1` }),
  ],
});
const nothing = () => undefined;
const CLOCKS = new Map();
const DUE = new Map([['A2', '2 to catch']]);

/** Two racks, all of them read anew as the house would answer: every object new, one count other. */
function House() {
  const [heads, setHeads] = useState(5);
  const [chosen, setChosen] = useState<string>();
  return (
    <>
      <button onClick={() => setHeads(4)}>lost one in A1</button>
      {[rack('A', heads), rack('B', 7)].map((rack) => (
        <Rack
          key={rack.id}
          rack={rack}
          systems={systems.map((system) => ({ ...system }))}
          closed={false}
          inHand={false}
          chosen={rack.tanks.some(({ id }) => id === chosen) ? chosen : undefined}
          clocks={new Map(CLOCKS)}
          due={new Map(DUE)}
          editing={false}
          onChoose={setChosen}
          onCell={nothing}
          onOpen={nothing}
          onOnly={nothing}
        />
      ))}
    </>
  );
}

/** A species list is laid out each time that its rack is drawn: how many are while something is done. */
function shelvesDrawn(by: () => void): number {
  const spy = jest.spyOn(CSSStyleDeclaration.prototype, 'setProperty');
  by();
  const laid = spy.mock.calls.filter(([name]) => name === 'grid-template-columns').length;
  spy.mockRestore();
  return laid;
}

it('draws a rack anew only when something in it changed, however much was read anew', () => {
  expect(shelvesDrawn(() => void draw(<House />))).toBe(2);
  const lost = screen.getByRole('button', { name: 'lost one in A1' });
  expect(shelvesDrawn(() => fireEvent.click(lost))).toBe(1);
  expect(screen.getByRole('button', { name: /^Tank A1, 4 loach/ })).toBeTruthy();
  const neighbour = screen.getByRole('button', { name: /^Tank B2/ });
  expect(shelvesDrawn(() => fireEvent.click(neighbour))).toBe(1);
  expect(neighbour.getAttribute('aria-pressed')).toBe('true');
});

it('draws what hangs in a tank below it, says what is due, and in which room it stands', () => {
  draw(<House />);
  const box = screen.getByRole('button', { name: /^box A-box/ });
  expect(box.closest('li')!.querySelector('[data-tank="A1"]')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Tank A2, empty, 2 to catch' })).toBeTruthy();
  expect(screen.getByRole('heading', { name: /Rack A.*Back room.*one system.*fresh/ })).toBeTruthy();
});
