import type { Hand, Sitting, Work } from '../work';
import { progressOf } from '../progress';
import type { Dispatched, Done, Rule } from './dispatched';
import { mixesOf } from './mixesAtHand';
import { openRuns, type Run } from './openRuns';
import type { Dealing } from './parts';

/** Rounding of minutes, so that a job that just fits does. */
const epsilon = 1e-9;
/** A coat of many models is not begun to be broken off after less than this, minutes. */
const shortest = 8;
/** Nothing is mixed for less than this before a sitting ends, minutes. */
const lastMixing = 6;
/** A unit wanted first or last is so many minutes before or behind the others in worth. */
const wishWorth = 90;

const wished = (when: 'first' | 'last' | undefined): number =>
  when === undefined ? 0 : when === 'first' ? -wishWorth : wishWorth;

/** Longer than this a hand does not stand before the next model of its run, minutes. */
const longestStop = 12;

/**
 * Paints through the sittings coat by coat: a hand takes a coat of a line through all models of its
 * part in a row, and then the coat the rule likes best of those that fit before the sitting ends.
 * Paint is mixed when it is taken up, and at no other time.
 *
 * @param tails the remainders of the work
 */
export function paintThrough(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  { partOf, handOf, fixed, isByPaint }: Dealing,
  rule: Rule,
  tails: readonly Float64Array[],
): Dispatched {
  const progress = progressOf(work, hands, tails);
  const { changeMinutes, wishes } = work;
  const mixes = mixesOf(work);
  const done: Done[] = [];
  const clock = hands.map((_, hand) => sittingAfter(-1, hand));
  const holds = hands.map(() => -1);
  const running: number[][] = hands.map(() => []);
  const runs = openRuns(work, partOf);
  const owner = [...handOf];
  const surfaceOf = Int32Array.from(work.chains, ({ jobs }) => jobs.at(-1)?.run ?? -1);
  const unitOf = Int32Array.from(work.chains, ({ unit }) => unit);
  const wishOf = Float64Array.from(work.chains, ({ unit }) => wished(wishes?.get(unit)?.when));
  /** what each hand painted last */
  const before = hands.map(() => ({ surface: -1, unit: -1 }));
  /** who began a surface that nobody was given */
  const begunBy = new Map<number, number>();

  while (progress.left() > 0) {
    const hand = nextHand();
    if (hand < 0) break;
    const { time, sitting } = clock[hand];
    if (running[hand].length > 0) {
      goOn(hand, time, sitting);
      continue;
    }
    const found = choose(hand, time, sitting);
    if (found.run) {
      begin(hand, found.run);
    } else if (found.next < sittings[sitting].to) {
      clock[hand].time = Math.max(found.next, time + epsilon);
    } else leave(hand, sitting);
  }
  return { done, left: progress.left() };

  function leave(hand: number, sitting: number): void {
    clock[hand] = sittingAfter(sitting, hand);
    holds[hand] = -1;
    before[hand] = { surface: -1, unit: -1 };
  }

  function sittingAfter(sitting: number, hand: number) {
    for (let next = sitting + 1; next < sittings.length; next++)
      if (sittings[next].hands.includes(hand)) return { time: sittings[next].from, sitting: next };
    return { time: Infinity, sitting: -1 };
  }

  function nextHand(): number {
    let first = -1;
    clock.forEach(({ sitting, time }, hand) => {
      if (sitting >= 0 && (first < 0 || time < clock[first].time)) first = hand;
    });
    return first;
  }

  function begin(hand: number, run: Run): void {
    running[hand] = [...run.chains];
    const [chain] = run.chains;
    before[hand] = { surface: surfaceOf[chain], unit: unitOf[chain] };
    if (
      !isByPaint &&
      !hands[hand].onlyBase &&
      owner[partOf[chain]] < 0 &&
      !begunBy.has(surfaceOf[chain])
    )
      begunBy.set(surfaceOf[chain], hand);
  }

  /** The next model of the run a hand is at: the one that is dry first. */
  function goOn(hand: number, time: number, sitting: number): void {
    const { to } = sittings[sitting];
    const chains = running[hand];
    let next = 0;
    for (let i = 1; i < chains.length; i++)
      if (Math.max(time, progress.dryAt(chains[i])) < Math.max(time, progress.dryAt(chains[next])))
        next = i;
    const chain = chains[next];
    const mix = progress.mixOf[chain];
    const lead = mixes.minutes(mix, time, sitting) + (mix === holds[hand] ? 0 : changeMinutes);
    const starts = Math.max(time + lead, progress.dryAt(chain));
    const ends = starts + progress.handsOn[chain] / hands[hand].speed;
    if (ends > to + epsilon || starts > time + lead + longestStop) {
      running[hand] = [];
      clock[hand].time = Math.min(to, time + 1);
      return;
    }
    chains.splice(next, 1);
    take(chain, hand, time, sitting);
  }

  function take(chain: number, hand: number, time: number, sitting: number): void {
    const mix = progress.mixOf[chain];
    const changing = mix === holds[hand] ? 0 : changeMinutes;
    let isMaking = mixes.isToMake(mix, time, sitting);
    let lead = mixes.minutes(mix, time, sitting);
    let starts = Math.max(time + lead + changing, progress.dryAt(chain));
    // Paint that goes off while it waits for a surface to dry is mixed when that is dry.
    if (!isMaking && mixes.isToMake(mix, starts, sitting)) {
      isMaking = true;
      lead = work.mixes[mix].mixMinutes;
      starts = Math.max(time + lead + changing, progress.dryAt(chain));
    }
    if (isMaking) mixes.made(mix, starts - changing, sitting);
    const ends = starts + progress.handsOn[chain] / hands[hand].speed;
    holds[hand] = mix;
    clock[hand] = { time: ends, sitting };
    runs.took(chain);
    const { job, driesAt } = progress.paint(chain, ends);
    const mixing = isMaking ? lead : 0;
    done.push({ chain, job, hand, sitting, mixing, changing, starts, ends, driesAt });
  }

  /** The best coat for a hand to begin now; or, where there is none, when to look again. */
  function choose(hand: number, time: number, sitting: number): { run: Run | null; next: number } {
    const { to } = sittings[sitting];
    let next = Infinity;
    let best: Run | null = null;
    let least = Infinity;
    let partial: Run | null = null;
    let leastPartial = Infinity;
    let leastLater = Infinity;
    let lookLater = Infinity;
    const isNew = hands[hand].onlyBase === true;
    const isOwnLeft = !isNew && hasOwnLeft(hand);
    const mayHelp = isNew || rule.helps;
    for (const run of runs.ready(progress, hand)) {
      const [chain] = run.chains;
      const part = partOf[chain];
      const by = owner[part] >= 0 ? owner[part] : (begunBy.get(surfaceOf[chain]) ?? hand);
      if (by !== hand && (fixed[part] || isOwnLeft || !mayHelp)) continue;
      if (isHeld(run)) continue;
      const timed = timedRun(run, hand, time, sitting);
      if (timed.starts > time + longestStop + work.mixes[progress.mixOf[chain]].mixMinutes) {
        const look = timed.starts - longestStop;
        next = Math.min(next, look);
        const cost =
          rule.waits && timed.ends <= to + epsilon ? costOf(timed, hand, time) : Infinity;
        if (cost < leastLater) [leastLater, lookLater] = [cost, look];
        continue;
      }
      if (isTooLate(timed, hand, time, sitting)) continue;
      const cost = costOf(timed, hand, time) + (by === hand ? 0 : 5);
      if (timed.ends <= to + epsilon) {
        if (cost < least) {
          least = cost;
          best = timed;
        }
      } else if (rule.fills || to - timed.starts >= shortest) {
        const fits = fitting(timed, hand, to);
        if (fits && cost < leastPartial) {
          leastPartial = cost;
          partial = fits;
        }
      }
    }
    if (leastLater < Math.min(least, leastPartial)) return { run: null, next: lookLater };
    const chosen = best ?? partial;
    if (chosen) return { run: chosen, next };
    for (const [other, { sitting: at, time: until }] of clock.entries())
      if (other !== hand && at >= 0 && until > time + epsilon) next = Math.min(next, until);
    return { run: null, next };
  }

  /** Paint would be mixed for the last minutes of a sitting, though there is another to come. */
  function isTooLate(run: Run, hand: number, time: number, sitting: number): boolean {
    const mix = progress.mixOf[run.chains[0]];
    const { to } = sittings[sitting];
    if (rule.fills || to - run.starts >= lastMixing || mixes.minutes(mix, time, sitting) === 0)
      return false;
    return sittings.slice(sitting + 1).some((later) => later.hands.includes(hand));
  }

  function hasOwnLeft(hand: number): boolean {
    return runs.isLeft((chain) => {
      const part = partOf[chain];
      const by = owner[part] >= 0 ? owner[part] : begunBy.get(surfaceOf[chain]);
      return by === hand || by === undefined;
    }, progress);
  }

  /** Another hand is at models of it right now. */
  function isHeld({ chains }: Run): boolean {
    return running.some(
      (others) => others.length > 0 && others.some((chain) => chains.includes(chain)),
    );
  }

  /** When a run could begin so that hardly anything is waited for in it, and when it would end. */
  function timedRun(run: Run, hand: number, time: number, sitting: number): Run {
    const { speed } = hands[hand];
    const [first] = run.chains;
    const mix = progress.mixOf[first];
    const lead = mixes.minutes(mix, time, sitting) + (mix === holds[hand] ? 0 : changeMinutes);
    const dry = run.chains.map((chain) => progress.dryAt(chain)).sort((one, other) => one - other);
    const each = run.minutes / speed / run.chains.length;
    let starts = time + lead;
    dry.forEach((at, i) => {
      starts = Math.max(starts, at - i * each);
    });
    return { ...run, starts, ends: starts + run.minutes / speed };
  }

  /** As many models of a run as are through before a sitting ends. */
  function fitting(run: Run, hand: number, to: number): Run | null {
    const each = (run.ends - run.starts) / run.chains.length;
    const count = Math.min(run.chains.length, Math.floor((to - run.starts) / each + epsilon));
    const isWorthIt =
      count > 0 &&
      (rule.fills || count * each >= shortest || !runs.fitsAnySitting(run, hands[hand], sittings));
    return isWorthIt ? { ...run, chains: run.chains.slice(0, count), isWhole: false } : null;
  }

  function costOf(run: Run, hand: number, time: number): number {
    const [chain] = run.chains;
    const mix = progress.mixOf[chain];
    const isSameMix = mix === holds[hand];
    const isSameSurface = before[hand].surface === surfaceOf[chain];
    const isSameUnit = before[hand].unit === unitOf[chain];
    const { changes } = rule;
    let apart = 0;
    if (!isSameMix) for (const other of holds) if (other === mix) apart += rule.apart;
    let tail = 0;
    for (const each of run.chains) tail = Math.max(tail, progress.tail[each]);
    const ready = isSameMix ? 0 : changeMinutes;
    return (
      rule.waiting * (run.starts - time - ready) +
      (isSameMix ? 0 : changes.mix) +
      (isSameSurface ? 0 : changes.surface) +
      (isSameUnit ? 0 : changes.unit) +
      (run.isWhole ? 0 : rule.split) +
      apart +
      rule.order * progress.rank[chain] +
      (rule.bias ? rule.bias[runs.coatOf(chain)] : 0) +
      wishOf[chain] -
      rule.tail * tail +
      (rule.chance > 0 ? rule.chance * rule.random() : 0)
    );
  }
}
