import { chakra, Flex } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { MOST_LEVELS, scaleProblem, USUAL_SCALE, type LevelScale } from '../../../core';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { Elsewhere } from '../document/Elsewhere';
import { Modal } from '../frame/Modal';
import { t } from '../../texts';

interface Row {
  readonly name: string;
  /** As it is typed; the first level begins at nothing. */
  readonly from: string;
}

const rowsOf = ({ names, borders }: LevelScale): Row[] =>
  names.map((name, index) => ({ name, from: index === 0 ? '0' : String(borders[index - 1]) }));

const scaleOf = (rows: readonly Row[]): LevelScale => ({
  names: rows.map(({ name }) => name.trim()),
  borders: rows.slice(1).map(({ from }) => (from.trim() === '' ? NaN : Number(from.trim().replace(',', '.')))),
});

/** `paddlers, rowers from 8`. */
const namesOf = ({ names, borders }: LevelScale): string =>
  names.map((name, index) => (index === 0 ? name : `${name} from ${borders[index - 1]}`)).join(', ');

/** Names and borders of one's own. */
export default function ScaleForm({ scale, onKeep, onClose }: { scale: LevelScale; onKeep: (scale: LevelScale | undefined) => void; onClose: () => void }) {
  const [rows, setRows] = useState(() => rowsOf(scale));
  const [begun, setBegun] = useState(scale);
  const change = (index: number, more: Partial<Row>) => setRows((old) => old.map((row, at) => (at === index ? { ...row, ...more } : row)));
  const own = scaleOf(rows);
  const problem = scaleProblem(own);
  const isDirty = JSON.stringify(own) !== JSON.stringify({ names: scale.names, borders: scale.borders });
  return (
    <Modal title={t('Levels of your own')} onClose={onClose} isDirty={isDirty}>
      <chakra.form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          if (!problem) onKeep(own);
        }}
      >
        <chakra.p color="quiet" marginBottom="0.75rem">
          {t('From the easiest to the hardest, each with the points it begins at. The points of a dance are counted by this slate; where one level ends and the next begins is yours to say.')}
        </chakra.p>
        <ol>
          {rows.map((row, index) => (
            <Flex as="li" key={index} gap="0.5rem" align="center" marginBottom="0.4rem">
              <Input value={row.name} aria-label={t('Name of level {number}', { number: index + 1 })} onChange={({ target }) => change(index, { name: target.value })} />
              <chakra.span color="quiet" fontSize="text" whiteSpace="nowrap">{t('from')}</chakra.span>
              <Input width="5rem" flexShrink={0} inputMode="decimal" disabled={index === 0} value={row.from} aria-label={t('Points that level {number} begins at', { number: index + 1 })} onChange={({ target }) => change(index, { from: target.value })} />
              <Button size="small" variant="plain" disabled={rows.length <= 2} aria-label={t('Take level {number} out', { number: index + 1 })} onClick={() => setRows((old) => old.filter((_, at) => at !== index))}>
                <X size={16} aria-hidden />
              </Button>
            </Flex>
          ))}
        </ol>
        <Button size="small" disabled={rows.length >= MOST_LEVELS} onClick={() => setRows((old) => [...old, { name: '', from: '' }])}>
          <Plus size={16} aria-hidden /> {t('One more level')}
        </Button>
        {problem && (
          <chakra.p role="alert" color="slip" fontSize="small" marginTop="0.5rem">
            {problem}
          </chakra.p>
        )}
        {namesOf(begun) !== namesOf(scale) && (
          <Elsewhere
            value={namesOf(scale)}
            onTake={() => {
              setRows(rowsOf(scale));
              setBegun(scale);
            }}
          />
        )}
        <Flex gap="0.5rem" marginTop="1rem" flexWrap="wrap">
          <Button type="submit" variant="solid" disabled={problem !== undefined}>
            {t('Use these levels')}
          </Button>
          {scale !== USUAL_SCALE && <Button onClick={() => onKeep(undefined)}>{t('Back to the usual five')}</Button>}
        </Flex>
      </chakra.form>
    </Modal>
  );
} // prettier-ignore
