import { Box, chakra, Flex } from '@chakra-ui/react';
import { Copy, FolderOpen, Plus, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { addDance, deleteDance, duplicateDance, restoreDance, type DanceRecord } from '../../store';
import { DEMO_DANCES } from '../features/dances/demo';
import { useDances } from '../features/dances/use-dances';
import { DanceFacts } from '../features/dances/DanceFacts';
import { Button } from '../theme/Button';

const NEW_DANCE = '# New dance\nstart: weight L\n\n## Section 1\n';

/** The shelf. */
export function DancesScreen() {
  const { data: dances, isPending, isError } = useDances();
  const navigate = useNavigate();
  const files = useRef<HTMLInputElement>(null);
  const [deleted, setDeleted] = useState<DanceRecord>();
  const [problem, setProblem] = useState('');

  const open = (id: string) => navigate(`/dance/${id}`);
  const attempt = async (work: () => Promise<void>) => {
    try {
      setProblem('');
      await work();
    } catch {
      setProblem('The browser refuses to keep anything: its storage is full or switched off. Nothing was changed.');
    }
  };
  const start = () => attempt(async () => void open((await addDance(NEW_DANCE)).id));
  const openFiles = (list: FileList | null) =>
    attempt(async () => {
      const { readDanceBytes } = await import('../../formats/open-file');
      const problems: string[] = [];
      let last: DanceRecord | undefined;
      for (const file of Array.from(list ?? [])) {
        const read = readDanceBytes(new Uint8Array(await file.arrayBuffer()), file.name);
        if ('problem' in read) problems.push(`${file.name}: ${read.problem}`);
        else last = await addDance(read.text);
      }
      setProblem(problems.join(' '));
      if (last && problems.length === 0 && list?.length === 1) void open(last.id);
    });

  return (
    <Box
      as="main"
      width="100%"
      paddingInline="max(1rem, calc((100% - 64rem) / 2))"
      paddingBlock="1.5rem 4rem"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void openFiles(event.dataTransfer.files);
      }}
    >
      <Flex justify="space-between" align="center" gap="1rem" flexWrap="wrap" marginBottom="1rem">
        <chakra.h1 fontSize="1.75rem" fontWeight="700">
          Dances
        </chakra.h1>
        <Flex gap="0.5rem">
          <Button onClick={() => files.current?.click()}>
            <FolderOpen size={18} aria-hidden /> Open a file
          </Button>
          <Button variant="solid" onClick={() => void start()}>
            <Plus size={18} aria-hidden /> New dance
          </Button>
          <input
            ref={files}
            type="file"
            multiple
            hidden
            accept=".txt,.json,.html,.htm,.md,.csv,text/*"
            data-testid="open-file"
            onChange={(event) => {
              void openFiles(event.target.files).then(() => {
                if (files.current) files.current.value = '';
              });
            }}
          />
        </Flex>
      </Flex>
      {problem && (
        <Box
          role="alert"
          borderLeft="3px solid"
          borderColor="slip"
          paddingLeft="0.75rem"
          color="slip"
          marginBottom="1rem"
        >
          {problem}
        </Box>
      )}
      {isError && (
        <Box role="alert" color="slip" marginBottom="1rem">
          The browser keeps nothing here: its storage is switched off or full. You can still open a file and print it,
          but nothing you type would stay.
        </Box>
      )}
      {deleted && (
        <Flex
          role="status"
          align="center"
          gap="1rem"
          background="sand"
          padding="0.5rem 0.75rem"
          marginBottom="1rem"
          borderRadius="4px"
        >
          <span>“{deleted.title}” is off the shelf.</span>
          <Button
            size="small"
            onClick={() =>
              void attempt(async () => {
                await restoreDance(deleted.id);
                setDeleted(undefined);
              })
            }
          >
            Put it back
          </Button>
        </Flex>
      )}
      {dances && dances.length > 0 && (
        <chakra.ul borderTop="2px solid" borderColor="rule">
          {dances.map((dance) => (
            <DanceRow
              key={dance.id}
              dance={dance}
              onDuplicate={() => void attempt(async () => void (await duplicateDance(dance.id)))}
              onDelete={() =>
                void attempt(async () => {
                  await deleteDance(dance.id);
                  setDeleted(dance);
                })
              }
            />
          ))}
        </chakra.ul>
      )}
      {dances?.length === 0 && (
        <Box padding="2.5rem 0" maxWidth="34rem">
          <chakra.p fontSize="1.125rem" marginBottom="1rem">
            The shelf is empty. Begin with “New dance” and write a line such as <b>1-4 Vine R</b>: counts, weight and
            wall appear beside it.
          </chakra.p>
          <Button
            onClick={() =>
              void attempt(async () => void (await Promise.all(DEMO_DANCES.map((text) => addDance(text)))))
            }
          >
            Put the boathouse dances on it
          </Button>
        </Box>
      )}
      {isPending && <chakra.p color="quiet">Opening the shelf …</chakra.p>}
    </Box>
  );
}

function DanceRow({
  dance,
  onDuplicate,
  onDelete,
}: {
  dance: DanceRecord;
  onDuplicate: () => void;
  onDelete: () => void;
}) {
  return (
    <chakra.li
      display="flex"
      alignItems="center"
      gap="1rem"
      borderBottom="1px solid"
      borderColor="line"
      paddingBlock="0.75rem"
      _hover={{ background: 'sand' }}
      paddingInline="0.5rem"
      marginInline="-0.5rem"
    >
      <DanceFacts dance={dance}>
        <chakra.span
          css={{
            '& a': { textDecoration: 'none', fontWeight: '700', fontSize: '1.125rem' },
            '& a:hover': { textDecoration: 'underline' },
          }}
        >
          <Link to={`/dance/${dance.id}`}>{dance.title}</Link>
        </chakra.span>
      </DanceFacts>
      <Flex gap="0.125rem" flexShrink={0}>
        <Button variant="plain" size="small" aria-label={`Sheet of ${dance.title}`} asChild>
          <Link to={`/dance/${dance.id}/sheet`}>Sheet</Link>
        </Button>
        <Button
          variant="plain"
          size="small"
          aria-label={`Duplicate ${dance.title}`}
          title="Duplicate"
          onClick={onDuplicate}
        >
          <Copy size={17} aria-hidden />
        </Button>
        <Button variant="plain" size="small" aria-label={`Delete ${dance.title}`} title="Delete" onClick={onDelete}>
          <Trash2 size={17} aria-hidden />
        </Button>
      </Flex>
    </chakra.li>
  );
}
