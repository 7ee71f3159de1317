import { counted, type ControlChart } from '@yellow-ledger/core';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';

/** The chart shows at least so far, ΔE00. */
const leastShown = 4;

/** How far each model is from the first ones, against what is chance. */
export function ReadingChart({ chart }: { chart: ControlChart }) {
  const { points, limit, speaks } = chart;
  const told = `${counted(points.length, 'model')}; the farthest is ΔE00 ${Math.max(...points.map(({ distance }) => distance)).toFixed(1)} from the first ones${limit === null ? '' : `, by chance seldom beyond ${limit.toFixed(1)}`}`;
  return (
    <figure className="reading-chart">
      <figcaption>
        ΔE00 from the first models, by model
        {limit !== null && `; dashed: by chance seldom beyond ${limit.toFixed(1)}`}
      </figcaption>
      <div role="img" aria-label={told}>
        <ResponsiveContainer width="100%" height={220}>
          <LineChart data={points} margin={{ top: 8, right: 16, bottom: 4, left: -20 }}>
            <CartesianGrid stroke="var(--yl-rule)" vertical={false} />
            <XAxis dataKey="model" stroke="currentColor" tickLine={false} />
            <YAxis
              stroke="currentColor"
              tickLine={false}
              // A spread nobody can see is not to look like mountains.
              domain={[0, (most: number) => Math.max(leastShown, Math.ceil(most))]}
              tickFormatter={(value: number) => value.toFixed(1)}
            />
            <Tooltip
              formatter={(value) => [Number(value).toFixed(1), 'ΔE00']}
              labelFormatter={(model) => `Model ${model}`}
              contentStyle={{ background: 'var(--yl-field)', border: '1px solid var(--yl-ink)' }}
            />
            {limit !== null && (
              <ReferenceLine y={limit} stroke="currentColor" strokeDasharray="6 4" />
            )}
            {speaks && <ReferenceLine x={speaks.at} stroke="var(--yl-mark)" strokeWidth={4} />}
            <Line
              type="linear"
              dataKey="distance"
              stroke="currentColor"
              strokeWidth={2}
              dot={{ r: 3, fill: 'currentColor' }}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
