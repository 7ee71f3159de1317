import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { FigureTable } from '../../../kit/FigureTable';
import { Disclosure } from '../../../kit/Disclosure';
import { Figures } from '../../../kit/figures/Figures';

export interface StaircaseChartProps {
  label: string;
  points: ({ name: string } & Record<string, number | string>)[];
  /** keys of the points, each a line of its own; told apart by their dashes and names, not by hue */
  series: readonly string[];
  xLabel: string;
  height?: number;
}

const dashes = ['0', '8 4', '2 4'];

/** Values on a staircase, L* from 0 to 100. */
export function StaircaseChart({
  label,
  points,
  series,
  xLabel,
  height = 240,
}: StaircaseChartProps) {
  const figures = points.flatMap((point) => series.map((key) => Number(point[key])));
  const low = Math.max(0, Math.floor(Math.min(...figures) / 10) * 10 - 10);
  const high = Math.min(100, Math.ceil(Math.max(...figures) / 10) * 10 + 5);
  const ticks = Array.from({ length: 11 }, (_, i) => i * 10).filter(
    (at) => at >= low && at <= high,
  );
  const last = points[points.length - 1];
  return (
    <figure className="staircase">
      <figcaption>
        {series.map((key, index) => (
          <span key={key}>
            <svg width="34" height="8" aria-hidden="true">
              <line
                x1="0"
                x2="34"
                y1="4"
                y2="4"
                stroke="var(--yl-ink)"
                strokeWidth="2"
                strokeDasharray={dashes[index % dashes.length]}
              />
            </svg>{' '}
            {key}
            <Figures>, ending at L* {Math.round(Number(last?.[key]))}</Figures>
          </span>
        ))}
      </figcaption>
      <div role="img" aria-label={label}>
        <ResponsiveContainer width="100%" height={height}>
          <LineChart data={points} margin={{ top: 12, right: 16, bottom: 18, left: 0 }}>
            <CartesianGrid stroke="var(--yl-rule)" vertical={false} />
            <XAxis
              dataKey="name"
              stroke="var(--yl-ink)"
              tick={{ fontSize: 13 }}
              label={{ value: xLabel, position: 'insideBottom', offset: -12, fontSize: 13 }}
            />
            <YAxis
              domain={[low, high]}
              ticks={ticks}
              width={42}
              stroke="var(--yl-ink)"
              tick={{ fontSize: 13 }}
            />
            {series.map((key, index) => (
              <Line
                key={key}
                dataKey={key}
                type="stepAfter"
                stroke="var(--yl-ink)"
                strokeWidth={2}
                strokeDasharray={dashes[index % dashes.length]}
                dot={{ r: 3, fill: 'var(--yl-ink)', strokeDasharray: '0' }}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <Disclosure title="The numbers, L*">
        <FigureTable
          label={`Figures: ${label}`}
          heads={[xLabel, ...points.map(({ name }) => name)]}
          rows={series.map((key) => [key, ...points.map((point) => Number(point[key]).toFixed(0))])}
        />
      </Disclosure>
    </figure>
  );
}
