export type { SaidChange } from './saidChange';
