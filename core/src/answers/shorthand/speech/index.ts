export type { SpotSaid } from './spotsSaid';
