import { Box, chakra, Flex } from '@chakra-ui/react';
import { FileInput, Plus } from 'lucide-react';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { addDance, addDances, answered, refusalWords, type DanceRecord } from '../../store';
import { DanceList } from '../features/dances/DanceList';
import { Keeping } from '../features/dances/Keeping';
import { DamagedRecords } from '../features/desk/DamagedRecords';
import { SelectionBar } from '../features/dances/SelectionBar';
import { choicesOf, chooseDances, EVERYTHING, type ShelfChoice } from '../features/dances/shelf';
import type { ShelfIndex } from '../features/dances/shelf-index';
import { ShelfBar } from '../features/dances/ShelfBar';
import { useDances } from '../features/dances/use-dances';
import { waitForImport } from '../features/import/waiting-files';
import { useFiles, type FileWork } from '../features/files/use-files';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { t } from '../texts';

/** Longer than any work on chosen dances takes, in milliseconds. */
const LONGEST_WORK = 30_000;
const NEW_DANCE = '# New dance\nstart: weight L\n\n## Section 1\n';

interface Said {
  readonly words: string;
  readonly undo?: () => Promise<unknown>;
}

/** Work on the shelf, one thing at a time: a double click makes one dance. What the browser refuses is said. */
function useAttempts() {
  const [problem, setProblem] = useState('');
  const working = useRef(false);
  const attempt = useCallback(async (work: () => Promise<unknown>) => {
    if (working.current) return;
    working.current = true;
    try {
      setProblem('');
      await answered(work(), LONGEST_WORK);
    } catch (error) {
      setProblem(`${refusalWords(error)} What you see on the shelf is what is kept.`);
    } finally {
      working.current = false;
    }
  }, []);
  return { problem, setProblem, attempt };
}

/** The shelf. */
export function DancesScreen() {
  const { data: dances, isPending, isError, error } = useDances();
  const navigate = useNavigate();
  const files = useFiles();
  const { problem, setProblem, attempt } = useAttempts();
  const [said, setSaid] = useState<Said>();
  const [choice, setChoice] = useState<ShelfChoice>(EVERYTHING);
  const narrow = useCallback((more: Partial<ShelfChoice>) => setChoice((old) => ({ ...old, ...more })), []);
  const say = useCallback(
    (words: string, undo?: () => Promise<unknown>) => setSaid({ words, ...(undo && { undo }) }),
    [],
  );
  const { shown, choices, wake } = useShelf(dances, choice);
  const { selected, select, chosen, clear } = useSelection(shown);
  useEditorAhead();
  const has = dances !== undefined && dances.length > 0;
  return (
    <Box
      as="main"
      width="100%"
      paddingInline="max(1rem, calc((100% - 66rem) / 2))"
      paddingBlock="1.5rem 2.5rem"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        waitForImport(Array.from(event.dataTransfer.files));
        void navigate('/import');
      }}
    >
      <ShelfHead all={dances?.length ?? 0} shown={shown.length} attempt={attempt} />
      {[problem, files.problem].filter(Boolean).map((sentence) => (
        <Alert key={sentence}>{sentence}</Alert>
      ))}
      <DamagedRecords />
      {isError && <NothingKept error={error} />}
      {has && <ShelfBar choices={choices} choice={choice} onChange={narrow} onFocus={wake} />}
      <SaidBar said={said} files={files} attempt={attempt} onUndone={() => setSaid(undefined)} />
      {shown.length > 0 && <DanceList dances={shown} selected={selected} onSelect={select} />}
      {has && shown.length === 0 && (
        <chakra.p paddingBlock="1.5rem">{t('No dance on the shelf answers to that.')}</chakra.p>
      )}
      {chosen.length > 0 && (
        <SelectionBar
          dances={chosen}
          files={files}
          attempt={attempt}
          onDone={(words, undo) => {
            setSaid({ words, ...(undo && { undo }) });
            clear();
          }}
          onClear={clear}
        />
      )}
      {dances?.length === 0 && (
        <EmptyShelf
          onDemo={() =>
            void attempt(async () =>
              addDances((await import('../features/dances/demo')).DEMO_DANCES.map((text) => ({ text }))),
            )
          }
        />
      )}
      {isPending && <chakra.p color="quiet">{t('Opening the shelf …')}</chakra.p>}
      {!isPending && !isError && <Keeping onSaid={say} onProblem={setProblem} />}
    </Box>
  );
}

/** The editor is fetched while nobody waits for it: the first dance opens as fast as the next. */
function useEditorAhead(): void {
  useEffect(() => {
    const timer = setTimeout(
      () => void Promise.all([import('./DanceLayout'), import('./ScriptScreen')]).catch(() => undefined),
      1200,
    );
    return () => clearTimeout(timer);
  }, []);
}

type Attempt = ReturnType<typeof useAttempts>['attempt'];

function ShelfHead({ all, shown, attempt }: { all: number; shown: number; attempt: Attempt }) {
  const navigate = useNavigate();
  const start = () => attempt(async () => navigate(`/dance/${(await addDance(NEW_DANCE)).id}`));
  return (
    <Flex justify="space-between" align="center" gap="1rem" flexWrap="wrap" marginBottom="1rem">
      <chakra.h1 fontSize="title" fontWeight="700">
        Dances
        {all > 0 && (
          <chakra.span color="quiet" fontWeight="400" fontSize="lead" marginLeft="0.75rem" data-testid="shelf-count">
            {shown === all ? all : `${shown} of ${all}`}
          </chakra.span>
        )}
      </chakra.h1>
      <Flex gap="0.5rem">
        <Button onClick={() => void navigate('/import')}>
          <FileInput size={18} aria-hidden /> {t('Import')}
        </Button>
        <Button variant="solid" onClick={() => void start()}>
          <Plus size={18} aria-hidden /> {t('New dance')}
        </Button>
      </Flex>
    </Flex>
  );
}

const NothingKept = ({ error }: { error: unknown }) => (
  <Box role="alert" color="slip" marginBottom="1rem">
    {refusalWords(error)}{' '}
    {t(
      'Close other tabs of Pace Slate, leave a private window, or make room on this machine, then load this page again: what is kept is still there.',
    )}
  </Box>
);

/** What was done last, with the way back; or what is being done, with the way to stop it. */
function SaidBar({
  said,
  files,
  attempt,
  onUndone,
}: {
  said: Said | undefined;
  files: FileWork;
  attempt: Attempt;
  onUndone: () => void;
}) {
  if (!said && !files.busy) return null;
  return (
    <Flex
      role="status"
      align="center"
      gap="1rem"
      background="sand"
      padding="0.5rem 0.75rem"
      marginBottom="0.9rem"
      borderRadius="4px"
    >
      <span>{files.busy ? `${files.busy} …` : said?.words}</span>
      {files.busy && (
        <Button size="small" onClick={files.cancel}>
          {t('Stop')}
        </Button>
      )}
      {!files.busy && said?.undo && (
        <Button
          size="small"
          onClick={() =>
            void attempt(async () => {
              await said.undo?.();
              onUndone();
            })
          }
        >
          {t('Undo')}
        </Button>
      )}
    </Flex>
  );
}

/** Which dances are shown. The index is made when somebody goes to the search field. */
function useShelf(dances: readonly DanceRecord[] | undefined, choice: ShelfChoice) {
  const [index, setIndex] = useState<ShelfIndex>();
  const words = useDeferredValue(choice.words.trim());
  const wake = useCallback(() => {
    void import('../features/dances/shelf-index').then(({ ShelfIndex }) => setIndex((old) => old ?? new ShelfIndex()));
  }, []);
  const choices = useMemo(() => choicesOf(dances ?? []), [dances]);
  // The index grows between two frames; each time it has, the words are looked for again.
  const [grown, setGrown] = useState(0);
  useEffect(() => {
    if (!index || !dances) return;
    let timer: ReturnType<typeof setTimeout>;
    const grow = (): void => {
      const isDone = index.update(dances, 12);
      setGrown((old) => old + 1);
      if (!isDone) timer = setTimeout(grow);
    };
    timer = setTimeout(grow);
    return () => clearTimeout(timer);
  }, [index, dances]);
  const found = useMemo(
    () => (index && words !== '' && grown > 0 ? index.find(words) : undefined),
    [index, words, grown],
  );
  const shown = useMemo(() => chooseDances(dances ?? [], choice, found), [dances, choice, found]);
  return { shown, choices, wake };
}

/** Chosen dances; those that are not shown any more are not chosen either. */
function useSelection(shown: readonly DanceRecord[]) {
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set());
  const last = useRef<string>(undefined);
  const order = useRef(shown);
  useEffect(() => {
    order.current = shown;
  }, [shown]);
  const select = useCallback((id: string, isOn: boolean, isRange: boolean) => {
    const from = last.current;
    last.current = id;
    setSelected((old) => {
      const next = new Set(old);
      const ids = order.current.map((dance) => dance.id);
      const [a, b] = [ids.indexOf(from ?? id), ids.indexOf(id)];
      const range = isRange && a >= 0 ? ids.slice(Math.min(a, b), Math.max(a, b) + 1) : [id];
      for (const one of range)
        if (isOn) next.add(one);
        else next.delete(one);
      return next;
    });
  }, []);
  const chosen = useMemo(() => shown.filter(({ id }) => selected.has(id)), [shown, selected]);
  return { selected, select, chosen, clear: useCallback(() => setSelected(new Set()), []) };
}

function EmptyShelf({ onDemo }: { onDemo: () => void }) {
  return (
    <Box padding="2.5rem 0" maxWidth="36rem">
      <chakra.p fontSize="part" marginBottom="1rem">
        The shelf is empty. Begin with “New dance” and write a line such as <b>{t('1-4 Vine R')}</b>: counts, weight and
        wall appear beside it. Or bring in an old sheet with “Import”, or restore a backup from another machine below.
      </chakra.p>
      <Button onClick={onDemo}>{t('Put the boathouse dances on it')}</Button>
    </Box>
  );
}
