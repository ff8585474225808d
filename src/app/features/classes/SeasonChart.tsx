import { Box, chakra } from '@chakra-ui/react';
import { Chart, LinearScale, PointElement, ScatterController, Tooltip, type ChartOptions } from 'chart.js';
import { useMemo } from 'react';
import { Chart as Drawn } from 'react-chartjs-2';
import { greatest, least, type Day } from '../../../core';
import { useTheme } from '../../theme/theme-choice';
import { shortDay } from './dates';
import { t } from '../../texts';

Chart.register(ScatterController, LinearScale, PointElement, Tooltip);

export interface SeasonMark {
  /** Dance, or group. */
  readonly row: string;
  readonly date: Day;
  readonly part: 'whole' | 'piece';
  readonly music: boolean;
}

const DAY = 86_400_000;
const ROW_HEIGHT = 30;

const colourOf = (token: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${token}`).trim();

/** What was danced when: a row a dance (or a group), a mark an evening; full for all of it, hollow for a piece, a square with music. */
export default function SeasonChart({ title, marks }: { title: string; marks: readonly SeasonMark[] }) {
  const { dim } = useTheme();
  const rows = useMemo(() => [...new Set(marks.map(({ row }) => row))], [marks]);
  const { data, options } = useMemo(() => chartOf(marks, rows), [marks, rows]);
  return (
    <Box>
      <Box height={`${rows.length * ROW_HEIGHT + 46}px`} position="relative">
        {/* Colours are read when it is drawn: the other light draws it anew. */}
        <Drawn key={String(dim)} type="scatter" data={data} options={options} role="img" aria-label={t('{title}: the same numbers stand in the table below.', { title })} />
      </Box>
      <chakra.p color="quiet" fontSize="small">{t('Full: all of it. Hollow: a piece. Square: with music.')}</chakra.p>
      <chakra.details>
        <chakra.summary cursor="pointer" fontSize="text">{t('The same as a table')}</chakra.summary>
        <SeasonTable marks={marks} rows={rows} title={title} />
      </chakra.details>
    </Box>
  );
} // prettier-ignore

const MOST_DAYS = 9;

/** The days on which something was danced, as many as there is room for. */
function thinned(days: readonly number[]): number[] {
  const all = [...new Set(days)].sort((a, b) => a - b);
  const every = Math.ceil(all.length / MOST_DAYS);
  return all.filter((_, index) => index % every === 0);
}

function chartOf(marks: readonly SeasonMark[], rows: readonly string[]) {
  const [ink, quiet, line, paper] = ['ink', 'quiet', 'line', 'paper'].map(colourOf);
  // A canvas inherits no type.
  const family = getComputedStyle(document.body).fontFamily;
  const at = (day: Day): number => Date.parse(day) / DAY;
  const days = marks.map(({ date }) => at(date));
  const [first, last] = [least(days) - 3, greatest(days) + 3];
  const options: ChartOptions<'scatter'> = {
    responsive: true,
    maintainAspectRatio: false,
    animation: false,
    scales: {
      x: { type: 'linear', min: first, max: last, grid: { color: line }, border: { color: quiet }, afterBuildTicks: (axis) => { axis.ticks = thinned(days).map((value) => ({ value })); }, ticks: { color: quiet, autoSkip: false, maxRotation: 0, font: { family, size: 12 }, callback: (value) => shortDay(new Date(Number(value) * DAY).toISOString().slice(0, 10)).replace(/^\w+ /, '') } },
      y: { type: 'linear', reverse: true, min: -0.6, max: rows.length - 0.4, grid: { color: line }, border: { display: false }, afterBuildTicks: (axis) => { axis.ticks = rows.map((_, value) => ({ value })); }, ticks: { color: ink, autoSkip: false, font: { family, size: 13 }, callback: (value) => rows[Number(value)] ?? '' } },
    },
    plugins: { legend: { display: false }, tooltip: { callbacks: { label: ({ dataIndex }) => wordsOf(marks[dataIndex]) } } },
  };
  const data = {
    datasets: [
      {
        data: marks.map(({ row, date }) => ({ x: at(date), y: rows.indexOf(row) })),
        pointStyle: marks.map(({ music }) => (music ? 'rect' : 'circle')),
        pointRadius: 7,
        pointHoverRadius: 9,
        pointBorderWidth: 2,
        pointBorderColor: ink,
        pointBackgroundColor: marks.map(({ part }) => (part === 'whole' ? ink : paper)),
      },
    ],
  };
  return { data, options };
} // prettier-ignore

const wordsOf = ({ row, date, part, music }: SeasonMark): string =>
  `${row}, ${shortDay(date)}: ${part === 'whole' ? t('all of it') : t('a piece')}${music ? t(', with music') : ''}`;

const SeasonTable = ({ marks, rows, title }: { marks: readonly SeasonMark[]; rows: readonly string[]; title: string }) => (
  <chakra.table aria-label={title} fontSize="text" marginTop="0.4rem" css={{ '& th, & td': { textAlign: 'left', verticalAlign: 'top', padding: '0.2rem 1rem 0.2rem 0', borderBottom: '1px solid var(--chakra-colors-line)' } }}>
    <tbody>
      {rows.map((row) => (
        <tr key={row}>
          <th scope="row">{row}</th>
          <td>
            {marks.filter((mark) => mark.row === row).map((mark) => `${shortDay(mark.date)} (${mark.part === 'whole' ? t('all of it') : t('a piece')}${mark.music ? t(', with music') : ''})`).join(', ')}
          </td>
        </tr>
      ))}
    </tbody>
  </chakra.table>
); // prettier-ignore
