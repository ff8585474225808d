import { Box } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { Plus } from 'lucide-react';
import { lazy, memo, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { kindOf, lineAtOffset, type Finding, type Study } from '../../../core';
import type { DanceSession } from '../document/session';
import { addSection } from '../editor/commands';
import { Button } from '../../theme/Button';
import { SectionButton } from './SectionButton';
import { t } from '../../texts';

const FactsForm = lazy(() => import('./FactsForm'));
/** What drags comes a moment later than the list that is dragged. */
const SortableSections = lazy(() => import('./SortableSections'));

interface Props {
  study: Study;
  told: readonly Finding[];
  line: number;
  onLine: (line: number) => void;
  session: DanceSession;
  view: EditorView | undefined;
}

/** Every section with its counts, and the foot and the wall it ends on. Sections are dragged to another place by their grip. */
export const Outline = memo(function Outline({ study, told, line, onLine, session, view }: Props) {
  const [editsFacts, setEditsFacts] = useState(false);
  const { sections } = study.view;
  const wrong = told.filter((one) => kindOf(one) === 'slips').map(({ span }) => lineAtOffset(study.script, span.from));
  const slips = sections.map(({ line: from, end }) => wrong.filter((at) => at >= from && at <= end).length);
  const current = sections.findLast((section) => section.line <= line);
  const jump = useRef(onLine);
  useEffect(() => {
    jump.current = onLine;
  });
  const open = useCallback((at: number) => jump.current(at), []);
  return (
    <Box paddingBlock="0.75rem">
      <Box paddingInline="0.75rem" marginBottom="0.5rem">
        <Button width="100%" size="small" onClick={() => setEditsFacts(true)}>
          {t('Facts of the dance')}
        </Button>
      </Box>
      <Suspense
        fallback={
          <ol>
            {sections.map((section, index) => (
              <li key={section.line}>
                <SectionButton section={section} slips={slips[index]} current={section === current} onOpen={open} />
              </li>
            ))}
          </ol>
        }
      >
        <SortableSections sections={sections} slips={slips} current={current} view={view} onOpen={open} />
      </Suspense>
      <Box paddingInline="0.75rem" marginTop="0.5rem">
        <Button variant="plain" size="small" onClick={() => view && addSection(view) && view.focus()}>
          <Plus size={16} aria-hidden /> Section <kbd>{t('Ctrl Enter')}</kbd>
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
