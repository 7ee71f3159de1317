import { black, coat, levy, levyWith, line, now, pots, recipe, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { armyWork } from './armyWork';

beforeEach(() => takeShelf(pots));
const [watch] = levy.units;

describe('the paint of an army', () => {
  test('is reckoned from the recipes as they are, with names and line numbers to tell it in', async () => {
    takeLedger([coat, skin]);
    const { needed, recipeNames, lineNumbers } = armyWork.armyPaint(levy);
    expect(needed.without).toEqual([]);
    expect(needed.pots.map(({ potId }) => potId).sort()).toEqual(['cheek', 'tallow', 'umber']);
    expect(recipeNames).toMatchObject({ coat: 'Recipe of coat', skin: 'Recipe of skin' });
    expect(lineNumbers).toMatchObject({ 'coat base': 1, 'coat edge': 2 });
  });

  test('of a pinned version is reckoned from that version, though the page has moved on', async () => {
    const frozen = { ...coat, steps: [line('base', 'oilskin')] };
    takeLedger([coat, skin], { coat: [frozen] });
    const [surface, face] = watch.surfaces;
    const pinned = levyWith({ surfaces: [{ ...surface, recipe: now('coat', 1) }, face] });
    const { needed } = armyWork.armyPaint(pinned);
    expect(needed.pots.map(({ potId }) => potId).sort()).toEqual(['cheek', 'oilskin']);
  });

  test('names what has no recipe any more, and reckons the rest', async () => {
    takeLedger([skin]);
    const { needed } = armyWork.armyPaint(levy);
    expect(needed.without).toEqual([{ unitId: 'watch', surfaceId: 'coat' }]);
    expect(needed.pots.map(({ potId }) => potId)).toEqual(['cheek']);
  });
});

describe('the order of a unit', () => {
  test('by each work order holds every line once, with its number and minutes', async () => {
    takeLedger([coat, skin]);
    const { orders } = armyWork.unitOrder(levy, 'watch');
    for (const { lines } of orders) {
      expect(lines.map(({ surfaceId, stepId }) => `${surfaceId} ${stepId}`).sort()).toEqual([
        'coat base',
        'coat edge',
        'face base',
      ]);
      expect(lines.every(({ minutes }) => minutes > 0)).toBe(true);
    }
    const [{ lines }] = orders;
    expect(lines.find(({ stepId }) => stepId === 'edge')?.lineNumber).toBe(2);
  });

  test('what is held back stays behind everything else, and so does what follows it', async () => {
    expect.hasAssertions();
    const varnished = recipe('coat', [
      line('base', 'umber'),
      line('seal', 'tallow', { stage: 'finish' }),
      line('gloss', 'tallow', { stage: 'detail' }),
    ]);
    takeLedger([varnished, skin]);
    const { orders } = armyWork.unitOrder(levy, 'watch');
    for (const { lines } of orders) {
      expect(lines.slice(-2).map(({ stepId }) => stepId)).toEqual(['seal', 'gloss']);
      expect(lines.filter(({ isHeldBack }) => isHeldBack)).toHaveLength(2);
    }
  });

  test('of a unit that is gone is empty', async () => {
    takeLedger([coat, skin, black]);
    expect(armyWork.unitOrder(levy, 'gone')).toEqual({ orders: [] });
  });
});
