import type { ApexOptions } from 'apexcharts';
import type { TrendPoint } from '../../../core/live/trend.ts';
import { shortDate } from '../../parts/now.ts';
import { AXIS, besideLast, Chart } from './chart.ts';

const SERIES = [
  { name: 'planned', colour: '#1B4FB3', dash: 6, of: (p: TrendPoint) => p.plannedMinutes },
  { name: 'actual', colour: '#182230', dash: 0, of: (p: TrendPoint) => p.actualMinutes },
  { name: 'active', colour: '#256B3F', dash: 2, of: (p: TrendPoint) => p.onTaskMinutes },
];

/** How much of the axis a label takes: 16 of about 240 px. */
const LABEL_SHARE = 0.075;

/** Three lines over the weeks: minutes planned, taken, and active. */
export default function TrendChart({ points }: { points: readonly TrendPoint[] }) {
  const last = points.at(-1)!;
  // Names stand beside the last points; two that would lie on each other are moved apart.
  const most = Math.max(...points.flatMap((p) => SERIES.map((s) => s.of(p))));
  const labels = besideLast(
    SERIES.map(({ name, colour, of }) => ({ name, colour, x: shortDate(last.from), y: of(last) })),
    most * LABEL_SHARE,
  );
  const options: ApexOptions = {
    chart: {
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: AXIS.style.fontFamily,
    },
    colors: SERIES.map((s) => s.colour),
    stroke: { width: 3, curve: 'straight', dashArray: SERIES.map((s) => s.dash) },
    markers: { size: 5, shape: ['square', 'triangle', 'diamond'], strokeWidth: 0 },
    grid: { borderColor: '#D6D9DC', padding: { right: 74 } },
    annotations: { points: labels },
    legend: { show: false },
    xaxis: { type: 'category', labels: { ...AXIS, rotate: 0, hideOverlappingLabels: true }, tooltip: { enabled: false } },
    yaxis: { min: 0, forceNiceScale: true, labels: { ...AXIS, formatter: (v) => `${Math.round(v)} min` } },
    tooltip: { y: { formatter: (v) => `${v.toFixed(1)} min` } },
  };
  const series = SERIES.map(({ name, of }) => ({ name, data: points.map((p) => ({ x: shortDate(p.from), y: of(p) })) }));
  return <Chart type="line" height="100%" options={options} series={series} />;
}
