import { Box, chakra, Flex } from '@chakra-ui/react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answered, damagedAsJson, findDamaged, removeDamaged, type Damaged } from '../../../store';
import { Button } from '../../theme/Button';
import { downloadFile } from '../files/download';
import { t } from '../../texts';

const KEY = ['damaged'];
const NONE: readonly Damaged[] = [];
const MOST_SHOWN = 6;

/** Everything that is kept is gone through, so not while the screen opens: milliseconds. */
const LOOKED_AFTER = 700;

function useLater(after: number): boolean {
  const [isLater, setIsLater] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsLater(true), after);
    return () => clearTimeout(timer);
  }, [after]);
  return isLater;
}

/** Records that can't be used, with their words: everything else is as it should be. Nothing where all is well. */
export function DamagedRecords() {
  const queries = useQueryClient();
  const isQuiet = useLater(LOOKED_AFTER);
  const { data = NONE } = useQuery({ queryKey: KEY, queryFn: () => answered(findDamaged()), staleTime: 60_000, enabled: isQuiet });
  if (data.length === 0) return null;
  const remove = async (): Promise<void> => {
    await removeDamaged(data);
    await queries.invalidateQueries();
  };
  return (
    <Box as="section" aria-label={t('Damaged')} borderLeft="3px solid" borderColor="slip" paddingLeft="0.75rem" marginBottom="1rem">
      <chakra.p fontWeight="600">
        {data.length === 1 ? t('One record that is kept here is damaged and left out:') : t('{count} records that are kept here are damaged and left out:', { count: data.length })}
      </chakra.p>
      <ul>
        {data.slice(0, MOST_SHOWN).map(({ table, key, words }) => <chakra.li key={`${table} ${JSON.stringify(key)}`} overflowWrap="anywhere">{words}</chakra.li>)}
        {data.length > MOST_SHOWN && <li>{t('and {count} more', { count: data.length - MOST_SHOWN })}</li>}
      </ul>
      <Flex gap="0.5rem" marginTop="0.4rem" flexWrap="wrap">
        <Button size="small" onClick={() => downloadFile('pace-slate-damaged.json', 'application/json', damagedAsJson(data))}>{t('Save the damaged ones to a file')}</Button>
        <Button size="small" variant="plain" onClick={() => void remove()}>{t('Remove them')}</Button>
      </Flex>
    </Box>
  );
} // prettier-ignore
