import { Box, chakra, Flex } from '@chakra-ui/react';
import { ChevronDown, ChevronUp, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import {
  changeLesson,
  GROUPS,
  languageOf,
  LANGUAGES,
  LESSON_MINUTES,
  lessonEdit,
  lessonOf,
  planLesson,
  viewTeaching,
  type Edit,
  type Group,
  type Script,
  type TeachingView,
} from '../../core';
import { TaughtTo } from '../features/classes/TaughtTo';
import { BlockText } from '../features/document/BlockText';
import { useDanceSession } from '../features/document/DanceContext';
import { RoomMark } from '../features/marks/Marks';
import { studyLive, usePersonalFigures } from '../features/settings/settings';
import { useTextEditing } from '../features/walls/use-walls';
import { Beside, MainColumn } from '../theme/Beside';
import { Button } from '../theme/Button';
import { Input, Select } from '../theme/fields';
import { MEDIUM, NARROW } from '../theme/screens';
import { t } from '../texts';

/** The lesson as a page, its minutes at the left as a script has its counts. */
export function LessonScreen() {
  const session = useDanceSession();
  const editing = useTextEditing();
  const personal = usePersonalFigures();
  // Of the very text that is edited: a press that follows another at once builds on what that one did.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const { dance, script } = useMemo(() => studyLive(editing.text), [editing.text, personal]);
  const said = languageOf(script.text);
  const view = useMemo(() => viewTeaching(dance, LANGUAGES.find((one) => one === said) ?? 'en'), [dance, said]);
  const lesson = lessonOf(script);
  const plan = (minutes: number, group: Group): void =>
    editing.apply([lessonEdit(script, planLesson(dance, { minutes, group }), { minutes, group })]);
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <MainColumn>
        <Flex align="baseline" gap="0.75rem" flexWrap="wrap" marginBottom="0.5rem">
          <chakra.h1 fontSize="heading" fontWeight="700">
            {t('Lesson')}
          </chakra.h1>
          <chakra.span color="quiet">
            {view.rows.length > 0 && t('{minutes} minutes', { minutes: view.minutes })}
            {view.isWritten || view.rows.length === 0 ? '' : t(', as it would be planned; it is not kept yet')}
          </chakra.span>
        </Flex>
        {view.rows.length === 0 ? (
          <chakra.p maxWidth="36rem">
            {t(
              'There is nothing to teach yet. Write a line in the script, such as “1-4 Vine R, touch L”, and the lesson is planned here.',
            )}
          </chakra.p>
        ) : (
          <Steps view={view} script={script} onEdit={(edits) => editing.apply(edits)} />
        )}
      </MainColumn>
      <Beside label={t('Plan the lesson')}>
        {dance.counts > 0 && <Planner onPlan={plan} isWritten={view.isWritten} />}
        <chakra.p marginTop="0.75rem" fontSize="small">
          <Link to={`/dance/${session.id}/sheet`}>{t('Print it as a teaching script, on Sheet')}</Link>
        </chakra.p>
        <TaughtTo danceId={session.id} />
        {lesson && (
          <BlockText
            key={session.id}
            id="lesson-text"
            label={t('The lesson in words')}
            hint={t(
              'A line a step, its minutes first: “5 min  Section 1: by feet, by counts”. Behind “>” stands what to warn of.',
            )}
            text={editing.text}
            heading={lesson.headingLine}
            onEdit={(edits) => editing.apply(edits, true)}
          />
        )}
      </Beside>
    </Flex>
  );
}

function Planner({ onPlan, isWritten }: { onPlan: (minutes: number, group: Group) => void; isWritten: boolean }) {
  const [minutes, setMinutes] = useState<number>(LESSON_MINUTES.usual);
  const [group, setGroup] = useState<Group>('mixed');
  const { least, most } = LESSON_MINUTES;
  const isFine = Number.isInteger(minutes) && minutes >= least && minutes <= most;
  return (
    <chakra.form
      onSubmit={(event) => {
        event.preventDefault();
        if (isFine) onPlan(minutes, group);
      }}
    >
      <Flex gap="0.75rem" flexWrap="wrap">
        <chakra.label display="flex" alignItems="center" gap="0.5rem" fontSize="small">
          {t('Minutes')}
          <Input
            type="number"
            width="5.5rem"
            min={least}
            max={most}
            step={1}
            value={Number.isNaN(minutes) ? '' : minutes}
            onChange={({ target }) => setMinutes(target.valueAsNumber)}
            aria-invalid={!isFine}
          />
        </chakra.label>
        <chakra.label display="flex" alignItems="center" gap="0.5rem" fontSize="small">
          {t('For')}
          <Select width="10rem" value={group} onChange={({ target }) => setGroup(target.value as Group)}>
            {GROUPS.map((one) => (
              <option key={one} value={one}>
                {t({ new: 'people new to it', mixed: 'a mixed group', practised: 'practised dancers' }[one])}
              </option>
            ))}
          </Select>
        </chakra.label>
      </Flex>
      {!isFine && (
        <chakra.p role="alert" fontSize="small" color="slip">
          {t('A lesson takes {least} to {most} minutes.', { least, most })}
        </chakra.p>
      )}
      <Button type="submit" variant="solid" marginTop="0.6rem" disabled={!isFine}>
        {isWritten ? t('Plan it anew') : t('Keep a plan of it')}
      </Button>
    </chakra.form>
  );
}

interface StepProps {
  view: TeachingView;
  script: Script;
  onEdit: (edits: readonly Edit[]) => void;
}

const Steps = (props: StepProps) => (
  <chakra.ol aria-label={t('Steps of the lesson')}>
    {props.view.rows.map((row, index) => (
      <Step key={`${index} ${row.words}`} row={row} index={index} {...props} />
    ))}
  </chakra.ol>
);

function Step({ row, index, view, script, onEdit }: StepProps & { row: TeachingView['rows'][number]; index: number }) {
  return (
    <Flex
      as="li"
      gap="0.9rem"
      borderTop="1px solid"
      borderColor="line"
      paddingBlock="0.45rem"
      css={{ [NARROW]: { flexWrap: 'wrap', columnGap: '0.5rem', rowGap: '0.1rem' } }}
    >
      <Box width="4.6rem" flexShrink={0}>
        <chakra.span fontWeight="700" fontVariantNumeric="tabular-nums">
          {row.at}–{row.at + row.minutes}
        </chakra.span>
        {view.isWritten && (
          <Minutes
            minutes={row.minutes}
            number={index + 1}
            onMinutes={(minutes) => onEdit(changeLesson(script, index, { minutes }))}
          />
        )}
      </Box>
      <Box flex="1" minWidth="0">
        <chakra.p fontWeight="700">{row.words}</chakra.p>
        {row.said.map((words) => (
          <chakra.p key={words} maxWidth="46rem">
            {words}
          </chakra.p>
        ))}
        {row.notes.map((words) => (
          <chakra.p key={words} color="quiet" maxWidth="46rem">
            {words}
          </chakra.p>
        ))}
        {row.cautions.map((words) => (
          <chakra.p
            key={words}
            maxWidth="46rem"
            borderLeft="3px solid"
            borderColor="care"
            paddingLeft="0.6rem"
            marginTop="0.2rem"
            fontSize="small"
          >
            {words}
          </chakra.p>
        ))}
      </Box>
      <Flex
        direction="column"
        align="flex-end"
        gap="0.2rem"
        flexShrink={0}
        css={{
          [NARROW]: {
            flexDirection: 'row',
            width: '100%',
            justifyContent: 'flex-end',
            alignItems: 'center',
            gap: '1rem',
          },
        }}
      >
        {row.facing !== undefined && row.hour !== undefined && (
          <Flex align="center" gap="0.35rem" fontVariantNumeric="tabular-nums">
            <RoomMark facing={row.facing} hour={row.hour} />
            {row.hour}
          </Flex>
        )}
        {view.isWritten && <StepKeys script={script} index={index} last={view.rows.length - 1} onEdit={onEdit} />}
      </Flex>
    </Flex>
  );
}

const Minutes = ({
  minutes,
  number,
  onMinutes,
}: {
  minutes: number;
  number: number;
  onMinutes: (minutes: number) => void;
}) => (
  <Flex gap="0.1rem" marginTop="0.15rem">
    <Button
      size="small"
      variant="plain"
      minHeight="1.5rem"
      paddingInline="0.4rem"
      disabled={minutes === 0}
      aria-label={t('A minute less for step {number}', { number })}
      onClick={() => onMinutes(minutes - 1)}
    >
      −
    </Button>
    <Button
      size="small"
      variant="plain"
      minHeight="1.5rem"
      paddingInline="0.4rem"
      aria-label={t('A minute more for step {number}', { number })}
      onClick={() => onMinutes(minutes + 1)}
    >
      +
    </Button>
  </Flex>
);

function StepKeys({ script, index, last, onEdit }: { script: Script; index: number; last: number; onEdit: (edits: readonly Edit[]) => void }) {
  const number = index + 1;
  return (
    <Flex>
      <Button size="small" variant="plain" minHeight="1.6rem" paddingInline="0.3rem" disabled={index === 0} aria-label={t('Step {number} earlier', { number })} onClick={() => onEdit(changeLesson(script, index, { by: -1 }))}>
        <ChevronUp size={16} aria-hidden />
      </Button>
      <Button size="small" variant="plain" minHeight="1.6rem" paddingInline="0.3rem" disabled={index === last} aria-label={t('Step {number} later', { number })} onClick={() => onEdit(changeLesson(script, index, { by: 1 }))}>
        <ChevronDown size={16} aria-hidden />
      </Button>
      <Button size="small" variant="plain" minHeight="1.6rem" paddingInline="0.3rem" aria-label={t('Take step {number} out', { number })} onClick={() => onEdit(changeLesson(script, index, { gone: true }))}>
        <X size={16} aria-hidden />
      </Button>
    </Flex>
  );
} // prettier-ignore
