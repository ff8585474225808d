/** Tags and cuts are picked up with the pointer; keys do the same beside the plan. */
import { useDraggable } from '@dnd-kit/core';
import type { WallRow } from '../../../core';

/** Something of the plan that can be dragged: which plan line brings it, on which wall it stands now. */
export interface Dragged {
  readonly entry: number;
  readonly wall: number;
  readonly kind: 'cut' | 'tag';
}

export interface Drop {
  readonly dragged: Dragged;
  readonly wall: number;
  /** Beats from the start of the wall where a cut was let go. */
  readonly beat: number;
}

export function useDrag(row: WallRow, entry: number | undefined, kind: Dragged['kind']) {
  const data: Dragged = { entry: entry ?? -1, wall: row.number, kind };
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: `${kind}-${row.kind}-${row.number}-${entry ?? ''}`,
    data,
    disabled: entry === undefined || row.kind === 'tag',
  });
  const style = transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 } : undefined;
  return { setNodeRef, listeners, style, isDragging };
}
