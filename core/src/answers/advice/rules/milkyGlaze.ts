import type { SurfaceColour } from '../../../light/colour/surfaceColour';
import type { ToneStopName } from '../../../written/place/toneAxis';
import { toneStops } from '../../../written/place/toneAxis';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Paint so pale, L*, and so weak, C, makes what it is glazed over milky. */
const pales = [
  { value: 78, chroma: 20 },
  { value: 86, chroma: 32 },
];
/** A colour so strong, C, and a dark so deep, L*, have something to lose by it. */
const strongFrom = 22;
const darkUpTo = 30;
/** It is seen where so much strength, C, is lost, or so much dark, L*. */
const lostFrom = 4;
const liftedFrom = 6;

/** White or near white as a glaze or filter: it lies over strong and dark colours like a fog. */
export const milkyGlaze = rule(11, (context) =>
  context.judged.flatMap((line): Finding[] => {
    const { colour } = line.build.mix;
    const isPale = pales.some(
      ({ value, chroma }) => colour.value >= value && colour.chroma <= chroma,
    );
    if (line.meaning !== 'tint' || line.build.mix.isClear || !isPale) return [];
    const worst = fogged(line, context);
    if (!worst) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `Thin white lies over the ${worst.place} like a fog: it takes strength of colour and depth.`,
        figure: { value: worst.lost, unit: worst.unit },
        fixes: [
          {
            label: 'Switch it out',
            changes: [{ do: 'replace', step: { ...line.written, isOut: true } }],
          },
        ],
      },
    ];
  }),
);

interface Fogged {
  place: ToneStopName;
  lost: number;
  unit: string;
}

/** The named place that loses most by it; null where none loses enough to be seen. */
function fogged({ below, build }: PaintedLine, { stop }: AdviceContext): Fogged | null {
  const places = toneStops.flatMap(({ name }): Fogged[] => {
    const [before, after] = [below[stop(name)], build.surface[stop(name)]];
    return lossOf(before, after).map((loss) => ({ place: name, ...loss }));
  });
  return places.reduce<Fogged | null>(
    (most, each) => (!most || each.lost > most.lost ? each : most),
    null,
  );
}

function lossOf(before: SurfaceColour, after: SurfaceColour): { lost: number; unit: string }[] {
  const weaker = before.chroma - after.chroma;
  const lighter = after.value - before.value;
  if (before.chroma >= strongFrom && weaker >= lostFrom) return [{ lost: weaker, unit: 'C lost' }];
  if (before.value <= darkUpTo && lighter >= liftedFrom)
    return [{ lost: lighter, unit: 'L* lighter' }];
  return [];
}
