import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { memo, useCallback, useEffect, useRef } from 'react';
import {
  cautionsOf,
  explainLine,
  isAlarm,
  lineAtOffset,
  type Finding,
  type OnWall,
  type Proposal,
  type Study,
} from '../../../core';
import { acceptHere, applyProposal } from '../editor/commands';
import { FloorPicture } from '../floor/FloorPicture';
import { RoomMark, WeightPair } from '../marks/Marks';
import { StepRow } from '../marks/StepRow';
import { t } from '../../texts';

interface Props {
  study: Study;
  /** What is told of it by now. */
  told: readonly Finding[];
  line: number;
  view: EditorView | undefined;
  onLine: (line: number) => void;
  /** The wall that is shown: facings are then the room's on that wall. */
  wall?: OnWall;
}

/** The selected line foot by foot, the feet on the floor, what is wrong and what to mind. */
export const LinePanel = memo(function LinePanel({ study, told, line, view, onLine, wall }: Props) {
  const explained = explainLine(study.dance, line, wall?.facings.get(line)?.facing);
  const cautions = cautionsOf(study.dance).filter((caution) => caution.line === line);
  return (
    <>
      {explained ? (
        <>
          <chakra.h2 fontSize="part" fontWeight="700" lineHeight="1.3">
            {explained.text}
          </chakra.h2>
          <chakra.p color="quiet" fontSize="text" marginBottom="0.5rem">
            {explained.place}
            {explained.figures.length > 0 && ` · ${explained.figures.join(', ')}`}
            {wall && ` · ${wall.left.has(line) ? 'not danced on' : 'on'} wall ${wall.number}`}
          </chakra.p>
          <Standing
            label={t('before')}
            weight={explained.before.weight}
            facing={explained.before.facing}
            hour={explained.before.hour}
          />
          <chakra.ol>
            {explained.steps.map((step, index) => (
              <StepRow key={index} step={step} />
            ))}
          </chakra.ol>
          <Standing
            label={t('after')}
            weight={explained.after.weight}
            facing={explained.after.facing}
            hour={explained.after.hour}
          />
          <FloorPicture marks={explained.floor} />
        </>
      ) : (
        <chakra.p color="quiet" marginBottom="1rem">
          {t('Put the cursor on a line with counts to see it foot by foot.')}
        </chakra.p>
      )}
      {cautions.map(({ care, text }) => (
        <Box
          key={care}
          borderLeft="3px solid"
          borderColor="care"
          paddingLeft="0.75rem"
          marginBlock="0.75rem"
          fontSize="text"
        >
          <chakra.b color="care">{t('Care')}</chakra.b> {text}
        </Box>
      ))}
      <Findings study={study} told={told} line={line} view={view} onLine={onLine} />
    </>
  );
});

function Standing({
  label,
  weight,
  facing,
  hour,
}: { label: string } & Pick<NonNullable<ReturnType<typeof explainLine>>['before'], 'weight' | 'facing' | 'hour'>) {
  return (
    <Flex
      align="center"
      gap="0.5rem"
      paddingBlock="0.3rem"
      borderBottom="1px solid"
      borderColor="line"
      color="quiet"
      fontSize="text"
    >
      <chakra.span flex="1">{label}</chakra.span>
      <WeightPair weight={weight} />
      <RoomMark facing={facing} hour={hour} />
      <chakra.span minWidth="2.75rem" textAlign="right">
        {hour}
      </chakra.span>
    </Flex>
  );
}

/** More than this is a list nobody reads; the frame tells the number. */
const MOST_LISTED = 40;

interface Listed {
  readonly finding: Finding;
  readonly line: number;
  readonly proposals: readonly Proposal[];
}

/** Those of the line first, then slips, then remarks. */
function listFindings(findings: readonly Finding[], { script }: Study, line: number): Listed[] {
  const listed = findings.map((finding) => ({
    finding,
    line: lineAtOffset(script, finding.span.from),
    proposals: [...(finding.fix ? [finding.fix] : []), ...(finding.suggestions ?? [])],
  }));
  const rank = (one: Listed): number => (one.line === line ? 0 : isAlarm(one.finding) ? 1 : 2);
  return [0, 1, 2].flatMap((wanted) => listed.filter((one) => rank(one) === wanted));
}

function Findings({ study, told, line, view, onLine }: Omit<Props, 'wall'>) {
  const all = listFindings(told, study, line);
  const listed = all.slice(0, MOST_LISTED);
  // Places shift with every key; what an item does is looked up when it is pressed, so that it need not be drawn again.
  const latest = useRef({ listed, view, onLine });
  useEffect(() => {
    latest.current = { listed, view, onLine };
  });
  const act = useCallback((index: number, what: Act) => {
    const { listed: now, view: editor, onLine: goToLine } = latest.current;
    const one = now[index];
    if (!one) return;
    if (what === 'go') goToLine(one.line);
    else if (editor && what === 'accept') acceptHere(editor, one.finding);
    else if (editor && typeof what === 'number') applyProposal(editor, one.proposals[what]);
  }, []);
  if (all.length === 0) return null;
  return (
    <section aria-label={t('Slips and remarks')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1.25rem" marginBottom="0.5rem">
        {t('Slips and remarks')}
      </chakra.h2>
      <ul>
        {listed.map(({ finding, line: at, proposals }, index) => (
          <FindingItem
            key={index}
            index={index}
            severity={finding.severity}
            place={placeWords(study, finding, at)}
            message={finding.message}
            related={finding.related?.message}
            labels={proposals.map(({ label }) => label)}
            canBeMeant={view !== undefined && study.script.lines[at]?.kind === 'step'}
            onAct={act}
          />
        ))}
      </ul>
      {all.length > MOST_LISTED && <chakra.p color="quiet">and {all.length - MOST_LISTED} more</chakra.p>}
    </section>
  );
}

/** Where it is, unless the sentence begins with it. */
function placeWords({ script }: Study, { namesPlace }: Finding, line: number): string {
  if (namesPlace) return '';
  const section = script.lines[line]?.section;
  return section ? `Section ${section.number}` : `Line ${line + 1}`;
}

/** Go there, mean it so, or apply the proposal of that number. */
type Act = 'go' | 'accept' | number;

interface ItemProps {
  index: number;
  severity: Finding['severity'];
  place: string;
  message: string;
  related: string | undefined;
  /** Labels of the proposals. */
  labels: readonly string[];
  canBeMeant: boolean;
  onAct: (index: number, what: Act) => void;
}

const BORDER = { error: 'slip', warning: 'ink', remark: 'line' } as const;

const FindingItem = memo(function FindingItem(props: ItemProps) {
  const { index, severity, place, message, related, labels, canBeMeant, onAct } = props;
  return (
    <Box
      as="li"
      borderLeft="3px solid"
      borderColor={BORDER[severity]}
      paddingLeft="0.75rem"
      marginBottom="0.75rem"
      fontSize="text"
    >
      <chakra.button
        type="button"
        onClick={() => onAct(index, 'go')}
        font="inherit"
        color="inherit"
        textAlign="left"
        background="none"
        border="none"
        padding="0"
        cursor="pointer"
        _hover={{ textDecoration: 'underline' }}
      >
        {place && <b>{place} </b>}
        {message}
      </chakra.button>
      {related && <chakra.p color="quiet">{related}</chakra.p>}
      {(labels.length > 0 || canBeMeant) && (
        <Flex gap="0.35rem" flexWrap="wrap" marginTop="0.25rem" align="center">
          {labels.map((label, at) => (
            <chakra.button
              key={label}
              type="button"
              onClick={() => onAct(index, at)}
              font="inherit"
              fontSize="small"
              fontWeight="600"
              color="ink"
              background="transparent"
              border="1.5px solid"
              borderColor="lineStrong"
              borderRadius="4px"
              paddingInline="0.45rem"
              cursor="pointer"
              _hover={{ background: 'sand' }}
            >
              {label}
            </chakra.button>
          ))}
          {canBeMeant && (
            <chakra.button
              type="button"
              onClick={() => onAct(index, 'accept')}
              font="inherit"
              fontSize="small"
              color="quiet"
              background="transparent"
              border="none"
              textDecoration="underline"
              cursor="pointer"
              padding="0 0.2rem"
            >
              {t('meant so')}
            </chakra.button>
          )}
        </Flex>
      )}
    </Box>
  );
}, saysTheSame);

/** Lists of labels are made anew with every key: they are compared by what they say. */
function saysTheSame(a: ItemProps, b: ItemProps): boolean {
  const { labels, ...rest } = a;
  const keys = Object.keys(rest) as (keyof typeof rest)[];
  return keys.every((key) => a[key] === b[key]) && labels.length === b.labels.length && labels.every((label, at) => label === b.labels[at]); // prettier-ignore
}
