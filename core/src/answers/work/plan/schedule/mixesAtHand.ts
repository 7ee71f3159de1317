import type { Work } from '../work';

/** Which colours stand mixed on the table. */
export interface MixState {
  /** minutes until it can be used: 0 while it stands there and is usable */
  minutes: (mix: number, time: number, sitting: number) => number;
  /** whether it has to be mixed: it is not there, or past its time */
  isToMake: (mix: number, time: number, sitting: number) => boolean;
  made: (mix: number, at: number, sitting: number) => void;
}

export function mixesOf({ mixes }: Work): MixState {
  const madeAt = new Float64Array(mixes.length).fill(-Infinity);
  const madeIn = new Int32Array(mixes.length).fill(-1);
  const isToMake = (mix: number, time: number, sitting: number) =>
    madeIn[mix] !== sitting || time - madeAt[mix] > mixes[mix].usableMinutes;
  return {
    isToMake,
    minutes: (mix, time, sitting) =>
      isToMake(mix, time, sitting) ? mixes[mix].mixMinutes : Math.max(0, madeAt[mix] - time),
    made(mix, at, sitting) {
      madeAt[mix] = at;
      madeIn[mix] = sitting;
    },
  };
}
