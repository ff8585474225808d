import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  SHEET_WORDS,
  type Sheet,
  type SheetLine,
  type SheetSection,
  type SheetWall,
  type SheetWords,
} from '../../../core';
import { FootDisc, RoomMark, WeightPair } from '../marks/Marks';
import { PHONE_SCREEN } from '../../theme/screens';

/**
 * One sheet of paper. The colours of the marks are those of the light theme whatever the room: the `light` class resets them, and
 * paper is white.
 */
export function SheetPage({ sheet }: { sheet: Sheet }) {
  const words = SHEET_WORDS[sheet.language];
  return (
    <chakra.article
      className="chakra-theme light"
      background="#fff"
      color="ink"
      maxWidth="53rem"
      margin={{ base: '0 auto', md: '0 auto 3rem' }}
      padding={{ base: '1.25rem 1rem 2rem', md: '2.75rem 3.25rem 3rem' }}
      boxShadow="0 1px 3px rgba(28, 39, 45, 0.18)"
      css={{
        '@media print': {
          boxShadow: 'none',
          padding: '0',
          margin: '0',
          maxWidth: 'none',
          fontSize: '10.5pt',
        },
      }}
    >
      <chakra.h1 fontSize={{ base: '1.75rem', md: '2.25rem' }} lineHeight="1.1" fontWeight="700">
        {sheet.title}
      </chakra.h1>
      {sheet.wall && (
        <chakra.p fontSize="part" marginTop="0.3rem">
          {sheet.wall}
        </chakra.p>
      )}
      <Facts facts={sheet.facts} />
      {sheet.sections.map((section, index) => (
        <Section key={index} section={section} words={words} />
      ))}
      {sheet.walls.length > 0 && <Walls walls={sheet.walls} sentence={sheet.wallsSentence} words={words} />}
      {sheet.others.map(({ heading, lines }) => (
        <Box as="section" key={heading} marginTop="1.25rem">
          <chakra.h2 fontSize="lead" fontWeight="700" borderBottom="1.5px solid" borderColor="rule">
            {heading}
          </chakra.h2>
          {lines.map((line, index) => (
            <chakra.p key={index} paddingBlock="0.2rem">
              {line}
            </chakra.p>
          ))}
        </Box>
      ))}
      {sheet.cautions.length > 0 && (
        <Box as="section" marginTop="1.5rem" fontSize="small" css={{ breakInside: 'avoid' }}>
          {sheet.cautions.map((caution) => (
            <chakra.p
              key={caution}
              borderLeft="3px solid"
              borderColor="care"
              paddingLeft="0.75rem"
              marginBottom="0.4rem"
            >
              {caution}
            </chakra.p>
          ))}
        </Box>
      )}
    </chakra.article>
  );
}

/** Numbers first: counts, walls and start are what another instructor looks for. */
function Facts({ facts }: { facts: Sheet['facts'] }) {
  return (
    <chakra.dl
      display="flex"
      flexWrap="wrap"
      columnGap="1.75rem"
      rowGap="0.2rem"
      borderTop="2px solid"
      borderBottom="1px solid"
      borderColor="rule"
      paddingBlock="0.6rem"
      marginBlock="0.9rem 1.1rem"
    >
      {facts.map(([label, value]) => (
        <Flex key={label} gap="0.45rem">
          <chakra.dt color="quiet">{label}</chakra.dt>
          <chakra.dd fontWeight="600">{value}</chakra.dd>
        </Flex>
      ))}
    </chakra.dl>
  );
}

function Section({ section, words }: { section: SheetSection; words: SheetWords }) {
  return (
    <chakra.section marginBottom="1.1rem" css={{ breakInside: 'avoid', '@media print': { marginBottom: '0.55rem' } }}>
      <Flex
        as="header"
        align="flex-end"
        gap="0.75rem"
        borderBottom="1.5px solid"
        borderColor="rule"
        paddingBottom="0.2rem"
      >
        <chakra.h2 fontSize="lead" fontWeight="700" flex="1">
          {section.name}
          <chakra.span fontWeight="400" color="quiet" marginLeft="0.75rem">
            {section.title}
          </chakra.span>
        </chakra.h2>
        {section.counts !== 8 && <chakra.span color="quiet">{words.counts(section.counts)}</chakra.span>}
      </Flex>
      <chakra.table
        width="100%"
        borderCollapse="collapse"
        css={{ tableLayout: 'fixed', [PHONE_SCREEN]: { tableLayout: 'auto' } }}
      >
        <colgroup>
          <chakra.col width="4.25rem" />
          <col />
          <chakra.col width="7.5rem" css={wide} />
          <chakra.col width="2.5rem" css={wide} />
          <chakra.col width="5rem" css={{ [PHONE_SCREEN]: { width: '3rem' } }} />
        </colgroup>
        <chakra.thead position="absolute" width="1px" height="1px" overflow="hidden" clipPath="inset(50%)">
          <tr>
            <th scope="col">{words.columns.counts}</th>
            <th scope="col">{words.columns.call}</th>
            <th scope="col">{words.columns.feet}</th>
            <th scope="col">{words.columns.weight}</th>
            <th scope="col">{words.columns.facing}</th>
          </tr>
        </chakra.thead>
        <tbody>
          {section.rows.map((row, index) =>
            'line' in row ? <Line key={index} line={row.line} /> : <Aside key={index} {...row.aside} />,
          )}
        </tbody>
      </chakra.table>
    </chakra.section>
  );
}

/** Every wall with where it starts and ends and what happens in it: a sheet that is right on wall 1 alone is half a sheet. */
function Walls({
  walls,
  sentence,
  words: { wallColumns },
}: {
  walls: readonly SheetWall[];
  sentence: string;
  words: SheetWords;
}) {
  return (
    <chakra.section
      aria-label={wallColumns.title}
      marginBottom="1.1rem"
      css={{ '@media print': { marginBottom: '0.55rem' } }}
    >
      <chakra.h2 fontSize="lead" fontWeight="700" borderBottom="1.5px solid" borderColor="rule" paddingBottom="0.2rem">
        {wallColumns.title}
      </chakra.h2>
      <chakra.table
        width="100%"
        borderCollapse="collapse"
        css={{
          '& tr': { breakInside: 'avoid' },
          '& thead th': { textAlign: 'left', fontWeight: '400', fontSize: 'small' },
        }}
      >
        <chakra.thead color="quiet">
          <tr>
            <th scope="col">{wallColumns.wall}</th>
            <th scope="col">{wallColumns.starts}</th>
            <chakra.th scope="col" css={wide}>
              {wallColumns.counts}
            </chakra.th>
            <th scope="col">{wallColumns.happens}</th>
            <chakra.th scope="col" css={{ '&&': { textAlign: 'right' } }}>
              {wallColumns.ends}
            </chakra.th>
          </tr>
        </chakra.thead>
        <tbody>
          {walls.map((wall, index) => (
            <tr key={index}>
              <chakra.th scope="row" width="4.25rem" textAlign="left" borderBottom="1px solid" borderColor="line">
                {wall.name}
              </chakra.th>
              <Cell whiteSpace="nowrap" width="5.5rem">
                <Facing facing={wall.start} hour={wall.startHour} />
              </Cell>
              <Cell width="5rem" css={wide}>
                {wall.counts}
              </Cell>
              <Cell paddingRight="1rem">{wall.happens.join('; ')}</Cell>
              <Cell whiteSpace="nowrap" width="5.5rem" paddingRight="0">
                <Flex justify="flex-end">
                  <Facing facing={wall.end} hour={wall.endHour} strong />
                </Flex>
              </Cell>
            </tr>
          ))}
        </tbody>
      </chakra.table>
      <chakra.p color="quiet" marginTop="0.3rem">
        {sentence}
      </chakra.p>
    </chakra.section>
  );
}

function Facing({ facing, hour, strong = false }: { facing: number; hour: string; strong?: boolean }) {
  return (
    <Flex gap="0.4rem" align="center" fontWeight={strong ? '700' : '400'}>
      <RoomMark facing={facing} hour={hour} strong={strong} />
      {hour}
    </Flex>
  );
}

const Cell = chakra('td', {
  base: {
    paddingBlock: '0.28rem',
    paddingRight: '0.5rem',
    borderBottom: '1px solid',
    borderColor: 'line',
    verticalAlign: 'middle',
    '@media print': { paddingBlock: '0.1rem' },
  },
});

/** Feet and weight give way on a narrow phone: the call and the wall are what a dancer reads there. */
const wide = { [PHONE_SCREEN]: { display: 'none' } };

function Line({ line }: { line: SheetLine }) {
  return (
    <tr>
      <chakra.th
        scope="row"
        width="4.25rem"
        textAlign="left"
        verticalAlign="baseline"
        borderBottom="1px solid"
        borderColor="line"
        fontVariantNumeric="tabular-nums"
        whiteSpace="nowrap"
        paddingRight="0.5rem"
      >
        {line.counts}
      </chakra.th>
      <Cell verticalAlign="baseline">
        {line.call}
        {line.cues.map((cue) => (
          <chakra.i key={cue} color="quiet" marginLeft="0.75rem">
            “{cue}”
          </chakra.i>
        ))}
        {line.notes.map((note) => (
          <chakra.span
            key={note}
            color="quiet"
            marginLeft="0.75rem"
            borderLeft="2px solid"
            borderColor="line"
            paddingLeft="0.5rem"
          >
            {note}
          </chakra.span>
        ))}
      </Cell>
      <Cell width="7.5rem" whiteSpace="nowrap" css={wide}>
        <Flex gap="0.25rem" align="center">
          {line.feet.slice(0, 8).map((mark, index) => (
            <FootDisc key={index} mark={mark} />
          ))}
        </Flex>
      </Cell>
      <Cell width="2.5rem" css={wide}>
        <Flex align="center">
          <WeightPair weight={line.weight} />
        </Flex>
      </Cell>
      <Cell
        width="5rem"
        whiteSpace="nowrap"
        fontWeight="700"
        paddingRight="0"
        textAlign="right"
        css={{ [PHONE_SCREEN]: { width: '3rem', '& svg': { display: 'none' } } }}
      >
        {line.facing !== undefined && line.hour && (
          <Flex gap="0.4rem" justify="flex-end" align="center">
            <RoomMark facing={line.facing} hour={line.hour} strong />
            <chakra.span minWidth="2.75rem">{line.hour}</chakra.span>
          </Flex>
        )}
      </Cell>
    </tr>
  );
}

function Aside({ kind, text }: { kind: 'note' | 'option' | 'text'; text: string }) {
  return (
    <tr>
      <Cell />
      <Cell colSpan={4} color="quiet" fontStyle={kind === 'note' ? 'italic' : 'normal'}>
        {text}
      </Cell>
    </tr>
  );
}
