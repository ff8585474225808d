import { chakra } from '@chakra-ui/react';

/** The one way fields of a form look. */
const field = {
  base: {
    width: '100%',
    font: 'inherit',
    color: 'ink',
    background: 'paper',
    border: '1.5px solid',
    borderColor: 'lineStrong',
    borderRadius: '4px',
    padding: '0.4rem 0.6rem',
    boxSizing: 'border-box',
  },
} as const;

export const Input = chakra('input', field);
export const Select = chakra('select', field);
export const TextArea = chakra('textarea', field);
