import { format, isThisYear, isToday, isYesterday } from 'date-fns';
import type { ReactNode } from 'react';
import type { DanceRecord } from '../../../store';
import { WallsVisited } from './WallsVisited';
import { MEDIUM, NARROW } from '../../theme/screens';

/** What the shelf tells of a dance: name, music, counts, walls, level, slips, and the walls it visits as a small room. */
export function DanceFacts({ dance, children }: { dance: DanceRecord; children: ReactNode }) {
  const { counts, walls, starts, level, music, slips, changedAt, tags } = dance;
  return (
    <div className="facts">
      <WallsVisited walls={walls} starts={starts} />
      <div className="named">
        {children}
        <p>
          {music || 'no music yet'}
          {tags.map((tag) => (
            <span key={tag} className="tag">
              {tag}
            </span>
          ))}
        </p>
      </div>
      <dl>
        <Fact name="Counts">
          {counts === 0 ? (
            'empty'
          ) : (
            <>
              <b>{counts}</b> counts
            </>
          )}
        </Fact>
        <Fact name="Walls">
          {walls === 0 ? (
            ''
          ) : (
            <>
              <b>{walls}</b> {walls === 1 ? 'wall' : 'walls'}
            </>
          )}
        </Fact>
        <Fact name="Level" late>
          {level}
        </Fact>
        <Fact name="Slips">
          {slips > 0 ? (
            <b className="slips">{slips} to mend</b>
          ) : (
            <span className="quiet">{counts === 0 ? '' : 'nothing to mend'}</span>
          )}
        </Fact>
        <Fact name="Changed" late>
          <span className="quiet">{dayOf(changedAt)}</span>
        </Fact>
      </dl>
    </div>
  );
}

/** Styles of the rows, set once on the list: thousands of rows carry class names alone. */
export const FACTS_STYLES = {
  '& .row': {
    display: 'flex',
    alignItems: 'center',
    gap: '1rem',
    padding: '0.7rem 0.5rem',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
  '& .row:hover, & .row.chosen': { background: 'sand' },
  '& .facts': { display: 'flex', alignItems: 'center', gap: '1rem', flex: '1', minWidth: '0' },
  '& .facts > svg': { flexShrink: '0' },
  '& .named': { flex: '1', minWidth: '0' },
  '& .named a': { textDecoration: 'none', fontWeight: '700', fontSize: 'part' },
  '& .named a:hover': { textDecoration: 'underline' },
  '& .named p': {
    color: 'quiet',
    fontSize: 'text',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
    whiteSpace: 'nowrap',
  },
  '& .tag': {
    marginLeft: '0.6rem',
    paddingInline: '0.4rem',
    border: '1px solid',
    borderColor: 'lineStrong',
    borderRadius: '3px',
    fontSize: 'mark',
  },
  '& .quiet': { color: 'quiet' },
  '& .slips': { color: 'slip' },
  '& .sheet': {
    fontWeight: '600',
    fontSize: 'small',
    textDecoration: 'none',
    padding: '0.4rem 0.5rem',
    borderRadius: '4px',
  },
  '& .sheet:hover': { background: 'paper' },
  '& dl': {
    display: 'grid',
    gridTemplateColumns: '5.5rem 4.5rem 8.5rem 7.6rem 5.5rem',
    alignItems: 'baseline',
    fontSize: 'text',
    [MEDIUM]: { gridTemplateColumns: '5.5rem 4.5rem 5rem' },
    [NARROW]: { display: 'none' },
  },
  '& .late': { [MEDIUM]: { display: 'none' } },
  '& dt': { position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' },
} as const;

function Fact({ name, late = false, children }: { name: string; late?: boolean; children: ReactNode }) {
  return (
    <div className={late ? 'late' : undefined}>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

function dayOf(time: number): string {
  if (isToday(time)) return `today ${format(time, 'HH:mm')}`;
  if (isYesterday(time)) return 'yesterday';
  return format(time, isThisYear(time) ? 'd MMM' : 'd MMM yyyy');
}
