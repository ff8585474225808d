import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../theme/Button';
import { t } from '../texts';

/** Shown when something of ours broke. What was typed is in the browser already. */
export function BrokenScreen() {
  return (
    <Box as="main" maxWidth="40rem" margin="4rem auto" padding="1.5rem">
      <chakra.h1 fontSize="title">{t('The slate slipped')}</chakra.h1>
      <chakra.p marginBlock="1rem">
        {t('Something went wrong in the application, not in your dance. What you typed is kept in this browser.')}
      </chakra.p>
      <Button variant="solid" onClick={() => window.location.assign('/')}>
        {t('Back to the dances')}
      </Button>
    </Box>
  );
}
