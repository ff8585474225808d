import { chakra, defineRecipe } from '@chakra-ui/react';

const recipe = defineRecipe({
  className: 'button',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '0.4rem',
    font: 'inherit',
    fontWeight: '600',
    fontSize: 'text',
    lineHeight: '1.2',
    minHeight: '2.25rem',
    paddingInline: '0.75rem',
    borderRadius: '4px',
    border: '1.5px solid transparent',
    cursor: 'pointer',
    whiteSpace: 'nowrap',
    textDecoration: 'none',
    // Readable all the same: what can't be done now is told apart by its broken border.
    '&:disabled': {
      cursor: 'not-allowed',
      color: 'quiet',
      background: 'sand',
      borderColor: 'lineStrong',
      borderStyle: 'dashed',
    },
    '& svg': { flexShrink: 0 },
  },
  variants: {
    variant: {
      solid: { background: 'button', color: 'buttonInk', _hover: { background: 'buttonHover' } },
      line: {
        borderColor: 'lineStrong',
        color: 'ink',
        background: 'transparent',
        _hover: { background: 'sand' },
      },
      plain: { color: 'ink', background: 'transparent', _hover: { background: 'sand' } },
      bar: { color: 'barInk', background: 'transparent', _hover: { background: 'barHover' } },
    },
    size: { small: { minHeight: '1.875rem', fontSize: 'small', paddingInline: '0.5rem' }, medium: {} },
  },
  defaultVariants: { variant: 'line', size: 'medium' },
});

/** The one button of the house. `asChild` dresses a link as a button. */
export const Button = chakra('button', recipe, { defaultProps: { type: 'button' } });
