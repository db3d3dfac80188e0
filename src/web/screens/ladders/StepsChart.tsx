import type { ApexOptions } from 'apexcharts';
import type { LadderDay } from '../../../core/adapt/ladderDays.ts';
import { shortDate } from '../../parts/now.ts';
import { AXIS, Chart } from '../logbook/chart.ts';

const BARS = [
  { name: 'made alone', colour: '#256B3F', pattern: 'none', of: (d: LadderDay) => d.alone },
  { name: 'made with help', colour: '#1B4FB3', pattern: 'slantedLines', of: (d: LadderDay) => d.helped },
  { name: 'missed', colour: '#B9C0C7', pattern: 'none', of: (d: LadderDay) => d.missed },
];
const STEP = '#182230';

/** Tries by day as bars, the step that they were at as a line over them. A step back is a step like any other. */
export default function StepsChart({ days }: { days: readonly LadderDay[] }) {
  const most = Math.max(...days.map((d) => d.height)) + 1;
  const tries = Math.max(...days.map((d) => d.tries));
  const labels = { ...AXIS, formatter: (v: number) => `${Math.round(v)}` };
  const options: ApexOptions = {
    chart: {
      stacked: true,
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: AXIS.style.fontFamily,
    },
    colors: [...BARS.map((b) => b.colour), STEP],
    fill: {
      type: [...BARS.map((b) => (b.pattern === 'none' ? 'solid' : 'pattern')), 'solid'],
      pattern: { style: [...BARS.map((b) => b.pattern), 'none'], width: 6, height: 6, strokeWidth: 3 },
    },
    stroke: { width: [0, 0, 0, 3], curve: 'stepline' },
    markers: { size: [0, 0, 0, 5], strokeWidth: 0 },
    plotOptions: { bar: { columnWidth: `${Math.min(55, 8 * days.length)}%` } },
    dataLabels: { enabled: false },
    grid: { borderColor: '#D6D9DC' },
    legend: { show: false },
    xaxis: { type: 'category', labels: { ...AXIS, rotate: 0, hideOverlappingLabels: true }, tooltip: { enabled: false } },
    yaxis: [
      ...BARS.map((_, i) => ({
        seriesName: BARS[0].name,
        show: i === 0,
        min: 0,
        max: Math.max(5, tries + 1),
        forceNiceScale: true,
        labels,
        title: i === 0 ? { text: 'tries', style: { ...AXIS.style, color: '#55606B', fontWeight: 400 } } : {},
      })),
      {
        seriesName: 'step',
        opposite: true,
        min: 0,
        max: Math.max(4, most + 1),
        tickAmount: Math.max(4, most + 1),
        labels,
        title: { text: 'step', style: { ...AXIS.style, color: '#55606B', fontWeight: 400 } },
      },
    ],
  };
  const name = (d: LadderDay) => shortDate(d.date);
  const series = [
    ...BARS.map(({ name: of, of: value }) => ({ name: of, type: 'bar', data: days.map((d) => ({ x: name(d), y: value(d) })) })),
    { name: 'step', type: 'line', data: days.map((d) => ({ x: name(d), y: d.height + 1 })) },
  ];
  return (
    <div className="flex h-full flex-col">
      <ul className="flex flex-wrap gap-x-5" aria-label="What the chart shows">
        {BARS.map((bar) => (
          <li key={bar.name} className="flex items-center gap-1.5">
            <svg width="14" height="14" aria-hidden="true">
              <rect width="14" height="14" fill={bar.pattern === 'none' ? bar.colour : '#fff'} stroke={bar.colour} />
              {bar.pattern !== 'none' && <path d="M0 7L7 0M0 14L14 0M7 14L14 7" stroke={bar.colour} strokeWidth="2.5" />}
            </svg>
            {bar.name}
          </li>
        ))}
        <li className="flex items-center gap-1.5">
          <svg width="22" height="14" aria-hidden="true">
            <path d="M0 7H22" stroke={STEP} strokeWidth="3" />
            <circle cx="11" cy="7" r="5" fill={STEP} />
          </svg>
          step
        </li>
      </ul>
      <div className="min-h-0 flex-1">
        <Chart type="line" height="100%" options={options} series={series} />
      </div>
    </div>
  );
}
