import { Box, chakra } from '@chakra-ui/react';
import { refusalWords } from '../../store';
import { Button } from '../theme/Button';
import { t } from '../texts';

/** The browser gives nothing of what it keeps: the dance may well be there. */
export function RefusedScreen({ error }: { error: unknown }) {
  return (
    <Box as="main" maxWidth="40rem" margin="0 auto" padding="4rem 1.5rem">
      <chakra.h1 fontSize="title">{t('The dance can’t be read just now')}</chakra.h1>
      <chakra.p marginBlock="1rem" role="alert">
        {refusalWords(error)}{' '}
        {t(
          'The dance may be there all the same. Close other tabs of Pace Slate, leave a private window, or make room on this machine, then try again.',
        )}
      </chakra.p>
      <Button variant="solid" onClick={() => window.location.reload()}>
        {t('Try again')}
      </Button>
    </Box>
  );
}
