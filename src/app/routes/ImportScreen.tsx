import { Box, chakra, Flex } from '@chakra-ui/react';
import { FolderOpen, Trash2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { languageOf, likeness, LONGEST_LIVE_TEXT, studyText, tidyScript, TONGUES, viewImport } from '../../core';
import { addDance, type DanceRecord, type ImportDraft } from '../../store';
import { useDances } from '../features/dances/use-dances';
import { ImportLines } from '../features/import/ImportLines';
import { takeFiles } from '../features/import/take-files';
import { useImports } from '../features/import/use-imports';
import { takeWaiting } from '../features/import/waiting-files';
import { houseStyle, usePersonalFigures } from '../features/settings/settings';
import { useFiles } from '../features/sheet/use-files';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { TextArea } from '../theme/fields';
import { t } from '../texts';

const ACCEPTED = '.txt,.md,.markdown,.html,.htm,.docx,.pdf,.json,.csv,.zip,text/*';

/** Old sheets come in here: files, or words pasted; each is settled and then put on the shelf. */
export function ImportScreen() {
  const { drafts, add, settle, remove } = useImports();
  const { busy, problem, run, cancel } = useFiles();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string>();
  const files = useRef<HTMLInputElement>(null);
  const current = drafts?.find(({ id }) => id === chosen) ?? drafts?.[0];

  const take = async (list: readonly File[]): Promise<void> => {
    const taken = await run('Reading', (worker) => takeFiles(list, worker));
    if (!taken) return;
    setProblems(taken.problems);
    add(taken.dances);
  };
  const paste = (html: string, text: string): void => {
    const bytes = new TextEncoder().encode(html || text);
    void run('Reading', (worker) => worker.read(bytes, html ? 'pasted.html' : 'pasted words')).then((read) => {
      if (!read) return;
      setProblems(read.problems);
      add(read.dances);
    });
  };

  // Files dropped on the shelf come along.
  useEffect(() => {
    const timer = setTimeout(() => {
      const waiting = takeWaiting();
      if (waiting.length > 0) void take(waiting);
    });
    return () => clearTimeout(timer);
    // Once, when the screen opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  return (
    <Box
      as="main"
      width="100%"
      paddingInline="max(1rem, calc((100% - 74rem) / 2))"
      paddingBlock="1.5rem 4rem"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        if (event.dataTransfer.files.length > 0) void take(Array.from(event.dataTransfer.files));
        else paste(event.dataTransfer.getData('text/html'), event.dataTransfer.getData('text/plain'));
      }}
    >
      <Flex justify="space-between" align="center" gap="1rem" flexWrap="wrap" marginBottom="1rem">
        <chakra.h1 fontSize="1.75rem" fontWeight="700">
          {t('Import')}
        </chakra.h1>
        <Flex gap="0.5rem" align="center">
          {busy && (
            <>
              <span role="status">{busy} …</span>
              <Button size="small" onClick={cancel}>
                {t('Stop')}
              </Button>
            </>
          )}
          <Button onClick={() => files.current?.click()}>
            <FolderOpen size={18} aria-hidden /> {t('Choose files')}
          </Button>
          <input
            ref={files}
            type="file"
            multiple
            hidden
            accept={ACCEPTED}
            data-testid="import-file"
            onChange={(event) => {
              void take(Array.from(event.target.files ?? [])).then(() => {
                if (files.current) files.current.value = '';
              });
            }}
          />
        </Flex>
      </Flex>
      {[problem, ...problems].filter(Boolean).map((sentence) => (
        <Alert key={sentence}>{sentence}</Alert>
      ))}
      {drafts?.length === 0 && <Empty onPaste={paste} />}
      {drafts && drafts.length > 1 && current && (
        <Flex as="nav" aria-label={t('Sheets to settle')} gap="0.35rem" flexWrap="wrap" marginBottom="1rem">
          {drafts.map((draft) => (
            <Button
              key={draft.id}
              size="small"
              variant={draft.id === current.id ? 'solid' : 'line'}
              aria-current={draft.id === current.id}
              onClick={() => setChosen(draft.id)}
            >
              {draft.name}
            </Button>
          ))}
        </Flex>
      )}
      {current && (
        <Sheet
          key={current.id}
          draft={current}
          others={drafts ?? []}
          onSettle={(text) => settle(current.id, text)}
          onRemove={remove}
        />
      )}
    </Box>
  );
}

function Empty({ onPaste }: { onPaste: (html: string, text: string) => void }) {
  const [words, setWords] = useState('');
  return (
    <Box maxWidth="46rem">
      <chakra.p fontSize="1.0625rem" marginBottom="0.75rem">
        {t(
          'Drop a sheet here, or paste it: a Word file, a PDF with words in it, a mail, a web page, Markdown, a table, a ZIP of many. Each line is shown beside what was understood of it, before anything goes on the shelf.',
        )}
      </chakra.p>
      <TextArea
        aria-label={t('Words of a sheet')}
        rows={12}
        value={words}
        placeholder={'1-4 Vine right, touch left\n5-8 …'}
        onChange={(event) => setWords(event.target.value)}
        onPaste={(event) => {
          const html = event.clipboardData.getData('text/html');
          const text = event.clipboardData.getData('text/plain');
          if (words !== '' || (html === '' && text === '')) return;
          event.preventDefault();
          onPaste(html, text);
        }}
      />
      <Button variant="solid" marginTop="0.75rem" disabled={words.trim() === ''} onClick={() => onPaste('', words)}>
        {t('Read these words')}
      </Button>
    </Box>
  );
}

const ALIKE = 0.8;

function Sheet({
  draft,
  others,
  onSettle,
  onRemove,
}: {
  draft: ImportDraft;
  others: readonly ImportDraft[];
  onSettle: (text: string) => void;
  onRemove: (ids: readonly string[]) => void;
}) {
  const navigate = useNavigate();
  const { data: dances } = useDances();
  const [tidies, setTidies] = useState(false);
  const [problem, setProblem] = useState('');
  const figures = usePersonalFigures();
  const study = useMemo(() => studyText(draft.text, figures, LONGEST_LIVE_TEXT), [draft.text, figures]);
  const view = useMemo(() => viewImport(study.dance, study.view, study.findings), [study]);
  const twin = useMemo(() => findTwin(draft.text, dances ?? []), [draft.text, dances]);
  const { truth } = study.view;

  const put = async (all: readonly ImportDraft[]): Promise<void> => {
    try {
      let last = '';
      for (const one of all) {
        const text = tidies ? tidyScript(studyText(one.text, figures).dance, houseStyle()) : one.text;
        const source = { name: one.name, kind: one.kind, text: one.original };
        last = (await addDance(text, undefined, { source })).id;
      }
      onRemove(all.map(({ id }) => id));
      void navigate(all.length === 1 ? `/dance/${last}` : '/');
    } catch {
      setProblem('The browser refuses to keep anything: its storage is full or switched off. The sheets stay here.');
    }
  };

  return (
    <>
      <Flex
        align="center"
        gap="0.5rem 1.25rem"
        flexWrap="wrap"
        marginBottom="0.75rem"
        position="sticky"
        top="0"
        background="paper"
        paddingBlock="0.4rem"
        zIndex="2"
      >
        <Box flex="1" minWidth="16rem">
          <chakra.p data-testid="import-truth">
            <b>{truth.counts}</b> counts, {truth.walls}
            {view.open > 0 ? (
              <chakra.span color="slip" fontWeight="600">
                , {view.open === 1 ? '1 line to settle' : `${view.open} lines to settle`}
              </chakra.span>
            ) : (
              ', nothing to settle'
            )}
          </chakra.p>
          <chakra.p color="quiet" fontSize="0.9375rem">
            {draft.name}, {draft.kind}, in {TONGUES[languageOf(draft.text)].title}: {view.danced} lines danced,{' '}
            {view.kept} kept as words
          </chakra.p>
        </Box>
        <chakra.label display="flex" gap="0.4rem" alignItems="center" cursor="pointer">
          <input type="checkbox" checked={tidies} onChange={(event) => setTidies(event.target.checked)} />
          {t('Tidy it')}
        </chakra.label>
        <Button variant="plain" onClick={() => onRemove([draft.id])}>
          <Trash2 size={17} aria-hidden /> {t('Throw away')}
        </Button>
        {others.length > 1 && <Button onClick={() => void put(others)}>Put all {others.length} on the shelf</Button>}
        <Button variant="solid" onClick={() => void put([draft])}>
          {t('Put it on the shelf')}
        </Button>
      </Flex>
      {problem && <Alert>{problem}</Alert>}
      {twin && (
        <chakra.p role="note" background="sand" padding="0.5rem 0.75rem" borderRadius="4px" marginBottom="0.75rem">
          {twin.share === 1 ? 'The shelf has this very dance' : 'The shelf has a dance much like it'}:{' '}
          <Link to={`/dance/${twin.dance.id}`}>{twin.dance.title}</Link>
          {twin.share < 1 && `, ${Math.round(twin.share * 100)} of 100 lines the same`}.
        </chakra.p>
      )}
      <ImportLines text={draft.text} lines={view.lines} onSettle={onSettle} />
    </>
  );
}

function findTwin(text: string, dances: readonly DanceRecord[]): { dance: DanceRecord; share: number } | undefined {
  let best: { dance: DanceRecord; share: number } | undefined;
  for (const dance of dances) {
    const share = dance.text.trim() === text.trim() ? 1 : likeness(dance.text, text);
    if (share >= ALIKE && share > (best?.share ?? 0)) best = { dance, share };
  }
  return best;
}
