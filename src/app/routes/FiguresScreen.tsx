import { Box, chakra, Flex } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { lazy, Suspense, useDeferredValue, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link, useSearchParams } from 'react-router';
import {
  danceFigure,
  FAMILIES,
  figureById,
  FIGURE_ENTRIES,
  searchFigures,
  styledName,
  type FigureEntry,
  type Foot,
} from '../../core';
import { FigureDetail } from '../features/figures/FigureDetail';
import { ownEntries, withDefinition, withoutDefinition, type OwnEntry } from '../features/figures/own';
import { recentDance } from '../features/figures/recent';
import { keepPersonalFigures, useHouseStyle, usePersonalFigures } from '../features/settings/settings';
import { refusalWords } from '../../store';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { Input, Select } from '../theme/fields';
import { t } from '../texts';
import { NARROW } from '../theme/screens';

const OwnFigureForm = lazy(() => import('../features/figures/OwnFigureForm'));

const FAMILY_NAMES: Readonly<Record<FigureEntry['family'], string>> = {
  own: 'My own',
  single: 'Single actions',
  rocks: 'Rocks and mambos',
  triples: 'Triples',
  lines: 'Lines to the side',
  turns: 'Turns',
  boxes: 'Boxes',
  struts: 'Struts, heels, toes',
};

/** Lengths people look for, as a figure's usual counts. */
const LENGTHS = ['1', '1-2', '1&2', '1-3', '1-4', '1-8'] as const;

/** What is looked for, and what was found; all of it stands in the address. */
function useFigures() {
  const [params, setParams] = useSearchParams();
  const personal = usePersonalFigures();
  const style = useHouseStyle();
  const own = useMemo(() => ownEntries(personal), [personal]);
  const [typed, family, counts] = ['find', 'family', 'counts'].map((key) => params.get(key) ?? '');
  const lead: Foot = params.get('lead') === 'L' ? 'L' : 'R';
  const change = (key: string, value: string) =>
    setParams(
      (old) => {
        const next = new URLSearchParams(old);
        if (value === '') next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const wanted = useDeferredValue(typed);
  const all = [...own.map(({ entry }) => entry), ...FIGURE_ENTRIES];
  const found = searchFigures(all, wanted).filter(
    (entry) => (family === '' || entry.family === family) && (counts === '' || entry.counts.includes(counts)),
  );
  const shown = found.find(({ id }) => id === params.get('figure')) ?? found[0];
  const nameOf = (entry: FigureEntry): string =>
    entry.family === 'own' ? entry.name : styledName(figureById(entry.id), style);
  const mine = own.find(({ entry }) => entry.id === shown?.id);
  const danced = shown && (mine?.danced[lead] ?? danceFigure(shown.id, lead));
  return { typed, family, counts, lead, change, found, shown, danced, mine, nameOf, hasOwn: own.length > 0 };
}

type Figures = ReturnType<typeof useFigures>;

/** The vocabulary: to look things up in, to teach from, and to add figures of one's own. */
export function FiguresScreen() {
  const figures = useFigures();
  const [editing, setEditing] = useState<OwnEntry | 'new'>();
  const [problem, setProblem] = useState('');
  const keep = (change: (figures: string) => string): void => {
    setProblem('');
    keepPersonalFigures(change).catch((error: unknown) =>
      setProblem(`${refusalWords(error)} Your figures are in this tab alone.`),
    );
  };
  return (
    <Flex as="main" css={{ overflow: 'hidden', [NARROW]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <Flex
        direction="column"
        width="21rem"
        flexShrink={0}
        borderRight="1px solid"
        borderColor="line"
        minHeight="0"
        css={{ [NARROW]: { width: 'auto', maxHeight: '46dvh', borderRight: 'none' } }}
      >
        <Search figures={figures} />
        <Found figures={figures} />
        <Box padding="0.6rem 1rem" borderTop="1px solid" borderColor="line">
          <Button width="100%" onClick={() => setEditing('new')}>
            <Plus size={16} aria-hidden /> {t('Define a figure of your own')}
          </Button>
        </Box>
      </Flex>
      <Box
        flex="1"
        minWidth="0"
        overflowY="auto"
        padding="1.25rem 2rem 3rem"
        css={{ [NARROW]: { padding: '1rem', overflowY: 'visible' } }}
      >
        {problem && <Alert>{problem}</Alert>}
        <Shown
          figures={figures}
          onChange={setEditing}
          onRemove={({ definition }) => keep((figures) => withoutDefinition(figures, definition))}
        />
      </Box>
      {editing && (
        <Suspense fallback={null}>
          <OwnFigureForm
            own={editing === 'new' ? undefined : editing}
            onClose={() => setEditing(undefined)}
            onKeep={(definition) => {
              keep((figures) =>
                withDefinition(figures, definition, editing === 'new' ? undefined : editing.definition),
              );
              setEditing(undefined);
            }}
          />
        </Suspense>
      )}
    </Flex>
  );
}

function Search({ figures: { typed, family, counts, change, hasOwn } }: { figures: Figures }) {
  return (
    <Box padding="0.875rem 1rem 0.5rem">
      <chakra.h1 fontSize="heading" fontWeight="700" marginBottom="0.5rem">
        {t('Figures')}
      </chakra.h1>
      <Input
        type="search"
        aria-label={t('Find a figure by any of its names')}
        placeholder={t('any name: shuffle, Wechselschritt …')}
        value={typed}
        onChange={(event) => change('find', event.target.value)}
      />
      <Flex gap="0.4rem" marginTop="0.4rem">
        <Select aria-label={t('Family')} value={family} onChange={(event) => change('family', event.target.value)}>
          <option value="">{t('all families')}</option>
          {FAMILIES.filter((one) => one !== 'own' || hasOwn).map((one) => (
            <option key={one} value={one}>
              {FAMILY_NAMES[one]}
            </option>
          ))}
        </Select>
        <Select
          width="6.5rem"
          flexShrink={0}
          aria-label={t('Counts')}
          value={counts}
          onChange={(event) => change('counts', event.target.value)}
        >
          <option value="">{t('counts')}</option>
          {LENGTHS.map((length) => (
            <option key={length} value={length}>
              {length}
            </option>
          ))}
        </Select>
      </Flex>
    </Box>
  );
}

function Found({ figures: { found, shown, change, nameOf } }: { figures: Figures }) {
  return (
    <chakra.ul
      overflowY="auto"
      flex="1"
      minHeight="8rem"
      paddingBottom="1rem"
      aria-label={t('Figures found')}
      tabIndex={0}
    >
      {found.map((entry) => (
        <li key={entry.id}>
          <chakra.button
            type="button"
            aria-current={entry === shown ? 'true' : undefined}
            onClick={() => change('figure', entry.id)}
            display="flex"
            justifyContent="space-between"
            alignItems="baseline"
            gap="0.75rem"
            width="100%"
            textAlign="left"
            font="inherit"
            color="ink"
            background={entry === shown ? 'sand' : 'transparent'}
            border="none"
            borderLeft="3px solid"
            borderColor={entry === shown ? 'rule' : 'transparent'}
            padding="0.28rem 1rem 0.28rem 0.8rem"
            cursor="pointer"
            _hover={{ background: 'sand' }}
          >
            <chakra.span fontWeight={entry === shown ? '700' : '400'}>{nameOf(entry)}</chakra.span>
            <chakra.span color="quiet" fontSize="small" fontVariantNumeric="tabular-nums" whiteSpace="nowrap">
              {entry.counts.slice(0, 2).join(', ')}
            </chakra.span>
          </chakra.button>
        </li>
      ))}
      {found.length === 0 && (
        <chakra.li padding="0.5rem 1rem" color="quiet">
          {t('No figure has such a name. You can define it as one of your own.')}
        </chakra.li>
      )}
    </chakra.ul>
  );
}

/** The figure that is looked at, and what can be done with it. */
function Shown({
  figures: { shown, danced, mine, lead, change, nameOf },
  onChange,
  onRemove,
}: {
  figures: Figures;
  onChange: (own: OwnEntry) => void;
  onRemove: (own: OwnEntry) => void;
}) {
  const recent = recentDance();
  return (
    <>
      {shown && danced && (
        <FigureDetail entry={shown} danced={danced} houseName={nameOf(shown)}>
          <LeadChoice lead={lead} onChoose={(foot) => change('lead', foot === 'R' ? '' : foot)} />
          {mine && (
            <>
              <Button size="small" onClick={() => onChange(mine)}>
                {t('Change')}
              </Button>
              <Button size="small" variant="plain" onClick={() => onRemove(mine)}>
                {t('Remove')}
              </Button>
            </>
          )}
          {recent && (
            <Button asChild size="small">
              <Link to={`/dance/${recent.id}`} state={{ figure: shown.id }} title={`Write it into ${recent.title}`}>
                {t('Use in script')}
              </Link>
            </Button>
          )}
        </FigureDetail>
      )}
      {shown && !recent && (
        <chakra.p color="quiet" marginTop="1.5rem" fontSize="text">
          {t('Open a dance, and a figure can be put into its script from here.')}
        </chakra.p>
      )}
    </>
  );
}

const LEADS: readonly Foot[] = ['R', 'L'];

/** A group of radio buttons as the keys know it: Tab comes to the chosen one, the arrows choose another. */
function LeadChoice({ lead, onChoose }: { lead: Foot; onChoose: (foot: Foot) => void }) {
  const group = useRef<HTMLDivElement>(null);
  const onKey = (event: KeyboardEvent): void => {
    if (!/^Arrow/.test(event.key)) return;
    event.preventDefault();
    const at = (LEADS.indexOf(lead) + 1) % LEADS.length;
    onChoose(LEADS[at]);
    group.current?.querySelectorAll('button')[at]?.focus();
  };
  return (
    <Flex ref={group} role="radiogroup" aria-label={t('Leading foot')} gap="0.25rem" onKeyDown={onKey}>
      {LEADS.map((foot) => (
        <Button
          key={foot}
          role="radio"
          aria-checked={lead === foot}
          tabIndex={lead === foot ? 0 : -1}
          variant={lead === foot ? 'solid' : 'line'}
          size="small"
          onClick={() => onChoose(foot)}
        >
          {foot} leads
        </Button>
      ))}
    </Flex>
  );
}
