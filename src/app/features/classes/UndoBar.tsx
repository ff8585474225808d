import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { restoreEvening, restoreGroup } from '../../../store';
import { Button } from '../../theme/Button';
import type { Keep } from './use-classes';
import { t } from '../../texts';

/** What the page before this one took away: said in the state of the address. */
export interface Gone {
  readonly gone: 'group' | 'evening';
  readonly id: string;
}

const isGone = (state: unknown): state is Gone =>
  typeof state === 'object' && state !== null && 'gone' in state && 'id' in state;

/** The last thing that was deleted, and the way back. */
export function UndoBar({ keep }: { keep: Keep }) {
  const { state } = useLocation() as { state: unknown };
  const [done, setDone] = useState('');
  if (!isGone(state) || done === state.id) return null;
  const { gone, id } = state;
  return (
    <Flex role="status" align="center" gap="0.75rem" background="sand" borderRadius="4px" padding="0.4rem 0.9rem" marginBottom="0.9rem">
      {gone === 'group' ? t('The group is gone; its evenings stay in the log.') : t('The evening is gone.')}
      <Button
        size="small"
        onClick={() => {
          keep(gone === 'group' ? restoreGroup(id) : restoreEvening(id));
          setDone(id);
        }}
      >
        {t('Bring it back')}
      </Button>
    </Flex>
  );
} // prettier-ignore
