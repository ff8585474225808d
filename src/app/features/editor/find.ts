/** Words looked for in the script, and put otherwise. The search is the editor's own; its bar is ours. */
import {
  closeSearchPanel,
  findNext,
  findPrevious,
  getSearchQuery,
  replaceAll,
  replaceNext,
  search,
  SearchQuery,
  setSearchQuery,
} from '@codemirror/search';
import type { EditorView, Panel, ViewUpdate } from '@codemirror/view';
import { t } from '../../texts';

/** Counting goes no further in a pasted book. */
const MOST_COUNTED = 999;

function field(name: string, label: string, value: string): HTMLInputElement {
  const input = document.createElement('input');
  input.name = name;
  input.value = value;
  input.placeholder = label;
  input.setAttribute('aria-label', label);
  // The editor puts the cursor here when the bar opens.
  if (name === 'find') input.setAttribute('main-field', 'true');
  return input;
}

function key(label: string, press: () => unknown): HTMLButtonElement {
  const button = document.createElement('button');
  button.type = 'button';
  button.textContent = label;
  button.addEventListener('click', press);
  return button;
}

function findBar(view: EditorView): Panel {
  const query = getSearchQuery(view.state);
  const find = field('find', t('Find'), query.search);
  const replace = field('replace', t('Put instead'), query.replace);
  const places = document.createElement('span');
  places.setAttribute('role', 'status');
  const ask = (): void => {
    view.dispatch({ effects: setSearchQuery.of(new SearchQuery({ search: find.value, replace: replace.value })) });
    places.textContent = countWords(view);
  };
  const dom = document.createElement('form');
  dom.className = 'find-bar';
  dom.setAttribute('aria-label', t('Find and replace'));
  dom.append(
    find,
    key(t('Next'), () => findNext(view)),
    key(t('Before'), () => findPrevious(view)),
    places,
    replace,
    key(t('Replace'), () => replaceNext(view)),
    key(t('Replace all'), () => replaceAll(view)),
    key(t('Close'), () => closeSearchPanel(view)),
  );
  dom.addEventListener('input', ask);
  dom.addEventListener('submit', (event) => event.preventDefault());
  dom.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') closeSearchPanel(view);
    else if (event.key !== 'Enter') return;
    else if (event.target === replace) replaceNext(view);
    else if (event.shiftKey) findPrevious(view);
    else if (event.target === find) findNext(view);
    else return;
    event.preventDefault();
  });
  places.textContent = countWords(view);
  return {
    dom,
    top: true,
    mount: () => find.select(),
    update: (update: ViewUpdate) => {
      if (update.docChanged) places.textContent = countWords(view);
    },
  };
}

function countWords({ state }: EditorView): string {
  const query = getSearchQuery(state);
  if (!query.search) return '';
  const cursor = query.getCursor(state);
  let count = 0;
  while (count < MOST_COUNTED && !cursor.next().done) count += 1;
  return count === 0 ? t('nowhere') : count === 1 ? t('1 place') : t('{count} places', { count });
}

export const findAndReplace = search({ top: true, createPanel: findBar });
