import { chakra, Flex } from '@chakra-ui/react';
import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';
import type { EditorView } from '@codemirror/view';
import type { FootMark } from '../../../core';
import { FootDisc } from './Marks';

/** A row that is pressed, in a list that is walked by arrows. */
export function RowButton({ wraps = false, ...props }: { wraps?: boolean } & React.ComponentProps<'button'>) {
  return (
    <chakra.button
      type="button"
      data-row
      display="flex"
      alignItems={wraps ? 'flex-start' : 'center'}
      gap="0.4rem"
      width="100%"
      textAlign="left"
      font="inherit"
      fontSize="small"
      color="ink"
      background="transparent"
      border="none"
      borderBottom={wraps ? 'none' : '1px solid'}
      borderColor="line"
      padding="0.3rem 0.4rem"
      cursor="pointer"
      _hover={{ background: 'sand' }}
      {...props}
    />
  );
}

/** Arrows go from row to row, Escape back to the script. */
export function ListKeys({ view, children }: { view: EditorView | undefined; children: ReactNode }) {
  const list = useRef<HTMLDivElement>(null);
  const isInside = useRef(false);
  // A row that is pressed may be gone with the next answer: the keys stay in the list.
  useEffect(() => {
    if (isInside.current && document.activeElement === document.body)
      list.current?.querySelector<HTMLElement>('[data-row]')?.focus();
  });
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (event.key === 'Escape') view?.focus();
    if (by === 0) return;
    const rows = [...(list.current?.querySelectorAll<HTMLButtonElement>('[data-row]') ?? [])];
    const at = rows.indexOf(document.activeElement as HTMLButtonElement);
    rows[Math.min(Math.max(at + by, 0), rows.length - 1)]?.focus();
    event.preventDefault();
  };
  return (
    <div
      ref={list}
      onKeyDown={onKeyDown}
      onFocus={() => {
        isInside.current = true;
      }}
      onBlur={({ target }) => {
        queueMicrotask(() => {
          if (target.isConnected) isInside.current = false;
        });
      }}
    >
      {children}
    </div>
  );
}

export const SmallHeading = chakra('h3', {
  base: { fontSize: 'mark', fontWeight: '600', color: 'quiet', marginTop: '0.6rem', marginBottom: '0.15rem' },
});

/** More feet than this on one line are counted, not drawn. */
const MOST_FEET = 4;

/** The feet in order; the last filled one bears the weight. */
export const FeetRow = ({ feet }: { feet: readonly FootMark[] }) => (
  <Flex gap="3px" flexShrink={0} align="center">
    {feet.slice(0, MOST_FEET).map((mark, foot) => (
      <FootDisc key={foot} mark={mark} />
    ))}
    {feet.length > MOST_FEET && <chakra.span fontSize="tiny">+{feet.length - MOST_FEET}</chakra.span>}
  </Flex>
);

/** A line as it would stand in the script: counts bold, words, feet. */
export function LineLook({ text, feet }: { text: string; feet: readonly FootMark[] }) {
  const counts = /^[\d&,-]+(?: \d[\d&,-]*)*/.exec(text)?.[0] ?? '';
  return (
    <Flex gap="0.4rem" align="center" justify="space-between">
      <chakra.span lineHeight="1.3">
        <b>{counts}</b> {text.slice(counts.length).trim()}
      </chakra.span>
      <FeetRow feet={feet} />
    </Flex>
  );
}
