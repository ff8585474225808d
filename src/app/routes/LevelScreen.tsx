import { chakra, Flex } from '@chakra-ui/react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { editFacts, estimateLevel, statedPlace, WEIGHTS, type LevelScale } from '../../core';
import { refusalWords } from '../../store';
import { useDanceSession } from '../features/document/DanceContext';
import { Easier } from '../features/level/Easier';
import { Reasons, Sections } from '../features/level/Reasons';
import { Ruler } from '../features/level/Ruler';
import { keepScale, studyLive, useLevelScale, usePersonalFigures } from '../features/settings/settings';
import { useTextEditing } from '../features/walls/use-walls';
import { Alert } from '../theme/Alert';
import { Beside, MainColumn } from '../theme/Beside';
import { Button } from '../theme/Button';
import { Select } from '../theme/fields';
import { MEDIUM } from '../theme/screens';
import { t } from '../texts';

const ScaleForm = lazy(() => import('../features/level/ScaleForm'));

const Heading = chakra('h2', {
  base: { fontSize: 'part', fontWeight: '700', marginTop: '1.4rem', marginBottom: '0.2rem' },
});

/** How hard the dance is, why, where, and what could be plainer. */
export function LevelScreen() {
  const session = useDanceSession();
  const editing = useTextEditing();
  const personal = usePersonalFigures();
  const scale = useLevelScale();
  const navigate = useNavigate();
  const [problem, setProblem] = useState('');
  // Of the very text that is edited: a press that follows another at once builds on what that one did.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const { dance, script } = useMemo(() => studyLive(editing.text), [editing.text, personal]);
  const estimate = useMemo(() => estimateLevel(dance, scale), [dance, scale]);
  const said = script.header.entries.find(({ key }) => key === 'level')?.value ?? '';
  const stated = statedPlace(said, scale);
  const show = (line: number): void => {
    session.lookAt(line);
    void navigate(`/dance/${session.id}`);
  };
  const keep = (own: LevelScale | undefined): void => {
    setProblem('');
    keepScale(own).catch((error: unknown) => setProblem(`${refusalWords(error)} Your levels are in this tab alone.`));
  };
  const isEmpty = estimate.sections.length === 0;
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <MainColumn>
        {problem && <Alert>{problem}</Alert>}
        <chakra.h1 fontSize="heading" fontWeight="700">
          {t('Level')}
        </chakra.h1>
        {isEmpty ? (
          <chakra.p maxWidth="36rem">
            {t('There is nothing to weigh yet. Write a line in the script, such as “1-4 Vine R, touch L”, and how hard it is stands here with its reasons.')}
          </chakra.p>
        ) : (
          <>
            <chakra.p>
              {t('Counted, it comes to')} <b>{scale.names[estimate.place]}</b> ({t('{points} points', { points: estimate.points.toFixed(1) })}).{' '}
              {agreement(said, stated, estimate.place)}
            </chakra.p>
            <Ruler scale={scale} points={estimate.points} stated={stated} />
            <Heading>{t('Why')}</Heading>
            <Reasons reasons={estimate.reasons} onLine={show} />
            <Heading>{t('Section by section')}</Heading>
            <chakra.p color="quiet" fontSize="text" marginBottom="0.4rem">
              {t('The points the dance would have if all of it were like this section.')}
            </chakra.p>
            <Sections estimate={estimate} scale={scale} onLine={show} />
            <HowWeighed />
          </>
        )}
      </MainColumn>
      <Beside label={t('Level of the dance')}>
        <Said said={said} scale={scale} stated={stated} onSay={(level) => editing.apply(editFacts(script, { title: script.title, level }))} onScale={keep} />
        <chakra.p fontSize="small" marginBlock="0.75rem 1.25rem">
          <Link to={`/classes/dance/${session.id}`}>{t('Who was taught it, in Classes')}</Link>
        </chakra.p>
        {!isEmpty && <Easier text={editing.text} scale={scale} place={stated ?? estimate.place} onTake={(edits) => editing.apply(edits)} />}
      </Beside>
    </Flex>
  );
} // prettier-ignore

function agreement(said: string, stated: number | undefined, counted: number): string {
  if (said === '') return t('The head of the dance states no level.');
  if (stated === undefined) return t('The head says “{said}”, which is none of the levels of this scale.', { said });
  const apart = counted - stated;
  if (apart === 0) return t('The head says “{said}” as well.', { said });
  return Math.abs(apart) === 1
    ? t('The head says “{said}”; it stays, and stands beside it.', { said })
    : t('The head says “{said}”: far apart. It stays, and stands beside it.', { said });
}

/** What the head claims: kept whatever is counted. */
function Said({ said, scale, stated, onSay, onScale }: { said: string; scale: LevelScale; stated: number | undefined; onSay: (level: string) => void; onScale: (scale: LevelScale | undefined) => void }) {
  const [isEditing, setIsEditing] = useState(false);
  const isOne = scale.names.includes(said.trim());
  return (
    <section aria-label={t('What the head says')}>
      <chakra.label display="block" fontWeight="700">
        {t('You call it')}
        <Select marginTop="0.25rem" value={isOne ? said.trim() : said === '' ? '' : '?'} onChange={({ target }) => onSay(target.value)}>
          <option value="">{t('nothing')}</option>
          {!isOne && said !== '' && (
            <option value="?" disabled>
              {stated === undefined ? said : `${said} (${scale.names[stated]})`}
            </option>
          )}
          {scale.names.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </Select>
      </chakra.label>
      <chakra.p color="quiet" fontSize="small" marginBlock="0.35rem">
        {t('Written into the head of the dance. What is counted never changes it.')}
      </chakra.p>
      <Button size="small" onClick={() => setIsEditing(true)}>
        {t('Levels of your own …')}
      </Button>
      {isEditing && (
        <Suspense fallback={null}>
          <ScaleForm
            scale={scale}
            onClose={() => setIsEditing(false)}
            onKeep={(own) => {
              onScale(own);
              setIsEditing(false);
            }}
          />
        </Suspense>
      )}
    </section>
  );
} // prettier-ignore

/** The whole table, for those who doubt it. */
const HowWeighed = () => (
  <chakra.details marginTop="1.25rem" maxWidth="44rem">
    <chakra.summary cursor="pointer" fontWeight="600">
      {t('How the points are counted')}
    </chakra.summary>
    <chakra.p marginBlock="0.4rem">
      {t('The weights are this program’s own judgement, no standard: instructors disagree about levels. Each row counts something, takes off what is free, and weighs the rest; none adds more than its most.')}
    </chakra.p>
    <chakra.table width="100%" fontSize="text" css={{ '& th, & td': { textAlign: 'left', padding: '0.15rem 0.5rem 0.15rem 0', borderBottom: '1px solid var(--chakra-colors-line)' }, '& td + td, & th + th': { textAlign: 'right', fontVariantNumeric: 'tabular-nums' } }}>
      <thead>
        <tr>
          <th>{t('Counted')}</th>
          <th>{t('Free')}</th>
          <th>{t('Points each')}</th>
          <th>{t('Most')}</th>
        </tr>
      </thead>
      <tbody>
        {WEIGHTS.map(({ key, name, free, points, most }) => (
          <tr key={key}>
            <td>{name}</td>
            <td>{free}</td>
            <td>{points}</td>
            <td>{most}</td>
          </tr>
        ))}
      </tbody>
    </chakra.table>
  </chakra.details>
); // prettier-ignore
