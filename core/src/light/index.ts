export * from './colour';
export * from './optics';
export * from './reader';
