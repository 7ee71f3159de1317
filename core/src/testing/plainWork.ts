import { usualChangeMinutes, type Chain, type Work, type WorkMix } from '../answers/work/plan/work';

/** A work whose models are held whole, with nothing wet on them and the usual change of paint. */
export const plainWork = (chains: Chain[], mixes: WorkMix[], models: number): Work => ({
  chains,
  mixes,
  models,
  bodies: models,
  bodyFreeAt: [],
  changeMinutes: usualChangeMinutes,
});
