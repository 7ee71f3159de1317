import { finishedSurface, type Army, type Unit } from '@yellow-ledger/core';
import { AspectStrips } from '../../../kit/paint/AspectStrips';
import { Disclosure } from '../../../kit/Disclosure';
import { Ribbon } from '../../../kit/paint/Ribbon';
import type { OverOnSurface } from './overWork';
import { ofArmies } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';

export interface OverPreviewProps {
  army: Army;
  unit: Unit;
  overId: string;
}

/** Effects over surfaces, on each of them: before, after, and where they will not be as meant. */
export function OverPreview({ army, unit, overId }: OverPreviewProps) {
  const { answer } = useAnswer(ofArmies, [army, unit, overId], (worker) =>
    worker.overOnEach(army, unit, overId),
  );
  if (!answer || answer.length === 0) return null;
  return (
    <div className="over-surfaces">
      {answer.map((each) => (
        <OnSurface key={each.surfaceId} {...each} />
      ))}
    </div>
  );
}

function OnSurface({ name, build, isUnseen, objections, shape }: OverOnSurface) {
  return (
    <div className="over-surface">
      <b dir="auto">{name}</b>
      <div>
        <Ribbon
          stops={build.stops}
          surface={build.ground}
          height={12}
          label={`${name} before it`}
        />
        <Ribbon
          stops={build.stops}
          surface={finishedSurface(build)}
          isEstimate={build.steps.at(-1)?.isEstimate}
          label={`${name} after it`}
        />
        <AspectStrips build={build} shape={shape} label={`${name} after it`} />
      </div>
      <div>
        {isUnseen && <p>Not seen here: it looks as it did before.</p>}
        {objections.slice(0, 2).map((found) => (
          <Objection
            key={objections.indexOf(found)}
            line={found.line}
            sentence={found.remark.sentence}
          />
        ))}
        {objections.length > 2 && (
          <Disclosure title={`${objections.length - 2} more`}>
            {objections.slice(2).map((found) => (
              <Objection
                key={objections.indexOf(found)}
                line={found.line}
                sentence={found.remark.sentence}
              />
            ))}
          </Disclosure>
        )}
      </div>
    </div>
  );
}

const Objection = ({ line, sentence }: { line: number; sentence: string }) => (
  <p>
    {line > 0 && <>Line {line}: </>}
    {sentence}
  </p>
);
