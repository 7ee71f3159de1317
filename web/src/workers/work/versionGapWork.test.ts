import { black, coat, levy, levyWith, line, now, pots, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { versionGapWork } from './versionGapWork';

const [watch] = levy.units;
const [cloth, face] = watch.surfaces;
const lighter = {
  ...coat,
  steps: [coat.steps[0], line('edge', 'cheek', { ...coat.steps[1], id: 'edge' })],
};
const newer = {
  ...coat,
  steps: [coat.steps[0], { ...coat.steps[1], mix: lighter.steps[1].mix, coats: 3 }],
};
const on = (version: number | null) =>
  levyWith({ surfaces: [{ ...cloth, recipe: now('coat', version) }, face] });

beforeEach(() => takeShelf(pots));

describe('an older version', () => {
  test('who is painted by an older version is named with what differs and what it costs', async () => {
    takeLedger([newer, skin], { coat: [coat, newer] });
    const [outdated, ...others] = versionGapWork.outdated(on(1));
    expect(others).toEqual([]);
    expect(outdated).toMatchObject({
      unitId: 'watch',
      surfaceId: 'coat',
      pin: now('coat', 1),
      newest: now('coat', 2),
      models: [1, 2, 3, 4],
    });
    expect(outdated.gap.cost.stepIds).toEqual(['edge']);
    expect(outdated.gap.worst.difference).toBeGreaterThan(0);
  });

  test('on the newest version, or on the page as it is, nothing is outdated', async () => {
    takeLedger([newer, skin], { coat: [coat, newer] });
    expect(versionGapWork.outdated(on(2))).toEqual([]);
    expect(versionGapWork.outdated(on(null))).toEqual([]);
  });

  test('models on two versions are told apart', async () => {
    takeLedger([newer, skin], { coat: [coat, newer, { ...newer, name: 'Third' }] });
    const mixed = {
      ...on(1),
      units: on(1).units.map((unit) => ({
        ...unit,
        own: [{ model: 4, surfaceId: 'coat', recipe: now('coat', 2) }],
      })),
    };
    const outdated = versionGapWork.outdated(mixed);
    expect(outdated.map(({ pin, models }) => [pin.version, models])).toEqual([
      [1, [1, 2, 3]],
      [2, [4]],
    ]);
    // The third version differs from the second in its name alone.
    expect(outdated[1].gap.cost.coats).toBe(0);
  });
});

describe('a finished surface in another colour', () => {
  test('takes coats to cover, and names who lies beside it', async () => {
    takeLedger([coat, skin, black]);
    const { repaint, neighbours } = versionGapWork.repaint(levy, 'watch', 'coat', now('black'));
    expect(repaint?.coatsToCover).toBeGreaterThan(0);
    expect(repaint?.cost.minutes).toBeGreaterThan(0);
    expect(neighbours).toEqual(['Face']);
  });

  test('on another sub-assembly nobody lies beside it', async () => {
    takeLedger([coat, skin, black]);
    const apart = levyWith({ surfaces: [cloth, { ...face, subAssembly: 'head' }] });
    expect(versionGapWork.repaint(apart, 'watch', 'coat', now('black')).neighbours).toEqual([]);
  });

  test('where nobody knows what stands there, nothing is reckoned', async () => {
    takeLedger([skin, black]);
    const unknown = { repaint: null, neighbours: [] };
    expect(versionGapWork.repaint(levy, 'watch', 'coat', now('black'))).toEqual(unknown);
    expect(versionGapWork.repaint(levy, 'gone', 'coat', now('black'))).toEqual(unknown);
    expect(versionGapWork.repaint(levy, 'watch', 'face', now('gone'))).toEqual(unknown);
  });
});
