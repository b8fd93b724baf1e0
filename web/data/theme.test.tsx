/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { ThemeSwitch } from '../frame/ThemeSwitch.tsx';

it('switches the look of this device, and keeps it', () => {
  document.documentElement.dataset.theme = 'day';
  document.head.innerHTML = '<meta name="theme-color" content="#FFFEFA">';
  render(<ThemeSwitch />);
  fireEvent.click(screen.getByRole('button', { name: 'Lights out' }));
  expect(document.documentElement.dataset.theme).toBe('out');
  expect(localStorage.getItem('daily-crate-theme')).toBe('out');
  expect(document.querySelector('meta')!.content).toBe('#1D1812');
  fireEvent.click(screen.getByRole('button', { name: 'Day' }));
  expect([document.documentElement.dataset.theme, localStorage.getItem('daily-crate-theme')]).toEqual(['day', 'day']);
});
