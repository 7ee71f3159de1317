import { ribbonStops } from '@yellow-ledger/core';
import { PlacementMark } from '../../kit/paint/PlacementMark';
import { Ribbon } from '../../kit/paint/Ribbon';
import type { BenchNow } from './benchWork';

/** The surface as it should be now, and after this coat. */
export function StepRibbons({ now, counts }: { now: BenchNow; counts: string }) {
  const { step, task } = now;
  const isLast = task.coat >= task.coats;
  if (step.onto.length > 1) return <OntoRibbons now={now} counts={counts} />;
  return (
    <div className="step-ribbons">
      <p>As it should be now</p>
      <Ribbon
        stops={ribbonStops}
        label="The surface as it should be now"
        surface={step.now}
        height={30}
      />
      <PlacementMark {...step.step.placement} coats={task.coats} />
      <p>
        After this {counts}, dry{isLast ? '' : ' (more to come)'}{' '}
        <small className="quiet">wet, it looks stronger</small>
      </p>
      <Ribbon
        height={30}
        stops={ribbonStops}
        label={`The surface after this ${counts}, dry`}
        surface={step.after}
        isEstimate={step.isEstimate}
      />
    </div>
  );
}

/** The same on every surface it goes over: as each should be now, and after this coat. */
function OntoRibbons({ now, counts }: { now: BenchNow; counts: string }) {
  const { step, task } = now;
  return (
    <div className="step-ribbons">
      <p>
        On each as it should be now, and below it after this {counts}, dry
        {task.coat >= task.coats ? '' : ' (more to come)'}{' '}
        <small className="quiet">wet, it looks stronger</small>
      </p>
      {step.onto.map(({ surfaceId, name, now: before, after }) => (
        <div key={surfaceId}>
          <b dir="auto">{name}</b>
          <Ribbon
            stops={ribbonStops}
            label={`${name} as it should be now`}
            surface={before}
            height={14}
          />
          <Ribbon
            height={20}
            stops={ribbonStops}
            label={`${name} after this ${counts}, dry`}
            surface={after}
            isEstimate={step.isEstimate}
          />
        </div>
      ))}
      <PlacementMark {...step.step.placement} coats={task.coats} />
    </div>
  );
}
