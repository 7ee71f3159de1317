import { colourOfHex } from '../../../../light/colour/colourOfHex';
import { surfaceOf } from '../../../../testing/sampleLevy';
import type { UnitSurface } from '../army';
import { apartFrom, belonging, type JudgedSurface } from './belonging';
import { areNeighbours, attentionRank, surfacesAt } from '../figure';

const judged = (
  part: Partial<UnitSurface>,
  hex: string,
  tones: { light?: string; shadow?: string; pots?: string[] } = {},
): JudgedSurface => ({
  surface: surfaceOf({ name: part.id, ...part }),
  reads: colourOfHex(hex),
  mid: colourOfHex(hex),
  light: colourOfHex(tones.light ?? hex),
  shadow: colourOfHex(tones.shadow ?? hex),
  potIds: tones.pots ?? [],
});
const kinds = (...surfaces: JudgedSurface[]) => belonging(surfaces).remarks.map(({ kind }) => kind);

const face = (hex: string) => judged({ id: 'Face', surface: 'skin' }, hex);
const coat = (hex: string) => judged({ id: 'Coat', surface: 'cloth' }, hex);
const belt = (hex: string) => judged({ id: 'Belt', surface: 'leather' }, hex);

describe('surfaces that stand together', () => {
  test('neighbours of one value run into one, and the figure is said', () => {
    const [remark] = belonging([coat('#6a5a44'), belt('#6b5640')]).remarks;
    expect(remark).toMatchObject({ kind: 'not apart', surfaceIds: ['Coat', 'Belt'] });
    expect(remark.figure.value).toBeLessThan(apartFrom);
    expect(kinds(coat('#6a5a44'), belt('#2a1d14'))).toEqual([]);
  });

  test('hues far apart hold neighbours of one value apart', () => {
    expect(kinds(coat('#a03030'), belt('#3a6a3a'))).toEqual([]);
  });

  test('loud yellow beside near black, and red beside white, read as a warning stripe', () => {
    expect(kinds(coat('#e8b51c'), belt('#141416'))).toContain('warning stripe');
    expect(kinds(coat('#b01818'), belt('#f6f5f2'))).toContain('warning stripe');
    expect(kinds(coat('#b89a5a'), belt('#141416'))).not.toContain('warning stripe');
  });

  test('boots brighter than the face outshine it; a face that is brightest does not', () => {
    const boots = judged({ id: 'Boots', surface: 'leather', places: ['boots'] }, '#f0ead8');
    expect(kinds(face('#8a6450'), boots)).toContain('outshines');
    expect(kinds(face('#f0d8c0'), boots)).not.toContain('outshines');
  });

  test('one surface lit coolly among warm ones is named', () => {
    const warm = (id: string) => judged({ id, places: ['chest'] }, '#806040', { light: '#d8b060' });
    const cool = judged({ id: 'Helm', places: ['boots'] }, '#806040', { light: '#a0b8e0' });
    const found = belonging([warm('A'), warm('B'), cool]);
    expect(found.remarks.find(({ kind }) => kind === 'other light')?.surfaceIds).toEqual(['Helm']);
    expect(found.light).toBe('none');
    expect(belonging([warm('A'), warm('B')]).light).toBe('warm');
  });

  test('a pot in several surfaces ties them; what nobody sees is not judged', () => {
    const tied = [
      judged({ id: 'A', surface: 'cloth' }, '#806040', { pots: ['umber', 'umber', 'bone'] }),
      judged({ id: 'B', surface: 'leather' }, '#302010', { pots: ['umber'] }),
    ];
    expect(belonging(tied).shared).toEqual([{ potId: 'umber', surfaces: 2 }]);
    const hidden = { ...tied[1], surface: { ...tied[1].surface, isHidden: true } };
    expect(belonging([tied[0], hidden]).shared).toEqual([]);
  });
});

describe('the figure', () => {
  test('neighbours are neighbours both ways, and a belt is not beside a base', () => {
    const [a, b] = [surfaceOf({ surface: 'skin' }), surfaceOf({ surface: 'metal' })];
    expect(areNeighbours(a, b)).toBe(true);
    expect(areNeighbours(b, a)).toBe(true);
    const base = surfaceOf({ surface: 'base' });
    expect(areNeighbours(surfaceOf({ places: ['belt'] }), base)).toBe(false);
  });

  test('the smaller of two surfaces at a place is seen, unless the larger is said to lie there', () => {
    const large = surfaceOf({ id: 'large', share: 0.8 });
    const small = surfaceOf({ id: 'small', share: 0.1 });
    expect(surfacesAt([large, small]).get('chest')?.id).toBe('small');
    const said = surfaceOf({ id: 'said', share: 0.9, places: ['chest'] });
    expect(surfacesAt([large, small, said]).get('chest')?.id).toBe('said');
  });

  test('a face draws the eye before boots', () => {
    expect(attentionRank(surfaceOf({ surface: 'skin' }))).toBeLessThan(
      attentionRank(surfaceOf({ places: ['boots'] })),
    );
  });
});
