import { readFileSync } from 'node:fs';
import { PotNames, readLine } from '../core/src/index';
import { recipeWith, stepWith } from '../core/src/testing/sampleRecipe';
import { bestPath } from '../core/src/shorthand/speech/bestPath';
const { pots } = JSON.parse(readFileSync('bench/src/said/examples/shelf.json','utf8'));
const names = new PotNames(pots);
const above = [stepWith({id:'a1', technique:'brushCoat', stage:'base', coats:2, mix:{parts:[{from:'pot',potId:'wetslate',parts:1}],waterParts:.5,mediumParts:0}}), stepWith({id:'a2', technique:(process.env.T ?? 'layer') as never, stage:'layer', coats:1, mix:{parts:[{from:'pot',potId:'marigold',parts:2},{from:'pot',potId:'tallow',parts:1}],waterParts:1,mediumParts:0}, placement:{from:.5,to:1,softness:.1,pull:'up'}})];
const recipe = recipeWith(above, {groundPotId:'lampsoot'});
const use = process.env.ABOVE === '0' ? [] : above;
for (const s of process.argv.slice(2)) {
  const beside = { names, recipe: {...recipe, steps: use}, above: use };
  console.log('##', s);
  console.log('  ', bestPath(s, beside as never).map(c => `${c.kind}[${c.text}]${c.score.toFixed(1)}`).join(' '));
  const r = readLine(s, beside as never, 'new') as any;
  for (const st of r.steps ?? [r.step]) console.log('  =>', st && `${st.technique}/${st.stage} ${st.mix.parts.map((p:any)=>`${p.parts.toFixed?.(2)} ${p.potId ?? '#'+p.stepId}`).join(' + ')} w${st.mix.waterParts} m${st.mix.mediumParts} x${st.coats}${st.coatsUpTo?'-'+st.coatsUpTo:''} ${JSON.stringify(st.placement)} note:${st.note}`);
  for (const m of r.marks) console.log('  !!', s.slice(m.from,m.to), m.message);
}
