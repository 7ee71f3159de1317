import type { Done } from '../answers/work/plan/schedule/dispatched';
import type { Hand, Sitting, Work } from '../answers/work/plan/work';

const slack = 1e-6;

/**
 * Everything a plan does that cannot be done at a table, as sentences. It is worked out from the
 * list of what was painted alone and shares no code with the planner.
 */
export function planBreaches(
  { chains, mixes, bodyFreeAt }: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  done: readonly Done[],
): string[] {
  const breaches: string[] = [];
  const say = (isWrong: boolean, sentence: string) => {
    if (isWrong) breaches.push(sentence);
  };
  const nameOf = ({ chain, job }: Done) => `coat ${job} of surface ${chain}`;
  const inTime = [...done].sort((one, other) => one.starts - other.starts);

  for (const [chain, { readyAt, jobs, model }] of chains.entries()) {
    let dry = readyAt;
    let next = 0;
    for (const each of inTime.filter((one) => one.chain === chain)) {
      say(each.job !== next++, `${nameOf(each)} comes out of its order`);
      say(each.starts < dry - slack, `${nameOf(each)} goes onto wet paint`);
      const { handsOn, dry: drying, turn } = jobs[each.job];
      const took = each.ends - each.starts;
      say(
        Math.abs(took - handsOn / hands[each.hand].speed) > slack,
        `${nameOf(each)} takes ${took} minutes`,
      );
      dry = each.ends + drying;
      const before = inTime.filter(
        (other) =>
          chains[other.chain].model === model && chains[other.chain].jobs[other.job].turn < turn,
      );
      say(
        before.some(
          (other) => other.ends + chains[other.chain].jobs[other.job].dry > each.starts + slack,
        ),
        `${nameOf(each)} does not wait for what lies below it on its model`,
      );
      const open = chains
        .filter((other) => other.model === model)
        .reduce((sum, other) => sum + other.jobs.filter((job) => job.turn < turn).length, 0);
      say(before.length < open && turn > 0, `${nameOf(each)} comes before something it lies on`);
    }
  }

  const bodies = new Map<number, number>();
  for (const each of inTime) {
    const { body, jobs } = chains[each.chain];
    const free = bodies.get(body) ?? bodyFreeAt[body] ?? 0;
    say(each.starts < free - slack, `${nameOf(each)} holds what is wet or in another hand`);
    const { blocks, dry } = jobs[each.job];
    bodies.set(body, Math.max(free, blocks ? each.ends + dry : each.ends));
  }

  for (const [hand, { claims }] of hands.entries()) {
    let free = -Infinity;
    let held = -1;
    let last = -1;
    for (const each of inTime.filter((one) => one.hand === hand)) {
      const { from, to, hands: here } = sittings[each.sitting];
      const { model, jobs } = chains[each.chain];
      const { mix } = jobs[each.job];
      const begins = each.starts - each.mixing - each.changing;
      say(!here.includes(hand), `hand ${hand} is not there for ${nameOf(each)}`);
      say(
        begins < from - slack || each.ends > to + slack,
        `${nameOf(each)} lies outside its evening`,
      );
      say(begins < free - slack, `hand ${hand} does two things at once at ${nameOf(each)}`);
      say(
        hands.some((other, at) => at !== hand && other.claims.has(model)) && !claims.has(model),
        `${nameOf(each)} is somebody else’s`,
      );
      const isSame = held === mix && last === each.sitting;
      say(!isSame && each.changing <= 0, `the paint of ${nameOf(each)} is taken up in no time`);
      free = each.ends;
      held = mix;
      last = each.sitting;
    }
  }

  const madeAt = new Map<string, number>();
  for (const each of inTime) {
    const { mix } = chains[each.chain].jobs[each.job];
    const key = `${mix} ${each.sitting}`;
    if (each.mixing > 0) {
      say(each.mixing < mixes[mix].mixMinutes - slack, `paint ${mix} is mixed in no time`);
      madeAt.set(key, each.starts - each.changing);
    }
    const made = madeAt.get(key);
    say(
      made === undefined && mixes[mix].mixMinutes > 0,
      `${nameOf(each)} is painted with what nobody mixed`,
    );
    say(
      made !== undefined &&
        each.starts - made > mixes[mix].usableMinutes + mixes[mix].mixMinutes + slack,
      `${nameOf(each)} is begun with paint that has gone off`,
    );
  }
  return breaches;
}
