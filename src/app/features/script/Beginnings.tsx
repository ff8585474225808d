import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { Check } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { studyText, type Study } from '../../../core';
import { DEMO_DANCES } from '../dances/demo';
import { differing } from '../document/text-change';
import { FootDisc, RoomMark, WeightPair } from '../marks/Marks';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { NARROW } from '../../theme/screens';
import { putTryOut, useTryOut } from './try-out-choice';
import { t } from '../../texts';

interface Props {
  study: Study;
  view: EditorView | undefined;
}

/** Under a script that holds nothing to dance yet: three ways to begin, and what one line shows. Then, for whoever wants it, a try-out. */
export default function Beginnings({ study, view }: Props) {
  const tryOut = useTryOut();
  if (tryOut === 'begun') return <TryOutLines study={study} view={view} />;
  return <Ways view={view} canTry={tryOut === 'offered'} />;
}

const EXAMPLE = '1-4 Vine R turning 1/4 right, touch L';
/** Of one line, worked out as every line of a script is. */
const exampleView = studyText(`start: weight L\n\n## Section 1\n${EXAMPLE}\n`).view.lines[3];

function Ways({ view, canTry }: { view: EditorView | undefined; canTry: boolean }) {
  const [demo, setDemo] = useState(0);
  const [pasting, setPasting] = useState('');
  const put = (text: string): void => {
    view?.dispatch({ changes: differing(view.state.doc.toString(), text), userEvent: 'input.paste' });
    view?.focus();
  };
  const paste = (): void => {
    const failed = (): void => {
      setPasting(t('Put the cursor in the script and press Ctrl V: whatever the sheet looks like, it is read.'));
      view?.focus();
    };
    // Some browsers never let a page read what was copied.
    if (!navigator.clipboard?.readText) return failed();
    navigator.clipboard.readText().then((text) => (text.trim() ? put(text) : failed()), failed);
  };
  return (
    <Strip label={t('Ways to begin')}>
      <Way title={t('Write')}>
        {t('The count stands there already: write what is danced on it, such as “shuffle R”, and press Enter.')}
        {canTry && (
          <Button
            size="small"
            marginTop="0.4rem"
            onClick={() => {
              putTryOut('begun');
              view?.focus();
            }}
          >
            {t('Try it with three lines')}
          </Button>
        )}
      </Way>
      <Way title={t('Paste')}>
        {t('A sheet from a message or a page, in whatever manner it is written.')}
        <Flex gap="0.4rem" marginTop="0.4rem" flexWrap="wrap">
          <Button size="small" onClick={paste}>
            {t('Paste what was copied')}
          </Button>
          <Button asChild size="small">
            <Link to="/import">{t('Take a file')}</Link>
          </Button>
        </Flex>
        {pasting && <chakra.span role="status">{pasting}</chakra.span>}
      </Way>
      <Way title={t('Take a dance of the boathouse')}>
        {t('To look at, and to change as you like.')}
        <Flex gap="0.4rem" marginTop="0.4rem">
          <Select
            aria-label={t('Dance of the boathouse')}
            value={demo}
            onChange={(event) => setDemo(Number(event.target.value))}
            padding="0.15rem 0.3rem"
            fontSize="small"
          >
            {DEMO_DANCES.map((text, index) => (
              <option key={index} value={index}>
                {text.split('\n', 1)[0].replace('# ', '')}
              </option>
            ))}
          </Select>
          <Button size="small" onClick={() => put(DEMO_DANCES[demo])}>
            {t('Take it')}
          </Button>
        </Flex>
      </Way>
      <Example />
    </Strip>
  );
}

/** One line, and the name of everything that stands beside it. */
function Example() {
  if (!exampleView) return null;
  const [counts, ...words] = EXAMPLE.split(' ');
  return (
    <Box flexBasis="100%" fontSize="small">
      <chakra.p color="quiet" marginBottom="0.25rem">
        {t('What stands beside a line:')}
      </chakra.p>
      <Flex gap="1.5rem" rowGap="0.4rem" flexWrap="wrap" align="flex-start">
        <Named name={t('counts')}>
          <b>{counts}</b>
        </Named>
        <Named name={t('what is danced')}>{words.join(' ')}</Named>
        <Named name={t('the feet, hollow where they take no weight')}>
          {exampleView.feet.map((mark, index) => (
            <FootDisc key={index} mark={mark} />
          ))}
        </Named>
        <Named name={t('where the weight is then')}>
          <WeightPair weight={exampleView.weight} />
        </Named>
        <Named name={t('the wall faced then')}>
          <RoomMark facing={exampleView.facing} hour={exampleView.hour} strong /> {exampleView.hour}
        </Named>
      </Flex>
    </Box>
  );
}

const Named = ({ name, children }: { name: string; children: ReactNode }) => (
  <Box>
    <Flex gap="0.25rem" align="center" minHeight="1.5rem" fontSize="text">
      {children}
    </Flex>
    <chakra.span color="quiet" fontSize="mark">
      {name}
    </chakra.span>
  </Box>
);

const Way = ({ title, children }: { title: string; children: ReactNode }) => (
  <Box flex="1 1 13rem" fontSize="small">
    <chakra.h2 fontSize="text" fontWeight="700">
      {title}
    </chakra.h2>
    {children}
  </Box>
);

function Strip({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Flex
      as="section"
      aria-label={label}
      tabIndex={0}
      gap="0.75rem 1.5rem"
      flexWrap="wrap"
      padding="0.9rem 1.25rem 1rem"
      borderTop="1px solid"
      borderColor="line"
      flexShrink={0}
      overflowY="auto"
      maxHeight="60%"
      css={{ [NARROW]: { padding: '0.6rem 0.75rem', maxHeight: '50%' } }}
    >
      {children}
    </Flex>
  );
}

/** What is to be written, and what is to be seen when it stands there. */
const LINES: readonly { readonly write: string; readonly isDone: (study: Study) => boolean; readonly see: string }[] = [
  {
    write: 'vine R, touch L',
    isDone: (study) => holds(study, ['vine']),
    see: 'The counts came by themselves, and the half discs beside the line are the feet. Press Enter.',
  },
  {
    write: 'shuffle L',
    isDone: (study) => holds(study, ['vine', 'shuffle']),
    see: 'A quick figure takes its own counts, 5&6. The filled half says where the weight is now. Press Enter.',
  },
  {
    write: 'shuffle L',
    isDone: (study) => holds(study, ['vine', 'shuffle', 'shuffle']),
    see: 'L bears the weight, so it can’t lead again: told as soon as you leave the line with Enter. Alt Enter takes what would mend it.',
  },
];

const figuresOf = ({ dance }: Study): string[] =>
  dance.parts.flatMap(({ sections }) =>
    sections.flatMap(({ lines }) => lines.flatMap(({ calls }) => calls[0]?.figure?.id ?? [])),
  );

const holds = (study: Study, wanted: readonly string[]): boolean => {
  const figures = figuresOf(study);
  return wanted.every((id, index) => figures[index] === id);
};

function TryOutLines({ study, view }: Props) {
  const done = LINES.filter(({ isDone }) => isDone(study)).length;
  const isMended = done === LINES.length && study.findings.every(({ code }) => code !== 'foot-not-free');
  return (
    <Strip label={t('Three lines to try')}>
      <Box flex="1" fontSize="small">
        <chakra.h2 fontSize="text" fontWeight="700">
          {t('Write these three lines')}
        </chakra.h2>
        <ol>
          {LINES.map(({ write, see }, index) => (
            <chakra.li
              key={index}
              display="flex"
              gap="0.5rem"
              paddingBlock="0.15rem"
              color={index > done ? 'quiet' : 'ink'}
            >
              <chakra.span width="1.1rem" flexShrink={0}>
                {index < done && <Check size={16} aria-label={t('written')} />}
              </chakra.span>
              <span>
                <b>{write}</b>
                {index < done && <chakra.span color="quiet"> {t(see)}</chakra.span>}
              </span>
            </chakra.li>
          ))}
        </ol>
        {isMended && (
          <chakra.p>
            {t('That is all there is to it. Beside the script stands what can follow; F1 shows every key.')}
          </chakra.p>
        )}
      </Box>
      <Button
        size="small"
        alignSelf="flex-start"
        onClick={() => {
          putTryOut('away');
          view?.focus();
        }}
      >
        {isMended ? t('Done, put it away for good') : t('Put it away for good')}
      </Button>
    </Strip>
  );
}
