/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { fireEvent, screen } from '@testing-library/react';
import { brushNames, strokeNames, type Step } from '@yellow-ledger/core';
import { line } from '../../../testing/levy';
import { choose, inLineForm, type } from '../../../testing/openLine';
import { ToolEditor } from './ToolEditor';

function shown(part: Partial<Step> = {}) {
  const form = inLineForm(line('one', 'umber', part), <ToolEditor />);
  const fold = screen.queryByRole('button', { expanded: false });
  if (fold) fireEvent.click(fold);
  return form;
}

test('brush, size, stroke and what of it is used are said one by one', () => {
  const { values } = shown();
  choose('Brush', brushNames[0]);
  choose('Used with its', 'side');
  choose('Strokes', strokeNames[0]);
  expect(values()?.tool).toEqual({
    brush: brushNames[0],
    uses: 'side',
    stroke: strokeNames[0],
  });
});

test('what is taken back leaves nothing behind', () => {
  const { values } = shown({ tool: { brush: brushNames[0], isOld: true } });
  choose('Brush', '');
  expect(values()?.tool).toEqual({ isOld: true });
  fireEvent.click(screen.getByRole('checkbox', { name: 'an old one will do' }));
  expect(values()?.tool).toBeUndefined();
});

test('how heavily is asked where a line touches a share of the area alone', () => {
  shown({ technique: 'brushCoat' });
  expect(screen.queryByLabelText('How heavily')).toBeNull();
});

test('a heavy dry brush; the usual one is not written', () => {
  const { values } = shown({ technique: 'dryBrush' });
  choose('How heavily', 'heavy');
  expect(values()?.density).toBe(1.5);
  choose('How heavily', 'usual');
  expect(values()?.density).toBeUndefined();
  type('of the usual, %', '500');
  expect(values()?.density).toBeUndefined();
  expect(screen.getByRole('alert').textContent).toContain('a number from 10 to 300');
});
