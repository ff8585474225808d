import { Box, chakra, Flex } from '@chakra-ui/react';
import { Redo2, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore, type KeyboardEvent } from 'react';
import { useNavigate, useOutletContext } from 'react-router';
import {
  addToPlan,
  applyEdits,
  compareWalls,
  LONGEST_LIVE_TEXT,
  placesOnWall,
  restartLine,
  studyText,
  viewWalls,
  type Edit,
  type WallRow,
} from '../../core';
import { useDanceSession } from '../features/document/DanceContext';
import { usePersonalFigures } from '../features/settings/settings';
import { PlanWords } from '../features/walls/PlanWords';
import { canRun, commandEdits, dropEdits, neighbour, type Here } from '../features/walls/plan-moves';
import { EndingSearch, WaySearch } from '../features/walls/Searches';
import { useShownWall } from '../features/walls/shown-wall';
import { TextEditing } from '../features/walls/text-editing';
import { commandOfKey, type WallCommandId } from '../features/walls/wall-commands';
import { WallPanel } from '../features/walls/WallPanel';
import type { Drop } from '../features/walls/dragging';
import { countAt } from '../features/walls/scale';
import { NARROW, WallsPicture } from '../features/walls/WallsPicture';
import { Button } from '../theme/Button';
import { t } from '../texts';

const TABS = ['Plan', 'Ending', 'Options'] as const;
type Tab = (typeof TABS)[number];

const FEWEST_WALLS = 4;
const MORE_WALLS = 4;

/** Every wall of the dance in one picture, and the plan that makes them. */
export function WallsScreen() {
  const session = useDanceSession();
  const { history } = useOutletContext<{ history: unknown }>();
  // The history it was opened with; from there the editing keeps its own.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const editing = useMemo(() => new TextEditing(session, history), [session]);
  useEffect(() => editing.open(), [editing]);
  useSyncExternalStore(editing.subscribe, editing.snapshot);
  const { text } = editing;
  const personal = usePersonalFigures();
  const study = useMemo(() => studyText(text, personal, LONGEST_LIVE_TEXT), [text, personal]);
  const [least, setLeast] = useState(FEWEST_WALLS);
  const view = useMemo(() => viewWalls(study.dance, study.findings, least), [study, least]);
  const [shown, show] = useShownWall();
  const [count, setCount] = useState<number>();
  const [tab, setTab] = useState<Tab>('Plan');
  const [chosenTag, setChosenTag] = useState(0);
  const [compared, setCompared] = useState(view.rows);
  const [dragging, setDragging] = useState<string>();
  const navigate = useNavigate();

  const parts = view.rows.filter(({ kind }) => kind === 'part');
  const row = parts.find(({ number }) => number === shown) ?? parts[0];
  const selected = row?.number ?? 1;
  const places = useMemo(() => placesOnWall(study.dance, selected), [study, selected]);
  const place = places[Math.min(count ?? row?.cut?.count ?? places.length, places.length) - 1];
  const here: Here | undefined = row &&
    place && { study, row, place, places, lastWall: parts[parts.length - 1].number };

  const preview = useMemo(() => {
    if (dragging === undefined) return view.rows;
    const moved = studyText(dragging, personal, LONGEST_LIVE_TEXT);
    return viewWalls(moved.dance, moved.findings, least).rows;
  }, [dragging, personal, view, least]);
  const changes = useMemo(
    () =>
      new Map(
        compareWalls(dragging === undefined ? compared : view.rows, preview).map((change) => [change.number, change]),
      ),
    [compared, dragging, preview, view],
  );
  // While something is dragged every wall shows where it would start and end; its bands stay where they are.
  const drawn = useMemo(
    () => (dragging === undefined ? view : { ...view, rows: withHours(view.rows, preview) }),
    [dragging, view, preview],
  );

  const select = useCallback(
    (wall: number, at?: number) => {
      show(wall);
      setCount(at);
    },
    [show],
  );
  const edit = useCallback((edits: readonly Edit[], typing = false) => editing.apply(edits, typing), [editing]);
  const focusRef = useRef(false);
  const run = (id: WallCommandId, byKey = false) => {
    if (!here || !canRun(here, id)) return;
    const { edits, wall, count: at } = commandEdits(here, id, chosenTag);
    edit(edits);
    if (wall !== undefined) {
      // The keys go along to the wall they sent it to.
      focusRef.current = byKey && wall !== selected;
      select(wall);
    } else if (at !== undefined) setCount(at);
  };
  const dropped = (drop: Drop): readonly Edit[] =>
    dropEdits(study, drop, (wall, beat) => {
      const target = parts.find(({ number }) => number === wall);
      return target ? countAt(wholeRow(target), beat - 0.5) : 1;
    });

  const onKey = (event: KeyboardEvent) => {
    const command = commandOfKey(event);
    if (command) {
      event.preventDefault();
      return run(command, true);
    }
    if (event.altKey || event.ctrlKey || event.metaKey || !place) return;
    const way = event.key === 'ArrowLeft' ? 'earlier' : event.key === 'ArrowRight' ? 'later' : undefined;
    if (way) {
      event.preventDefault();
      const any = place.count + (way === 'earlier' ? -1 : 1);
      const next = event.shiftKey ? any : neighbour({ places }, place.count, way);
      if (next !== undefined && next >= 1 && next <= places.length) setCount(next);
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      const next = parts.find(({ number }) => number === selected + (event.key === 'ArrowUp' ? -1 : 1));
      event.preventDefault();
      if (next) {
        focusRef.current = true;
        select(next.number, place.count);
      }
    }
  };

  useEffect(() => {
    const onUndo = (event: globalThis.KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'z') return;
      // A field that has not reached the plan yet has an undo of its own.
      if (event.target instanceof HTMLInputElement) return;
      event.preventDefault();
      if (event.shiftKey) editing.redo();
      else editing.undo();
    };
    window.addEventListener('keydown', onUndo);
    return () => window.removeEventListener('keydown', onUndo);
  }, [editing]);

  const differs = changes.size > 0 && dragging === undefined;
  return (
    <Flex as="main" css={{ overflow: 'hidden', [NARROW]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <Box flex="1" minWidth="0" overflowY="auto" css={{ [NARROW]: { overflowY: 'visible', flex: 'none' } }}>
        <Flex align="center" gap="0.5rem" padding="0.4rem 0.75rem" minHeight="2.6rem">
          <chakra.h1 fontSize="1.125rem" fontWeight="700" flex="1">
            {t('Walls')}
          </chakra.h1>
          {differs && (
            <Flex role="status" align="center" gap="0.5rem" fontSize="0.9375rem" minWidth="0">
              <chakra.span overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
                {changedWords([...changes.keys()])}
              </chakra.span>
              <Button size="small" onClick={() => setCompared(view.rows)}>
                {t('Keep, compare from here')}
              </Button>
            </Flex>
          )}
          <HistoryButton name="Undo" keys="Ctrl Z" can={editing.canUndo} onPress={editing.undo} icon={Undo2} />
          <HistoryButton name="Redo" keys="Ctrl Shift Z" can={editing.canRedo} onPress={editing.redo} icon={Redo2} />
        </Flex>
        {row ? (
          <>
            <WallsPicture
              view={drawn}
              selected={selected}
              place={place}
              places={places}
              changes={changes}
              onSelect={(wall, at) => {
                focusRef.current = false;
                select(wall, at);
              }}
              onRestart={(wall, at) => {
                edit(addToPlan(study.script, restartLine(wall, { count: at })));
                select(wall, at);
              }}
              onDrag={(drop) => setDragging(drop && previewOf(text, dropped(drop)))}
              onDrop={(drop) => {
                edit(dropped(drop));
                select(drop.wall);
              }}
              onKey={onKey}
              focusRef={focusRef}
            />
            <chakra.p padding="0.6rem 0.75rem" maxWidth="52rem">
              {view.sentence}
            </chakra.p>
            {!view.phrased && !view.ended && (
              <Box padding="0 0.75rem 1rem">
                <Button
                  size="small"
                  variant="plain"
                  onClick={() => setLeast(Math.max(least, parts.length) + MORE_WALLS)}
                >
                  Show {MORE_WALLS} more walls
                </Button>
              </Box>
            )}
          </>
        ) : (
          <chakra.p padding="0.75rem" maxWidth="34rem">
            {t('Nothing is danced yet. Write the first section in the script, and its walls are drawn here.')}
          </chakra.p>
        )}
      </Box>
      <Box
        as="aside"
        aria-label={t('The plan')}
        width="20.5rem"
        flexShrink={0}
        borderLeft="1px solid"
        borderColor="line"
        overflowY="auto"
        padding="0.5rem 1rem 2rem"
        css={{
          [NARROW]: {
            width: 'auto',
            borderLeft: 'none',
            borderTop: '2px solid',
            borderColor: 'rule',
            overflowY: 'visible',
          },
        }}
      >
        <Tabs tab={tab} onTab={setTab} />
        {tab === 'Plan' && (
          <>
            {row && (
              <WallPanel
                rows={view.rows}
                row={row}
                place={place}
                partCounts={places.length}
                canRun={(id) => here !== undefined && canRun(here, id)}
                onRun={(id) => run(id)}
                tags={view.tags}
                chosenTag={chosenTag}
                onTag={setChosenTag}
                onShowScript={() =>
                  void navigate(`..?wall=${selected}`, { relative: 'path', state: { line: place?.line } })
                }
              />
            )}
            <PlanWords
              lines={view.plan}
              text={text}
              selected={selected}
              onEdit={edit}
              onAdd={(line) => edit(addToPlan(study.script, line))}
              onWall={select}
            />
          </>
        )}
        {tab === 'Ending' && (
          <EndingSearch text={text} wall={selected} count={place?.count ?? 1} onTake={(edits) => edit(edits)} />
        )}
        {tab === 'Options' && <WaySearch text={text} onTake={(edits) => edit(edits)} />}
      </Box>
    </Flex>
  );
}

/** The text as it would be; undefined where a drag changes nothing. */
const previewOf = (text: string, edits: readonly Edit[]): string | undefined =>
  edits.length === 0 ? undefined : applyEdits(text, edits);

/** The bands of now, with the hours of what would be. */
function withHours(rows: readonly WallRow[], would: readonly WallRow[]): WallRow[] {
  return rows.map((row, index) => {
    const other = would[index];
    if (!other) return row;
    const { start, startHour, end, endHour } = other;
    return { ...row, start, startHour, end, endHour };
  });
}

/** A cut row as if it were whole, so that a cut can be dragged later as well as earlier. */
function wholeRow(row: WallRow): WallRow {
  if (row.lost === 0) return row;
  const bands = row.bands.filter(({ kind }) => kind === 'section' || kind === 'tag');
  const last = bands[bands.length - 1];
  if (!last) return row;
  const from = last.from + last.beats;
  return {
    ...row,
    counts: row.counts + row.lost,
    bands: [...bands, { ...last, kind: 'section', from, beats: row.lost }],
  };
}

function changedWords(walls: readonly number[]): string {
  const [first] = walls;
  const last = walls[walls.length - 1];
  if (walls.length === 1) return `Wall ${first} is not as it was.`;
  if (walls.length === 2) return `Walls ${first} and ${last} are not as they were.`;
  const running = last - first === walls.length - 1;
  return running ? `Walls ${first} to ${last} are not as they were.` : `${walls.length} walls are not as they were.`;
}

function Tabs({ tab, onTab }: { tab: Tab; onTab: (tab: Tab) => void }) {
  return (
    <Flex
      role="group"
      aria-label={t('What is shown beside the walls')}
      gap="0.25rem"
      marginBottom="0.6rem"
      borderBottom="1px solid"
      borderColor="line"
    >
      {TABS.map((name) => (
        <chakra.button
          key={name}
          type="button"
          aria-pressed={name === tab}
          onClick={() => onTab(name)}
          font="inherit"
          fontSize="0.9375rem"
          fontWeight={name === tab ? '700' : '400'}
          color="ink"
          background="transparent"
          border="none"
          borderBottom="3px solid"
          borderColor={name === tab ? 'rule' : 'transparent'}
          padding="0.35rem 0.6rem"
          cursor="pointer"
          _hover={{ background: 'sand' }}
        >
          {name}
        </chakra.button>
      ))}
    </Flex>
  );
}

function HistoryButton({
  name,
  keys,
  can,
  onPress,
  icon: Icon,
}: {
  name: string;
  keys: string;
  can: boolean;
  onPress: () => void;
  icon: typeof Undo2;
}) {
  return (
    <Button
      size="small"
      variant="plain"
      aria-label={name}
      title={`${name} (${keys})`}
      disabled={!can}
      onClick={onPress}
    >
      <Icon size={17} aria-hidden />
    </Button>
  );
}
