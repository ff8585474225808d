import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useLocation, useNavigate, useOutletContext } from 'react-router';
import { useDanceSession, useStudy, useTold } from '../features/document/DanceContext';
import { goTo, insertFigure } from '../features/editor/commands';
import { showMendings } from '../features/editor/study-field';
import { ScriptEditor } from '../features/editor/ScriptEditor';
import { useMendings } from '../features/compose/use-mendings';
import { KeyRow } from '../features/script/KeyRow';
import { SidePanel } from '../features/compose/SidePanel';
import { Outline } from '../features/script/Outline';
import { useShownWall } from '../features/walls/shown-wall';
import { onWall } from '../../core';
import { useTryOut } from '../features/script/try-out-choice';
import { ScriptBar } from '../features/script/ScriptBar';
import { t } from '../texts';
import { MEDIUM } from '../theme/screens';

const Beginnings = lazy(() => import('../features/script/Beginnings'));

/** The script with everything that can be worked out beside it. */
export function ScriptScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const { told } = useTold(session, study);
  const { history } = useOutletContext<{ history: unknown }>();
  const [view, setView] = useState<EditorView>();
  const [line, setLine] = useState(0);
  const [isTyping, setIsTyping] = useState(false);
  const tryOut = useTryOut();
  const mendings = useMendings(study, told);
  useEffect(() => {
    view?.dispatch({ effects: showMendings.of(mendings) });
  }, [view, mendings]);
  const [wall] = useShownWall();
  const shown = useMemo(() => (wall === undefined ? undefined : onWall(study.dance, wall)), [study, wall]);
  const jump = useAsked(view);
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column' } }}>
      <chakra.h1 position="absolute" width="1px" height="1px" overflow="hidden" clipPath="inset(50%)">
        {study.script.title || 'Untitled dance'}
      </chakra.h1>
      <Box
        as="aside"
        aria-label={t('Outline')}
        width="12.5rem"
        flexShrink={0}
        borderRight="1px solid"
        borderColor="line"
        overflowY="auto"
        css={{ [MEDIUM]: { display: 'none' } }}
      >
        <Outline study={study} told={told} line={line} onLine={jump} session={session} view={view} />
      </Box>
      <Flex
        direction="column"
        flex="1"
        minWidth="0"
        minHeight="0"
        onFocus={() => setIsTyping(true)}
        onBlur={() => setIsTyping(false)}
      >
        <ScriptBar view={view} />
        <ScriptEditor session={session} keptHistory={history} wall={wall} onReady={setView} onLine={setLine} />
        {(tryOut === 'begun' || study.dance.counts === 0) && (
          <Suspense fallback={null}>
            <Beginnings study={study} view={view} />
          </Suspense>
        )}
        {isTyping && view && <KeyRow view={view} />}
      </Flex>
      <Beside>
        <SidePanel
          session={session}
          study={study}
          told={told}
          mendings={mendings}
          line={line}
          view={view}
          onLine={jump}
          wall={shown}
        />
      </Beside>
    </Flex>
  );
}

/** At the right; on a small screen a drawer below. */
const Beside = ({ children }: { children: ReactNode }) => (
  <Box
    as="aside"
    aria-label={t('The selected line')}
    tabIndex={0}
    width="18.5rem"
    flexShrink={0}
    borderLeft="1px solid"
    borderColor="line"
    overflowY="auto"
    padding="0.875rem 1rem 2rem"
    css={{
      [MEDIUM]: {
        width: 'auto',
        maxHeight: '46dvh',
        padding: '0 1rem',
        borderLeft: 'none',
        borderTop: '2px solid',
        borderColor: 'rule',
      },
    }}
  >
    {children}
  </Box>
);

/** What other screens ask of the script when they open it: a figure to write, a line to go to. Returns the way to go to a line. */
function useAsked(view: EditorView | undefined): (line: number) => void {
  const location = useLocation();
  const navigate = useNavigate();
  const asked = location.state as { figure?: string; line?: number } | null;
  const wanted = asked?.figure;
  const wantedLine = asked?.line;
  useEffect(() => {
    if (!view || !wanted) return;
    insertFigure(view, wanted);
    // Coming back to this page must not write it again.
    void navigate(location.pathname, { replace: true, state: null });
  }, [view, wanted, navigate, location.pathname]);
  // The same function for as long as the editor is: the panels beside it are drawn for what they show alone.
  const jump = useCallback(
    (at: number) => {
      const target = view?.state.doc.line(Math.min(at + 1, view.state.doc.lines));
      if (view && target) goTo(view, target.to);
    },
    [view],
  );
  useEffect(() => {
    if (!view || wantedLine === undefined) return;
    jump(wantedLine);
    void navigate(location.pathname + location.search, { replace: true, state: null });
  }, [view, wantedLine, jump, navigate, location.pathname, location.search]);
  return jump;
}
