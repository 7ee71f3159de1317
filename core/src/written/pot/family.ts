import { transparentKinds, type Pot } from './pot';

/**
 * Whether one pot can do what another does: of the same kind, inks, washes and one-coat paints being
 * one, and metal for metal alone.
 */
export function isOfFamily(one: Pick<Pot, 'kind' | 'finish'>, other: Pick<Pot, 'kind' | 'finish'>) {
  const isThrough = ({ kind }: Pick<Pot, 'kind'>) => transparentKinds.includes(kind);
  return (
    (one.kind === other.kind || (isThrough(one) && isThrough(other))) &&
    (one.finish === 'metallic') === (other.finish === 'metallic')
  );
}
