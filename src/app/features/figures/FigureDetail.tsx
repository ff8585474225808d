import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  CAUTION_TEXTS,
  type FigureDanced,
  type FigureEntry,
  type FigureForm,
  type Foot,
  type RailCell,
} from '../../../core';
import { Rail, WeightPair } from '../marks/Marks';
import { StepRow } from '../marks/StepRow';
import { t } from '../../texts';
import { greatest } from '../../../core';

/** One figure foot by foot, in every rhythm it is danced in; where its turns fall; what to mind. */
export function FigureDetail({
  entry,
  danced,
  houseName,
  children,
}: {
  entry: FigureEntry;
  danced: FigureDanced;
  houseName: string;
  children?: React.ReactNode;
}) {
  const { en, de, fr } = entry.names;
  const others = [...en.filter((name) => name !== houseName), ...de, ...fr].filter((name) => name !== houseName);
  return (
    <article aria-label={houseName}>
      <Flex align="baseline" justify="space-between" gap="1rem" wrap="wrap">
        <chakra.h2 fontSize="title" fontWeight="700" lineHeight="1.2">
          {houseName.charAt(0).toUpperCase() + houseName.slice(1)}
        </chakra.h2>
        <Flex gap="0.35rem">{children}</Flex>
      </Flex>
      {others.length > 0 && (
        <chakra.p color="quiet" marginTop="0.25rem">
          also {others.join(', ')}
        </chakra.p>
      )}
      <Flex wrap="wrap" gap="1.25rem 2.5rem" marginTop="1.25rem">
        {danced.forms.map((form) => (
          <Form key={form.counts} form={form} lead={danced.lead} />
        ))}
      </Flex>
      {danced.turns.length > 0 && (
        <Box as="section" marginTop="2rem">
          <chakra.h3 fontSize="part" fontWeight="700">
            With a turn
            {entry.turnsUpTo && (
              <chakra.span fontWeight="400" color="quiet">
                , up to {entry.turnsUpTo}
              </chakra.span>
            )}
          </chakra.h3>
          <Flex wrap="wrap" gap="1.25rem 2.5rem" marginTop="0.5rem">
            {danced.turns.map(({ words, form }) => (
              <Form key={words} form={form} lead={danced.lead} title={words} />
            ))}
          </Flex>
        </Box>
      )}
      {entry.care && (
        <Box borderLeft="3px solid" borderColor="care" paddingLeft="0.75rem" marginTop="1.5rem" maxWidth="40rem">
          <chakra.b color="care">{t('Care')}</chakra.b> {CAUTION_TEXTS[entry.care]}
        </Box>
      )}
    </article>
  );
}

/** The rail of a figure's own counts: whole counts as cells, halved where something falls between. */
function railOf({ steps }: FigureForm): RailCell[] {
  const last = greatest(
    steps.map(({ count }) => Number(count) || 0),
    1,
  );
  let at = 0;
  const split = new Set<number>();
  const held = new Set<number>();
  for (const { count, mark } of steps) {
    if (/^\d/.test(count)) at = Number(count);
    else split.add(Math.max(at, 1));
    if (mark.kind === 'hold') held.add(at);
  }
  return Array.from({ length: last }, (_, index) => ({
    count: index + 1,
    state: held.has(index + 1) ? 'hold' : 'filled',
    split: split.has(index + 1),
    slip: false,
  }));
}

function Form({ form, lead, title = form.counts }: { form: FigureForm; lead: Foot; title?: string }) {
  const rail = railOf(form);
  return (
    <Box as="section" minWidth="17rem" flex="0 1 22.5rem" aria-label={`${title}, led by ${lead}`}>
      <Flex
        align="flex-end"
        justify="space-between"
        borderBottom="1.5px solid"
        borderColor="rule"
        paddingBottom="0.25rem"
      >
        <chakra.h3 fontSize="lead" fontWeight="700" fontVariantNumeric="tabular-nums">
          {title}
        </chakra.h3>
        <Rail cells={rail} cell={Math.min(26, 150 / rail.length)} height={8} />
      </Flex>
      <ol>
        {form.steps.map((step, index) => (
          <StepRow key={index} step={step} turnsOnly />
        ))}
      </ol>
      <Flex align="center" justify="space-between" color="quiet" fontSize="text" paddingTop="0.25rem">
        {t('weight after')}
        <WeightPair weight={form.ends} />
      </Flex>
    </Box>
  );
}
