import { Box, chakra, Flex } from '@chakra-ui/react';
import { Redo2, Undo2 } from 'lucide-react';
import { useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { addToPlan } from '../../core';
import type { TextEditing } from '../features/document/text-editing';
import { neighbour } from '../features/walls/plan-moves';
import { PlanWords } from '../features/walls/PlanWords';
import { EndingSearch, WaySearch } from '../features/walls/Searches';
import {
  usePlaceOnWalls,
  useTextEditing,
  useWallChanges,
  useWallMoves,
  useWallsView,
  type PlaceOnWalls,
  type ShownWalls,
  type WallMoves,
} from '../features/walls/use-walls';
import { commandOfKey } from '../features/walls/wall-commands';
import { WallPanel } from '../features/walls/WallPanel';
import { WallsPicture } from '../features/walls/WallsPicture';
import { Beside } from '../theme/Beside';
import { MEDIUM } from '../theme/screens';
import { Button } from '../theme/Button';
import { t } from '../texts';

const TABS = ['Plan', 'Ending', 'Options'] as const;
type Tab = (typeof TABS)[number];

const MORE_WALLS = 4;

/** Every wall of the dance in one picture, and the plan that makes them. */
export function WallsScreen() {
  const editing = useTextEditing();
  const shown = useWallsView(editing.text);
  const at = usePlaceOnWalls(shown);
  const moves = useWallMoves(editing, shown, at);
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <Picture editing={editing} shown={shown} at={at} moves={moves} />
      <PlanSide editing={editing} shown={shown} at={at} moves={moves} />
    </Flex>
  );
}

interface PartProps {
  editing: TextEditing;
  shown: ShownWalls;
  at: PlaceOnWalls;
  moves: WallMoves;
}

function Picture({ editing, shown, at, moves }: PartProps) {
  const { view, parts, showMore } = shown;
  const { changes, drawn, drag, compareFromHere, differs } = useWallChanges(shown);
  const onKey = useWallKeys(shown, at, moves);
  return (
    <Box flex="1" minWidth="0" overflowY="auto" css={{ [MEDIUM]: { overflowY: 'visible', flex: 'none' } }}>
      <Flex align="center" gap="0.5rem" padding="0.4rem 0.75rem" minHeight="2.6rem">
        <chakra.h1 fontSize="part" fontWeight="700" flex="1">
          {t('Walls')}
        </chakra.h1>
        {differs && (
          <Flex role="status" align="center" gap="0.5rem" fontSize="text" minWidth="0">
            <chakra.span overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
              {changedWords([...changes.keys()])}
            </chakra.span>
            <Button size="small" onClick={compareFromHere}>
              {t('Keep, compare from here')}
            </Button>
          </Flex>
        )}
        <HistoryButton name="Undo" keys="Ctrl Z" can={editing.canUndo} onPress={editing.undo} icon={Undo2} />
        <HistoryButton name="Redo" keys="Ctrl Shift Z" can={editing.canRedo} onPress={editing.redo} icon={Redo2} />
      </Flex>
      {parts.length > 0 ? (
        <>
          <WallsPicture
            view={drawn}
            selected={at.selected}
            place={at.place}
            places={at.places}
            changes={changes}
            onSelect={(wall, count) => moves.look(wall, count, false)}
            onRestart={moves.restart}
            onDrag={(drop) => drag(moves.previewOf(drop))}
            onDrop={moves.drop}
            onKey={onKey}
            focusRef={moves.focusRef}
          />
          <chakra.p padding="0.6rem 0.75rem" maxWidth="52rem">
            {view.sentence}
          </chakra.p>
          {!view.phrased && !view.ended && (
            <Box padding="0 0.75rem 1rem">
              <Button size="small" variant="plain" onClick={() => showMore(MORE_WALLS)}>
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
  );
}

/** Left and right go along a wall, up and down from wall to wall; commands have keys of their own. */
function useWallKeys({ parts }: ShownWalls, at: PlaceOnWalls, moves: WallMoves) {
  const { place, places, selected, setCount } = at;
  const along = (way: 'earlier' | 'later', byOne: boolean): void => {
    if (!place) return;
    const any = place.count + (way === 'earlier' ? -1 : 1);
    const next = byOne ? any : neighbour({ places }, place.count, way);
    if (next !== undefined && next >= 1 && next <= places.length) setCount(next);
  };
  const toWall = (number: number): void => {
    const next = parts.find((part) => part.number === number);
    if (next) moves.look(next.number, place?.count, true);
  };
  return (event: KeyboardEvent): void => {
    const command = commandOfKey(event);
    if (command) {
      event.preventDefault();
      return moves.run(command, true);
    }
    if (event.altKey || event.ctrlKey || event.metaKey || !place) return;
    if (!/^Arrow(?:Left|Right|Up|Down)$/.test(event.key)) return;
    event.preventDefault();
    if (event.key === 'ArrowLeft') along('earlier', event.shiftKey);
    else if (event.key === 'ArrowRight') along('later', event.shiftKey);
    else toWall(selected + (event.key === 'ArrowUp' ? -1 : 1));
  };
}

function PlanSide({ editing, shown, at, moves }: PartProps) {
  const [tab, setTab] = useState<Tab>('Plan');
  const navigate = useNavigate();
  const { study, view } = shown;
  const { row, place, places, selected } = at;
  return (
    <Beside label={t('The plan')}>
      <Tabs tab={tab} onTab={setTab} />
      {tab === 'Plan' && (
        <>
          {row && (
            <WallPanel
              rows={view.rows}
              row={row}
              place={place}
              partCounts={places.length}
              canRun={moves.canRun}
              onRun={(id) => moves.run(id)}
              tags={view.tags}
              chosenTag={moves.chosenTag}
              onTag={moves.setChosenTag}
              onShowScript={() =>
                void navigate(`..?wall=${selected}`, { relative: 'path', state: { line: place?.line } })
              }
            />
          )}
          <PlanWords
            lines={view.plan}
            text={editing.text}
            selected={selected}
            onEdit={moves.edit}
            onAdd={(line) => moves.edit(addToPlan(study.script, line))}
            onWall={at.select}
          />
        </>
      )}
      {tab === 'Ending' && (
        <EndingSearch
          text={editing.text}
          wall={selected}
          count={place?.count ?? 1}
          onTake={(edits) => moves.edit(edits)}
        />
      )}
      {tab === 'Options' && <WaySearch text={editing.text} onTake={(edits) => moves.edit(edits)} />}
    </Beside>
  );
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
          fontSize="text"
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
