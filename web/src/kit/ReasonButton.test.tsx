/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen } from '@testing-library/react';
import { ReasonButton } from './ReasonButton';

test('a grey button says why, and what it describes it by is that sentence', () => {
  const pressed: string[] = [];
  render(
    <ReasonButton why="Tick a recipe first." onClick={() => pressed.push('it')}>
      Put it on the bench
    </ReasonButton>,
  );
  const button = screen.getByRole('button', { name: 'Put it on the bench' });
  expect(button).toHaveProperty('disabled', true);
  const reason = document.getElementById(button.getAttribute('aria-describedby') ?? '');
  expect(reason?.textContent).toBe('Tick a recipe first.');
  fireEvent.click(button);
  expect(pressed).toEqual([]);
});

test('without a reason it can be pressed, unless it is at work', () => {
  const pressed: string[] = [];
  const { rerender } = render(
    <ReasonButton why={null} onClick={() => pressed.push('it')}>
      Save
    </ReasonButton>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(pressed).toEqual(['it']);
  rerender(
    <ReasonButton why={null} isBusy onClick={() => pressed.push('it')}>
      Save
    </ReasonButton>,
  );
  expect(screen.getByRole('button', { name: 'Save' })).toHaveProperty('disabled', true);
});
