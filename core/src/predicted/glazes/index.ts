export { borderBridge, type BorderBridge } from './borderBridge';
export { bridgeInRungs, bridgeMixes, rungsByParts, type Bridge } from './bridgeMixes';
export { changesAt, tints, type PlaceChange } from './filterEffect';
export { playForward, preCompensate } from './preCompensate';
export { pushHighlight, pushedMix, type HighlightPush } from './pushHighlight';
export { beforeGlazes, type BeforeGlazes } from './beforeGlazes';
export { justSeenOn, seenLadder, type SeenSpan } from './seenLadder';
