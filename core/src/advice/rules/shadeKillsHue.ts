import { colourOfHex } from '../../colour/colourOfHex';
import { surfaceColour, type SurfaceColour } from '../../colour/surfaceColour';
import { reflectanceFromHex } from '../../colour/reflectanceFromHex';
import { filmOver } from '../../paint/filmOver';
import { opticsOfPot } from '../../paint/opticsOfPot';
import type { Pot } from '../../paint/pot';
import { isAtHand } from '../../paint/stock';
import { depositAt } from '../../recipe/predictBuildUp';
import { loadOf } from '../../recipe/mix';
import { techniqueOf } from '../../recipe/techniques';
import { placeOf } from '../../recipe/toneAxis';
import type { PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Share of its saturation (chroma for its lightness) a colour should keep in the shade. */
const keptFrom = 0.62;
/** Surfaces duller than this have no hue to kill. */
const colourfulFrom = 30;
/** Turned by more than this, a shaded yellow looks green. */
const turnedFrom = 14;

/** A shade greys or turns the colour it lies on, as black does to yellow. */
export const shadeKillsHue = rule(10, (context) => {
  const { lines, stop, shelf } = context;
  return lines.flatMap((line): Finding[] => {
    if (line.step.stage !== 'shade') return [];
    const worst = (['shadow', 'recess'] as const)
      .filter((name) => depositAt(line.step, placeOf(name)) > 0.25)
      .map((place) => {
        const before = line.below[stop(place)];
        const after = line.build.surface[stop(place)];
        return { place, before, after, kept: saturation(after) / saturation(before) };
      })
      .filter(
        ({ before, after }) => before.chroma >= colourfulFrom && before.value - after.value >= 4,
      )
      .sort((one, other) => one.kept - other.kept)[0];
    if (!worst) return [];
    const { place, before, after, kept } = worst;
    const turned = after.chroma > 3 ? ((after.hue - before.hue + 540) % 360) - 180 : 0;
    const isGreened = before.hue > 55 && before.hue < 115 && turned > turnedFrom;
    if (kept >= keptFrom && !isGreened) return [];
    const better = betterShade(line, before, [...shelf.values()]);
    return [
      {
        stepId: line.step.id,
        sentence: isGreened
          ? `Turns the shade ${Math.round(turned)}° towards green and leaves ${Math.round(kept * 100)} % of its colour.`
          : `Leaves ${Math.round(kept * 100)} % of the colour’s strength in the ${place}.`,
        figure: { value: kept, unit: 'of the saturation kept' },
        fixes: better
          ? [
              {
                label: `Shade with ${better.name}`,
                changes: [
                  {
                    do: 'replace',
                    step: {
                      ...line.written,
                      mix: {
                        ...line.written.mix,
                        parts: [{ from: 'pot', potId: better.id, parts: 1 }],
                      },
                    },
                  },
                ],
              },
            ]
          : [],
      },
    ];
  });
});

const saturation = ({ chroma, value }: SurfaceColour) => chroma / Math.max(1, value);

/** The pot at hand that darkens as this line does and keeps the most of the colour. */
function betterShade(line: PaintedLine, before: SurfaceColour, pots: readonly Pot[]): Pot | null {
  const ground = reflectanceFromHex(before.hex);
  const isWash = !techniqueOf(line.step.technique).covers;
  const film = techniqueOf(line.step.technique).film * loadOf(line.step.mix) * line.step.coats;
  let best: { pot: Pot; kept: number } | null = null;
  for (const pot of pots) {
    const isFit = isWash ? pot.kind === 'wash' || pot.kind === 'ink' : pot.kind === 'paint';
    if (!isFit || !isAtHand(pot) || pot.finish === 'metallic') continue;
    if (colourOfHex(pot.swatch).value > before.value - 12) continue;
    const after = surfaceColour(filmOver(ground, opticsOfPot(pot.swatch, pot.hiding), film));
    const turned = Math.abs(((after.hue - before.hue + 540) % 360) - 180);
    const kept = saturation(after) / saturation(before);
    if (before.value - after.value < 4 || turned > 30 || kept < keptFrom) continue;
    if (!best || kept - turned / 60 > best.kept) best = { pot, kept: kept - turned / 60 };
  }
  return best?.pot ?? null;
}
