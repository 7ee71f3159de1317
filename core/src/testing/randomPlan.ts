import { randomFrom } from '../written/record/randomFrom';
import type { Chain, Hand, Sitting, Work } from '../answers/work/plan/work';
import { plainWork } from './plainWork';

/** An army to be planned as a seed draws it: units, painters and evenings, with no names. */
export interface RandomPlan {
  seed: number;
  work: Work;
  hands: Hand[];
  sittings: Sitting[];
  /** models of each unit */
  units: number[];
}

interface Line {
  handsOn: number;
  dry: number;
  mix: number;
  blocks: boolean;
  turn: number;
  coats: number;
}

const day = 24 * 60;

/**
 * An army of one to six units of one to twenty models, each with one to nine surfaces of one to
 * eight lines, now and then with something that goes over all of a model; one to five painters of
 * their own speed, some with models of their own; one to twelve evenings as long as it takes.
 */
export function randomPlan(seed: number): RandomPlan {
  const random = randomFrom(seed);
  const within = (least: number, most: number) => least + (most - least) * random();
  const whole = (least: number, most: number) => Math.floor(within(least, most + 1));
  const mixes: Work['mixes'] = [];
  const newMix = () =>
    mixes.push({
      mixMinutes: within(0.5, 2.5),
      usableMinutes: random() < 0.1 ? within(25, 90) : within(120, 600),
      isMixed: random() < 0.5,
    }) - 1;
  const shared = Array.from({ length: whole(2, 8) }, newMix);
  const chains: Chain[] = [];
  const units = Array.from({ length: whole(1, 6) }, () =>
    random() < 0.3 ? whole(1, 3) : whole(4, 20),
  );
  let models = 0;
  let runs = 0;
  for (const [unit, count] of units.entries()) {
    const surfaces = Array.from({ length: whole(1, 9) }, (_, surface) => surfaceOf(surface));
    // Dust, a varnish or a light that goes over everything else.
    if (random() < 0.4) surfaces.push(overOf());
    const runsOf = surfaces.map((lines) =>
      lines.map((line) => Array.from({ length: line.coats }, () => runs++)),
    );
    for (let model = 0; model < count; model++, models++)
      surfaces.forEach((lines, rank) => {
        chains.push({
          model: models,
          unit,
          body: models,
          rank,
          readyAt: 0,
          jobs: lines.flatMap(({ coats: _coats, ...line }, at) =>
            runsOf[rank][at].map((run) => ({ ...line, run, isBase: at === 0 && line.turn === 0 })),
          ),
        });
      });
  }
  const painters = whole(1, 5);
  const hands = Array.from({ length: painters }, (): Hand => ({
    speed: random() < 0.6 ? 1 : within(0.7, 1.4),
    claims: new Set<number>(),
  }));
  if (painters > 1 && random() < 0.3) claimUnit(whole(0, units.length - 1), hands[0]);
  const needed = chains.reduce(
    (sum, { jobs }) => jobs.reduce((all, { handsOn }) => all + handsOn, sum),
    0,
  );
  const evenings = whole(1, 12);
  const longest = Math.max(...chains.map(({ jobs }) => jobs.reduce((s, { dry }) => s + dry, 0)));
  // With half as much room again as everybody together needs, and never less than half an hour.
  const length = Math.max(30, (1.6 * needed) / painters / evenings + (longest + 60) / evenings);
  // An evening longer than a day stands for a weekend: the next begins after it.
  const apart = Math.max(day, length + 60);
  const sittings = Array.from({ length: evenings + 4 }, (_, i): Sitting => {
    const here = hands.flatMap((_hand, hand) => (random() < 0.9 ? [hand] : []));
    return {
      from: i * apart,
      to: i * apart + length,
      hands: here.length > 0 ? here : [0],
    };
  });
  return {
    seed,
    work: plainWork(chains, mixes, models),
    hands,
    sittings,
    units,
  };

  function claimUnit(unit: number, hand: Hand): void {
    const before = units.slice(0, unit).reduce((sum, each) => sum + each, 0);
    for (let model = before; model < before + units[unit]; model++)
      (hand.claims as Set<number>).add(model);
  }

  function surfaceOf(surface: number): Line[] {
    const size = within(0.4, 1.6);
    return Array.from({ length: whole(1, 8) }, (_, at): Line => {
      const isWash = at === 1 && random() < 0.35;
      return {
        handsOn: size * (at < 2 ? within(0.8, 3) : within(0.5, 4)),
        dry: isWash ? within(20, 45) : within(4, 20),
        mix: random() < 0.35 ? shared[whole(0, shared.length - 1)] : newMix(),
        blocks: isWash && surface % 2 === 0,
        turn: 0,
        coats: at === 0 ? whole(1, 3) : random() < 0.2 ? 2 : 1,
      };
    });
  }

  function overOf(): Line[] {
    return Array.from({ length: whole(1, 2) }, (): Line => ({
      handsOn: within(0.5, 2),
      dry: within(10, 30),
      mix: newMix(),
      blocks: random() < 0.5,
      turn: 1,
      coats: 1,
    }));
  }
}
