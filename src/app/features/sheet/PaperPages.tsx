import { Box } from '@chakra-ui/react';
import { Global } from '@emotion/react';
import { memo } from 'react';
import { TINTS, type Item, type Page, type Paper, type PrintedSheet } from '../../../paper/page';

const WEIGHTS = { regular: 400, bold: 700, italic: 400 } as const;

/** The pages at true proportions, with their breaks; on the printer each is one sheet of paper. Read aloud is the page beside it. */
export const PaperPages = memo(function PaperPages({ sheet }: { sheet: PrintedSheet }) {
  const { paper, pages } = sheet;
  return (
    <Box
      aria-hidden
      data-testid="paper"
      css={{
        display: 'grid',
        gap: '1.5rem',
        justifyItems: 'center',
        '& svg': {
          display: 'block',
          width: '100%',
          height: 'auto',
          maxWidth: '52rem',
          background: '#fff',
          boxShadow: '0 1px 4px rgba(28, 39, 45, 0.22)',
        },
        // Letters as wide as they were measured: never rounded to the screen's pixels.
        '& text': {
          fontKerning: 'none',
          fontVariantLigatures: 'none',
          textRendering: 'geometricPrecision',
          whiteSpace: 'pre',
        },
        '@media print': {
          display: 'block',
          '& svg': {
            // A hair less than the page: a rounding up must not make another one.
            width: `${paper.width - 1}pt`,
            height: `${paper.height - 2}pt`,
            maxWidth: 'none',
            boxShadow: 'none',
            breakInside: 'avoid',
          },
          '& svg + svg': { breakBefore: 'page' },
        },
      }}
    >
      <Global styles={{ '@page': { size: paper.name, margin: 0 } }} />
      {pages.map((page, index) => (
        <OnePage key={index} page={page} paper={paper} language={sheet.language} />
      ))}
    </Box>
  );
});

function OnePage({ page, paper, language }: { page: Page; paper: Paper; language: string }) {
  return (
    <svg viewBox={`0 0 ${paper.width} ${paper.height}`} lang={language}>
      {page.blocks.flatMap(({ items }, block) =>
        items.map((item, index) => <Drawn key={`${block}.${index}`} item={item} />),
      )}
    </svg>
  );
}

function Drawn({ item }: { item: Item }) {
  if (item.kind === 'text')
    return (
      <text
        x={item.x}
        y={item.y}
        fontSize={item.size}
        fontWeight={WEIGHTS[item.face]}
        fontStyle={item.face === 'italic' ? 'italic' : undefined}
        fill={TINTS[item.tint]}
      >
        {item.text}
      </text>
    );
  return (
    <path
      transform={`translate(${item.x} ${item.y})`}
      d={item.d}
      fill={item.fill ? TINTS[item.fill] : 'none'}
      stroke={item.stroke ? TINTS[item.stroke] : undefined}
      strokeWidth={item.stroke ? item.width : undefined}
    />
  );
}
