import {
  drawForm,
  drawGuide,
  formField,
  formNames,
  predictBuildUp,
  shelfOf,
  views,
} from '@yellow-ledger/core';
import { fortySteps, pots } from './fortySteps';
import { medianMs, ms, times } from './measure';

const size = 320;
const wantedMs = 50;

/** Redrawing a form at 320 × 320 when its colours or its light change; the relief is kept. */
export function benchForms(): void {
  const recipe = fortySteps();
  const { stops, steps } = predictBuildUp(recipe, shelfOf(pots));
  const ribbon = { stops, hexes: (steps.at(-1)?.surface ?? []).map(({ hex }) => hex) };
  console.log(`\nForm at ${size} × ${size}, lit from above with a second light`);
  for (const form of formNames) {
    const started = performance.now();
    formField({ form }, size);
    const relief = performance.now() - started;
    const slowest = Math.max(
      ...views.map((view) =>
        medianMs(
          () =>
            void drawForm({
              shape: { form },
              view,
              size,
              ribbon,
              light: 'above',
              second: { from: 'left', hex: '#4080ff' },
              beside: ribbon,
            }),
          9,
        ),
      ),
    );
    const guide = medianMs(
      () =>
        void drawGuide(
          { shape: { form }, step: recipe.steps[1], hex: '#c08030', nested: [0.3] },
          size,
        ),
      9,
    );
    console.log(
      `  ${form.padEnd(6)} redraw, slowest view ${ms(slowest)}   ${times(slowest / wantedMs)} of 50 ms; guide ${ms(guide)}; relief, once ${ms(relief)}`,
    );
  }
}
