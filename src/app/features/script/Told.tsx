import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { memo, useEffect, useMemo, useRef } from 'react';
import {
  keyOf,
  kindOf,
  lineAtOffset,
  type Finding,
  type Look,
  type Mending,
  type Proposal,
  type Study,
} from '../../../core';
import { acceptHere, applyProposal } from '../editor/commands';
import { RoomMark, WeightPair } from '../marks/Marks';
import { LineLook, ListKeys, RowButton } from '../marks/rows';
import { causesOf, type Cause } from './causes';
import { t } from '../../texts';

/** More than this is a list nobody reads; the frame tells the number. */
const MOST_LISTED = 30;

interface Props {
  study: Study;
  told: readonly Finding[];
  /** What would come of each proposal, as far as it is worked out. */
  mendings: readonly Mending[];
  line: number;
  view: EditorView | undefined;
  onLine: (line: number) => void;
}

/** What is told, by cause: those of the cursor's line first, then the loudest, each with what would mend it and what would come of that. */
export const Told = memo(function Told({ study, told, mendings, line, view, onLine }: Props) {
  const causes = useMemo(() => causesOf(study, told, mendings, line), [study, told, mendings, line]);
  // Places shift with every key; what an item does is looked up when it is pressed.
  const latest = useRef({ view, onLine });
  useEffect(() => {
    latest.current = { view, onLine };
  });
  if (causes.length === 0) return null;
  const act = {
    go: (finding: Finding) => latest.current.onLine(lineAtOffset(study.script, finding.span.from)),
    apply: (proposal: Proposal) => latest.current.view && applyProposal(latest.current.view, proposal),
    accept: (finding: Finding) => latest.current.view && acceptHere(latest.current.view, finding),
  };
  return (
    <section aria-label={t('Slips, cares and remarks')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1.25rem" marginBottom="0.5rem">
        {t('Slips, cares and remarks')}
      </chakra.h2>
      <ListKeys view={view}>
        <ul>
          {causes.slice(0, MOST_LISTED).map((cause) => (
            <CauseItem key={keyOf(cause.finding, study.script)} cause={cause} study={study} act={act} />
          ))}
        </ul>
      </ListKeys>
      {causes.length > MOST_LISTED && (
        <chakra.p color="quiet">{t('and {count} more', { count: causes.length - MOST_LISTED })}</chakra.p>
      )}
    </section>
  );
});

/** Where it is, unless the sentence begins with it. */
function placeWords({ script }: Study, { namesPlace, span }: Finding): string {
  if (namesPlace) return '';
  const line = lineAtOffset(script, span.from);
  const section = script.lines[line]?.section;
  return section ? `Section ${section.number}` : `Line ${line + 1}`;
}

const BORDER = { slips: 'slip', cares: 'care', remarks: 'line' } as const;

interface Act {
  readonly go: (finding: Finding) => void;
  readonly apply: (proposal: Proposal) => unknown;
  readonly accept: (finding: Finding) => unknown;
}

function CauseItem({ cause, study, act }: { cause: Cause; study: Study; act: Act }) {
  const { finding, same, alike, looks } = cause;
  const isStep = study.script.lines[lineAtOffset(study.script, finding.span.from)]?.kind === 'step';
  return (
    <Box
      as="li"
      borderLeft="3px solid"
      borderColor={BORDER[kindOf(finding)]}
      paddingLeft="0.6rem"
      marginBottom="0.75rem"
      fontSize="text"
    >
      <Sentence finding={finding} study={study} onGo={() => act.go(finding)} />
      {finding.related && <chakra.p color="quiet">{finding.related.message}</chakra.p>}
      {looks.map((look, index) => (
        <LookRow key={look.proposal.label} look={look} isFirst={index === 0} onTake={() => act.apply(look.proposal)} />
      ))}
      {same.length > 0 && (
        <Under label={t('goes away with it')}>
          {same.map((one) => (
            <li key={keyOf(one, study.script)}>
              <Sentence finding={one} study={study} onGo={() => act.go(one)} isQuiet />
            </li>
          ))}
        </Under>
      )}
      {alike.length > 0 && (
        <Under label={alike.length === 1 ? t('and once more') : t('and {count} times more', { count: alike.length })}>
          {alike.map((one) => (
            <li key={keyOf(one, study.script)}>
              <Sentence finding={one} study={study} onGo={() => act.go(one)} isQuiet />
            </li>
          ))}
        </Under>
      )}
      {isStep && (
        <TextButton onClick={() => act.accept(finding)} title={t('It is told no more, and the line says so')}>
          {t('meant so')}
        </TextButton>
      )}
    </Box>
  );
}

function Sentence({
  finding,
  study,
  onGo,
  isQuiet = false,
}: {
  finding: Finding;
  study: Study;
  onGo: () => void;
  isQuiet?: boolean;
}) {
  const place = placeWords(study, finding);
  return (
    <chakra.button
      type="button"
      onClick={onGo}
      font="inherit"
      fontSize={isQuiet ? 'small' : 'inherit'}
      color={isQuiet ? 'quiet' : 'inherit'}
      textAlign="left"
      background="none"
      border="none"
      padding="0"
      cursor="pointer"
      _hover={{ textDecoration: 'underline' }}
    >
      {place && <b>{place} </b>}
      {finding.message}
    </chakra.button>
  );
}

/** What the proposal is called, and the line it would make, before it is taken. */
function LookRow({ look, isFirst, onTake }: { look: Look; isFirst: boolean; onTake: () => void }) {
  const { proposal, text, view, goes, comes } = look;
  return (
    <RowButton wraps onClick={onTake} aria-label={`${proposal.label}: ${text}`}>
      <Box flex="1" minWidth="0">
        <chakra.span
          fontWeight="700"
          border="1.5px solid"
          borderColor="lineStrong"
          borderRadius="4px"
          paddingInline="0.4rem"
          display="inline-block"
        >
          {proposal.label}
        </chakra.span>
        {isFirst && <LineLook text={text} feet={view?.feet ?? []} />}
        <Flex gap="0.35rem" align="center" fontSize="mark" color="quiet">
          {view && (
            <>
              {t('then')} <WeightPair weight={view.weight} />
              <RoomMark facing={view.facing} hour={view.hour} /> {view.hour}
            </>
          )}
          {goes > 1 && <span>{goes === 2 ? t('mends one more') : t('mends {count} more', { count: goes - 1 })}</span>}
          {comes > 0 && (
            <chakra.span color="slip">
              {comes === 1 ? t('1 new slip') : t('{count} new slips', { count: comes })}
            </chakra.span>
          )}
        </Flex>
      </Box>
    </RowButton>
  );
}

function Under({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <chakra.details fontSize="small" color="quiet" marginTop="0.15rem">
      <summary>{label}</summary>
      <chakra.ul paddingLeft="0.6rem">{children}</chakra.ul>
    </chakra.details>
  );
}

const TextButton = chakra(
  'button',
  {
    base: {
      font: 'inherit',
      fontSize: 'small',
      color: 'quiet',
      background: 'transparent',
      border: 'none',
      textDecoration: 'underline',
      cursor: 'pointer',
      padding: '0 0.2rem',
    },
  },
  { defaultProps: { type: 'button' } },
);
