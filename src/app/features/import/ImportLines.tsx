import { chakra, Flex } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { ImportLine } from '../../../core';
import { Button } from '../../theme/Button';
import { FootDisc, RoomMark, WeightPair } from '../marks/Marks';
import {
  defineFigure,
  joinAbove,
  leaveOut,
  nameInstead,
  rewriteLine,
  splitAt,
  toggleNote,
  type Settled,
} from './settle-lines';
import { t } from '../../texts';
import { NARROW } from '../../theme/screens';

const KINDS: Partial<Readonly<Record<ImportLine['kind'], string>>> = {
  title: 'the name of the dance',
  header: 'a fact',
  heading: 'a heading',
  note: 'a note, kept as it is',
  option: 'an option',
  plan: 'what happens on which wall',
  figure: 'a figure of your own',
  text: 'words, kept as they are',
};

/** Each line as it came, and beside it what was understood. Everything that can be done to it stands under the line that is being settled. */
export function ImportLines({
  text,
  lines,
  onSettle,
}: {
  text: string;
  lines: readonly ImportLine[];
  onSettle: (text: string) => void;
}) {
  const [current, setCurrent] = useState(() =>
    Math.max(
      0,
      lines.findIndex(({ isOpen }) => isOpen),
    ),
  );
  const list = useRef<HTMLOListElement>(null);
  const words = useMemo(() => text.split('\n'), [text]);
  const rows = useRows(list, words);
  const cursor = useRef<{ line: number; at: number | undefined }>(undefined);
  const go = (line: number, at?: number): void => {
    setCurrent(line);
    cursor.current = { line, at };
    // One that is out of sight is drawn first.
    rows.scrollToIndex(line, { align: 'auto' });
  };
  // After every drawing: the line that the cursor goes to may be drawn only now.
  useLayoutEffect(() => {
    const wanted = cursor.current;
    const field = wanted && list.current?.querySelector<HTMLInputElement>(`[data-line="${wanted.line}"] input`);
    if (!field) return;
    cursor.current = undefined;
    field.focus();
    if (wanted.at !== undefined) field.setSelectionRange(wanted.at, wanted.at);
  });
  return (
    <chakra.ol
      ref={list}
      aria-label={t('Lines of the sheet')}
      borderTop="2px solid"
      borderColor="rule"
      position="relative"
      height={`${rows.getTotalSize() + 2}px`}
    >
      {rows.getVirtualItems().map(({ index, start }) => (
        <Line
          key={index}
          ref={rows.measureElement}
          index={index}
          count={words.length}
          top={start - rows.options.scrollMargin}
          words={words[index] ?? ''}
          line={lines[index]?.text === words[index] ? lines[index] : undefined}
          isCurrent={index === current}
          onFocus={setCurrent}
          onRewrite={(own) => onSettle(rewriteLine(text, index, own))}
          onSettle={(change) => {
            const settled = change(text);
            onSettle(settled.text);
            go(settled.line, settled.at);
          }}
          onMove={(to) => to >= 0 && to < words.length && go(to)}
        />
      ))}
    </chakra.ol>
  );
}

const ROW = 34;

/** Only lines in sight are drawn, however long the sheet is. */
function useRows(list: React.RefObject<HTMLOListElement | null>, words: readonly string[]) {
  const [offset, setOffset] = useState(0);
  useLayoutEffect(() => setOffset(list.current?.offsetTop ?? 0), [list]);
  // No compiler is used here that its functions could mislead.
  // eslint-disable-next-line react-hooks/incompatible-library
  return useVirtualizer({
    count: words.length,
    estimateSize: (index) => (words[index]?.trim() === '' ? 18 : ROW),
    overscan: 8,
    scrollMargin: offset,
    getScrollElement: () => list.current?.closest('main') ?? null,
    initialRect: { width: 1024, height: 900 },
  });
}

interface LineProps {
  ref: (row: HTMLLIElement | null) => void;
  index: number;
  count: number;
  /** Where it stands, pixels from the top of the list. */
  top: number;
  words: string;
  /** What was understood of these very words, once that is known. */
  line: ImportLine | undefined;
  isCurrent: boolean;
  onFocus: (index: number) => void;
  onRewrite: (words: string) => void;
  onSettle: (change: (text: string) => Settled) => void;
  onMove: (to: number) => void;
}

const Line = memo(
  function Line({ ref, index, count, top, words, line, isCurrent, onFocus, onRewrite, onSettle, onMove }: LineProps) {
    const onKeyDown = (event: React.KeyboardEvent<HTMLInputElement>) => {
      const { selectionStart, selectionEnd, value } = event.currentTarget;
      const at = selectionStart ?? 0;
      if (event.key === 'Enter') {
        event.preventDefault();
        onSettle((text) => splitAt(text, index, at));
      } else if (event.key === 'Backspace' && at === 0 && selectionEnd === 0) {
        event.preventDefault();
        onSettle((text) => joinAbove(text, index));
      } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
        event.preventDefault();
        onMove(index + (event.key === 'ArrowUp' ? -1 : 1));
      } else if (event.altKey && event.key.toLowerCase() === 'n' && value !== '') {
        event.preventDefault();
        onSettle((text) => toggleNote(text, index));
      }
    };
    const isBlank = words.trim() === '';
    const isOpen = line?.isOpen === true;
    const kind = line?.kind;
    return (
      <chakra.li
        ref={ref}
        data-index={index}
        data-line={index}
        data-open={isOpen || undefined}
        aria-setsize={count}
        aria-posinset={index + 1}
        position="absolute"
        insetInline="0"
        style={{ top }}
        borderBottom="1px solid"
        borderColor="line"
        background={isCurrent ? 'sand' : undefined}
        borderLeft="4px solid"
        borderLeftColor={isOpen ? 'slip' : 'transparent'}
        paddingLeft="0.5rem"
      >
        <Flex
          align="center"
          minHeight={isBlank && !isCurrent ? '1.1rem' : '2.1rem'}
          gap="1rem"
          css={{ [NARROW]: { flexWrap: 'wrap', gap: '0 1rem' } }}
        >
          <chakra.input
            aria-label={`Line ${index + 1}`}
            value={words}
            spellCheck={false}
            onFocus={() => onFocus(index)}
            onChange={(event) => onRewrite(event.target.value)}
            onKeyDown={onKeyDown}
            flex="1"
            minWidth={{ base: '100%', md: '0' }}
            font="inherit"
            fontWeight={kind === 'title' || kind === 'heading' ? '700' : '400'}
            fontStyle={kind === 'note' ? 'italic' : 'normal'}
            color={kind === 'text' || kind === 'note' ? 'quiet' : 'ink'}
            background="transparent"
            border="none"
            padding="0.15rem 0.25rem"
            css={{ fontVariantNumeric: 'tabular-nums' }}
          />
          {line && <Understood line={line} />}
        </Flex>
        {line?.isOpen && (
          <chakra.p color="slip" fontSize="text" padding="0 0.25rem 0.3rem">
            {line.problems[0]}
          </chakra.p>
        )}
        {isCurrent && !isBlank && line && <Actions line={line} index={index} onSettle={onSettle} />}
      </chakra.li>
    );
  },
  (a, b) =>
    a.line === b.line &&
    a.words === b.words &&
    a.isCurrent === b.isCurrent &&
    a.index === b.index &&
    a.count === b.count &&
    a.top === b.top,
);

/** The computed side: feet, weight and facing of a step line; what it is of any other. */
function Understood({ line }: { line: ImportLine }) {
  const { view, kind, isOpen, unread } = line;
  if (!view)
    return (
      <chakra.span width={{ base: '100%', md: '21rem' }} flexShrink={0} color="quiet" fontSize="text">
        {KINDS[kind] ?? ''}
      </chakra.span>
    );
  return (
    <Flex width={{ base: '100%', md: '21rem' }} flexShrink={0} align="center" gap="0.75rem">
      <Flex gap="1px" width="9.5rem" flexShrink={0}>
        {view.feet.slice(0, 9).map((mark, index) => (
          <FootDisc key={index} mark={mark} />
        ))}
      </Flex>
      <WeightPair weight={view.weight} />
      <Flex
        gap="0.4rem"
        align="center"
        color={view.facingChanged ? 'ink' : 'quiet'}
        fontWeight={view.facingChanged ? '700' : '400'}
      >
        <RoomMark facing={view.facing} hour={view.hour} strong={view.facingChanged} />
        {view.hour}
      </Flex>
      {!isOpen && unread.length > 0 && (
        <chakra.span color="quiet" fontSize="small" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
          not “{unread[0].words}”
        </chakra.span>
      )}
    </Flex>
  );
}

function Actions({ line, index, onSettle }: { line: ImportLine; index: number; onSettle: LineProps['onSettle'] }) {
  const counts = /^[\d&,\s-]+/.exec(line.text)?.[0].trim() ?? '';
  return (
    <Flex gap="0.35rem" flexWrap="wrap" padding="0 0.25rem 0.45rem">
      {line.unread.flatMap(({ span, words, figures }) => [
        ...figures.map((figure) => (
          <Button
            key={`${words} ${figure}`}
            size="small"
            onClick={() => onSettle((text) => nameInstead(text, index, span, figure))}
          >
            “{words}” is {figure}
          </Button>
        )),
        <Button
          key={`define ${words}`}
          size="small"
          onClick={() => onSettle((text) => defineFigure(text, words, counts))}
        >
          Define “{words}”
        </Button>,
      ])}
      <Button
        size="small"
        variant="plain"
        title={t('Alt N')}
        onClick={() => onSettle((text) => toggleNote(text, index))}
      >
        {line.kind === 'note' ? 'Not a note' : 'It is a note'}
      </Button>
      {index > 0 && (
        <Button
          size="small"
          variant="plain"
          title={t('Backspace at its beginning')}
          onClick={() => onSettle((text) => joinAbove(text, index))}
        >
          {t('Join with the line above')}
        </Button>
      )}
      <Button size="small" variant="plain" onClick={() => onSettle((text) => leaveOut(text, index))}>
        {t('Leave it out')}
      </Button>
      <chakra.span color="quiet" fontSize="small" alignSelf="center">
        {t('Enter splits it')}
      </chakra.span>
    </Flex>
  );
}
