/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { confirming, withConfirming } from './confirming';

const refused = { error: { status: 403, code: 'confirm', message: 'once more' } };

test('what asks for the passphrase is done again once it was given', async () => {
  const answers = [refused, { data: 'done' }];
  const doing = withConfirming(async () => answers.shift()!);
  await Promise.resolve();
  await Promise.resolve();
  expect(confirming.isAsked()).toBe(true);
  confirming.answer(true);
  expect(await doing).toEqual({ data: 'done' });
  expect(confirming.isAsked()).toBe(false);
});

test('where it is not given nothing is done, and it is said why', async () => {
  let times = 0;
  const doing = withConfirming(async () => {
    times++;
    return refused;
  });
  await Promise.resolve();
  await Promise.resolve();
  confirming.answer(false);
  expect(await doing).toEqual(refused);
  expect(times).toBe(1);
});

test('any other refusal is told as it is, and nobody is asked', async () => {
  const other = { error: { status: 403, code: 'not-yours', message: 'no' } };
  expect(await withConfirming(async () => other)).toEqual(other);
  expect(confirming.isAsked()).toBe(false);
});
