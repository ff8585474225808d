import { Box, chakra, Flex } from '@chakra-ui/react';
import { Play, Square } from 'lucide-react';
import { lazy, Suspense, useEffect } from 'react';
import { CountRail, Now, usePlace } from '../features/practice/Now';
import { Ladder } from '../features/practice/Ladder';
import { RUNGS, usePractice, type Practice } from '../features/practice/use-practice';
import type { VoiceKind } from '../features/practice/voice';
import { Alert } from '../theme/Alert';
import { Button } from '../theme/Button';
import { Select } from '../theme/fields';
import { t } from '../texts';
import type { Performance, Timeline } from '../../core';

const OnFloor = lazy(() => import('../features/practice/OnFloor'));
const TakeAlong = lazy(() => import('../features/practice/TakeAlong'));

/** The dance danced aloud, read from across the room: what is danced now, what comes, the count, the wall, the foot. */
export function PracticeScreen() {
  const practice = usePractice();
  const { timeline, performance, stretch } = practice;
  if (!timeline || !performance || !stretch || timeline.calls.length === 0)
    return (
      <Box as="main" padding="1rem 1.25rem">
        <chakra.h1 fontSize="heading" fontWeight="700">
          {t('Practice')}
        </chakra.h1>
        <chakra.p marginTop="0.5rem">{t('There is nothing to dance yet. Write a line in the script, such as “1-4 Vine R, touch L”, and it is danced aloud here.')}</chakra.p>
      </Box>
    );
  return <Floor practice={practice} timeline={timeline} performance={performance} />;
} // prettier-ignore

function Floor({ practice, timeline, performance }: { practice: Practice; timeline: Timeline; performance: Performance }) {
  const { player, stretch, withMusic, loops } = practice;
  const place = usePlace(player, timeline, performance);
  usePracticeKeys(practice, place.call, performance);
  const now = timeline.calls[Math.max(0, place.call)];
  return (
    <Flex as="main" direction="column" padding="0.75rem 1.5rem 1rem" gap="0.25rem" css={{ overflowY: 'auto' }}>
      <chakra.h1 position="absolute" width="1px" height="1px" overflow="hidden" clipPath="inset(50%)">
        {t('Practice')}
      </chakra.h1>
      <Choices practice={practice} />
      {practice.problem && <Alert>{practice.problem}</Alert>}
      <Flex justify="space-between" gap="1rem" flexWrap="wrap" color="quiet" fontSize="lead">
        <span>
          {[stretch?.name !== now.place && now.place, t('wall {wall}', { wall: now.wall })].filter(Boolean).join(' · ')}
        </span>
        <span>
          {t('{tempo} a minute', { tempo: practice.perMinute })}
          {withMusic ? `, ${t('with the music')}` : ''}
          {loops && !withMusic ? ` · ${t('again and again')}` : ''}
          {practice.isSaid ? '' : ` · ${t('the dance names no tempo')}`}
        </span>
      </Flex>
      <CountRail timeline={timeline} place={place} />
      <Now
        timeline={timeline}
        place={place}
        floor={
          practice.floor && (
            <Suspense fallback={null}>
              <OnFloor floor={practice.floor} player={player} performance={performance} />
            </Suspense>
          )
        }
      />
      <Flex align="flex-end" justify="space-between" gap="0.75rem 1.5rem" flexWrap="wrap">
        <Ladder practice={practice} />
        <Flex align="center" gap="0.5rem 0.75rem" flexWrap="wrap">
          <Suspense fallback={null}>
            <TakeAlong text={practice.text} title={practice.title} tempo={practice.perMinute} />
          </Suspense>
        </Flex>
      </Flex>
    </Flex>
  );
} // prettier-ignore

const VOICE_NAMES: Readonly<Record<VoiceKind, string>> = {
  device: 'the device’s voice',
  own: 'the slate’s own voice',
  none: 'clicks alone',
};

function Choices({ practice }: { practice: Practice }) {
  const { player, stretches, stretch, choose, loops, setLoops, share, setShare, voice } = practice;
  const isPlaying = player.state === 'playing';
  const voices = (['device', 'own', 'none'] as const).filter((kind) => kind === 'none' || (kind === 'device' ? voice.hasDevice : voice.hasOwn));
  return (
    <Flex role="group" aria-label={t('What is danced')} align="center" gap="0.5rem 0.6rem" flexWrap="wrap" marginBottom="0.25rem" css={{ '& input[type=range]': { width: '5.5rem' } }}>
      <Button variant="solid" minWidth="6rem" onClick={() => (isPlaying ? player.stop() : void practice.play())}>
        {isPlaying ? <Square size={16} aria-hidden /> : <Play size={16} aria-hidden />}
        {player.state === 'loading' ? t('Opening') : isPlaying ? t('Stop') : t('Dance')}
      </Button>
      <Select aria-label={t('Stretch')} width="auto" maxWidth="11rem" value={stretch?.id} onChange={({ target }) => choose(target.value)}>
        {stretches.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Select>
      <Button aria-pressed={loops} background={loops ? 'sand' : undefined} onClick={() => setLoops(!loops)}>
        {t('Again and again')}
      </Button>
      <Button aria-pressed={practice.showsFloor} background={practice.showsFloor ? 'sand' : undefined} onClick={() => practice.setShowsFloor(!practice.showsFloor)}>
        {t('The feet')}
      </Button>
      <chakra.label display="flex" alignItems="center" gap="0.4rem" fontSize="text">
        {t('Tempo')}
        <input type="range" min={50} max={120} step={5} value={Math.round(share * 100)} onChange={({ target }) => setShare(Number(target.value) / 100)} />
        <chakra.span minWidth="2.75rem" fontVariantNumeric="tabular-nums">
          {Math.round(share * 100)} %
        </chakra.span>
      </chakra.label>
      <chakra.label display="flex" alignItems="center" gap="0.4rem" fontSize="text">
        {t('Counted')}
        <Select width="auto" value={practice.slowQuick ? 'pace' : 'numbers'} onChange={({ target }) => practice.setSlowQuick(target.value === 'pace')}>
          <option value="numbers">{t('1 2 3 4')}</option>
          <option value="pace">{t('slow, quick')}</option>
        </Select>
      </chakra.label>
      <chakra.label display="flex" alignItems="center" gap="0.4rem" fontSize="text">
        {t('Said by')}
        <Select width="auto" value={voice.kind} onChange={({ target }) => voice.set(target.value as VoiceKind)}>
          {voices.map((kind) => (
            <option key={kind} value={kind}>
              {t(VOICE_NAMES[kind])}
            </option>
          ))}
        </Select>
      </chakra.label>
      {voice.hasDevice === false && !voice.hasOwn && (
        <chakra.span role="status" fontSize="small" color="quiet">
          {t('This device has no voice for the sheet’s language: it is clicked, and read here.')}
        </chakra.span>
      )}
    </Flex>
  );
} // prettier-ignore

/** Keys of a keyboard, of a remote that turns pages, of a headset. */
function usePracticeKeys(practice: Practice, call: number, performance: Performance): void {
  useEffect(() => {
    const { player, stretches, stretch, choose, setRung, setLoops, loops } = practice;
    const toggle = (): void => (player.state === 'playing' ? player.stop() : void practice.play());
    const go = (by: number): void => {
      const at = stretches.findIndex(({ id }) => id === stretch?.id) + by;
      if (stretches[at]) choose(stretches[at].id);
    };
    const step = (by: number): void => {
      const at = performance.calls[Math.max(0, call + by)];
      if (at !== undefined && player.state !== 'playing') player.set(at);
    };
    const keys: Readonly<Record<string, () => void>> = {
      ' ': toggle,
      PageDown: () => go(1),
      PageUp: () => go(-1),
      ArrowDown: () => go(1),
      ArrowUp: () => go(-1),
      ArrowRight: () => step(1),
      ArrowLeft: () => step(-1),
      l: () => setLoops(!loops),
    };
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      // A button has its own use of the space bar, a field of every key.
      if (event.target instanceof HTMLElement && event.target.closest(event.key === ' ' ? 'button, select, input, a' : 'select, input, [role=menu]')) return;
      const own = keys[event.key] ?? (/^[1-5]$/.test(event.key) && (Number(event.key) < RUNGS.length || practice.hasMusic) ? () => setRung(Number(event.key) - 1) : undefined);
      if (!own) return;
      event.preventDefault();
      own();
    };
    window.addEventListener('keydown', onKey);
    const session = 'mediaSession' in navigator ? navigator.mediaSession : undefined;
    session?.setActionHandler('play', toggle);
    session?.setActionHandler('pause', toggle);
    session?.setActionHandler('nexttrack', () => go(1));
    session?.setActionHandler('previoustrack', () => go(-1));
    return () => {
      window.removeEventListener('keydown', onKey);
      for (const action of ['play', 'pause', 'nexttrack', 'previoustrack'] as const) session?.setActionHandler(action, null);
    };
  }, [practice, call, performance]);
} // prettier-ignore
