import { chakra, Flex } from '@chakra-ui/react';
import { memo, useLayoutEffect, useRef, useState } from 'react';
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
  const cursor = useRef<{ line: number; at: number | undefined }>(undefined);
  const list = useRef<HTMLOListElement>(null);
  const settle = (settled: Settled): void => {
    onSettle(settled.text);
    setCurrent(settled.line);
    cursor.current = { line: settled.line, at: settled.at };
  };
  useLayoutEffect(() => {
    const wanted = cursor.current;
    if (!wanted) return;
    cursor.current = undefined;
    const field = list.current?.querySelector<HTMLInputElement>(`[data-line="${wanted.line}"] input`);
    field?.focus();
    if (wanted.at !== undefined) field?.setSelectionRange(wanted.at, wanted.at);
  });
  return (
    <chakra.ol ref={list} aria-label={t('Lines of the sheet')} borderTop="2px solid" borderColor="rule">
      {lines.map((line, index) => (
        <Line
          key={index}
          index={index}
          line={line}
          isCurrent={index === current}
          onFocus={setCurrent}
          onRewrite={(words) => onSettle(rewriteLine(text, index, words))}
          onSettle={(change) => settle(change(text))}
          onMove={(to) => {
            if (to < 0 || to >= lines.length) return;
            setCurrent(to);
            list.current?.querySelector<HTMLInputElement>(`[data-line="${to}"] input`)?.focus();
          }}
        />
      ))}
    </chakra.ol>
  );
}

interface LineProps {
  index: number;
  line: ImportLine;
  isCurrent: boolean;
  onFocus: (index: number) => void;
  onRewrite: (words: string) => void;
  onSettle: (change: (text: string) => Settled) => void;
  onMove: (to: number) => void;
}

const Line = memo(
  function Line({ index, line, isCurrent, onFocus, onRewrite, onSettle, onMove }: LineProps) {
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
    const isBlank = line.text.trim() === '';
    return (
      <chakra.li
        data-line={index}
        data-open={line.isOpen || undefined}
        borderBottom="1px solid"
        borderColor="line"
        background={isCurrent ? 'sand' : undefined}
        borderLeft="4px solid"
        borderLeftColor={line.isOpen ? 'slip' : 'transparent'}
        paddingLeft="0.5rem"
        css={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 2.1rem' }}
      >
        <Flex
          align="center"
          minHeight={isBlank && !isCurrent ? '1.1rem' : '2.1rem'}
          gap="1rem"
          css={{ '@media (max-width: 700px)': { flexWrap: 'wrap', gap: '0 1rem' } }}
        >
          <chakra.input
            aria-label={`Line ${index + 1}`}
            value={line.text}
            spellCheck={false}
            onFocus={() => onFocus(index)}
            onChange={(event) => onRewrite(event.target.value)}
            onKeyDown={onKeyDown}
            flex="1"
            minWidth={{ base: '100%', md: '0' }}
            font="inherit"
            fontWeight={line.kind === 'title' || line.kind === 'heading' ? '700' : '400'}
            fontStyle={line.kind === 'note' ? 'italic' : 'normal'}
            color={line.kind === 'text' || line.kind === 'note' ? 'quiet' : 'ink'}
            background="transparent"
            border="none"
            padding="0.15rem 0.25rem"
            css={{ fontVariantNumeric: 'tabular-nums' }}
          />
          <Understood line={line} />
        </Flex>
        {line.isOpen && (
          <chakra.p color="slip" fontSize="0.9375rem" padding="0 0.25rem 0.3rem">
            {line.problems[0]}
          </chakra.p>
        )}
        {isCurrent && !isBlank && <Actions line={line} index={index} onSettle={onSettle} />}
      </chakra.li>
    );
  },
  (a, b) => a.line === b.line && a.isCurrent === b.isCurrent && a.index === b.index,
);

/** The computed side: feet, weight and facing of a step line; what it is of any other. */
function Understood({ line }: { line: ImportLine }) {
  const { view, kind, isOpen, unread } = line;
  if (!view)
    return (
      <chakra.span width={{ base: '100%', md: '21rem' }} flexShrink={0} color="quiet" fontSize="0.9375rem">
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
        <chakra.span color="quiet" fontSize="0.875rem" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
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
      <chakra.span color="quiet" fontSize="0.875rem" alignSelf="center">
        {t('Enter splits it')}
      </chakra.span>
    </Flex>
  );
}
