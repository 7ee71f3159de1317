import type { Work } from '../work';

/** Which colours stand mixed on the table, and how much is still to be painted with each. */
export interface MixState {
  /** minutes until it can be used: 0 while it stands there and is usable */
  minutes: (mix: number, time: number, sitting: number) => number;
  /** whether it has to be mixed; nobody has, or what was mixed is past its time */
  isToMake: (mix: number, time: number, sitting: number) => boolean;
  wasMade: (mix: number) => boolean;
  /** hands-on minutes still to be painted with it */
  remaining: (mix: number) => number;
  used: (mix: number, handsOn: number) => void;
  made: (mix: number, at: number, sitting: number) => void;
  /** Takes the time of a choice: leads are known, crowds are counted up anew. */
  lookAt: (time: number, sitting: number) => void;
  /** as `minutes`, at the time of the choice */
  lead: (mix: number) => number;
  /** minutes of painting that wait for a mix */
  crowd: (mix: number, minutes: number) => void;
  crowdOf: (mix: number) => number;
}

export function mixesOf({ mixes, chains }: Work): MixState {
  const madeAt = new Float64Array(mixes.length).fill(-Infinity);
  const madeIn = new Int32Array(mixes.length).fill(-1);
  const remaining = new Float64Array(mixes.length);
  const leads = new Float64Array(mixes.length);
  const crowds = new Float64Array(mixes.length);
  for (const { jobs } of chains) for (const { mix, handsOn } of jobs) remaining[mix] += handsOn;
  const isToMake = (mix: number, time: number, sitting: number) =>
    madeIn[mix] !== sitting || time - madeAt[mix] > mixes[mix].usableMinutes;
  const minutes = (mix: number, time: number, sitting: number) =>
    isToMake(mix, time, sitting) ? mixes[mix].mixMinutes : Math.max(0, madeAt[mix] - time);
  return {
    isToMake,
    minutes,
    wasMade: (mix) => madeIn[mix] >= 0,
    remaining: (mix) => remaining[mix],
    used(mix, handsOn) {
      remaining[mix] -= handsOn;
    },
    made(mix, at, sitting) {
      madeAt[mix] = at;
      madeIn[mix] = sitting;
    },
    lookAt(time, sitting) {
      for (let mix = 0; mix < mixes.length; mix++) {
        leads[mix] = minutes(mix, time, sitting);
        crowds[mix] = 0;
      }
    },
    lead: (mix) => leads[mix],
    crowd: (mix, minutes) => {
      crowds[mix] += minutes;
    },
    crowdOf: (mix) => crowds[mix],
  };
}
