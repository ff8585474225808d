import { Box, chakra, Flex } from '@chakra-ui/react';
import { FolderOpen } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useNavigate } from 'react-router';
import { diedOf, tryAgain, type ImportRecord } from '../../store';
import { DamagedRecords } from '../features/desk/DamagedRecords';
import { downloadFile, fileName } from '../features/files/download';
import { ImportSheet } from '../features/import/ImportSheet';
import { takeFiles } from '../features/import/take-files';
import { useImports } from '../features/import/use-imports';
import { usePutting } from '../features/import/use-putting';
import { takeWaiting } from '../features/import/waiting-files';
import { useFiles } from '../features/files/use-files';
import { SetAside } from '../features/document/SetAside';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { Select, TextArea } from '../theme/fields';
import { t } from '../texts';

const ACCEPTED = '.txt,.md,.markdown,.html,.htm,.docx,.odt,.rtf,.pdf,.json,.csv,.zip,text/*';

/** Old sheets come in here: files, or words pasted; each is settled and then put on the shelf. */
export function ImportScreen() {
  const { desk, sheets } = useImports();
  const putting = usePutting(desk);
  const navigate = useNavigate();
  const { busy, problem, run, cancel } = useFiles();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string>();
  const files = useRef<HTMLInputElement>(null);
  // What a page died of is never opened by itself, as long as another one waits.
  const current = sheets?.find(({ id }) => id === chosen) ?? sheets?.find(({ text }) => !diedOf(text)) ?? sheets?.[0];

  const take = async (list: readonly File[]): Promise<void> => {
    const taken = await run('Reading', (worker) => takeFiles(list, worker));
    if (!taken) return;
    setProblems(taken.problems);
    await desk.add(taken.dances);
  };
  const paste = (html: string, text: string): void => {
    const bytes = new TextEncoder().encode(html || text);
    void run('Reading', (worker) => worker.read(bytes, html ? 'pasted.html' : 'pasted words')).then((read) => {
      if (!read) return;
      setProblems(read.problems);
      void desk.add(read.dances);
    });
  };

  const put = async (chosenSheets: readonly ImportRecord[], tidies: boolean): Promise<void> => {
    const made = await putting.put(chosenSheets, tidies);
    if (made.length < chosenSheets.length) return;
    void navigate(made.length === 1 ? `/dance/${made[0]}` : '/');
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
        <chakra.h1 fontSize="title" fontWeight="700">
          {t('Import')}
        </chakra.h1>
        <Flex gap="0.5rem" align="center">
          <Busy words={busy ? `${busy} …` : ''} onStop={cancel} />
          <Busy words={putting.busy && `${putting.busy} on the shelf …`} onStop={putting.stop} />
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
      {desk.isRefused && (
        <Alert>
          {t(
            'The browser refuses to keep these sheets: they are in this tab alone. Keep it open, or make room and settle a line.',
          )}
        </Alert>
      )}
      <DamagedRecords />
      {sheets?.length === 0 && <Empty onPaste={paste} />}
      {sheets && sheets.length > 1 && current && <SheetChoice sheets={sheets} current={current} onChoose={setChosen} />}
      {sheets && current && (
        <WaitingSheet key={current.id} sheet={current} onThrowAway={() => void desk.remove([current.id])}>
          <ImportSheet
            sheet={current}
            count={sheets.length}
            putting={putting}
            onSettle={(text) => desk.settle(current.id, text)}
            onPut={(all, tidies) => void put(all ? sheets : [current], tidies)}
            onThrowAway={() => void desk.remove([current.id])}
          />
        </WaitingSheet>
      )}
    </Box>
  );
}

/** A sheet, unless a page died of it: then it is opened when somebody wants it. Whatever breaks in it stays in it. */
function WaitingSheet({ sheet, onThrowAway, children }: { sheet: ImportRecord; onThrowAway: () => void; children: ReactNode }) {
  const [isSetAside, setIsSetAside] = useState(() => diedOf(sheet.text));
  if (!isSetAside) return <ErrorBoundary fallback={<BrokenSheet sheet={sheet} onThrowAway={onThrowAway} />}>{children}</ErrorBoundary>;
  const open = (): void => {
    tryAgain(sheet.text);
    setIsSetAside(false);
  };
  return (
    <SetAside name={sheet.name} text={sheet.original} onTry={open}>
      <Button onClick={onThrowAway}>{t('Throw away')}</Button>
    </SetAside>
  );
} // prettier-ignore

/** Whatever is in a sheet, the screen can be used again: it can be taken away as it came, or thrown away. */
function BrokenSheet({ sheet, onThrowAway }: { sheet: ImportRecord; onThrowAway: () => void }) {
  return (
    <Box role="alert" maxWidth="46rem">
      <chakra.p marginBottom="0.75rem">
        <b>{sheet.name}</b>{' '}
        {t('can’t be shown: something in it is too much for this screen. Nothing else is touched by it.')}
      </chakra.p>
      <Flex gap="0.5rem">
        <Button onClick={() => downloadFile(fileName(sheet.name, 'txt'), 'text/plain', sheet.original)}>
          {t('Save it as a file')}
        </Button>
        <Button onClick={onThrowAway}>{t('Throw away')}</Button>
      </Flex>
    </Box>
  );
}

function Busy({ words, onStop }: { words: string; onStop: () => void }) {
  if (!words) return null;
  return (
    <>
      <span role="status">{words}</span>
      <Button size="small" onClick={onStop}>
        {t('Stop')}
      </Button>
    </>
  );
}

/** More sheets than this are chosen from a list. */
const MOST_BUTTONS = 24;

function SheetChoice({
  sheets,
  current,
  onChoose,
}: {
  sheets: readonly ImportRecord[];
  current: ImportRecord;
  onChoose: (id: string) => void;
}) {
  if (sheets.length > MOST_BUTTONS)
    return (
      <Select
        aria-label={t('Sheets to settle')}
        value={current.id}
        onChange={(event) => onChoose(event.target.value)}
        css={{ '&&': { marginBottom: '1rem' } }}
      >
        {sheets.map(({ id, name }, index) => (
          <option key={id} value={id}>
            {index + 1}. {name}
          </option>
        ))}
      </Select>
    );
  return (
    <Flex as="nav" aria-label={t('Sheets to settle')} gap="0.35rem" flexWrap="wrap" marginBottom="1rem">
      {sheets.map(({ id, name }) => (
        <Button
          key={id}
          size="small"
          variant={id === current.id ? 'solid' : 'line'}
          aria-current={id === current.id}
          onClick={() => onChoose(id)}
        >
          {name}
        </Button>
      ))}
    </Flex>
  );
}

function Empty({ onPaste }: { onPaste: (html: string, text: string) => void }) {
  const [words, setWords] = useState('');
  return (
    <Box maxWidth="46rem">
      <chakra.p fontSize="lead" marginBottom="0.75rem">
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
