/** Hands differ so much from the practised one the figures are of; from one’s own, less. */
const usualSpread = { least: 0.75, most: 1.35 };
const ownSpread = { least: 0.85, most: 1.2 };

/**
 * Expected minutes as the range people believe, in round figures.
 * @example minutesRange(40, false) // → '30–55 min'
 */
export function minutesRange(minutes: number, isOwn: boolean): string {
  const { least, most } = isOwn ? ownSpread : usualSpread;
  const [low, high] = [roundedMinutes(minutes * least), roundedMinutes(minutes * most)];
  if (low === high) return minutes < roundFrom.hours ? `${low} min` : `${hours(low)} h`;
  return high < roundFrom.hours ? `${low}–${high} min` : `${hours(low)}–${hours(high)} h`;
}

/** From so many minutes a figure is given in fives, in quarters and in halves of an hour. */
const roundFrom = { fives: 10, quarters: 60, hours: 120 };

function roundedMinutes(minutes: number): number {
  const { fives, quarters, hours: halves } = roundFrom;
  const step = minutes < fives ? 1 : minutes < quarters ? 5 : minutes < halves ? 15 : 30;
  return Math.round(minutes / step) * step;
}

/** @example hours(90) // → '1½' */
function hours(minutes: number): string {
  const whole = Math.floor(minutes / 60);
  const quarter = ['', '¼', '½', '¾'][Math.round((minutes % 60) / 15) % 4];
  if (minutes % 60 > 52) return `${whole + 1}`;
  return whole === 0 && quarter !== '' ? quarter : `${whole}${quarter}`;
}
