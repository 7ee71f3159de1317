import { stages, type Stage } from '../../../written/recipe/step';
import {
  techniqueNames,
  techniqueOf,
  type TechniqueName,
} from '../../../written/technique/techniques';
import { toolPhrases } from '../strict/toolPhrases';
import { entry, type Entry } from './entry';

const way = (
  technique: TechniqueName,
  phrases: string,
  more: { stage?: Stage; weight?: number } = {},
): Entry[] =>
  phrases
    .split('|')
    .map((word) =>
      entry(
        { kind: 'technique', technique, word, ...(more.stage && { stage: more.stage }) },
        word,
        more.weight,
      ),
    );

/** Other names painters have for ways of putting paint on. */
const slang: readonly Entry[] = [
  ...way(
    'sprayFromAbove',
    'zenithal|zenithal highlight|zenithal spray|zenith|zenithally|sprayed down|sprayed down onto it|spray down onto it|spray it from above|dusted from above|zenital',
  ),
  ...way(
    'recessWash',
    'pinwash|pin wash|pin it|pin it in|pinned|pinned in|pin-wash|pinwashed|pin washed|recess shade|panel line wash|panel wash|controlled wash|targeted wash',
  ),
  ...way(
    'lineWork',
    'hair line of|a hair line of|hair lines of|hair line|make lines|make lines from|make lines of|lines from|lines with|lines in|draw lines|draw lines of|draw lines with|lines|streaks|streak|streaking|scratches|scratch|hair strokes|hairstrokes|hair lines|hairlines|veins of|thin veins|fine veins|hatching|hatch|cross hatching|cross-hatching|crosshatching|crosshatch|striations|striation|fine lines|thin lines|hair-thin lines|hair thin lines|tiny lines|little lines|small lines|fine line|thin line of|lines of|texture strokes|tiny strokes|fine strokes|little strokes|short strokes|wood grain lines|grain lines|woodgrain|scratch marks|scratchy lines|freehand|freehand lines|strands|individual hairs|individual strands',
  ),
  ...way(
    'lining',
    'black line|black line where|dark line where|line where|line it where|dark line|line between|line round|line around|outline|outlined|outlining|black lining|dark lining|shadow line|black-line|blackline|blacklined|line between the|line round the|line around the|to separate|to separate them|to separate it|to part them|to define them',
    { weight: 1.5 },
  ),
  ...way(
    'filter',
    'filter|filters|filtered|filter over everything|glaze over everything|unifying glaze|tint over everything|filter coat',
  ),
  ...way(
    'placedGlaze',
    'glaze|glazes|glazed|glazing|glaze in|glaze of|knock back|knock it back|knocked back|calm down|calm it down|tone down|tone it down|toned down|tint|tinted|tinting|glaze it|soft glaze|thin glaze|light glaze',
  ),
  // A glaze in between its verb and what belongs to it.
  ...way(
    'filter',
    ['tone', 'calm', 'knock', 'dull', 'take', 'bring']
      .flatMap((verb) =>
        [
          'the whole lot',
          'it all',
          'everything',
          'the whole thing',
          'all of it',
          'the lot',
        ].flatMap((all) => [`${verb} ${all} down`, `${verb} ${all} back`]),
      )
      .join('|'),
  ),
  ...way(
    'placedGlaze',
    ['tone', 'calm', 'knock', 'dull']
      .flatMap((verb) =>
        ['that', 'them', 'this'].flatMap((it) => [`${verb} ${it} down`, `${verb} ${it} back`]),
      )
      .join('|'),
  ),
  ...way(
    'point',
    'dot on|dot of shine|dots of shine|tiny dot of shine|spot of shine|dot of white for shine|dot|dots|dot in|dotted|dotting|tiny dot|little dot|small dot|single dot|reflection dot|specular dot|glint|glints|sparkle|catchlight|catch light|tiny dots|little dots|pinprick|pinpricks|dot of light|light spot|specular|specular highlight|spot highlight|spot highlights',
  ),
  ...way(
    'edgeLine',
    'edge highlight|edge highlights|edge highlighting|edge-highlight|edge line|edge lines|edging|edged|line the edges|chunky line|chunky edge|chunky highlight|fine edge|fine edge highlight|thin edge|thin edge highlight|line highlight|edge highlight of|highlight the edges|chunky edge highlight|edge it|line along the edge|line along the edges|line on the edges|thin line along the edges|thin line along the top|line along the top|trace the edges|outline the edges',
  ),
  ...way(
    'brushCoat',
    'base|basecoat|base coat|base-coat|basecoated|base coated|base coats|basecoats|base layer|block in|blocked in|blocking in|block|blocking|undercoat|base colour|base colour of|ground coat|lay down|lay in|laid down',
    { stage: 'base' },
  ),
  ...way(
    'allOverWash',
    'wash|washes|washed|washing|washed over|all-over wash|all over wash|wash over|shade wash|oil wash|slop',
  ),
  ...way(
    'dryBrush',
    'dry brush|drybrush|dry-brush|drybrushed|dry brushed|drybrushing|dry brushing|dry-brushed|dry-brushing|overbrush|over-brush|overbrushed|damp drybrush|damp dry brush|wet drybrush|wet dry brush|wet drybrush of|light drybrush|heavy drybrush|light dry brush|heavy dry brush|dusting|dust over|dust on|dust with|dusted|dusted over|scrub|scrubbed|scrubbing|scrub on|scrub in|drybrushes|db',
    { weight: 1.1 },
  ),
  ...way(
    'stipple',
    'stipple|stippled|stippling|sponge|sponged|sponging|dab on|dabbed|dabbing|dab it on|speckle|speckled|speckling|stipples|sponge on|sponge chipping|sponge chips|mottle|mottled|mottling',
  ),
  ...way(
    'airbrush',
    'airbrush|airbrushed|airbrushing|through the airbrush|with the airbrush|by airbrush',
  ),
  ...way(
    'spray',
    'spray|sprayed|spraying|spray can|through the can|from the can|from a can|out of the can|out of a can|with the can|by the can|with a can',
  ),
  ...way(
    'layer',
    'layer|layers|layered|layering|layer up|layer on|layer of|layers of|build up|built up',
  ),
  ...way(
    'wetBlend',
    'wet blend|wet blend the|wet-blend|wetblend|wet blended|wet blending|blend wet|wet in wet|wet-in-wet|blended wet|blend while wet|blend together wet',
    { weight: 1.4 },
  ),
];

export const techniqueWords: readonly Entry[] = [
  ...techniqueNames.flatMap((name) =>
    techniqueOf(name).saidAs.flatMap((word) => way(name, word, { weight: 0.95 })),
  ),
  ...slang,
  ...stages
    .filter((stage) => stage !== 'base' && stage !== 'layer' && stage !== 'glaze')
    .map((stage) => entry({ kind: 'stage', stage }, stage, 0.9)),
  entry(
    { kind: 'stage', stage: 'highlight' },
    'highlighted|highlighting|highlight with|first highlight|second highlight|final highlight|last highlight|main highlight|extreme highlight|top highlight|lightest highlight|highlight of|highlight to',
  ),
  entry({ kind: 'stage', stage: 'prime' }, 'primed|priming|primer|primer coat|undercoat of primer'),
  entry({ kind: 'stage', stage: 'shade' }, 'shaded|shading|shades|shade with|darkening'),
  entry(
    { kind: 'stage', stage: 'finish' },
    'varnish with|varnished|seal|sealed|sealing|seal with|seal it with|protect with',
  ),
  ...toolPhrases.map(({ phrases, tool }) => entry({ kind: 'tool', tool }, phrases)),
  entry(
    { kind: 'tool', tool: { size: 'small' } },
    'fine brush|detail brush|small brush|fine detail brush|little brush|tiny brush|smallest brush',
  ),
  entry(
    { kind: 'tool', tool: { uses: 'side' } },
    'side of the brush|with the side of the brush|edge of the brush|side of the bristles|using the side of the brush|use the side of the brush',
  ),
  entry(
    { kind: 'tool', tool: { feathers: true } },
    'feather the edge with a damp brush|feather with a damp brush|feather the edges with a damp brush|feather it with a damp brush|feather it out with a damp brush|feathered with a damp brush|soften the edge with a damp brush|soften with a damp brush|pull the edge with a damp brush|draw it out with a damp brush',
    1.4,
  ),
  entry(
    { kind: 'soft', softness: 0.2 },
    'feathered|feather|feather it|feather it out|feather the edge|feather the edges|feathered out|soften|softened|soften the edge|soften the edges|blend in|blended|blend|blended in|blended out|blend out|blend it in|blend it out|fade out|faded|fading out|fade it out|blended inwards|blend inwards|blended upwards|blended down|blended up|soft edge|soft edges|soft transition|soft transitions|softly|smooth transition|smooth transitions|smooth it out|fade|feathering|blending it in',
  ),
  entry(
    { kind: 'soft', softness: 0.03 },
    'hard edge|hard line|sharp line|sharp edge|crisp edge|crisp edges|crisp|crisp lines|sharp lines|clean edge',
  ),
  entry(
    { kind: 'pull', pull: 'down' },
    'towards the shadows|toward the shadows|push it towards the shadows|pushed towards the shadows|push towards the shadows|pull it towards the shadows|pulled towards the shadows|pull towards the shadows|push into the shadows|pushing into the shadows|drawn into the shadows|pull into the shadows|pull it into the shadows|drag it into the shadows|pulling towards the recesses|pull towards the recesses|towards the recesses|push it into the recesses|push towards the recesses|strokes finish in the shadows|finish in the shadows|end in the shadows|end the stroke in the shadow|strokes end in the shadows|strokes down|drawn down|pulled down|ending in the recesses',
    1.5,
  ),
  entry(
    { kind: 'pull', pull: 'up' },
    'push it towards the light|pull it towards the light|towards the highlights|toward the highlights|push towards the highlights|pull towards the highlights|pull it up|pulled up|drawn up|strokes up|towards the edge|towards the edges|pull towards the edge|pull towards the edges|pulling towards the edge|push it towards the edge|towards the tips|finish at the edge|strokes finish at the edge|end at the edge|towards the highlight|finishing at the top|pull upwards|pulled upwards|drag it up',
    1.5,
  ),
];
