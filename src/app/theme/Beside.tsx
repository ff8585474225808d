import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { MEDIUM } from './screens';

/** What stands beside a picture, and below it where the screen is narrow. */
export const Beside = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box
    as="aside"
    aria-label={label}
    // Where nothing in it takes the focus, it is scrolled by the keys all the same.
    tabIndex={0}
    width="20.5rem"
    flexShrink={0}
    borderLeft="1px solid"
    borderColor="line"
    overflowY="auto"
    padding="0.75rem 1rem 2rem"
    css={{
      [MEDIUM]: {
        width: 'auto',
        borderLeft: 'none',
        borderTop: '2px solid',
        borderColor: 'rule',
        overflowY: 'visible',
      },
    }}
  >
    {children}
  </Box>
);

/** What it stands beside: it scrolls by itself, and flows with the page where that is narrow. */
export const MainColumn = chakra(
  'div',
  {
    base: {
      flex: '1',
      minWidth: '0',
      overflowY: 'auto',
      padding: '0.75rem 1.25rem 2rem',
      [MEDIUM]: { flex: 'none', overflow: 'visible' },
    },
  },
  { defaultProps: { tabIndex: 0 } },
);
