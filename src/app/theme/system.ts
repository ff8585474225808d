/**
 * The look: slate, chalk, paper. Tokens and recipes of our own over Chakra's bare system, so that only what is used is shipped.
 * Dim hall is the same page the other way round; `.dark` on the root element switches it.
 */
import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';

const both = (base: string, dark: string) => ({ value: { base, _dark: dark } });

const config = defineConfig({
  // `.chakra-theme.light` sets the light values again inside a dim hall: paper stays paper.
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss: {
    html: { fontSize: '16px', height: '100%' },
    body: {
      margin: 0,
      minHeight: '100%',
      background: 'paper',
      color: 'ink',
      fontFamily: 'body',
      lineHeight: 1.45,
    },
    // The frame stays, what is below it scrolls; on paper everything flows.
    '#root': {
      height: '100dvh',
      display: 'flex',
      flexDirection: 'column',
      '@media print': { height: 'auto', display: 'block' },
    },
    main: {
      flex: '1',
      minHeight: 0,
      overflowY: 'auto',
      boxSizing: 'border-box',
      '@media print': { overflow: 'visible' },
    },
    ':focus-visible': { outline: '3px solid var(--chakra-colors-focus)', outlineOffset: '2px' },
    '::selection': { background: 'selection' },
    'h1, h2, h3, p, dl, dd, ol, ul': { margin: 0, padding: 0 },
    'ol, ul': { listStyle: 'none' },
    a: { color: 'inherit' },
    'input[type=radio], input[type=checkbox]': { accentColor: 'var(--chakra-colors-rule)' },
    kbd: {
      fontFamily: 'body',
      fontSize: 'mark',
      border: '1px solid var(--chakra-colors-line-strong)',
      borderRadius: '3px',
      paddingInline: '0.3rem',
    },
    '*': {
      '@media (prefers-reduced-motion: reduce)': {
        animationDuration: '0.01ms !important',
        transitionDuration: '0.01ms !important',
      },
    },
    'html, body': { '@media print': { background: '#fff !important', color: '#000' } },
  },
  theme: {
    breakpoints: { md: '48rem' },
    tokens: {
      fonts: { body: { value: '"Atkinson Hyperlegible Next", system-ui, sans-serif' } },
      // Every size of type on the screens has its name here.
      fontSizes: {
        tiny: { value: '0.75rem' },
        mark: { value: '0.8125rem' },
        small: { value: '0.875rem' },
        text: { value: '0.9375rem' },
        base: { value: '1rem' },
        lead: { value: '1.0625rem' },
        part: { value: '1.125rem' },
        heading: { value: '1.25rem' },
        title: { value: '1.75rem' },
      },
    },
    semanticTokens: {
      colors: {
        paper: both('#fbf9f4', '#172025'),
        page: both('#ffffff', '#ffffff'),
        sand: both('#efe9da', '#22313a'),
        ink: both('#1c272d', '#ece7da'),
        quiet: both('#5a645f', '#a3aeab'),
        pale: both('#a9aa9f', '#5b6a70'),
        line: both('#ded8ca', '#2c3a41'),
        lineStrong: both('#8a8f86', '#6b7b81'),
        rule: both('#24323a', '#ece7da'),
        bar: both('#24323a', '#0f161a'),
        bar2: both('#31424b', '#1d2a31'),
        barInk: both('#f3efe6', '#ece7da'),
        barQuiet: both('#c5ccca', '#a3aeab'),
        barCare: both('#d7a0c8', '#d7a0c8'),
        barHover: both('#3b4e58', '#2b3b43'),
        right: both('#9c5208', '#e79a4c'),
        left: both('#0a6668', '#5cc1be'),
        footInk: both('#ffffff', '#10181c'),
        slip: both('#b3261e', '#ff8a80'),
        slipGround: both('#fbe3df', '#4a201d'),
        care: both('#7a3b69', '#d7a0c8'),
        button: both('#24323a', '#ece7da'),
        buttonHover: both('#31424b', '#ffffff'),
        buttonInk: both('#fbf9f4', '#172025'),
        focus: both('#0a6668', '#e7c15c'),
        selection: both('#d5e4dd', '#33505a'),
        bandA: both('#46535a', '#a3aeab'),
        bandB: both('#5f6c71', '#829196'),
        bandInk: both('#fbf9f4', '#10181c'),
        floor: both('#f3ecdc', '#1e2a30'),
        floorLine: both('#e5dcc7', '#29373e'),
      },
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);

/** The CSS variable of a size of type, for the editor. */
export const size = (token: string): string => `var(--chakra-font-sizes-${token})`;

/** The CSS variable of a colour token, for drawings and for the editor, whose styles live outside Chakra. */
export const colour = (token: string): string =>
  `var(--chakra-colors-${token.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)})`;
