import { Box, chakra, Flex } from '@chakra-ui/react';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { EditorView } from '@codemirror/view';
import { GripVertical, Plus } from 'lucide-react';
import { lazy, memo, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import type { SectionView, Study } from '../../../core';
import type { DanceSession } from '../document/session';
import { addSection } from '../editor/commands';
import { dragSection } from '../editor/script-commands';
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

/** Every section with its counts, and the foot and the wall it ends on. Sections are dragged to another place by their grip. */
export const Outline = memo(function Outline({ study, line, onLine, session, view }: Props) {
  const [editsFacts, setEditsFacts] = useState(false);
  const { sections } = study.view;
  const current = sections.findLast((section) => section.line <= line);
  const jump = useRef(onLine);
  useEffect(() => {
    jump.current = onLine;
  });
  const open = useCallback((at: number) => jump.current(at), []);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <Box paddingBlock="0.75rem">
      <Box paddingInline="0.75rem" marginBottom="0.5rem">
        <Button width="100%" size="small" onClick={() => setEditsFacts(true)}>
          Facts of the dance
        </Button>
      </Box>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (view && over && active.id !== over.id) dragSection(view, Number(active.id) - 1, Number(over.id) - 1);
        }}
      >
        {/* Lines count from 0 and dnd-kit wants no 0 for an id. */}
        <SortableContext items={sections.map((section) => section.line + 1)} strategy={verticalListSortingStrategy}>
          <ol>
            {sections.map((section) => (
              <SectionItem key={section.line} section={section} current={section === current} onOpen={open} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
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
});

interface ItemProps {
  section: SectionView;
  current: boolean;
  onOpen: (line: number) => void;
}

/** Drawn again when what it shows has changed: most keys change one section of many. */
const SectionItem = memo(
  DrawnSection,
  (old, next) => old.current === next.current && JSON.stringify(old.section) === JSON.stringify(next.section),
);

function DrawnSection({ section, current, onOpen }: ItemProps) {
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: section.line + 1,
    disabled: !section.headed,
  });
  return (
    <chakra.li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      position="relative"
      background={isDragging || current ? 'sand' : 'transparent'}
      zIndex={isDragging ? 1 : undefined}
      css={{ '& .grip': { opacity: 0 }, '&:hover .grip, & .grip:focus-visible': { opacity: 1 } }}
    >
      <chakra.button
        type="button"
        onClick={() => onOpen(section.line)}
        aria-current={current ? 'true' : undefined}
        display="block"
        width="100%"
        textAlign="left"
        font="inherit"
        color="ink"
        background="transparent"
        border="none"
        borderLeft="3px solid"
        borderColor={current ? 'rule' : 'transparent'}
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
      {section.headed && (
        <chakra.button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          className="grip"
          aria-label={`Move ${section.name.toLowerCase()}`}
          position="absolute"
          left="0"
          top="0.45rem"
          padding="0.15rem 0"
          background="transparent"
          border="none"
          color="quiet"
          cursor="grab"
          display="flex"
          touchAction="none"
        >
          <GripVertical size={15} aria-hidden />
        </chakra.button>
      )}
    </chakra.li>
  );
}
