import { levy } from '../../testing/levy';
import { unsavedDeed } from './unsavedDeed';
import { allWritten, waitsFor } from './turns';

let kept: Record<string, string>;
beforeEach(() => {
  kept = {};
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => kept[key] ?? null,
      setItem: (key: string, text: string) => void (kept[key] = text),
      removeItem: (key: string) => void delete kept[key],
    },
  });
});

describe('what a closed page left unsaved', () => {
  const unsaved = { before: levy, after: { ...levy, name: 'Winter Levy' } };

  test('is found again, for its own record only, until it is forgotten', () => {
    unsavedDeed.keep('armies', 'levy', unsaved);
    expect(unsavedDeed.find('armies', 'levy')).toEqual(unsaved);
    expect(unsavedDeed.find('armies', 'other')).toBeNull();
    expect(unsavedDeed.find('palettes', 'levy')).toBeNull();
    unsavedDeed.forget('armies', 'levy');
    expect(unsavedDeed.find('armies', 'levy')).toBeNull();
  });

  test('of a record that was never written stands on nothing', () => {
    unsavedDeed.keep('armies', 'levy', { ...unsaved, before: null });
    expect(unsavedDeed.find('armies', 'levy')?.before).toBeNull();
  });

  test('is passed over when it cannot be read', () => {
    for (const text of ['no JSON', '{}', '{"before":null,"after":{"name":"half"}}']) {
      kept['yellow-ledger.unsaved.armies.levy'] = text;
      expect(unsavedDeed.find('armies', 'levy')).toBeNull();
    }
  });

  test('that the browser has no room for breaks nothing', () => {
    localStorage.setItem = () => {
      throw new Error('full');
    };
    expect(() => unsavedDeed.keep('armies', 'levy', unsaved)).not.toThrow();
  });
});

describe('turns', () => {
  test('all is written only when everything begun has settled, failed or not', async () => {
    const settled: string[] = [];
    const later = (name: string, ms: number, fails = false) =>
      new Promise<void>((resolve, reject) =>
        setTimeout(() => {
          settled.push(name);
          if (fails) reject(new Error(name));
          else resolve();
        }, ms),
      );
    waitsFor(later('slow', 30));
    waitsFor(later('failing', 5, true));
    await allWritten();
    expect(settled).toEqual(['failing', 'slow']);
  });
});
