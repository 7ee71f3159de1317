import { mixesOf } from './mixesAtHand';
import type { Dispatched, Done, MixedAhead, Rule } from './dispatched';
import { progressOf } from '../progress';
import { changeMinutes, type Hand, type Sitting, type Work } from '../work';

/** Rounding of minutes, so that a job that just fits does. */
const epsilon = 1e-9;
/** How many coats of a surface are looked ahead for what to mix. */
const mostAhead = 3;
/** Each of them is taken to be needed so many minutes later. */
const farther = 20;

/**
 * Paints through the sittings by one rule: whenever a hand is free it takes the job the rule likes
 * best of those it may take, that are dry by the time its paint is ready and that fit before the
 * sitting ends.
 */
export function dispatch(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  rule: Rule,
): Dispatched {
  const progress = progressOf(work, hands);
  const mixes = mixesOf(work);
  const done: Done[] = [];
  const ahead: MixedAhead[] = [];
  const clock = hands.map((_, hand) => sittingAfter(-1, hand));
  const holds = hands.map(() => -1);
  /** paints mixed ahead that nobody has taken up yet */
  const isUnused = new Uint8Array(work.mixes.length);
  let unused = 0;
  /** hands at each paint */
  const holders = new Int32Array(work.mixes.length);

  while (progress.left() > 0) {
    const hand = nextHand();
    if (hand < 0) break;
    const { time, sitting } = clock[hand];
    const more = rule.sticks ? moreOfHeld(hand, time, sitting) : null;
    if (!more && hand === rule.mixer && unused < 2 * hands.length)
      if (mixAhead(hand, time, sitting, Infinity)) continue;
    const found = more ?? choose(hand, time, sitting);
    if (found.chain >= 0) {
      // A job that waits for another mix is as far off as ever when something has been mixed meanwhile.
      const dry = progress.dryAt(found.chain);
      if (dry > time && rule.waits > 0 && mixAhead(hand, time, sitting, dry - changeMinutes))
        continue;
      take(found.chain, hand, time, sitting);
    } else if (mixAhead(hand, time, sitting, found.next)) continue;
    else if (found.next < sittings[sitting].to) clock[hand].time = found.next;
    else {
      clock[hand] = sittingAfter(sitting, hand);
      hold(hand, -1);
    }
  }
  return { done, ahead, left: progress.left() };

  function hold(hand: number, mix: number): void {
    if (holds[hand] >= 0) holders[holds[hand]]--;
    if (mix >= 0) holders[mix]++;
    holds[hand] = mix;
  }

  function markUnused(mix: number, is: 0 | 1): void {
    unused += is - isUnused[mix];
    isUnused[mix] = is;
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

  /** The best job for a hand now; or, where there is none, when to look again. */
  function choose(hand: number, time: number, sitting: number): { chain: number; next: number } {
    const held = holds[hand];
    const { to } = sittings[sitting];
    const { speed } = hands[hand];
    // Looked up once for each colour rather than for each of its models.
    mixes.lookAt(time, sitting);
    let next = Infinity;
    const open = progress.openTo(hand);
    let count = 0;
    progress.waiting.forEach((chains, mix) => {
      const lead = mixes.lead(mix) + (mix === held ? 0 : changeMinutes);
      for (const chain of chains) {
        if (!progress.mayTake(chain, hand)) continue;
        const from = progress.dryAt(chain);
        const paint = progress.handsOn[chain] / speed;
        if (Math.max(time + lead, from) + paint > to + epsilon) continue;
        if (from > time + lead + rule.waits + epsilon) {
          next = Math.min(next, from - lead);
          continue;
        }
        open[count++] = chain;
        mixes.crowd(mix, paint);
      }
    });
    let best = -Infinity;
    let chain = -1;
    for (let i = 0; i < count; i++) {
      const each = open[i];
      const mix = progress.mixOf[each];
      const mixing = mixes.lead(mix);
      const getReady = mix === held ? mixing : mixing + changeMinutes;
      const waiting = Math.max(0, progress.dryAt(each) - time - getReady);
      if (rule.keepsWhole && mixing > 0 && isBetterLater(mix, time, sitting)) continue;
      const score =
        rule.tail * progress.tail[each] +
        rule.crowd * mixes.crowdOf(mix) -
        rule.order * progress.rank[each] -
        getReady -
        waiting -
        rule.apart * holders[mix] -
        rule.free * Math.min(progress.blocks[each], to - time) +
        (rule.chance > 0 ? rule.chance * rule.random() : 0);
      if (score < best || (score === best && each > chain)) continue;
      best = score;
      chain = each;
    }
    // A hand that finds nothing looks again as soon as another one is through with something.
    if (chain < 0)
      for (const other of clock)
        if (other.sitting >= 0 && other.time > time + epsilon) next = Math.min(next, other.time);
    return { chain, next };
  }

  /** More models for the paint that is on the brush, at once or nearly; null where there are none. */
  function moreOfHeld(hand: number, time: number, sitting: number) {
    const held = holds[hand];
    if (held < 0 || mixes.minutes(held, time, sitting) > 0) return null;
    const { to } = sittings[sitting];
    let best = -Infinity;
    let chain = -1;
    let next = Infinity;
    for (const each of progress.waiting[held]) {
      if (!progress.mayTake(each, hand)) continue;
      const from = progress.dryAt(each);
      if (Math.max(time, from) + progress.handsOn[each] / hands[hand].speed > to + epsilon)
        continue;
      if (from > time + epsilon) {
        next = Math.min(next, from);
        continue;
      }
      const score =
        rule.tail * progress.tail[each] + (rule.chance > 0 ? rule.chance * rule.random() : 0);
      if (score < best || (score === best && each > chain)) continue;
      best = score;
      chain = each;
    }
    return chain >= 0 || next <= time + rule.patience ? { chain, next } : null;
  }

  /** A hand that has to wait mixes what will be needed soonest, if there is time for it. */
  function mixAhead(hand: number, time: number, sitting: number, next: number): boolean {
    const { to } = sittings[sitting];
    const until = Math.min(next, to);
    let mix = -1;
    let soonest = Infinity;
    for (const chain of progress.begun()) {
      if (!progress.mayBegin(chain)) continue;
      for (let further = 0; further < mostAhead; further++) {
        const each = progress.coming(chain, further);
        if (each < 0) break;
        if (!mixes.isToMake(each, time, sitting)) continue;
        // A mix needed only after more coats have dried comes after all that is needed next.
        const needed = progress.dryAt(chain) + further * farther;
        if (needed >= soonest || Math.max(needed, time) + progress.handsOn[chain] > to) break;
        const { mixMinutes: minutes, usableMinutes } = work.mixes[each];
        if (time + minutes > until + epsilon || needed - time > usableMinutes) continue;
        if (rule.keepsWhole && isBetterLater(each, time, sitting)) continue;
        mix = each;
        soonest = needed;
      }
    }
    if (mix < 0) return false;
    const minutes = work.mixes[mix].mixMinutes;
    ahead.push({ mix, hand, sitting, from: time, minutes });
    mixes.made(mix, time + minutes, sitting);
    markUnused(mix, 1);
    clock[hand].time = time + minutes;
    return true;
  }

  function isBetterLater(mix: number, time: number, sitting: number): boolean {
    if (!work.mixes[mix].isMixed || mixes.wasMade(mix)) return false;
    const needed = mixes.remaining(mix) + work.mixes[mix].mixMinutes;
    const { to, hands: here } = sittings[sitting];
    if (needed <= (to - time) * here.length) return false;
    const later = sittings[sitting + 1] as Sitting | undefined;
    return later !== undefined && needed <= (later.to - later.from) * later.hands.length;
  }

  function take(chain: number, hand: number, time: number, sitting: number): void {
    const mix = progress.mixOf[chain];
    const lead = mixes.minutes(mix, time, sitting);
    const isMaking = mixes.isToMake(mix, time, sitting);
    const changing = mix === holds[hand] ? 0 : changeMinutes;
    const starts = Math.max(time + lead + changing, progress.dryAt(chain));
    const ends = starts + progress.handsOn[chain] / hands[hand].speed;
    if (isMaking) mixes.made(mix, time + lead, sitting);
    mixes.used(mix, progress.handsOn[chain]);
    hold(hand, mix);
    markUnused(mix, 0);
    clock[hand] = { time: ends, sitting };
    const { job, driesAt } = progress.paint(chain, ends);
    const mixing = isMaking ? lead : 0;
    done.push({ chain, job, hand, sitting, mixing, changing, starts, ends, driesAt });
  }
}
