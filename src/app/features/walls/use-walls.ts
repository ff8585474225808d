/** What the Walls screen holds: the text being edited, the wall and place looked at, what a drag would change. */
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { useOutletContext } from 'react-router';
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
  type Study,
  type WallRow,
  type WallsView,
} from '../../../core';
import { useDanceSession } from '../document/DanceContext';
import { TextEditing } from '../document/text-editing';
import { usePersonalFigures } from '../settings/settings';
import type { Drop } from './dragging';
import { canRun, commandEdits, dropEdits, type Here } from './plan-moves';
import { countAt } from './scale';
import { useShownWall } from './shown-wall';
import type { WallCommandId } from './wall-commands';

/** The editing of the open dance, with undo by key from anywhere but a field. */
export function useTextEditing(): TextEditing {
  const session = useDanceSession();
  const { history } = useOutletContext<{ history: unknown }>();
  // The history it was opened with; from there the editing keeps its own.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const editing = useMemo(() => new TextEditing(session, history), [session]);
  useEffect(() => editing.open(), [editing]);
  useSyncExternalStore(editing.subscribe, editing.snapshot);
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
  return editing;
}

const FEWEST_WALLS = 4;

export interface ShownWalls {
  readonly study: Study;
  readonly view: WallsView;
  readonly parts: readonly WallRow[];
  readonly least: number;
  readonly showMore: (by: number) => void;
}

export function useWallsView(text: string): ShownWalls {
  const personal = usePersonalFigures();
  const study = useMemo(() => studyText(text, personal, LONGEST_LIVE_TEXT), [text, personal]);
  const [least, setLeast] = useState(FEWEST_WALLS);
  const view = useMemo(() => viewWalls(study.dance, study.findings, least), [study, least]);
  const parts = useMemo(() => view.rows.filter(({ kind }) => kind === 'part'), [view]);
  const showMore = useCallback((by: number) => setLeast((old) => Math.max(old, parts.length) + by), [parts]);
  return { study, view, parts, least, showMore };
}

/** The wall and the place on it that commands are about. */
export function usePlaceOnWalls({ study, parts }: ShownWalls) {
  const [shown, show] = useShownWall();
  const [count, setCount] = useState<number>();
  const row = parts.find(({ number }) => number === shown) ?? parts[0];
  const selected = row?.number ?? 1;
  const places = useMemo(() => placesOnWall(study.dance, selected), [study, selected]);
  const place = places[Math.min(count ?? row?.cut?.count ?? places.length, places.length) - 1];
  const here: Here | undefined = row &&
    place && { study, row, place, places, lastWall: parts[parts.length - 1].number };
  const select = useCallback(
    (wall: number, at?: number) => {
      show(wall);
      setCount(at);
    },
    [show],
  );
  return { row, selected, places, place, here, select, setCount };
}

export type PlaceOnWalls = ReturnType<typeof usePlaceOnWalls>;

/** What the plan would be while something is dragged, and which walls are not as they were when somebody last looked. */
export function useWallChanges({ view, least }: ShownWalls) {
  const personal = usePersonalFigures();
  const [compared, setCompared] = useState(view.rows);
  const [dragging, setDragging] = useState<string>();
  const preview = useMemo(() => {
    if (dragging === undefined) return view.rows;
    const moved = studyText(dragging, personal, LONGEST_LIVE_TEXT);
    return viewWalls(moved.dance, moved.findings, least).rows;
  }, [dragging, personal, view, least]);
  const changes = useMemo(() => {
    const before = dragging === undefined ? compared : view.rows;
    return new Map(compareWalls(before, preview).map((change) => [change.number, change]));
  }, [compared, dragging, preview, view]);
  // While something is dragged every wall shows where it would start and end; its bands stay where they are.
  const drawn = useMemo(
    () => (dragging === undefined ? view : { ...view, rows: withHours(view.rows, preview) }),
    [dragging, view, preview],
  );
  return {
    changes,
    drawn,
    drag: setDragging,
    compareFromHere: () => setCompared(view.rows),
    differs: changes.size > 0 && dragging === undefined,
  };
}

/** What can be done to the plan on the picture, by key, button, press or drag. */
export function useWallMoves(editing: TextEditing, { study, parts }: ShownWalls, at: PlaceOnWalls) {
  const [chosenTag, setChosenTag] = useState(0);
  const focusRef = useRef(false);
  const edit = useCallback((edits: readonly Edit[], typing = false) => editing.apply(edits, typing), [editing]);
  const dropped = (drop: Drop): readonly Edit[] =>
    dropEdits(study, drop, (wall, beat) => {
      const target = parts.find(({ number }) => number === wall);
      return target ? countAt(wholeRow(target), beat - 0.5) : 1;
    });
  return {
    chosenTag,
    setChosenTag,
    focusRef,
    edit,
    canRun: (id: WallCommandId): boolean => at.here !== undefined && canRun(at.here, id),
    run: (id: WallCommandId, byKey = false): void => {
      if (!at.here || !canRun(at.here, id)) return;
      const { edits, wall, count } = commandEdits(at.here, id, chosenTag);
      edit(edits);
      if (wall !== undefined) {
        // The keys go along to the wall they sent it to.
        focusRef.current = byKey && wall !== at.selected;
        at.select(wall);
      } else if (count !== undefined) at.setCount(count);
    },
    /** Looks at another wall; chosen by key, the keys go along. */
    look: (wall: number, count: number | undefined, byKey: boolean): void => {
      focusRef.current = byKey;
      at.select(wall, count);
    },
    restart: (wall: number, count: number): void => {
      edit(addToPlan(study.script, restartLine(wall, { count })));
      at.select(wall, count);
    },
    drop: (drop: Drop): void => {
      edit(dropped(drop));
      at.select(drop.wall);
    },
    /** The text as it would be; undefined where a drag changes nothing. */
    previewOf: (drop: Drop | undefined): string | undefined => {
      const edits = drop ? dropped(drop) : [];
      return edits.length === 0 ? undefined : applyEdits(editing.text, edits);
    },
  };
}

export type WallMoves = ReturnType<typeof useWallMoves>;

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
