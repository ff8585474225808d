/** How the script looks: a sheet on paper, not a code editor. */
import { EditorView } from '@codemirror/view';
import { colour, size } from '../../theme/system';
import { NARROW } from '../../theme/screens';

/** Width of the column of counts, and of the three columns of answers. */
const COUNTS_WIDTH = '4rem';

export const editorTheme = EditorView.theme({
  '&': { color: colour('ink'), backgroundColor: 'transparent', fontSize: '17px', height: '100%' },
  '&.cm-focused': { outline: 'none' },
  '.cm-scroller': {
    fontFamily: 'inherit',
    lineHeight: '1.5',
    overflow: 'auto',
    padding: '0 0.75rem 0 0.75rem',
  },
  '.cm-content': { padding: '0.75rem 0 40vh', caretColor: colour('ink') },
  '.cm-line': { padding: '3px 0.5rem 3px 0.5rem', borderLeft: '3px solid transparent' },
  '.cm-cursor': { borderLeftColor: colour('ink'), borderLeftWidth: '2px' },
  '&.cm-focused .cm-selectionBackground, .cm-selectionBackground, ::selection': {
    backgroundColor: `${colour('selection')} !important`,
  },
  '.cm-activeLine': { backgroundColor: colour('sand'), borderLeftColor: colour('rule') },
  '.cm-activeLineGutter': { backgroundColor: colour('sand') },
  '.cm-gutters': { backgroundColor: 'transparent', border: 'none', color: 'inherit' },

  '.line-step': {
    borderBottom: `1px solid ${colour('line')}`,
    paddingLeft: `calc(0.5rem + ${COUNTS_WIDTH})`,
    textIndent: `-${COUNTS_WIDTH}`,
  },
  '.counts': {
    display: 'inline-block',
    minWidth: COUNTS_WIDTH,
    fontWeight: '700',
    textIndent: '0',
    fontVariantNumeric: 'tabular-nums',
  },
  '.counts.filled': { color: colour('quiet'), fontWeight: '400', fontStyle: 'italic' },
  '.facts-folded': {
    display: 'block',
    // However long, it makes the script no wider.
    width: '0',
    minWidth: '100%',
    font: 'inherit',
    fontSize: size('small'),
    color: colour('quiet'),
    background: 'transparent',
    border: 'none',
    padding: '0.15rem calc(0.5rem + 3px)',
    textAlign: 'left',
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
    cursor: 'pointer',
  },
  '.ghost': { color: colour('quiet'), fontWeight: '400' },
  '.ghost kbd': {
    fontFamily: 'inherit',
    fontSize: size('tiny'),
    border: `1px solid ${colour('line')}`,
    borderRadius: '3px',
    padding: '0 0.3rem',
    marginLeft: '0.4rem',
  },
  '.quiet': { color: colour('quiet'), fontSize: '0.9em' },
  '.line-title': { fontSize: '1.6em', fontWeight: '700', lineHeight: '1.3' },
  '.line-fact': { color: colour('ink'), fontSize: '0.875em', lineHeight: '1.35', padding: '0 0.5rem' },
  '.fact-key': { color: colour('quiet'), display: 'inline-block', minWidth: '4.6rem' },
  '.line-heading': { paddingTop: '0.45rem', borderBottom: `1.5px solid ${colour('rule')}` },
  '.gap': { color: 'transparent', fontSize: '0.8em' },
  '.narrow': { fontSize: '0.3em' },
  '.heading-name': { fontWeight: '700', fontSize: '1.06em' },
  '.heading-title': { color: colour('quiet') },
  '.line-note': { color: colour('quiet'), paddingLeft: `calc(0.5rem + ${COUNTS_WIDTH})`, fontSize: '0.94em' },
  '.line-option': {
    color: colour('quiet'),
    paddingLeft: `calc(0.5rem + ${COUNTS_WIDTH} - 2rem)`,
    fontSize: '0.94em',
  },
  '.line-words': { color: colour('quiet') },
  '.line-blank': { lineHeight: '0.8' },

  '.slip-error': {
    textDecoration: `underline wavy ${colour('slip')} 1.5px`,
    textUnderlineOffset: '4px',
    textDecorationSkipInk: 'none',
  },
  '.slip-warning': { textDecoration: `underline dashed ${colour('ink')} 1.5px`, textUnderlineOffset: '4px' },
  '.slip-remark': {
    textDecoration: `underline dotted ${colour('lineStrong')} 1.5px`,
    textUnderlineOffset: '4px',
  },
  '.finding': {
    padding: `3px 0.5rem 5px calc(0.5rem + 3px + ${COUNTS_WIDTH})`,
    // What is said of a line may run on under its answers, as far as the margin there goes.
    marginRight: '-9rem',
    fontSize: size('small'),
    lineHeight: '1.5',
  },
  '.finding-error': { color: colour('slip') },
  '.finding-warning': { color: colour('ink') },
  '.fix': {
    font: 'inherit',
    fontWeight: '700',
    color: 'inherit',
    background: 'transparent',
    border: '1.5px solid currentColor',
    borderRadius: '4px',
    padding: '0 0.4rem',
    marginRight: '0.35rem',
    cursor: 'pointer',
  },
  '.fix:hover': { backgroundColor: colour('sand') },
  '.finding kbd': { fontFamily: 'inherit', whiteSpace: 'nowrap', fontSize: size('tiny'), color: colour('quiet') },

  // One wall: what it leaves out, and what it does between the lines.
  '.left-out': { color: colour('quiet'), textDecoration: 'line-through', textDecorationThickness: '1px' },
  '.on-wall': {
    margin: `2px -14rem 2px calc(0.5rem + ${COUNTS_WIDTH})`,
    padding: '1px 0.6rem',
    borderLeft: `4px solid ${colour('rule')}`,
    backgroundColor: colour('sand'),
    fontSize: size('small'),
  },
  '.on-wall-note': { borderLeftColor: colour('lineStrong'), fontStyle: 'italic' },

  '.answers': { minWidth: '14.5rem' },
  '.answers .cm-gutterElement': { padding: '0' },
  '.answer': { display: 'flex', alignItems: 'center', height: '100%', boxSizing: 'border-box' },
  '.answer-step': { borderBottom: `1px solid ${colour('line')}`, boxSizing: 'border-box' },
  '.answer-heading': { borderBottom: `1.5px solid ${colour('rule')}`, boxSizing: 'border-box' },
  '.answer-heading .answer': { alignItems: 'flex-end', justifyContent: 'flex-end', paddingBottom: '5px' },
  '.feet': { display: 'flex', gap: '2px', width: '7.3rem', alignItems: 'center', overflow: 'hidden' },
  '.more': { fontSize: size('tiny'), color: colour('quiet') },
  '.weight': { display: 'flex', width: '2.4rem' },
  '.room': {
    display: 'flex',
    gap: '0.4rem',
    alignItems: 'center',
    color: colour('quiet'),
    fontVariantNumeric: 'tabular-nums',
    fontSize: size('text'),
  },
  '.room.changed': { color: colour('ink'), fontWeight: '700' },

  '.cm-tooltip': {
    backgroundColor: colour('paper'),
    border: `1.5px solid ${colour('rule')}`,
    borderRadius: '4px',
    color: colour('ink'),
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul': {
    fontFamily: 'inherit',
    maxHeight: '19rem',
    minWidth: '24rem',
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li': {
    padding: '4px 10px',
    display: 'flex',
    justifyContent: 'space-between',
    gap: '1.5rem',
  },
  '.cm-tooltip-autocomplete ul li[aria-selected]': {
    backgroundColor: `${colour('sand')} !important`,
    color: `${colour('ink')} !important`,
    boxShadow: `inset 3px 0 ${colour('rule')}`,
  },
  '.cm-completionMatchedText': { textDecoration: 'none' },
  '.cm-completionDetail': { color: colour('quiet'), fontStyle: 'normal', fontSize: size('mark') },
  [NARROW]: {
    '&': { fontSize: '16px' },
    '.cm-scroller': { padding: '0 0.5rem 0 0' },
    '.answers': { minWidth: '6.6rem' },
    '.answers .feet': { display: 'none' },
    '.answers .weight': { width: '1.9rem' },
    '.answers .room': { gap: '0.25rem', fontSize: size('small') },
    '.answers .rail svg': { width: '5.2rem', height: 'auto' },
    '.cm-tooltip.cm-tooltip-autocomplete > ul': { minWidth: '16rem' },
  },
});
