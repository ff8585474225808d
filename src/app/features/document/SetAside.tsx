import { Box, chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { downloadFile, fileName } from '../files/download';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** A text that a page died of: it is not opened by itself a second time, and nothing of it is lost. */
export const SetAside = ({
  name,
  text,
  onTry,
  children,
}: {
  name: string;
  text: string;
  onTry: () => void;
  children?: ReactNode;
}) => (
  <Box role="alert" maxWidth="46rem">
    <chakra.p marginBottom="0.5rem">
      <b>{name}</b>{' '}
      {t(
        'was being worked out when this page stopped answering, so it is not opened by itself again. Its words are kept, every one.',
      )}
    </chakra.p>
    <chakra.pre
      tabIndex={0}
      aria-label={t('Its first words')}
      background="sand"
      borderRadius="4px"
      padding="0.6rem 0.9rem"
      marginBottom="0.75rem"
      maxHeight="12rem"
      overflow="auto"
      whiteSpace="pre-wrap"
      fontSize="text"
    >
      {text.slice(0, 600)}
    </chakra.pre>
    <Flex gap="0.5rem" flexWrap="wrap">
      <Button onClick={() => downloadFile(fileName(name, 'txt'), 'text/plain', text)}>{t('Save it as a file')}</Button>
      <Button onClick={onTry}>{t('Open it all the same')}</Button>
      {children}
    </Flex>
  </Box>
);
