import {
  aspectNames,
  buildUpOfAim,
  everyAspect,
  finishedSurface,
  type AspectBuildUp,
  type BuildUp,
  type Shape,
} from '@yellow-ledger/core';
import { memo } from 'react';
import { shareInWords } from '../words/shareInWords';
import { Ribbon } from './Ribbon';
import './aspectStrips.scss';

export interface AspectStripsProps {
  build: BuildUp;
  /** after which line; the finished surface where not said */
  stepId?: string;
  shape: Shape;
  /** what it shows, for who cannot see it */
  label: string;
  /** how much of the form each is stands with its name */
  hasShares?: boolean;
  /** only of what is aimed at the same */
  only?: string;
  /** there is no room beside it: names stand over the strips */
  isNarrow?: boolean;
}

/** Under a ribbon a thin strip for every aspect that looks otherwise, by its name. */
export const AspectStrips = memo(function AspectStrips(props: AspectStripsProps) {
  const { build, stepId, shape, label, hasShares, only, isNarrow } = props;
  const surfaceOf = (of: AspectBuildUp) =>
    stepId === undefined
      ? finishedSurface(of)
      : (of.steps.find((step) => step.stepId === stepId)?.surface ?? of.ground);
  const every = everyAspect(build);
  const names = aspectNames(
    every.map(({ aspect }) => aspect),
    shape,
  );
  const main = surfaceOf(build);
  const aimed = only === undefined ? null : buildUpOfAim(build, only);
  const others = every.flatMap((each, i) => {
    if (i === 0 || (aimed && each !== aimed)) return [];
    const surface = surfaceOf(each);
    const isOther = surface.some(({ hex }, stop) => hex !== main[stop].hex);
    return isOther ? [{ aspect: each.aspect, name: names[i], surface }] : [];
  });
  return (
    <>
      {hasShares && others.length > 0 && (
        <small dir="auto">
          Above: {build.aspect.aims.length > 0 ? names[0] : 'most of it'},{' '}
          {shareInWords(build.aspect.share)}
        </small>
      )}
      {others.slice(0, mostStrips).map(({ aspect, name, surface }) => (
        <div
          key={aspect.key}
          className={`aspect-strip ${isNarrow ? 'aspect-narrow' : hasShares ? 'aspect-beside' : ''}`}
        >
          <small dir="auto" title={`${name}, ${shareInWords(aspect.share)} of the form`}>
            {name}
            {hasShares && ` ${shareInWords(aspect.share)}`}
          </small>
          <Ribbon
            stops={build.stops}
            surface={surface}
            label={`${label}, ${name}, ${shareInWords(aspect.share)} of the form`}
            height={8}
          />
        </div>
      ))}
    </>
  );
});

/** More strips than this under one ribbon are not told apart at a glance; the smallest are left out. */
const mostStrips = 8;
