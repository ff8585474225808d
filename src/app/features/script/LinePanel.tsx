import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { cautionsOf, explainLine, isSlip, positionOf, type Finding, type Proposal, type Study } from '../../../core';
import { acceptHere, applyProposal } from '../editor/commands';
import { FloorPicture } from '../floor/FloorPicture';
import { FootDisc, RoomMark, WeightPair } from '../marks/Marks';

interface Props {
  study: Study;
  line: number;
  view: EditorView | undefined;
  onLine: (line: number) => void;
}

/** The selected line foot by foot, the feet on the floor, what is wrong and what to mind. */
export function LinePanel({ study, line, view, onLine }: Props) {
  const explained = explainLine(study.dance, line);
  const cautions = cautionsOf(study.dance).filter((caution) => caution.line === line);
  return (
    <>
      {explained ? (
        <>
          <chakra.h2 fontSize="1.125rem" fontWeight="700" lineHeight="1.3">
            {explained.text}
          </chakra.h2>
          <chakra.p color="quiet" fontSize="0.9375rem" marginBottom="0.5rem">
            {explained.place}
            {explained.figures.length > 0 && ` · ${explained.figures.join(', ')}`}
          </chakra.p>
          <Standing
            label="before"
            weight={explained.before.weight}
            facing={explained.before.facing}
            hour={explained.before.hour}
          />
          <chakra.ol>
            {explained.steps.map((step, index) => (
              <Flex
                as="li"
                key={index}
                align="center"
                gap="0.5rem"
                paddingBlock="0.3rem"
                borderBottom="1px solid"
                borderColor="line"
              >
                <chakra.b minWidth="1.1rem" fontVariantNumeric="tabular-nums">
                  {step.count}
                </chakra.b>
                <FootDisc mark={step.mark} />
                <chakra.span flex="1" lineHeight="1.3">
                  {step.words}
                </chakra.span>
                <RoomMark facing={step.facing} hour={step.hour} strong={step.turned} />
                <chakra.span
                  minWidth="2.75rem"
                  textAlign="right"
                  fontWeight={step.turned ? '700' : '400'}
                  color={step.turned ? 'ink' : 'quiet'}
                >
                  {step.hour}
                </chakra.span>
              </Flex>
            ))}
          </chakra.ol>
          <Standing
            label="after"
            weight={explained.after.weight}
            facing={explained.after.facing}
            hour={explained.after.hour}
          />
          <FloorPicture marks={explained.floor} />
        </>
      ) : (
        <chakra.p color="quiet" marginBottom="1rem">
          Put the cursor on a line with counts to see it foot by foot.
        </chakra.p>
      )}
      {cautions.map(({ care, text }) => (
        <Box
          key={care}
          borderLeft="3px solid"
          borderColor="care"
          paddingLeft="0.75rem"
          marginBlock="0.75rem"
          fontSize="0.9375rem"
        >
          <chakra.b color="care">Care</chakra.b> {text}
        </Box>
      ))}
      <Findings study={study} line={line} view={view} onLine={onLine} />
    </>
  );
}

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
      fontSize="0.9375rem"
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

function Findings({ study, line, view, onLine }: Props) {
  const { findings, text } = study;
  if (findings.length === 0) return null;
  const here = (finding: Finding) => positionOf(text, finding.span.from).line - 1 === line;
  const ordered = [
    ...findings.filter(here),
    ...findings.filter((finding) => !here(finding) && isSlip(finding)),
    ...findings.filter((finding) => !here(finding) && !isSlip(finding)),
  ];
  return (
    <section aria-label="Slips and remarks">
      <chakra.h2 fontSize="1rem" fontWeight="700" marginTop="1.25rem" marginBottom="0.5rem">
        Slips and remarks
      </chakra.h2>
      <ul>
        {ordered.slice(0, MOST_LISTED).map((finding, index) => (
          <FindingItem key={index} finding={finding} study={study} view={view} onLine={onLine} />
        ))}
      </ul>
      {ordered.length > MOST_LISTED && <chakra.p color="quiet">and {ordered.length - MOST_LISTED} more</chakra.p>}
    </section>
  );
}

/** A step line can say that it is meant so; a heading or a fact can't. */
const canBeMeant = (study: Study, line: number): boolean => study.script.lines[line]?.kind === 'step';

function FindingItem({
  finding,
  study,
  view,
  onLine,
}: { finding: Finding } & Pick<Props, 'study' | 'view' | 'onLine'>) {
  const index = positionOf(study.text, finding.span.from).line - 1;
  const section = study.script.lines[index]?.section;
  const proposals: Proposal[] = [...(finding.fix ? [finding.fix] : []), ...(finding.suggestions ?? [])];
  return (
    <Box
      as="li"
      borderLeft="3px solid"
      borderColor={finding.severity === 'error' ? 'slip' : finding.severity === 'warning' ? 'ink' : 'line'}
      paddingLeft="0.75rem"
      marginBottom="0.75rem"
      fontSize="0.9375rem"
    >
      <chakra.button
        type="button"
        onClick={() => onLine(index)}
        font="inherit"
        color="inherit"
        textAlign="left"
        background="none"
        border="none"
        padding="0"
        cursor="pointer"
        _hover={{ textDecoration: 'underline' }}
      >
        {!finding.message.startsWith('Section') && (
          <b>{section ? `Section ${section.number}` : `Line ${index + 1}`} </b>
        )}
        {finding.message}
      </chakra.button>
      {finding.related && <chakra.p color="quiet">{finding.related.message}</chakra.p>}
      {view && finding.code !== 'nothing-to-dance' && (
        <Flex gap="0.35rem" flexWrap="wrap" marginTop="0.25rem" align="center">
          {proposals.map((proposal) => (
            <chakra.button
              key={proposal.label}
              type="button"
              onClick={() => applyProposal(view, proposal)}
              font="inherit"
              fontSize="0.875rem"
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
              {proposal.label}
            </chakra.button>
          ))}
          {canBeMeant(study, index) && (
            <chakra.button
              type="button"
              onClick={() => acceptHere(view, finding)}
              font="inherit"
              fontSize="0.875rem"
              color="quiet"
              background="transparent"
              border="none"
              textDecoration="underline"
              cursor="pointer"
              padding="0 0.2rem"
            >
              meant so
            </chakra.button>
          )}
        </Flex>
      )}
    </Box>
  );
}
