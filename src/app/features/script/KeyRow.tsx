import { chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { CornerDownLeft } from 'lucide-react';
import { startNextLine } from '../editor/commands';
import { ghostOf, overGhost, takeCount } from '../editor/ghost';
import { MEDIUM } from '../../theme/screens';
import { t } from '../../texts';

/** What is written most and stands deep in a keyboard on glass; a space stands before a word where one is missing. */
const WORDS: readonly (readonly [label: string, insert: string, name?: string])[] = [
  ['&', '&', 'and'],
  ['-', '-', 'to'],
  ['R', 'R', 'right'],
  ['L', 'L', 'left'],
  ['turn', 'turning'],
  ['1/8', '1/8'],
  ['1/4', '1/4'],
  ['1/2', '1/2'],
  ['3/4', '3/4'],
];

/** A row of keys between the script and the keyboard of a tablet or a phone. It never takes the focus from the script. */
export function KeyRow({ view }: { view: EditorView }) {
  const ghost = ghostOf(view.state);
  const write = (insert: string): void => {
    const { state } = view;
    const { from, to } = state.selection.main;
    const before = state.sliceDoc(Math.max(from - 1, 0), from);
    const isWord = /[\w/]$/.test(insert);
    const words = isWord && before !== '' && !/[\s(]/.test(before) ? ` ${insert}` : insert;
    view.dispatch(
      overGhost(state, insert) ?? {
        changes: { from, to, insert: words },
        selection: { anchor: from + words.length },
        userEvent: 'input.type',
        scrollIntoView: true,
      },
    );
    view.focus();
  };
  const takeGhost = (): void => {
    const taken = takeCount(view.state, '');
    if (taken) view.dispatch(taken);
    view.focus();
  };
  return (
    <Flex
      role="toolbar"
      aria-label={t('Keys for writing')}
      // Its keys leave the focus in the script; the row itself can be drawn aside by the arrows.
      tabIndex={0}
      display="none"
      gap="0.25rem"
      padding="0.3rem"
      overflowX="auto"
      flexShrink={0}
      background="sand"
      css={{ [MEDIUM]: { display: 'flex' } }}
      onPointerDown={(event) => event.preventDefault()}
    >
      {ghost?.kind === 'count' && (
        <Key label={t('count {count}', { count: ghost.count })} onPress={takeGhost}>
          <b>{ghost.count}</b>
        </Key>
      )}
      {WORDS.map(([label, insert, name = label]) => (
        <Key key={label} label={t(name)} onPress={() => write(insert)}>
          {label}
        </Key>
      ))}
      <Key label={t('Next line')} onPress={() => startNextLine(view) || write('\n')} grows>
        <CornerDownLeft size={18} aria-hidden />
      </Key>
    </Flex>
  );
}

function Key({
  label,
  onPress,
  grows = false,
  children,
}: {
  label: string;
  onPress: () => void;
  grows?: boolean;
  children: React.ReactNode;
}) {
  return (
    <chakra.button
      type="button"
      aria-label={label}
      tabIndex={-1}
      onClick={onPress}
      font="inherit"
      fontSize="text"
      color="ink"
      background="paper"
      border="1px solid"
      borderColor="lineStrong"
      borderRadius="4px"
      minWidth="2.25rem"
      height="2.5rem"
      paddingInline="0.4rem"
      flex={grows ? '1 0 3rem' : '0 0 auto'}
      // However far the row is drawn aside, the next line is at hand.
      position={grows ? 'sticky' : undefined}
      right={grows ? 0 : undefined}
      display="inline-flex"
      alignItems="center"
      justifyContent="center"
    >
      {children}
    </chakra.button>
  );
}
