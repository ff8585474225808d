import { Box, chakra, Flex, type HTMLChakraProps } from '@chakra-ui/react';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { FLOOR_SCOPES, hallOf, STEP_METRES, tempoOf, viewFloor, type FloorScope, type FloorView } from '../../core';
import { useDanceSession, useStudy } from '../features/document/DanceContext';
import { FloorFiles } from '../features/floor/FloorFiles';
import { Crowd, stepsWords } from '../features/floor/Crowd';
import { Controls } from '../features/floor/FloorControls';
import { SPEEDS, usePlayer, type Player } from '../features/floor/player';
import { Stage } from '../features/floor/Stage';
import { LOOKS, stageFor, type Look, type Rows } from '../features/floor/stage-view';
import { useShownWall } from '../features/walls/shown-wall';
import { Beside } from '../theme/Beside';
import { Button } from '../theme/Button';
import { MEDIUM, NARROW } from '../theme/screens';
import { t } from '../texts';

const SCOPE_WORDS: Readonly<Record<FloorScope, string>> = {
  line: 'Line',
  section: 'Section',
  two: 'Two sections',
  wall: 'Wall',
  dance: 'Whole dance',
};
const LOOK_WORDS: Readonly<Record<Look, string>> = {
  behind: 'from behind',
  facing: 'facing you, mirrored',
  above: 'from above',
};

/** Where the feet go: the chosen line, section, wall or dance on the floor, standing or moving. */
export function FloorScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const [wall = 1] = useShownWall();
  const [scope, setScope] = useState<FloorScope>('section');
  const [line, setLine] = useState(session.line ?? 0);
  const view = useMemo(() => viewFloor(study.dance, scope, line, wall), [study, scope, line, wall]);
  const choose = (at: number): void => {
    session.lookAt(at);
    setLine(at);
  };
  if (!view)
    return (
      <Box as="main" padding="1rem">
        <chakra.h1 fontSize="part" fontWeight="700">
          {t('Floor')}
        </chakra.h1>
        <chakra.p maxWidth="34rem">
          {t('Nothing is danced here yet. Write a line in the script, and its feet are shown on the floor.')}
        </chakra.p>
      </Box>
    );
  // Another line of the same section is the same path.
  const key = `${scope} ${view.calls[0]?.line} ${wall} ${study.text}`;
  return (
    <Floor
      view={view}
      pathKey={key}
      tempo={tempoOf(study.script.header)}
      hall={hallOf(study.script.header)}
      title={study.script.title}
      scope={scope}
      onScope={setScope}
      line={line}
      onLine={choose}
    />
  );
}

interface Props {
  view: FloorView;
  pathKey: string;
  tempo: number;
  hall: ReturnType<typeof hallOf>;
  title: string;
  scope: FloorScope;
  onScope: (scope: FloorScope) => void;
  line: number;
  onLine: (line: number) => void;
}

const ALONE: Rows = { rows: 1, columns: 1, spacing: 2.5 };

function Floor({ view, pathKey, tempo, hall, title, scope, onScope, line, onLine }: Props) {
  const player = usePlayer(pathKey, view.path.length, tempo);
  const [look, setLook] = useState<Look>('behind');
  const [follows, setFollows] = useState(false);
  const [rows, setRows] = useState<Rows>(ALONE);
  const [metres, setMetres] = useState(STEP_METRES);
  const stage = useMemo(() => stageFor(view, look, rows), [view, look, rows]);
  const large = useRef<HTMLDivElement>(null);
  useKeys(player);
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <chakra.h1 position="absolute" width="1px" height="1px" overflow="hidden" clipPath="inset(50%)">
        {t('Floor')}
      </chakra.h1>
      <Flex
        ref={large}
        direction="column"
        flex="1"
        minWidth="0"
        minHeight="0"
        background="paper"
        css={{ [MEDIUM]: { flex: 'none', height: '72dvh' }, '&:fullscreen': { height: '100dvh' } }}
      >
        <NowAndNext view={view} player={player} />
        <Box flex="1" minHeight="0">
          <Stage view={view} player={player} stage={stage} rows={rows} follows={follows} hall={hall} />
        </Box>
        <Controls view={view} player={player} onLarge={() => void large.current?.requestFullscreen?.()} />
      </Flex>
      <Beside label={t('What is looked at')}>
        <Choices
          scope={scope}
          onScope={onScope}
          look={look}
          onLook={setLook}
          follows={follows}
          onFollows={setFollows}
        />
        <Measures view={view} metres={metres} />
        <Calls view={view} player={player} line={line} onLine={onLine} />
        <Crowd rows={rows} onRows={setRows} metres={metres} onMetres={setMetres} view={view} hall={hall} />
        <FloorFiles title={`${title} ${view.title}`} />
      </Beside>
    </Flex>
  );
}

/** Space plays, arrows go by counts; nothing of it while something is typed. */
function useKeys(player: Player): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (/^(?:INPUT|SELECT|TEXTAREA)$/.test(target.tagName) || event.ctrlKey || event.metaKey || event.altKey) return;
      const by = event.shiftKey ? 0.5 : 1;
      if (event.key === ' ' && target.tagName !== 'BUTTON') player.toggle();
      else if (event.key === 'ArrowRight') player.step(by);
      else if (event.key === 'ArrowLeft') player.step(-by);
      else if (event.key === 'Home') player.set(0);
      else if (event.key === 'End') player.set(player.length);
      else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') faster(player, event.key === 'ArrowUp' ? 1 : -1);
      else if (event.key === 'l') player.choose({ loops: !player.loops });
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [player]);
}

function faster(player: Player, by: 1 | -1): void {
  const at = SPEEDS.findIndex((speed) => speed === player.speed);
  player.choose({ speed: SPEEDS[Math.min(Math.max(at + by, 0), SPEEDS.length - 1)] });
}

/** What is danced and what comes next, said before it comes: readable from across the room. */
function NowAndNext({ view, player }: { view: FloorView; player: Player }) {
  const { calls, counts } = view;
  const at = calls.findLastIndex(({ time }) => time <= player.time);
  const [now, next] = [calls[Math.max(at, 0)], calls[Math.max(at, 0) + 1]];
  const count = counts.findLast(({ time }) => time <= player.time);
  const names = calls.map(({ counts: own, words }) => `${own} ${words}`);
  return (
    <Flex align="baseline" gap="1rem" padding="0.5rem 1rem 0.35rem">
      <chakra.b fontSize="clamp(1.6rem, 4vw, 3rem)" lineHeight="1" minWidth="1.4em" fontVariantNumeric="tabular-nums">
        {count?.label}
      </chakra.b>
      <Flex flex="1" minWidth="0" align="baseline" gap="1rem" css={{ [NARROW]: { flexWrap: 'wrap', rowGap: 0 } }}>
        <Steady among={names} fontSize="clamp(1.1rem, 2.4vw, 2rem)" fontWeight="700" lineHeight="1.2" flex="1">
          {now?.words}
        </Steady>
        <Steady
          among={names.map((name) => thenWords(name))}
          fontSize="clamp(0.95rem, 1.6vw, 1.3rem)"
          color="quiet"
          textAlign="right"
          maxWidth="40%"
        >
          {next && thenWords(`${next.counts} ${next.words}`)}
        </Steady>
      </Flex>
    </Flex>
  );
}

const thenWords = (words: string): string => `${t('then')} ${words}`;

/** Words that change while the feet move: as high from the start as the longest of them, so that the floor below stays where it is. */
function Steady({ among, children, ...style }: { among: readonly string[] } & HTMLChakraProps<'div'>) {
  const longest = among.reduce((long, words) => (words.length > long.length ? words : long), '');
  return (
    <chakra.div display="grid" minWidth="0" {...style}>
      <chakra.span gridArea="1 / 1" visibility="hidden" aria-hidden>
        {longest}
      </chakra.span>
      <chakra.span gridArea="1 / 1">{children}</chakra.span>
    </chakra.div>
  );
}

function Choices({
  scope,
  onScope,
  look,
  onLook,
  follows,
  onFollows,
}: {
  scope: FloorScope;
  onScope: (scope: FloorScope) => void;
  look: Look;
  onLook: (look: Look) => void;
  follows: boolean;
  onFollows: (follows: boolean) => void;
}) {
  return (
    <>
      <Pick label={t('What is looked at')}>
        {FLOOR_SCOPES.map((own) => (
          <Chosen key={own} isChosen={own === scope} onPress={() => onScope(own)}>
            {t(SCOPE_WORDS[own])}
          </Chosen>
        ))}
      </Pick>
      <Pick label={t('Seen')}>
        {LOOKS.map((own) => (
          <Chosen key={own} isChosen={own === look} onPress={() => onLook(own)}>
            {t(LOOK_WORDS[own])}
          </Chosen>
        ))}
        <Chosen isChosen={follows} onPress={() => onFollows(!follows)}>
          {t('turning with the dancer')}
        </Chosen>
      </Pick>
    </>
  );
}

const Pick = ({ label, children }: { label: string; children: ReactNode }) => (
  <Flex role="group" aria-label={label} gap="0.3rem" flexWrap="wrap" marginBottom="0.6rem">
    {children}
  </Flex>
);

const Chosen = ({ isChosen, onPress, children }: { isChosen: boolean; onPress: () => void; children: ReactNode }) => (
  <Button
    size="small"
    aria-pressed={isChosen}
    onClick={onPress}
    background={isChosen ? 'sand' : undefined}
    fontWeight={isChosen ? '700' : '400'}
    borderColor={isChosen ? 'rule' : 'lineStrong'}
  >
    {children}
  </Button>
);

/** How far it goes and where it ends. */
function Measures({ view, metres }: { view: FloorView; metres: number }) {
  const { box } = view.measure;
  return (
    <chakra.dl fontSize="small" display="grid" gridTemplateColumns="auto 1fr" columnGap="0.75rem" marginBottom="0.6rem">
      <chakra.dt color="quiet">{t('ends')}</chakra.dt>
      <dd>{view.driftWords ?? t('where it began')}</dd>
      <chakra.dt color="quiet">{t('wide')}</chakra.dt>
      <dd>{stepsWords(box.left + box.right, metres)}</dd>
      <chakra.dt color="quiet">{t('deep')}</chakra.dt>
      <dd>{stepsWords(box.back + box.forward, metres)}</dd>
    </chakra.dl>
  );
}

/** More lines than this are a list nobody follows. */
const MOST_CALLS = 200;

function Calls({
  view,
  player,
  line,
  onLine,
}: {
  view: FloorView;
  player: Player;
  line: number;
  onLine: (line: number) => void;
}) {
  const at = view.calls.findLastIndex(({ time }) => time <= player.time);
  return (
    <chakra.ol marginBottom="0.75rem" maxHeight="18rem" overflowY="auto" tabIndex={0} aria-label={t('Lines')}>
      {view.calls.slice(0, MOST_CALLS).map((call, index) => (
        <li key={index}>
          <chakra.button
            type="button"
            onClick={() => {
              player.set(call.time);
              onLine(call.line);
            }}
            aria-current={index === at ? 'true' : undefined}
            display="flex"
            gap="0.5rem"
            width="100%"
            font="inherit"
            fontSize="small"
            textAlign="left"
            color="ink"
            background={index === at ? 'sand' : 'transparent'}
            border="none"
            borderLeft="3px solid"
            borderColor={call.line === line ? 'rule' : 'transparent'}
            padding="0.2rem 0.4rem"
            cursor="pointer"
          >
            <chakra.b minWidth="2.6rem">{call.counts}</chakra.b>
            {call.words}
          </chakra.button>
        </li>
      ))}
    </chakra.ol>
  );
}
