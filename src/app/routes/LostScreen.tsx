import { Box, chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { t } from '../texts';

export function LostScreen({ what = 'page' }: { what?: string }) {
  return (
    <Box as="main" maxWidth="40rem" margin="0 auto" padding="4rem 1.5rem">
      <chakra.h1 fontSize="title">There is no such {what} here</chakra.h1>
      <chakra.p marginBlock="1rem">
        Dances are kept in the browser they were written in, under the address they were written at: this one is{' '}
        <b>{window.location.host}</b>. <Link to="/">{t('See the dances in this one')}</Link>.
      </chakra.p>
      <chakra.p>
        {t(
          'If you used another browser, another machine, or another address or port before, open the slate there, back everything up, and restore it here.',
        )}
      </chakra.p>
    </Box>
  );
}
