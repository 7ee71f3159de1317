import { formOf, forms, type Placement, type Stretch, type WrittenAim } from '@yellow-ledger/core';
import { Problem } from '../../../kit/Problem';
import { StretchField } from '../../../kit/field/StretchField';
import { Switch } from '../../../kit/field/Switch';
import type { PlacementPartProps } from './placementProps';
import { SideField } from './SideField';
import { SpotField } from './SpotField';

const wholeStretch: Stretch = { from: 0.5, to: 1, softness: 0.15 };

/** Further conditions of a place: which way it faces, how far along, how high, in which spot. */
export function AimEditor(props: PlacementPartProps) {
  const { draft, remarks, placement, onPlace } = props;
  const { recipe } = draft;
  const aim = placement.aim ?? {};
  const { along, ends } = forms[formOf(recipe)];
  const put = (next: WrittenAim) => onPlace(aimedAt(placement, next));
  const nowhere = remarks.find(({ rule }) => rule === 'aimedNowhere');
  return (
    <div className="stacked">
      <SideField facing={aim.facing} onFacing={(facing) => put({ ...aim, facing })} />
      <div className="flow">
        <SpotField {...props} aim={aim} onAim={put} />
        {(along || aim.along) && (
          <Switch
            label={`along it, ${ends?.[0] ?? 'root'} to ${ends?.[1] ?? 'tip'}`}
            isOn={aim.along !== undefined}
            onTurn={(isOn) => put({ ...aim, along: isOn ? wholeStretch : undefined })}
          />
        )}
        <Switch
          label="at a height of the figure"
          isOn={aim.height !== undefined}
          onTurn={(isOn) => put({ ...aim, height: isOn ? wholeStretch : undefined })}
        />
      </div>
      {aim.along && (
        <StretchField
          label="Along"
          from={aim.along.from}
          to={aim.along.to}
          onMove={(from, to) => put({ ...aim, along: { ...wholeStretch, ...aim.along, from, to } })}
          marks={endMarks(ends ?? ['root', 'tip'])}
        />
      )}
      {aim.height && (
        <StretchField
          label="Height"
          from={aim.height.from}
          to={aim.height.to}
          onMove={(from, to) =>
            put({ ...aim, height: { ...wholeStretch, ...aim.height, from, to } })
          }
          marks={endMarks(['feet', 'crown of the head'])}
        />
      )}
      {nowhere && <Problem>{nowhere.sentence}</Problem>}
    </div>
  );
}

const endMarks = ([low, high]: readonly [string, string]) => [
  { name: low, at: 0 },
  { name: 'half-way', at: 0.5 },
  { name: high, at: 1 },
];

/** A placement with another aim; what its last coat shrinks in goes with what it is aimed at. */
function aimedAt(placement: Placement, next: WrittenAim): Placement {
  const { aim: _before, last, ...tone } = placement;
  const entries = Object.entries(next).filter(([, part]) => part !== undefined);
  if (entries.length === 0)
    return last ? { ...tone, last: { from: last.from, to: last.to } } : tone;
  const aim = Object.fromEntries(entries) as WrittenAim;
  if (!last) return { ...tone, aim };
  const kept = {
    from: last.from,
    to: last.to,
    ...(aim.facing &&
      last.within !== undefined && { within: Math.min(last.within, aim.facing.within) }),
    ...(aim.along && last.along && { along: clamped(last.along, aim.along) }),
    ...(aim.height && last.height && { height: clamped(last.height, aim.height) }),
  };
  return { ...tone, aim, last: kept };
}

const clamped = (inner: { from: number; to: number }, outer: Stretch) => ({
  from: Math.min(outer.to, Math.max(outer.from, inner.from)),
  to: Math.min(outer.to, Math.max(outer.from, inner.to)),
});
