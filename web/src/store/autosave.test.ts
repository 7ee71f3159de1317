import { Autosave, type AutosaveEvents, type SaveOutcome } from './autosave';
import type { Problem } from './problem';

const kept = (content: string, revision: number): SaveOutcome<string> => ({
  kept: { content, revision, savedAt: '2026-11-24T00:00:00Z' },
});
const trouble = (status: number, code = 'trouble'): SaveOutcome<string> => ({
  problem: { status, code, message: 'trouble' },
});

/** A server that answers as told, and an account of what was sent and said. */
function arrange(answers: ((content: string, revision: number) => SaveOutcome<string>)[]) {
  const sent: [string, number][] = [];
  const said: string[] = [];
  const events: AutosaveEvents<string> = {
    waiting: () => said.push('waiting'),
    saving: () => said.push('saving'),
    saved: (_kept, isNewest) => said.push(isNewest ? 'saved' : 'saved, more to come'),
    failed: (_problem: Problem, seconds) => said.push(`failed, again in ${seconds}`),
    refused: () => said.push('refused'),
    stale: () => said.push('stale'),
  };
  const autosave = new Autosave<string>(
    1,
    async (content, revision) => {
      sent.push([content, revision]);
      await Promise.resolve();
      return (answers.shift() ?? ((c, r) => kept(c, r + 1)))(content, revision);
    },
    events,
  );
  return { autosave, sent, said };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a run of changes is sent once, as the newest, after a pause', async () => {
  const { autosave, sent, said } = arrange([]);
  for (const typed of ['s', 'st', 'storm']) autosave.change(typed);
  expect(sent).toEqual([]);
  await jest.advanceTimersByTimeAsync(600);
  expect(sent).toEqual([['storm', 1]]);
  expect(said.at(-1)).toBe('saved');
});

test('what is written while a save is under way goes next, on the new revision', async () => {
  const { autosave, sent, said } = arrange([]);
  autosave.change('one');
  const saving = autosave.flush();
  autosave.change('two');
  await saving;
  await jest.advanceTimersByTimeAsync(600);
  expect(sent).toEqual([
    ['one', 1],
    ['two', 2],
  ]);
  expect(said).toContain('saved, more to come');
});

test('no answer is tried again after 1, 2, 4 seconds, and typing does not hurry it', async () => {
  const { autosave, sent, said } = arrange([
    () => trouble(0),
    () => trouble(503),
    () => trouble(0),
  ]);
  autosave.change('one');
  await jest.advanceTimersByTimeAsync(600);
  autosave.change('two');
  await jest.advanceTimersByTimeAsync(800);
  expect(sent).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(300);
  expect(sent).toHaveLength(2);
  await jest.advanceTimersByTimeAsync(2100);
  expect(said.filter((each) => each.startsWith('failed'))).toEqual([
    'failed, again in 1',
    'failed, again in 2',
    'failed, again in 4',
  ]);
  await jest.advanceTimersByTimeAsync(4100);
  expect(sent.at(-1)).toEqual(['two', 1]);
  expect(said.at(-1)).toBe('saved');
});

test('what the server will not take is said, and the next change is tried', async () => {
  const { autosave, said } = arrange([() => trouble(400)]);
  autosave.change('wrong');
  await jest.advanceTimersByTimeAsync(600);
  expect(said.at(-1)).toBe('refused');
  autosave.change('right');
  await jest.advanceTimersByTimeAsync(600);
  expect(said.at(-1)).toBe('saved');
});

test('a stale write holds everything until it is settled', async () => {
  const { autosave, sent, said } = arrange([() => trouble(409, 'stale')]);
  autosave.change('mine');
  await jest.advanceTimersByTimeAsync(600);
  expect(said.at(-1)).toBe('stale');
  autosave.change('mine, more');
  await jest.advanceTimersByTimeAsync(60_000);
  expect(sent).toHaveLength(1);
  await autosave.continueFrom(7, 'settled');
  expect(sent.at(-1)).toEqual(['settled', 7]);
});

test('stopped, it sends nothing more', async () => {
  const { autosave, sent } = arrange([]);
  autosave.change('late');
  autosave.stop();
  await jest.advanceTimersByTimeAsync(60_000);
  expect(sent).toEqual([]);
});
