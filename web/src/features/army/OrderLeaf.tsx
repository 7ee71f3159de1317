import {
  isMessy,
  workOrders,
  techniqueOf,
  type Army,
  type WorkOrderName,
  workSurfaces,
} from '@yellow-ledger/core';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { PrintButton } from '../../kit/PrintButton';
import { Swatch } from '../../kit/paint/Swatch';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { OrderedLine } from './armyWork';
import type { ChangeArmy } from './changeArmy';
import { PartTicks } from './units/PartTicks';
import { useUnitChoice } from './units/UnitChoice';

export interface OrderLeafProps {
  army: Army;
  change: ChangeArmy;
}

/** The order of work over one model of a unit, by work order, and what slips are likely to cost. */
export function OrderLeaf({ army }: OrderLeafProps) {
  const { unit, unitChoice } = useUnitChoice(army);
  const unitId = unit?.id ?? '';
  const [chosen, setChosen] = useState<WorkOrderName>(workOrders[0].name);
  const { answer, problem } = useAnswer(ofArmies, [army, unitId], (worker) =>
    worker.unitOrder(army, unitId),
  );
  if (!unit) return <p>No unit yet; add one on the first tab.</p>;
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Working out the order …</p>;
  // Where nothing is painted apart that way is the way over the surfaces.
  const isApart = unit.surfaces.some(({ subAssembly }) => subAssembly);
  const orders = answer.orders.filter(({ name }) => isApart || name !== 'by sub-assembly');
  const least = Math.min(...orders.map(({ risk }) => risk));
  const shown = orders.find(({ name }) => name === chosen);
  const surfaceName = (id: string) => workSurfaces(unit).find((each) => each.id === id)?.name ?? '';
  return (
    <div className="order-leaf printed">
      <h1 className="print-only" dir="auto">
        {unit.name}: order of work, {chosen}
      </h1>
      <div className="flow no-print">
        {unitChoice}
        <PrintButton words="Print the order" />
      </div>
      <fieldset className="work-orders">
        <legend>Painting order, and minutes of touch-ups for each model</legend>
        {orders.map(({ name, risk }) => (
          <Form.Check
            key={name}
            type="radio"
            id={`order ${name}`}
            name="work-order"
            checked={chosen === name}
            onChange={() => setChosen(name)}
            label={
              <>
                <b>{name}</b>, {risk.toFixed(1)} min{risk === least && ' (least)'}
                <small className="below">
                  {workOrders.find((each) => each.name === name)?.tells}
                </small>
              </>
            }
          />
        ))}
      </fieldset>
      {shown && <OrderedLines lines={shown.lines} surfaceName={surfaceName} />}
      <div className="no-print">
        <PartTicks army={army} unit={unit} />
      </div>
    </div>
  );
}

function OrderedLines({
  lines,
  surfaceName,
}: {
  lines: readonly OrderedLine[];
  surfaceName: (id: string) => string;
}) {
  if (lines.length === 0) return <p>No surface of this unit has a recipe yet.</p>;
  const first = lines.findIndex(({ isHeldBack }) => isHeldBack);
  return (
    <ol className="order-lines" aria-label="Order of work">
      {lines.map((line, index) => (
        <li key={`${line.surfaceId} ${line.stepId}`}>
          {index === first && (
            <p>
              <b>Held back until all else is done</b>
            </p>
          )}
          <span className="tick-box" aria-hidden />
          {line.hex && <Swatch hex={line.hex} />} <b dir="auto">{surfaceName(line.surfaceId)}</b>,
          line {line.lineNumber}: {line.stage}, {techniqueOf(line.technique).label}
          {isMessy(techniqueOf(line.technique)) && ' (goes onto neighbours)'}
          <small> {line.minutes.toFixed(1)} min a model</small>
        </li>
      ))}
    </ol>
  );
}
