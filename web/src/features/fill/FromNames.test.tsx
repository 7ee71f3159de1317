/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { Begun } from './begun';
import { FromNames } from './FromNames';

const given: Begun[][] = [];
let clipboard: (() => Promise<string>) | undefined;

beforeEach(() => {
  given.splice(0);
  clipboard = undefined;
  Object.defineProperty(navigator, 'clipboard', {
    configurable: true,
    get: () => (clipboard ? { readText: clipboard } : undefined),
  });
});

function shown() {
  render(<FromNames shelf={[]} onBegun={(begun) => void given.push(begun)} />);
  return screen.getByLabelText<HTMLTextAreaElement>('Names of pots, one a line');
}

const look = () => fireEvent.click(screen.getByRole('button', { name: 'Check these names' }));

test('a name of a pigment brings its guess, any other says that nothing is known', () => {
  fireEvent.input(shown(), { target: { value: 'Lantern Fair\nBurnt umber\ndk. navy wash' } });
  look();
  const [[umber, navy, marsh]] = given;
  expect(navy).toMatchObject({ kind: 'wash', flow: 'thin', isIn: true });
  expect(umber).toMatchObject({ name: 'Burnt umber', swatch: '#4a2f22', hidingIsGuess: true });
  expect(umber.tells).toMatch(/guess/i);
  expect(umber.isIn).toBe(true);
  expect(marsh.tells).toContain('The name tells no colour');
  expect(marsh.isIn).toBe(false);
});

test('an empty list is said to be, and one that is far too long is not read', () => {
  const field = shown();
  look();
  expect(screen.getByRole('status').textContent).toContain('no name');
  fireEvent.input(field, { target: { value: 'x'.repeat(100_001) } });
  look();
  expect(screen.getByRole('status').textContent).toContain('100,001');
  expect(field.value).toHaveLength(100_001);
});

test('of more names than are taken at once the first are shown, and the rest are counted', () => {
  const names = Array.from({ length: 620 }, (_, index) => `Pot ${index}`);
  fireEvent.input(shown(), { target: { value: names.join('\n') } });
  look();
  expect(given[0]).toHaveLength(500);
  expect(screen.getByRole('status').textContent).toContain('620');
});

test('the clipboard is read at a press, or said to be closed', async () => {
  const field = shown();
  const paste = screen.getByRole('button', { name: 'Paste from the clipboard' });
  fireEvent.click(paste);
  await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Ctrl V'));
  clipboard = async () => 'Old Bone';
  fireEvent.click(paste);
  await waitFor(() => expect(given).toHaveLength(1));
  expect(field.value).toBe('Old Bone');
});
