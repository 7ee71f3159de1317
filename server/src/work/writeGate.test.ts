import { WriteGate } from './writeGate';

/** Whether something has come by now. */
async function hasCome(awaited: Promise<unknown>): Promise<boolean> {
  const later = new Promise((then) => setTimeout(then, 5, 'later'));
  return (await Promise.race([awaited.then(() => 'now'), later])) === 'now';
}

test('writes go through beside each other, and wait while it is closed', async () => {
  const gate = new WriteGate();
  const [one, two] = await Promise.all([gate.enter(), gate.enter()]);
  const closing = gate.close();
  const third = gate.enter();
  one();
  one();
  expect(await hasCome(closing)).toBe(false);
  two();
  const open = await closing;
  expect(await hasCome(third)).toBe(false);
  open();
  (await third)();
  expect(await hasCome(gate.close())).toBe(true);
});

test('it is closed by one at a time', async () => {
  const gate = new WriteGate();
  const open = await gate.close();
  const other = gate.close();
  expect(await hasCome(other)).toBe(false);
  open();
  expect(await hasCome(other)).toBe(true);
});

test('who waited for what is no more is told to try again', async () => {
  const gate = new WriteGate();
  const inside = await gate.enter();
  const ending = gate.end();
  const waiting = gate.enter();
  inside();
  await ending;
  await expect(waiting).rejects.toMatchObject({ status: 503 });
  await expect(gate.enter()).rejects.toMatchObject({ status: 503 });
  await expect(gate.close()).rejects.toMatchObject({ status: 503 });
});
