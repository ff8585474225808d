/** What can be done on the picture of the walls, once: names and keys for the panel, the slider and the list of keys. */
export const WALL_COMMANDS = [
  { id: 'restart', name: 'Restart here', keyName: 'r', keyWords: 'R' },
  { id: 'tag', name: 'Tag here', keyName: 't', keyWords: 'T' },
  { id: 'end', name: 'End here', keyName: 'e', keyWords: 'E' },
  { id: 'earlier', name: 'Earlier', keyName: 'Alt+ArrowLeft', keyWords: 'Alt ←' },
  { id: 'later', name: 'Later', keyName: 'Alt+ArrowRight', keyWords: 'Alt →' },
  { id: 'wall-before', name: 'Wall before', keyName: 'Alt+ArrowUp', keyWords: 'Alt ↑' },
  { id: 'wall-after', name: 'Wall after', keyName: 'Alt+ArrowDown', keyWords: 'Alt ↓' },
  { id: 'remove', name: 'Remove', keyName: 'Delete', keyWords: 'Del' },
] as const;

export type WallCommand = (typeof WALL_COMMANDS)[number];
export type WallCommandId = WallCommand['id'];

/** Keys that only look: named here for the list of keys. */
export const LOOKING_KEYS = [
  ['Another place on the wall', '← →'],
  ['Any count', 'Shift ← →'],
  ['Another wall', '↑ ↓'],
  ['Undo, redo', 'Ctrl Z, Ctrl Shift Z'],
] as const;

interface Pressed {
  readonly key: string;
  readonly altKey: boolean;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
}

/** The command that belongs to a key. */
export function commandOfKey({ key, altKey, ctrlKey, metaKey }: Pressed): WallCommandId | undefined {
  if (ctrlKey || metaKey) return undefined;
  const name = altKey ? `Alt+${key}` : key.length === 1 ? key.toLowerCase() : key === 'Backspace' ? 'Delete' : key;
  return WALL_COMMANDS.find(({ keyName }) => keyName === name)?.id;
}
