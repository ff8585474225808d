import { chakra, Flex } from '@chakra-ui/react';
import type { FloorView, Hall } from '../../../core';
import { Input } from '../../theme/fields';
import { placesOf, type Rows } from './stage-view';
import { t } from '../../texts';

export const stepsWords = (steps: number, metres: number): string =>
  `${steps.toFixed(1)} steps (${(steps * metres).toFixed(1)} m)`;

/** A line of dancers, and whether the hall holds them. */
export function Crowd({
  rows,
  onRows,
  metres,
  onMetres,
  view,
  hall,
}: {
  rows: Rows;
  onRows: (rows: Rows) => void;
  metres: number;
  onMetres: (metres: number) => void;
  view: FloorView;
  hall: Hall | undefined;
}) {
  const { box } = view.measure;
  const places = placesOf(rows);
  const wide = (rows.columns - 1) * rows.spacing + box.left + box.right;
  const deep = (rows.rows - 1) * rows.spacing + box.back + box.forward;
  const field = (
    label: string,
    value: number,
    least: number,
    most: number,
    step: number,
    put: (value: number) => void,
  ) => (
    <chakra.label fontSize="mark" color="quiet" flex="1 1 4rem">
      {label}
      <Input
        type="number"
        min={least}
        max={most}
        step={step}
        value={value}
        onChange={(event) => put(Math.min(Math.max(Number(event.target.value) || least, least), most))}
        padding="0.2rem 0.35rem"
        fontSize="small"
      />
    </chakra.label>
  );
  return (
    <section aria-label={t('Dancers and hall')}>
      <Flex gap="0.4rem" flexWrap="wrap" marginBottom="0.4rem">
        {field(t('rows'), rows.rows, 1, 6, 1, (value) => onRows({ ...rows, rows: value }))}
        {field(t('in a row'), rows.columns, 1, 8, 1, (value) => onRows({ ...rows, columns: value }))}
        {field(t('steps apart'), rows.spacing, 1, 6, 0.5, (value) => onRows({ ...rows, spacing: value }))}
        {field(t('a step, in m'), metres, 0.3, 1.2, 0.05, onMetres)}
      </Flex>
      <chakra.p fontSize="small">
        {places.length > 1 &&
          t('{count} dancers take {wide} from side to side and {deep} from front to back.', {
            count: places.length,
            wide: stepsWords(wide, metres),
            deep: stepsWords(deep, metres),
          })}
        {hall && (wide > hall.width || deep > hall.depth) && (
          <chakra.b color="care"> {t('The hall does not hold them.')}</chakra.b>
        )}
        {!hall && ` ${t('A line “hall: 12 x 8 m” at the head of the script draws the hall.')}`}
      </chakra.p>
    </section>
  );
}
