import { chakra } from '@chakra-ui/react';
import { closestCenter, DndContext } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { EditorView } from '@codemirror/view';
import { GripVertical } from 'lucide-react';
import { memo } from 'react';
import type { SectionView } from '../../../core';
import { dragSection } from '../editor/script-commands';
import { useSortSensors } from '../desk/sort-sensors';
import { SectionButton, type SectionProps } from './SectionButton';

/** The sections as a list that is put in order by their grips, with the pointer or by keys. */
export default function SortableSections({
  sections,
  slips,
  current,
  view,
  onOpen,
}: {
  sections: readonly SectionView[];
  /** Told of each by now. */
  slips: readonly number[];
  current: SectionView | undefined;
  view: EditorView | undefined;
  onOpen: (line: number) => void;
}) {
  const sensors = useSortSensors();
  return (
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
          {sections.map((section, index) => (
            <SectionItem
              key={section.line}
              section={section}
              slips={slips[index]}
              current={section === current}
              onOpen={onOpen}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** Drawn again when what it shows has changed: most keys change one section of many. */
const SectionItem = memo(
  DrawnSection,
  (old, next) =>
    old.current === next.current &&
    old.slips === next.slips &&
    JSON.stringify(old.section) === JSON.stringify(next.section),
);

function DrawnSection({ section, slips, current, onOpen }: SectionProps) {
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
      <SectionButton section={section} slips={slips} current={current} onOpen={onOpen} />
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
