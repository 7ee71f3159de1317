import {
  aspectNames,
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
  const plain = surfaceOf(build);
  const others = build.aspects.flatMap((each) => {
    if (only !== undefined && each.aspect.key !== only) return [];
    const surface = surfaceOf(each);
    const isOther = surface.some(({ hex }, i) => hex !== plain[i].hex);
    return isOther && each.aspect.share > 0 ? [{ aspect: each.aspect, surface }] : [];
  });
  const names = aspectNames(
    build.aspects.map(({ aspect }) => aspect.aim),
    shape,
  );
  return others.map(({ aspect, surface }) => {
    const name = names[build.aspects.findIndex((each) => each.aspect.key === aspect.key)];
    const share = shareInWords(aspect.share);
    return (
      <div
        key={aspect.key}
        className={`aspect-strip ${isNarrow ? 'aspect-narrow' : hasShares ? 'aspect-beside' : ''}`}
      >
        <small dir="auto" title={`${name}, ${share} of the form`}>
          {name}
          {hasShares && ` ${share}`}
        </small>
        <Ribbon
          stops={build.stops}
          surface={surface}
          label={`${label}, ${name}, ${share} of the form`}
          height={8}
        />
      </div>
    );
  });
});
