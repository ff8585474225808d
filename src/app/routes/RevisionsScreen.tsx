import { Box, chakra, Flex } from '@chakra-ui/react';
import { format, isThisYear, isToday, isYesterday } from 'date-fns';
import { History, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useOutletContext } from 'react-router';
import { compareDances, studyText, type Change, type Study } from '../../core';
import {
  findSource,
  nameRevision,
  nextName,
  refusalWords,
  renameRevision,
  type RevisionRecord,
  type SourceRecord,
} from '../../store';
import { useDanceSession, useStudy } from '../features/document/DanceContext';
import { useRevisions } from '../features/revisions/use-revisions';
import { personalFigures } from '../features/settings/settings';
import { TextEditing } from '../features/document/text-editing';
import { differing } from '../features/document/text-change';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { Input, Select } from '../theme/fields';
import { mergeWords } from '../features/document/merge-words';
import { t } from '../texts';
import { NARROW } from '../theme/screens';

const NOW = 'now';

/** Every state that is kept, and what changed between any two of them, in dancers' words. */
export function RevisionsScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const revisions = useRevisions(session.id);
  const [chosen, setChosen] = useState<number>();
  if (!revisions) return null;
  const current = revisions.find(({ key }) => key === chosen) ?? firstToCompare(revisions, study.text);
  return (
    <Box as="main" flex="1">
      <Flex
        maxWidth="74rem"
        margin="0 auto"
        padding="1.25rem 1.5rem 3rem"
        gap="2.25rem"
        align="flex-start"
        css={{ [NARROW]: { display: 'block', padding: '1rem' } }}
      >
        <States revisions={revisions} current={current} text={study.text} onChoose={setChosen} />
        <Box as="section" aria-label={t('What changed')} flex="1" minWidth="0">
          {current ? (
            <Comparison revisions={revisions} current={current} study={study} />
          ) : (
            <Flex gap="0.75rem" color="quiet" paddingTop="2.5rem">
              <History size={22} aria-hidden />
              <p>{t('Everything you write is kept. When this dance has been changed, what changed stands here.')}</p>
            </Flex>
          )}
        </Box>
      </Flex>
    </Box>
  );
}

/** The kept states, the newest first, and what the dance was imported from. */
function States({
  revisions,
  current,
  text,
  onChoose,
}: {
  revisions: readonly RevisionRecord[];
  current: RevisionRecord | undefined;
  text: string;
  onChoose: (key: number | undefined) => void;
}) {
  const session = useDanceSession();
  const source = useSource(session.id);
  const [problem, setProblem] = useState('');
  const nameIt = async (): Promise<void> => {
    try {
      setProblem('');
      await session.flush();
      await nameRevision(session.id, session.text, nextName(revisions));
    } catch (error) {
      setProblem(`${refusalWords(error)} The state has no name yet.`);
    }
  };
  return (
    <Box
      as="section"
      aria-label={t('Kept states')}
      width="19rem"
      flexShrink={0}
      css={{ [NARROW]: { width: 'auto', marginBottom: '1.5rem' } }}
    >
      <Flex justify="space-between" align="center" marginBottom="0.5rem">
        <chakra.h1 fontSize="heading" fontWeight="700">
          {t('Revisions')}
        </chakra.h1>
        <Button size="small" onClick={() => void nameIt()}>
          {t('Name this state')}
        </Button>
      </Flex>
      {problem && <Alert>{problem}</Alert>}
      <chakra.ol borderTop="2px solid" borderColor="rule">
        {revisions.map((revision) => (
          <State
            key={revision.key}
            revision={revision}
            isCurrent={revision === current}
            isNow={revision.text === text}
            onChoose={() => onChoose(revision.key)}
          />
        ))}
        {source && (
          <chakra.li borderBottom="1px solid" borderColor="line" padding="0.55rem 0.6rem" color="quiet" fontSize="text">
            Imported {timeWords(source.importedAt)} from {source.name} ({source.kind}). <Original source={source} />
          </chakra.li>
        )}
      </chakra.ol>
    </Box>
  );
}

/** Brings a state back through the editor's own history, so that undo takes it back. */
function useBringBack(): (text: string) => void {
  const session = useDanceSession();
  const { history } = useOutletContext<{ history: unknown }>();
  return (text) => {
    const editing = new TextEditing(session, history);
    const stop = editing.open();
    const change = differing(session.text, text);
    if (change) editing.apply([change]);
    stop();
  };
}

function Comparison({
  revisions,
  current,
  study,
}: {
  revisions: readonly RevisionRecord[];
  current: RevisionRecord;
  study: Study;
}) {
  const [against, setAgainst] = useState<string>(NOW);
  const [said, setSaid] = useState('');
  const bringBack = useBringBack();
  const other = revisions.find(({ key }) => String(key) === against);
  const changes = useMemo(() => {
    const before = studyText(current.text, personalFigures()).dance;
    const after = other ? studyText(other.text, personalFigures()).dance : study.dance;
    return compareDances(before, after);
  }, [current, other, study]);
  return (
    <>
      <Flex align="center" gap="0.5rem 0.9rem" flexWrap="wrap" marginBottom="0.9rem">
        <chakra.h2 fontSize="heading" fontWeight="700">
          From {titleOf(current)} to
        </chakra.h2>
        <Select
          aria-label={t('Compared with')}
          value={other ? against : NOW}
          onChange={(event) => setAgainst(event.target.value)}
          css={{ '&&': { width: 'auto' } }}
        >
          <option value={NOW}>{t('now')}</option>
          {revisions.map((revision) => (
            <option key={revision.key} value={String(revision.key)}>
              {titleOf(revision)}
            </option>
          ))}
        </Select>
        {current.text !== study.text && (
          <Button
            marginLeft="auto"
            onClick={() => {
              bringBack(current.text);
              setSaid(`The dance is as it was: ${titleOf(current)}. Undo in the script takes it back.`);
            }}
          >
            <Undo2 size={17} aria-hidden /> {t('Bring it back')}
          </Button>
        )}
      </Flex>
      {said && (
        <chakra.p role="status" background="sand" padding="0.5rem 0.75rem" borderRadius="4px" marginBottom="0.9rem">
          {said}
        </chakra.p>
      )}
      <Naming key={current.key} revision={current} />
      <Changes changes={changes} isSame={current.text === (other?.text ?? study.text)} />
    </>
  );
}

/** The newest state with a name that is not the present one, else the newest before it. */
const firstToCompare = (revisions: readonly RevisionRecord[], text: string): RevisionRecord | undefined =>
  revisions.find((one) => one.name !== '' && one.text !== text) ??
  revisions.find((one) => one.text !== text) ??
  revisions[0];

function useSource(id: string): SourceRecord | undefined {
  const [source, setSource] = useState<SourceRecord>();
  useEffect(() => {
    findSource(id).then(setSource, () => undefined);
  }, [id]);
  return source;
}

const titleOf = ({ name, at }: RevisionRecord): string => (name ? `revision ${name}` : timeWords(at));

function timeWords(time: number): string {
  if (isToday(time)) return `today ${format(time, 'HH:mm')}`;
  if (isYesterday(time)) return `yesterday ${format(time, 'HH:mm')}`;
  return format(time, isThisYear(time) ? 'd MMM HH:mm' : 'd MMM yyyy HH:mm');
}

function State({
  revision,
  isCurrent,
  isNow,
  onChoose,
}: {
  revision: RevisionRecord;
  isCurrent: boolean;
  isNow: boolean;
  onChoose: () => void;
}) {
  const { name, at } = revision;
  return (
    <chakra.li borderBottom="1px solid" borderColor="line">
      <chakra.button
        type="button"
        onClick={onChoose}
        aria-pressed={isCurrent}
        display="flex"
        width="100%"
        gap="0.6rem"
        alignItems="baseline"
        font="inherit"
        color="ink"
        textAlign="left"
        border="none"
        borderLeft="4px solid"
        borderColor={isCurrent ? 'rule' : 'transparent'}
        background={isCurrent ? 'sand' : 'transparent'}
        padding="0.5rem 0.6rem"
        cursor="pointer"
        _hover={{ background: 'sand' }}
      >
        <chakra.span flex="1" fontWeight={name ? '700' : '400'}>
          {name ? `Revision ${name}` : timeWords(at)}
        </chakra.span>
        {isNow && <chakra.span fontSize="small">{t('as now')}</chakra.span>}
        {name && (
          <chakra.span color="quiet" fontSize="small">
            {timeWords(at)}
          </chakra.span>
        )}
      </chakra.button>
    </chakra.li>
  );
}

function Naming({ revision }: { revision: RevisionRecord }) {
  const [name, setName] = useState(revision.name);
  const [begun, setBegun] = useState(revision.name);
  const keep = (): void => {
    if (revision.key === undefined || revision.name === '' || name.trim() === '' || name === begun) return;
    void renameRevision(revision.key, (kept) => mergeWords(begun, name, kept, ' / ')).catch(() =>
      setName(revision.name),
    );
    setBegun(name);
  };
  // A name that is being typed is kept also when another screen is opened.
  const latest = useRef(keep);
  useEffect(() => {
    latest.current = keep;
  });
  useEffect(() => () => latest.current(), []);
  if (revision.name === '') return null;
  return (
    <chakra.label display="flex" alignItems="center" gap="0.5rem" marginBottom="0.9rem" color="quiet" fontSize="text">
      {t('Handed out as')}
      <Input
        aria-label={t('Name of the revision')}
        value={name}
        maxLength={80}
        onChange={(event) => setName(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
        css={{ '&&': { width: '16rem' } }}
      />
    </chakra.label>
  );
}

function Changes({ changes, isSame }: { changes: readonly Change[]; isSame: boolean }) {
  if (changes.length === 0)
    return (
      <p>
        {isSame
          ? 'The two are the same, letter for letter.'
          : 'Nothing changed that is danced or told; only spaces or empty lines did.'}
      </p>
    );
  const places = [...new Set(changes.map(({ place }) => place))];
  return (
    <chakra.dl>
      {places.map((place) => (
        <Box
          key={place}
          display="grid"
          gridTemplateColumns={{ base: '1fr', md: '10rem 1fr' }}
          gap="0.15rem 1.25rem"
          borderTop="1.5px solid"
          borderColor="rule"
          padding="0.6rem 0 0.9rem"
        >
          <chakra.dt fontWeight="700">{place}</chakra.dt>
          <chakra.dd>
            {changes
              .filter((change) => change.place === place)
              .map((change, index) => (
                <Box key={index} marginBottom="0.6rem">
                  <p>{change.words}</p>
                  <Lines before={change.before} after={change.after} />
                </Box>
              ))}
          </chakra.dd>
        </Box>
      ))}
    </chakra.dl>
  );
}

/** The lines themselves, as they stood and as they stand. */
function Lines({ before, after }: { before: string | undefined; after: string | undefined }) {
  if (before === undefined && after === undefined) return null;
  const line = (words: string, sign: string, label: string, isOld: boolean) => (
    <chakra.p display="flex" gap="0.6rem" whiteSpace="pre-line" color={isOld ? 'quiet' : 'ink'} fontSize="text">
      <chakra.b aria-label={label} width="0.8rem" flexShrink={0} textAlign="center">
        {sign}
      </chakra.b>
      <chakra.span textDecoration={isOld ? 'line-through' : 'none'}>{words}</chakra.span>
    </chakra.p>
  );
  return (
    <Box marginTop="0.15rem" paddingLeft="0.6rem" borderLeft="2px solid" borderColor="line">
      {before !== undefined && line(before, '–', 'before', true)}
      {after !== undefined && line(after, '+', 'now', false)}
    </Box>
  );
}

function Original({ source }: { source: SourceRecord }) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Button size="small" variant="plain" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
        {isOpen ? 'Hide it' : 'Show it'}
      </Button>
      {isOpen && (
        <chakra.pre
          whiteSpace="pre-wrap"
          fontFamily="body"
          color="ink"
          marginTop="0.4rem"
          maxHeight="24rem"
          overflowY="auto"
        >
          {source.text}
        </chakra.pre>
      )}
    </>
  );
}
