export * from './lines';
export * from './mix';
export * from './place';
export * from './pot';
export * from './recipe';
export * from './record';
export * from './technique';
