import { potKinds, type PotKind } from '../pot/pot';
import { comesReady, usualStage, usualTechnique } from './usualLine';
import { techniqueNames, techniqueOf } from './techniques';

const of = (...kinds: PotKind[]) => ({ kinds: new Set(kinds) });

test.each<[PotKind[], ReturnType<typeof usualTechnique>]>([
  [['wash'], 'allOverWash'],
  [['one-coat'], 'oneCoat'],
  [['varnish'], 'brushCoat'],
  [['paint'], 'layer'],
  [['wash', 'paint'], 'layer'],
])('on a painted page, %p alone are %s', (kinds, technique) => {
  expect(usualTechnique({ ...of(...kinds), stageAbove: 'base' })).toBe(technique);
});

test('the first line of a page is a coat; a wash is one even there', () => {
  expect(usualTechnique(of('paint'))).toBe('brushCoat');
  expect(usualTechnique(of('wash'))).toBe('allOverWash');
});

test('a stage that was said goes before the kind of pot', () => {
  for (const kind of potKinds)
    expect(usualTechnique({ ...of(kind), stage: 'glaze', stageAbove: 'base' })).toBe('placedGlaze');
  expect(usualTechnique({ ...of('wash'), stage: 'shade' })).toBe('allOverWash');
});

test('a primer primes where it covers, a varnish finishes however it is put on', () => {
  expect.hasAssertions();
  for (const technique of techniqueNames) {
    expect(usualStage(technique, of('varnish'))).toBe('finish');
    const { covers, usualStage: ofTechnique } = techniqueOf(technique);
    expect(usualStage(technique, of('primer'))).toBe(covers ? 'prime' : ofTechnique);
  }
});

test('a layer above a highlight is one more highlight', () => {
  expect(usualStage('layer', { ...of('paint'), stageAbove: 'highlight' })).toBe('highlight');
  expect(usualStage('layer', { ...of('paint'), stageAbove: 'base' })).toBe('layer');
});

test('what is mixed with paint is thinned as paint is', () => {
  expect(comesReady(new Set(['wash', 'one-coat']))).toBe(true);
  expect(comesReady(new Set(['wash', 'paint']))).toBe(false);
  expect(comesReady(new Set())).toBe(false);
});
