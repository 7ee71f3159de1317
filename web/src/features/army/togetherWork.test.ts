import { black, coat, levy, levyWith, line, now, pots, recipe, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { togetherWork } from './togetherWork';

const yellow = recipe('yellow', [line('base', 'oilskin', { coats: 12 })]);
const [watch] = levy.units;
const [cloth, face] = watch.surfaces;

beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin, black, yellow]);
});

test('each surface reads as something, the face among them by the army’s scheme', async () => {
  const answer = togetherWork.together(levy, 'watch', 1);
  expect(Object.keys(answer?.reads ?? {}).sort()).toEqual(['coat', 'face']);
  expect(answer?.reads.coat.value).toBeLessThan(answer?.reads.face.value ?? 0);
  expect(answer?.without).toEqual([]);
});

test('a model with a recipe of its own reads otherwise than its unit', async () => {
  const own = [{ model: 2, surfaceId: 'coat', recipe: now('yellow') }];
  const varied = levyWith({ own });
  const one = togetherWork.together(varied, 'watch', 1);
  const two = togetherWork.together(varied, 'watch', 2);
  expect(two?.reads.coat.chroma).toBeGreaterThan((one?.reads.coat.chroma ?? 0) + 20);
  expect(two?.reads.face).toEqual(one?.reads.face);
});

test('a surface whose recipe is gone is named and not judged', async () => {
  const gone = levyWith({ surfaces: [{ ...cloth, recipe: now('gone') }, face] });
  const answer = togetherWork.together(gone, 'watch', 1);
  expect(answer?.without).toEqual(['coat']);
  expect(togetherWork.together(levy, 'gone', 1)).toBeNull();
});

describe('a deal', () => {
  const striped = levyWith({
    models: 12,
    surfaces: [
      { ...cloth, variants: [now('yellow')] },
      { ...face, surface: 'leather', recipe: now('coat'), variants: [now('black')] },
    ],
  });

  test('deals the same by the same number, and leaves out what reads as a warning stripe', async () => {
    const dealt = togetherWork.deal(striped, 'watch', 3);
    expect(togetherWork.deal(striped, 'watch', 3)).toEqual(dealt);
    const of = (model: number, surfaceId: string) =>
      dealt.find((each) => each.model === model && each.surfaceId === surfaceId)?.recipe.recipeId;
    const stripes = Array.from({ length: 12 }, (_, i) => i + 1).filter(
      (model) => of(model, 'coat') === 'yellow' && of(model, 'face') === 'black',
    );
    expect(stripes).toEqual([]);
    expect(dealt.length).toBeGreaterThan(0);
  });

  test('leaves the recipes of single models on surfaces that do not vary as they are', async () => {
    const own = [{ model: 5, surfaceId: 'face', recipe: now('black') }];
    const army = levyWith({
      models: 6,
      surfaces: [{ ...cloth, variants: [now('yellow')] }, face],
      own,
    });
    expect(togetherWork.deal(army, 'watch', 1)).toContainEqual(own[0]);
  });

  test('tells what every recipe that is dealt looks like and is called', async () => {
    const { reads, names } = togetherWork.dealtUnit(striped, 'watch');
    expect(Object.keys(reads).sort()).toEqual(['black now', 'coat now', 'yellow now']);
    expect(names.yellow).toBe('Recipe of yellow');
  });
});
