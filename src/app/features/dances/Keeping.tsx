import { chakra, Flex } from '@chakra-ui/react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, memo, Suspense, useRef, useState } from 'react';
import { answered, askToKeep, database, findSpace, makeBackup, refusalWords, sizeOfRecordings } from '../../../store';
import { Button } from '../../theme/Button';
import { downloadFile } from '../files/download';
import { useRestore } from './use-restore';
import { t } from '../../texts';

const RestoreChoice = lazy(() => import('./RestoreChoice'));

const KEY = ['space'];

/** Where everything is kept, how much it takes, and a copy of all of it as one file. */
export const Keeping = memo(function Keeping({
  onSaid,
  onProblem,
}: {
  onSaid: (words: string, undo?: () => Promise<unknown>) => void;
  onProblem: (words: string) => void;
}) {
  const queries = useQueryClient();
  const { data: space } = useQuery({
    queryKey: KEY,
    queryFn: async () => (await findSpace()) ?? null,
    refetchInterval: 30_000,
  });
  const { data: recorded } = useQuery({
    queryKey: ['recorded'],
    queryFn: () => sizeOfRecordings(),
    refetchInterval: 30_000,
    refetchOnMount: 'always',
  });
  const [withRecordings, setWithRecordings] = useState(false);
  const files = useRef<HTMLInputElement>(null);
  const [isNew, setIsNew] = useState(isFirstVisit);
  const day = new Date().toISOString().slice(0, 10);

  const save = async (): Promise<void> => {
    try {
      downloadFile(
        `pace-slate-backup-${day}.json`,
        'application/json',
        await answered(makeBackup(database, withRecordings), 60_000),
      );
    } catch (error) {
      onProblem(`${refusalWords(error)} No backup was made.`);
    }
  };
  const restoring = useRestore(onSaid, onProblem);
  const restore = async (file: File | undefined): Promise<void> => {
    if (file && (await restoring.restore(file))) {
      noteVisit();
      setIsNew(false);
    }
  };
  return (
    <>
      <Elsewhere />
      {restoring.asked && (
        <Suspense fallback={null}>
          <RestoreChoice
            differing={restoring.asked.differing}
            onChoose={restoring.asked.answer}
            onClose={() => restoring.asked?.answer(undefined)}
          />
        </Suspense>
      )}
      {isNew && (
        <Flex
          role="note"
          align="center"
          gap="0.5rem 1rem"
          flexWrap="wrap"
          background="sand"
          borderRadius="4px"
          padding="0.6rem 0.9rem"
          marginTop="1.5rem"
        >
          <span>
            {t(
              'These are the boathouse’s dances. If yours are on another machine, back them up there and restore them here.',
            )}
          </span>
          <chakra.span marginLeft="auto" display="flex" gap="0.35rem">
            <Button size="small" variant="solid" onClick={() => files.current?.click()}>
              {t('Restore mine')}
            </Button>
            <Button
              size="small"
              variant="plain"
              onClick={() => {
                noteVisit();
                setIsNew(false);
              }}
            >
              {t('I begin here')}
            </Button>
          </chakra.span>
        </Flex>
      )}
      <Flex
        as="footer"
        align="center"
        gap="0.5rem 1rem"
        flexWrap="wrap"
        marginTop="1.75rem"
        color="quiet"
        fontSize="text"
      >
        <span>
          Everything is kept in this browser
          {space && space.used > 0 ? `: ${sizeWords(space.used)} of ${sizeWords(space.quota)}` : ''}.
        </span>
        {space && !space.isPersistent && (
          <Button
            size="small"
            variant="plain"
            onClick={() => void askToKeep().then(() => queries.invalidateQueries({ queryKey: KEY }))}
          >
            {t('Ask it never to clear it')}
          </Button>
        )}
        {space?.isPersistent && <span>{t('It will not clear it by itself.')}</span>}
        <chakra.span marginLeft="auto" display="flex" gap="0.35rem" alignItems="center">
          {restoring.busy && (
            <>
              <span role="status">{restoring.busy}</span>
              <Button size="small" onClick={restoring.stop}>
                {t('Stop')}
              </Button>
            </>
          )}
          {recorded ? (
            <chakra.label display="flex" alignItems="center" gap="0.3rem">
              <input
                type="checkbox"
                checked={withRecordings}
                onChange={({ target }) => setWithRecordings(target.checked)}
              />
              {t('with recordings ({size})', { size: sizeWords(recorded) })}
            </chakra.label>
          ) : null}
          <Button size="small" onClick={() => void save()}>
            {t('Back up everything')}
          </Button>
          <Button size="small" onClick={() => files.current?.click()}>
            {t('Restore a backup')}
          </Button>
        </chakra.span>
        <input
          ref={files}
          type="file"
          hidden
          accept=".json,application/json"
          data-testid="restore-file"
          onChange={(event) => {
            void restore(event.target.files?.[0]).then(() => {
              if (files.current) files.current.value = '';
            });
          }}
        />
      </Flex>
    </>
  );
});

/** Dances belong to the address they were written at; when the slate had to move, it says where they are. */
function Elsewhere() {
  const { data: usual } = useQuery({ queryKey: ['where'], queryFn: findUsualAddress, staleTime: Infinity });
  if (!usual) return null;
  return (
    <Flex role="note" background="sand" borderRadius="4px" padding="0.6rem 0.9rem" marginTop="1.5rem">
      <span>
        {t('The slate usually stands at')} <a href={usual}>{usual}</a>{' '}
        {t(
          'and that place was taken when this one was started, perhaps by another slate that still runs. Dances written there are kept there: open them at that address, or close what runs there and start again.',
        )}
      </span>
    </Flex>
  );
}

/** Null where it stands where it should, or where nobody can be asked. */
async function findUsualAddress(): Promise<string | null> {
  try {
    const answer = (await (await fetch('/api/where')).json()) as { usual?: unknown };
    return typeof answer.usual === 'string' && /^http:\/\/127\.0\.0\.1:\d+\/$/.test(answer.usual) ? answer.usual : null;
  } catch {
    return null;
  }
}

const VISITED = 'pace-slate-visited';

function isFirstVisit(): boolean {
  try {
    return localStorage.getItem(VISITED) === null;
  } catch {
    return false;
  }
}

function noteVisit(): void {
  try {
    localStorage.setItem(VISITED, 'yes');
  } catch {
    // It offers itself once more, then.
  }
}

const sizeWords = (bytes: number): string =>
  bytes < 1e6
    ? `${Math.max(1, Math.round(bytes / 1e3))} kB`
    : bytes < 1e9
      ? `${Math.round(bytes / 1e6)} MB`
      : `${Math.round(bytes / 1e9)} GB`;
