/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import { ClubEvents, type EventSubscriber } from './clubEvents';

/** A stream of the server, as many as were asked for. */
class FakeSource {
  static all: FakeSource[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  onerror: () => void = () => undefined;
  private readonly told = new Map<string, (message: MessageEvent<string>) => void>();
  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }
  addEventListener(event: string, tell: (message: MessageEvent<string>) => void) {
    this.told.set(event, tell);
  }
  close() {
    this.readyState = 2;
  }
  say(event: string, lastEventId: string, data: object = {}) {
    this.told.get(event)?.({ data: JSON.stringify(data), lastEventId } as MessageEvent<string>);
  }
}

class FakeChannel {
  static all: FakeChannel[] = [];
  onmessage: ((message: { data: unknown }) => void) | null = null;
  constructor(private readonly name: string) {
    FakeChannel.all.push(this);
  }
  postMessage(data: unknown) {
    FakeChannel.all
      .filter((each) => each !== this && each.name === this.name)
      .forEach((each) => each.onmessage?.({ data }));
  }
}

/** The lock that the first page has, and each after it once that is gone. */
let waiting: (() => unknown)[] = [];
const held = new Set<string>();

function page(memberId = 'wren') {
  const heard: string[] = [];
  const taker: EventSubscriber = {
    entries: (items) => heard.push(...items.map(({ entry: { id } }) => `entry ${id}`)),
    records: (kind, ids) => heard.push(`${kind} ${ids?.join('+') ?? 'all'}`),
    others: (kind) => heard.push(kind),
    anew: () => heard.push('anew'),
    out: () => heard.push('out'),
  };
  new ClubEvents(taker, memberId).begin();
  return heard;
}

const entry = (id: string) => ({
  kind: 'strike',
  id,
  benchId: 'b',
  at: '2026-11-27T18:00:00.000Z',
  order: 0,
  of: 'x',
});
const news = (ids: string[], changes: object[] = []) => ({
  entries: ids.map((id, sequence) => ({ sequence, entry: entry(id) })),
  changes,
});

beforeEach(() => {
  jest.useFakeTimers();
  FakeSource.all = [];
  FakeChannel.all = [];
  waiting = [];
  held.clear();
  const locks = {
    request: (name: string, then: () => unknown) => {
      waiting.push(then);
      if (!held.has(name)) then();
      held.add(name);
      return new Promise(() => undefined);
    },
  };
  Object.defineProperty(globalThis, 'EventSource', { value: FakeSource, configurable: true });
  Object.defineProperty(globalThis, 'BroadcastChannel', { value: FakeChannel, configurable: true });
  Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
});
afterEach(() => jest.useRealTimers());

test('of two pages one listens, and both hear; when it is closed the other goes on from there', () => {
  const [first, second] = [page(), page()];
  expect(FakeSource.all).toHaveLength(1);
  FakeSource.all[0].say('hello', '4.9');
  FakeSource.all[0].say('news', '5.10', news(['e1']));
  expect([first, second]).toEqual([
    ['anew', 'entry e1'],
    ['anew', 'entry e1'],
  ]);
  waiting[1]();
  expect(FakeSource.all[1].url).toBe('/api/club/events?after=5.10');
});

test('pages of two members of one browser hear nothing of each other', () => {
  const [wren, sedge] = [page('wren'), page('sedge')];
  expect(FakeSource.all).toHaveLength(2);
  FakeSource.all[0].say('hello', '4.9');
  FakeSource.all[0].say('news', '5.10', news(['of-wren']));
  expect(wren).toEqual(['anew', 'entry of-wren']);
  expect(sedge).toEqual([]);
});

test('a stream that was cut off is asked for again from where it was told, and nothing is fetched anew', () => {
  const heard = page();
  FakeSource.all[0].say('hello', '4.9');
  FakeSource.all[0].say('news', '5.10', news(['e1']));
  FakeSource.all[0].onerror();
  jest.advanceTimersByTime(1000);
  expect(FakeSource.all[1].url).toBe('/api/club/events?after=5.10');
  FakeSource.all[1].say('hello', '5.10');
  FakeSource.all[1].say('news', '5.12', news(['e2', 'e3']));
  expect(heard).toEqual(['anew', 'entry e1', 'entry e2', 'entry e3']);
});

test('what changes close together is told together; many of a kind as all of it', () => {
  const heard = page();
  FakeSource.all[0].say('hello', '1.1');
  const pots = Array.from({ length: 9 }, (_, i) => ({ kind: 'pots', id: `p${i}` }));
  FakeSource.all[0].say('news', '2.1', news([], [{ kind: 'recipes', id: 'r1' }, ...pots]));
  FakeSource.all[0].say(
    'news',
    '3.1',
    news(
      [],
      [
        { kind: 'recipes', id: 'r2', isOfOwner: true },
        { kind: 'versions', id: 'r1' },
      ],
    ),
  );
  expect(heard).toEqual(['anew']);
  jest.advanceTimersByTime(200);
  expect(heard).toEqual(['anew', 'recipes r1+r2', 'pots all', 'owners', 'versions']);
});

test('what this page cannot read makes it fetch what it can; who is out stops listening', () => {
  const heard = page();
  FakeSource.all[0].say('hello', '1.1');
  FakeSource.all[0].say('news', '2.2', { entries: [{ sequence: 2, entry: { kind: 'unheard' } }] });
  FakeSource.all[0].say('out', '2.2');
  expect(heard).toEqual(['anew', 'anew', 'out']);
  expect(FakeSource.all[0].readyState).toBe(2);
});
