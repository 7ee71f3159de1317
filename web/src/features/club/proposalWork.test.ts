import { coat, levy, levyWith, now, pots, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { proposalWork } from './proposalWork';

const [watch] = levy.units;
const [cloth, face] = watch.surfaces;
const oneMore = {
  ...coat,
  steps: [coat.steps[0], { ...coat.steps[1], coats: coat.steps[1].coats + 1 }],
};
const on = (version: number | null) =>
  levyWith({ surfaces: [{ ...cloth, recipe: now('coat', version) }, face] });

beforeEach(() => takeShelf(pots));

test('who is painted by the recipe stands there, on which version, and what bringing them over costs', () => {
  takeLedger([coat, skin], { coat: [coat] }, { armies: [on(1)] });
  const painted = proposalWork.paintedBy('coat', oneMore);
  expect(painted).toMatchObject([
    { armyId: levy.id, unitName: watch.name, surfaceName: cloth.name, models: 4 },
  ]);
  expect(painted[0].pin).toEqual(now('coat', 1));
  expect(painted[0].gap.cost.stepIds).toEqual([coat.steps[1].id]);
  expect(painted[0].gap.cost.coats).toBe(oneMore.steps[1].coats);
});

test('what is proposed as it is costs nothing, and nobody is painted by what nobody uses', () => {
  takeLedger([coat, skin], { coat: [coat] }, { armies: [on(null)] });
  const [same] = proposalWork.paintedBy('coat', coat);
  expect([same.pin.version, same.gap.cost.coats]).toEqual([null, 0]);
  expect(proposalWork.paintedBy('black', oneMore)).toEqual([]);
});
