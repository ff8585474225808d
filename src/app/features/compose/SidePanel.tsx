import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { lazy, Suspense, useEffect } from 'react';
import { Link } from 'react-router';
import { nextUp, type Finding, type Mending, type OnWall, type Study } from '../../../core';
import { Button } from '../../theme/Button';
import type { DanceSession } from '../document/session';
import { LinePanel } from '../script/LinePanel';
import { Outline } from '../script/Outline';
import { Told } from '../script/Told';
import { useSeenBefore } from '../desk/habits';
import { useMedia } from '../frame/use-media';
import { IS_MEDIUM, IS_NARROW, MEDIUM, PHONE } from '../../theme/screens';
import { clearDesk, putDesk, useDesk, type Help } from '../desk/desk';
import { t } from '../../texts';

const GoOnList = lazy(async () => ({ default: (await import('./FitPanel')).GoOnList }));
const Fill = lazy(async () => ({ default: (await import('./FitPanel')).Fill }));
const Close = lazy(async () => ({ default: (await import('./FitPanel')).Close }));

const CommandMenu = lazy(() => import('../script/CommandMenu'));

const NAMES: readonly (readonly [Help, string])[] = [
  ['line', 'This line'],
  ['go-on', 'Go on'],
  ['fill', 'Fill'],
  ['close', 'Close'],
  ['sections', 'Sections'],
];

interface Props {
  study: Study;
  told: readonly Finding[];
  mendings: readonly Mending[];
  line: number;
  view: EditorView | undefined;
  onLine: (line: number) => void;
  session: DanceSession;
  /** The wall that is shown. */
  wall?: OnWall;
}

/** Beside the script: the line explained, or what fits there. On an empty line there is nothing to explain: what may follow stands there. */
export function SidePanel({ wall, session, ...props }: Props) {
  const { study, line, view } = props;
  const { help, isOpen } = useDesk();
  const seen = useSeenBefore(session.id, study, line);
  const isDrawer = useMedia(IS_MEDIUM);
  const isPhone = useMedia(IS_NARROW);
  useEffect(() => clearDesk, []);
  const isEmpty = nextUp(study, line)?.kind === 'count';
  const asked: Help = help === 'sections' && !isDrawer ? 'line' : help;
  const shown: Help = asked === 'line' && isEmpty ? 'go-on' : asked;
  return (
    <>
      <Flex
        role="group"
        aria-label={t('What stands beside the script')}
        gap="0.15rem"
        margin="-0.25rem 0 0.75rem -0.5rem"
        css={{
          [MEDIUM]: {
            position: 'sticky',
            top: 0,
            background: 'paper',
            margin: '0 -0.5rem',
            paddingBlock: '0.35rem',
            zIndex: 1,
          },
        }}
      >
        {NAMES.filter(([own]) => own !== 'sections' || isDrawer).map(([own, name]) => (
          <Button
            key={own}
            variant="plain"
            size="small"
            aria-pressed={own === shown && (!isDrawer || isOpen)}
            borderRadius="0"
            borderBottom="2px solid"
            borderBottomColor={own === shown ? 'rule' : 'transparent'}
            fontWeight={own === shown ? '700' : '400'}
            css={{ [PHONE]: { paddingInline: '0.3rem' } }}
            aria-expanded={isDrawer ? isOpen && own === shown : undefined}
            onClick={() =>
              putDesk({
                help: own,
                selected: 0,
                range: undefined,
                isOpen: !isOpen || own !== shown,
              })
            }
          >
            {t(name)}
          </Button>
        ))}
        {isPhone && (
          <Box marginLeft="auto" flexShrink={0}>
            <Suspense fallback={null}>
              <CommandMenu view={view} />
            </Suspense>
          </Box>
        )}
      </Flex>
      {isDrawer && !isOpen ? null : (
        <Suspense fallback={<Box minHeight="10rem" />}>
          {shown === 'line' && <LinePanel study={study} line={line} wall={wall} />}
          {shown === 'go-on' && <GoOnList study={study} line={line} view={view} />}
          {shown === 'fill' && <Fill study={study} line={line} view={view} />}
          {shown === 'sections' && <Outline session={session} {...props} />}
          {shown === 'close' && <Close study={study} view={view} />}
          {(shown === 'line' || shown === 'go-on') && <Told {...props} />}
          {shown === 'line' && seen && (
            <chakra.p color="quiet" fontSize="small" marginTop="1rem">
              {t('The figures of this section stand in the same order in')}{' '}
              <Link to={`/dance/${seen.id}`}>{seen.title}</Link>, {seen.place}.
            </chakra.p>
          )}
        </Suspense>
      )}
    </>
  );
}
