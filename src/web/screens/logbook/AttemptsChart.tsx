import type { ApexOptions } from 'apexcharts';
import type { AttemptsOnDay } from '../../../core/live/attemptsIn.ts';
import { barName } from './barName.ts';
import { AXIS, besideLast, Chart } from './chart.ts';

const SERIES = [
  { name: 'made alone', colour: '#256B3F', pattern: 'none', of: (a: AttemptsOnDay) => a.alone },
  { name: 'made with help', colour: '#1B4FB3', pattern: 'slantedLines', of: (a: AttemptsOnDay) => a.helped },
  { name: 'missed', colour: '#B9C0C7', pattern: 'none', of: (a: AttemptsOnDay) => a.tries - a.alone - a.helped },
];

/** Half of the room a bar has at most, CSS pixels. */
const BAR_PX = 96;

/** Bars of tries, a bar for each lesson and step: made alone, made with help (hatched), missed. */
export default function AttemptsChart({ attempts }: { attempts: readonly AttemptsOnDay[] }) {
  const last = attempts.at(-1)!;
  const most = Math.max(...attempts.map((a) => a.tries));
  let under = 0;
  const middles = SERIES.map(({ name, colour, of }) => {
    under += of(last);
    return { name, colour: name === 'missed' ? '#55606B' : colour, x: barName(last), y: under - of(last) / 2 };
  });
  const labels = besideLast(middles, most * 0.08, Math.round(BAR_PX / 2));
  const options: ApexOptions = {
    chart: {
      stacked: true,
      toolbar: { show: false },
      animations: { enabled: false },
      fontFamily: AXIS.style.fontFamily,
    },
    colors: SERIES.map((s) => s.colour),
    fill: {
      type: SERIES.map((s) => (s.pattern === 'none' ? 'solid' : 'pattern')),
      pattern: { style: SERIES.map((s) => s.pattern), width: 6, height: 6, strokeWidth: 3 },
    },
    plotOptions: { bar: { columnWidth: `${Math.min(60, 12 * attempts.length)}%` } },
    dataLabels: { enabled: false },
    grid: { borderColor: '#D6D9DC', padding: { right: 116 } },
    annotations: { points: labels },
    legend: { show: false },
    xaxis: { type: 'category', labels: { ...AXIS, rotate: 0, hideOverlappingLabels: true }, tooltip: { enabled: false } },
    yaxis: { min: 0, forceNiceScale: true, labels: { ...AXIS, formatter: (v) => `${Math.round(v)}` } },
  };
  const series = SERIES.map(({ name, of }) => ({ name, data: attempts.map((a) => ({ x: barName(a), y: of(a) })) }));
  return <Chart type="bar" height="100%" options={options} series={series} />;
}
