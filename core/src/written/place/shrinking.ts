import type { WrittenAim, Stretch } from './aim';
import type { Placement } from './placement';

/** Figure of coat `coat` of so many, evenly between the first and the last. */
const between = (first: number, last: number, coat: number, coats: number) =>
  coats < 2 ? first : first + ((last - first) * coat) / (coats - 1);

/**
 * Where each coat of a placement goes: the same, or evenly from the first to the last when each is
 * smaller than the one before.
 *
 * @param coats 1 or more; of a part of a coat, the next whole one
 * @example placementsOf({ from: 0.2, to: 1, last: { from: 0.8, to: 1 }, … }, 4).map(({ from }) => from) // → [0.2, 0.4, 0.6, 0.8]
 */
export function placementsOf(placement: Placement, coats: number): Placement[] {
  const { last, ...first } = placement;
  const many = Math.max(1, Math.ceil(coats));
  if (!last) return Array.from({ length: many }, () => first);
  return Array.from({ length: many }, (_, coat) => ({
    ...first,
    from: between(first.from, last.from, coat, many),
    to: between(first.to, last.to, coat, many),
    ...(first.aim && { aim: aimOfCoat(first.aim, last, coat, many) }),
  }));
}

function aimOfCoat(
  aim: WrittenAim,
  last: NonNullable<Placement['last']>,
  coat: number,
  coats: number,
): WrittenAim {
  const stretch = (first: Stretch, end: { from: number; to: number }): Stretch => ({
    ...first,
    from: between(first.from, end.from, coat, coats),
    to: between(first.to, end.to, coat, coats),
  });
  const { facing, along, height } = aim;
  return {
    ...aim,
    ...(facing &&
      last.within !== undefined && {
        facing: { ...facing, within: between(facing.within, last.within, coat, coats) },
      }),
    ...(along && last.along && { along: stretch(along, last.along) }),
    ...(height && last.height && { height: stretch(height, last.height) }),
  };
}

/** Whether its coats shrink in what they are aimed at, and not in tone alone. */
export const shrinksInAim = ({ last }: Placement): boolean =>
  last?.within !== undefined || last?.along !== undefined || last?.height !== undefined;
