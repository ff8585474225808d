import { chakra } from '@chakra-ui/react';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** What another tab wrote into the same field meanwhile, and the way to take that. */
export const Elsewhere = ({ id, value, onTake }: { id?: string; value: string; onTake: () => void }) => (
  <chakra.p id={id} role="status" flex="1 1 100%" fontSize="small">
    {value === '' ? t('Elsewhere it was emptied.') : t('Elsewhere it was set to “{value}”.', { value })}{' '}
    <Button type="button" size="small" variant="plain" onClick={onTake}>
      {t('Take that')}
    </Button>
  </chakra.p>
);
