import { chakra } from '@chakra-ui/react';

/** A sentence about what went wrong, said aloud at once. */
export const Alert = ({ children }: { children: string }) => (
  <chakra.p
    role="alert"
    borderLeft="3px solid"
    borderColor="slip"
    paddingLeft="0.75rem"
    color="slip"
    marginBottom="0.9rem"
    css={{ '@media print': { display: 'none' } }}
  >
    {children}
  </chakra.p>
);
