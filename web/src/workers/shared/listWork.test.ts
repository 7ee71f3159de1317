import { finishedSurface, predictBuildUp, shelfOf } from '@yellow-ledger/core';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { coat, line, pots, recipe, skin } from '../../testing/levy';
import { hexOfBrushed } from './hexOfBrushed';
import { listWork } from './listWork';

beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin]);
});

describe('the last ribbons of recipes', () => {
  test('are what the whole prediction ends in', () => {
    const ribbons = listWork.lastRibbons([coat, skin]);
    for (const each of [coat, skin]) {
      const build = predictBuildUp(each, shelfOf(pots));
      expect(ribbons[each.id].hexes).toEqual(finishedSurface(build).map(({ hex }) => hex));
      expect(ribbons[each.id].stops).toEqual(build.stops);
      expect(ribbons[each.id].isEstimate).toBe(build.steps.at(-1)!.isEstimate);
    }
  });

  test('are made of the recipes that are handed over, known to the worker or not', () => {
    const other = recipe('other', [line('base', 'oilskin')]);
    expect(Object.keys(listWork.lastRibbons([other]))).toEqual(['other']);
  });

  test('of a recipe without lines are its ground', () => {
    const { bare } = listWork.lastRibbons([recipe('bare', [])]);
    expect(new Set(bare.hexes)).toEqual(new Set(['#1b1b1d']));
    expect(bare.isEstimate).toBe(false);
  });

  test('are missing for a recipe whose pot is gone, and there for the others', () => {
    const lost = recipe('lost', [line('base', 'gone')]);
    expect(Object.keys(listWork.lastRibbons([lost, coat]))).toEqual(['coat']);
  });
});

describe('the colour of what was brushed', () => {
  const hexOf = (...potIds: string[]) =>
    hexOfBrushed({ pots: potIds.map((potId) => ({ potId, share: 1 / potIds.length })) } as never);

  test('is that of its pots, as far as they are on the shelf', () => {
    expect(hexOf('umber')).toBe('#5b4128');
    expect(hexOf('umber', 'gone')).toBe('#5b4128');
    expect(hexOf('umber', 'tallow')).not.toBe('#5b4128');
  });

  test('is a neutral grey where none is', () => {
    expect(hexOf('gone')).toBe('#777777');
  });
});
