import type { ApexOptions } from 'apexcharts';
import type { AttemptsOnDay } from '../../../core/live/attemptsIn.ts';
import { barName } from './barName.ts';
import { AXIS, Chart, isStill } from './chart.ts';

const SERIES = [
  { name: 'made alone', colour: '#256B3F', pattern: 'none', of: (a: AttemptsOnDay) => a.alone },
  { name: 'made with help', colour: '#1B4FB3', pattern: 'slantedLines', of: (a: AttemptsOnDay) => a.helped },
  { name: 'missed', colour: '#B9C0C7', pattern: 'none', of: (a: AttemptsOnDay) => a.tries - a.alone - a.helped },
];

/** Bars of tries, a bar for each lesson and step: made alone, made with help (hatched), missed. */
export default function AttemptsChart({ attempts }: { attempts: readonly AttemptsOnDay[] }) {
  const options: ApexOptions = {
    chart: {
      stacked: true,
      toolbar: { show: false },
      animations: { enabled: !isStill(), speed: 200 },
      fontFamily: AXIS.style.fontFamily,
    },
    colors: SERIES.map((s) => s.colour),
    fill: {
      type: SERIES.map((s) => (s.pattern === 'none' ? 'solid' : 'pattern')),
      pattern: { style: SERIES.map((s) => s.pattern), width: 6, height: 6, strokeWidth: 3 },
    },
    plotOptions: { bar: { columnWidth: `${Math.min(60, 12 * attempts.length)}%` } },
    dataLabels: { enabled: false },
    grid: { borderColor: '#D6D9DC' },
    legend: { fontSize: '14px', position: 'top', horizontalAlign: 'left', labels: { colors: '#182230' } },
    xaxis: { type: 'category', labels: { ...AXIS, rotate: 0, hideOverlappingLabels: true }, tooltip: { enabled: false } },
    yaxis: { min: 0, forceNiceScale: true, labels: { ...AXIS, formatter: (v) => `${Math.round(v)}` } },
  };
  const series = SERIES.map(({ name, of }) => ({ name, data: attempts.map((a) => ({ x: barName(a), y: of(a) })) }));
  return <Chart type="bar" height="100%" options={options} series={series} />;
}
