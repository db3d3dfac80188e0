import type { ApexOptions } from 'apexcharts';
import type { TrendPoint } from '../../../core/live/trend.ts';
import { shortDate } from '../../parts/now.ts';
import { AXIS, Chart, isStill } from './chart.ts';

const SERIES = [
  { name: 'planned', colour: '#1B4FB3', dash: 6, of: (p: TrendPoint) => p.plannedMinutes },
  { name: 'actual', colour: '#182230', dash: 0, of: (p: TrendPoint) => p.actualMinutes },
  { name: 'active', colour: '#256B3F', dash: 2, of: (p: TrendPoint) => p.onTaskMinutes },
];

/** Three lines over the weeks: minutes planned, taken, and active. */
export default function TrendChart({ points }: { points: readonly TrendPoint[] }) {
  const options: ApexOptions = {
    chart: {
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: !isStill(), speed: 200 },
      fontFamily: AXIS.style.fontFamily,
    },
    colors: SERIES.map((s) => s.colour),
    stroke: { width: 3, curve: 'straight', dashArray: SERIES.map((s) => s.dash) },
    markers: { size: 5, shape: ['square', 'circle', 'diamond'], strokeWidth: 0 },
    grid: { borderColor: '#D6D9DC' },
    legend: { fontSize: '14px', position: 'top', horizontalAlign: 'left', labels: { colors: '#182230' } },
    xaxis: { type: 'category', labels: { ...AXIS, rotate: 0, hideOverlappingLabels: true }, tooltip: { enabled: false } },
    yaxis: { min: 0, forceNiceScale: true, labels: { ...AXIS, formatter: (v) => `${Math.round(v)} min` } },
    tooltip: { y: { formatter: (v) => `${v.toFixed(1)} min` } },
  };
  const series = SERIES.map(({ name, of }) => ({ name, data: points.map((p) => ({ x: shortDate(p.from), y: of(p) })) }));
  return <Chart type="line" height="100%" options={options} series={series} />;
}
