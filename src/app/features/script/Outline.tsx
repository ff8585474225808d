import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Study } from '../../../core';
import type { DanceSession } from '../document/session';
import { addSection } from '../editor/commands';
import { Rail, RoomMark, WeightPair } from '../marks/Marks';
import { Button } from '../../theme/Button';

const FactsForm = lazy(() => import('./FactsForm'));

interface Props {
  study: Study;
  line: number;
  onLine: (line: number) => void;
  session: DanceSession;
  view: EditorView | undefined;
}

/** Every section with its counts, and the foot and the wall it ends on. */
export function Outline({ study, line, onLine, session, view }: Props) {
  const [editsFacts, setEditsFacts] = useState(false);
  const { sections } = study.view;
  const current = sections.findLast((section) => section.line <= line);
  return (
    <Box paddingBlock="0.75rem">
      <Box paddingInline="0.75rem" marginBottom="0.5rem">
        <Button width="100%" size="small" onClick={() => setEditsFacts(true)}>
          Facts of the dance
        </Button>
      </Box>
      <ol>
        {sections.map((section) => (
          <li key={section.line}>
            <chakra.button
              type="button"
              onClick={() => onLine(section.line)}
              aria-current={section === current ? 'true' : undefined}
              display="block"
              width="100%"
              textAlign="left"
              font="inherit"
              color="ink"
              background={section === current ? 'sand' : 'transparent'}
              border="none"
              borderLeft="3px solid"
              borderColor={section === current ? 'rule' : 'transparent'}
              padding="0.5rem 0.75rem 0.5rem 0.875rem"
              cursor="pointer"
              _hover={{ background: 'sand' }}
            >
              <Flex justify="space-between" align="center" gap="0.5rem">
                <chakra.span fontWeight="600" fontSize="0.9375rem">
                  {section.name}
                </chakra.span>
                <Flex gap="0.5rem" align="center">
                  <WeightPair weight={section.weight} />
                  <RoomMark facing={section.facing} hour={section.hour} strong />
                </Flex>
              </Flex>
              <Flex align="center" gap="0.5rem" marginTop="0.3rem">
                <Rail cells={section.rail} cell={Math.min(13, 104 / section.rail.length)} height={6} />
                <chakra.span
                  color={section.counts === section.statedCounts || section.counts === 0 ? 'quiet' : 'slip'}
                  fontSize="0.8125rem"
                >
                  {section.counts}
                </chakra.span>
                {section.slips > 0 && (
                  <chakra.span color="slip" marginLeft="auto" fontSize="0.8125rem" fontWeight="700">
                    {section.slips === 1 ? '1 slip' : `${section.slips} slips`}
                  </chakra.span>
                )}
              </Flex>
            </chakra.button>
          </li>
        ))}
      </ol>
      <Box paddingInline="0.75rem" marginTop="0.5rem">
        <Button variant="plain" size="small" onClick={() => view && addSection(view) && view.focus()}>
          <Plus size={16} aria-hidden /> Section <kbd>Ctrl Enter</kbd>
        </Button>
      </Box>
      {editsFacts && (
        <Suspense fallback={null}>
          <FactsForm session={session} view={view} onClose={() => setEditsFacts(false)} />
        </Suspense>
      )}
    </Box>
  );
}
