import { filmOf } from '../../predicted/buildUp/applyStep';
import { BuildUpPredictor } from '../../predicted/buildUp/buildUpPredictor';
import { flattenMix } from '../../written/recipe/flattenMix';
import { type MixPart, type Thinning } from '../../written/mix/mix';
import { mixedPaint, potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import type { Placement } from '../../written/place/placement';
import type { Recipe } from '../../written/recipe/recipe';
import { mostCoats, type FinishLevel, type Stage, type Step } from '../../written/recipe/step';
import type { TechniqueName } from '../../written/technique/techniques';
import { techniqueOf } from '../../written/technique/techniques';
import { suggestUnderColour } from '../../predicted/coverage/compareGrounds';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { draftRecipe } from './draftRecipe';

export interface DraftLine {
  stage: Stage;
  technique: TechniqueName;
  parts: MixPart[];
  thinning: Thinning;
  placement?: Partial<Placement>;
  level?: FinishLevel;
  /** applications, for what tints; what covers gets the coats it needs */
  passes?: number;
  dryMinutes?: number;
}

/** The part of a request for a draft that its lines need. */
export interface DraftAsked {
  school: string;
  groundPotId: string;
  finishLevel: FinishLevel;
}

/** A coat that needs more than this gets an under-colour first. */
const patientCoats = 5;

/** Writes the lines of a draft from the ground up, each covering line with the coats it needs. */
export class DraftLines {
  readonly steps: Step[] = [];
  readonly notes: string[] = [];
  private readonly predictor = new BuildUpPredictor();

  constructor(
    private readonly options: DraftAsked,
    private readonly shelf: Shelf,
    readonly groundPotId = options.groundPotId,
  ) {}

  /** @returns the new line's id, for carrying its mix forward */
  add(line: DraftLine): string {
    const { stage, technique, parts, thinning, placement, level = 'field', passes = 1 } = line;
    const step: Step = {
      id: `${this.options.school}-${this.steps.length + 1}`,
      stage,
      technique,
      mix: { parts, ...thinning },
      coats: passes,
      placement: { ...techniqueOf(technique).usualPlacement, ...placement },
      dryMinutes: line.dryMinutes ?? 15,
      level,
      note: '',
    };
    if (techniqueOf(technique).covers) this.cover(step);
    else this.steps.push(step);
    return step.id;
  }

  /**
   * A line as it is written already.
   *
   * @param mayNeedMore it is there to cover, and gets the coats it needs, if that is more
   */
  take(step: Step, { mayNeedMore = false } = {}): void {
    if (mayNeedMore) this.cover(step, step.coats);
    else this.steps.push(step);
  }

  private cover(step: Step, least = 1): void {
    const covering = this.coatsFor(step);
    const needed = covering === null ? null : Math.max(least, covering);
    if (needed !== null && needed <= patientCoats) {
      this.steps.push({ ...step, coats: needed });
      return;
    }
    const under = this.underColour(step);
    if (under) {
      const underCoats = Math.min(mostCoats, this.coatsFor(under) ?? mostCoats);
      this.steps.push({ ...under, id: `${step.id}-under`, coats: underCoats });
      const after = this.coatsFor(step);
      this.steps.push({ ...step, coats: Math.min(mostCoats, after ?? mostCoats) });
      if (after === null || after > mostCoats) this.notes.push(this.staysThin(step));
      return;
    }
    this.steps.push({ ...step, coats: Math.min(mostCoats, needed ?? mostCoats) });
    if (needed === null || needed > mostCoats) this.notes.push(this.staysThin(step));
  }

  private coatsFor(step: Step): number | null {
    const build = this.predictor.predict(this.recipe([...this.steps, step]), this.shelf);
    const coverage = build.steps.at(-1)?.coverage;
    return coverage ? coverage.coats : 1;
  }

  private underColour(step: Step): Step | null {
    const shares = flattenMix(step.mix, this.steps);
    const build = this.predictor.predict(this.recipe(this.steps), this.shelf);
    const below = build.steps.at(-1)?.surface ?? build.ground;
    const found = suggestUnderColour(
      mixedPaint(shares, this.shelf),
      reflectanceFromHex(below[below.length - 1].hex),
      this.shelf,
      filmOf(step),
      step.coats,
    );
    if (!found) return null;
    const name = potOn(this.shelf, found.potId).name;
    this.notes.push(
      `${name} goes under line ${this.steps.length + 2}, which would not cover alone.`,
    );
    return {
      ...step,
      stage: 'base',
      mix: {
        parts: [{ from: 'pot', potId: found.potId, parts: 1 }],
        waterParts: 0.5,
        mediumParts: 0,
      },
      coats: found.underCoats,
    };
  }

  private staysThin(step: Step): string {
    return `Line ${this.steps.findIndex(({ id }) => id === step.id) + 1} does not cover even in ${mostCoats} coats.`;
  }

  private recipe(steps: Step[]): Recipe {
    return draftRecipe(steps, this.groundPotId);
  }
}
