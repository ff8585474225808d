import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Song } from '../../../core';
import { UNSURE } from '../../../music/sureness';
import { Alert } from '../../theme/Alert';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { clock } from './clock';
import { CloserLook } from './CloserLook';
import type { Recording, RecordingDesk } from './use-recording';

const sizeWords = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** The recording: opened, measured, its first step set, taken out again. */
export function RecordingPanel({ desk, song, unit, onBand, onIntro, onPhrases }: {
  desk: RecordingDesk;
  song: Song | undefined;
  /** Counts are numbered in eights, or in sixes. */
  unit: number;
  onBand: () => void;
  /** Beats before the first step. */
  onIntro: (beats: number) => void;
  onPhrases: () => void;
}) {
  const { recording, working, problem } = desk;
  const input = useRef<HTMLInputElement>(null);
  return (
    <section aria-label={t('The recording')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1rem" marginBottom="0.3rem">
        {t('The recording')}
      </chakra.h2>
      {problem && <Alert>{problem}</Alert>}
      <Replacing desk={desk} />
      {working ? (
        <Box role="status">
          {working.words} …
          <Flex align="center" gap="0.5rem" marginTop="0.3rem">
            <chakra.progress value={working.share} max={1} aria-label={working.words} flex="1" height="0.6rem" css={{ accentColor: 'var(--chakra-colors-rule)' }} />
            <Button size="small" onClick={desk.stop}>
              {t('Stop')}
            </Button>
          </Flex>
        </Box>
      ) : recording ? (
        <Told unit={unit} recording={recording} song={song} desk={desk} onIntro={onIntro} onPhrases={onPhrases} />
      ) : (
        <>
          <chakra.p color="quiet" fontSize="small">
            {t('Open a recording of the song, or drop it on this page: tempo and beats are measured, and it plays under the walls. It stays in this browser and never leaves the machine.')}
          </chakra.p>
          <Flex gap="0.35rem" marginTop="0.4rem" flexWrap="wrap">
            <Button onClick={() => input.current?.click()}>{t('Open a recording')}</Button>
            {song && song.counts > 0 && (
              <Button onClick={onBand} title={t('Plain drums, bass and chords of our own, made from the map')}>
                {t('Let the house band play it')}
              </Button>
            )}
          </Flex>
        </>
      )}
      <input
        ref={input}
        type="file"
        hidden
        accept="audio/*,.mp3,.m4a,.ogg,.oga,.opus,.flac,.wav,.aac,.webm"
        data-testid="recording-file"
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) void desk.open(file);
          target.value = '';
        }}
      />
    </section>
  );
} // prettier-ignore

/** A silent recording asks before it takes the place of a good one; the one before can be brought back. */
function Replacing({ desk: { question, earlier } }: { desk: RecordingDesk }) {
  if (question)
    return (
      <Box role="alert" background="sand" borderRadius="4px" padding="0.5rem 0.75rem" marginBottom="0.6rem" overflowWrap="anywhere">
        <p>{t('No beat is heard in {name}. {instead} stays here.', { name: question.name, instead: question.instead })}</p>
        <Flex gap="0.35rem" marginTop="0.3rem" flexWrap="wrap">
          <Button size="small" onClick={() => void question.take()}>{t('Put it in its place all the same')}</Button>
          <Button size="small" variant="plain" onClick={question.leave}>{t('Leave it')}</Button>
        </Flex>
      </Box>
    );
  if (!earlier) return null;
  return (
    <Flex role="status" align="center" gap="0.5rem" flexWrap="wrap" fontSize="small" marginBottom="0.4rem">
      <chakra.span overflowWrap="anywhere">{t('Before: {name}', { name: earlier.name })}</chakra.span>
      <Button size="small" onClick={() => void earlier.bringBack()}>{t('Bring it back')}</Button>
    </Flex>
  );
} // prettier-ignore

function Told({
  recording,
  song,
  unit,
  desk,
  onIntro,
  onPhrases,
}: {
  recording: Recording;
  song: Song | undefined;
  unit: number;
  desk: RecordingDesk;
  onIntro: (beats: number) => void;
  onPhrases: () => void;
}) {
  const { record, heard, firstStep } = recording;
  const [looksCloser, setLooksCloser] = useState(false);
  return (
    <>
      <chakra.p fontSize="small" color="quiet" overflowWrap="anywhere">
        {record.byBand ? t('Played by the house band') : record.name}, {clock(record.heard.seconds)},{' '}
        {sizeWords(record.size)}
      </chakra.p>
      {heard.bpm === 0 ? (
        <p>{t('No beat is heard in it. It plays all the same; tap the beat, and write the map by hand.')}</p>
      ) : (
        <>
          <HeardBeats recording={recording} />
          <Levels recording={recording} onLevel={(times) => void desk.setLevel(times)} />
          <Flex align="center" gap="0.5rem" marginTop="0.4rem">
            {t('First step at {second} s', { second: firstStep.toFixed(2) })}
            <Button
              size="small"
              variant="plain"
              aria-expanded={looksCloser}
              onClick={() => setLooksCloser(!looksCloser)}
            >
              {looksCloser ? t('Done') : t('Set it')}
            </Button>
          </Flex>
          {looksCloser && <CloserLook recording={recording} unit={unit} onIntro={onIntro} />}
          <MapEnd recording={recording} song={song} />
        </>
      )}
      <Flex gap="0.35rem" marginTop="0.6rem" flexWrap="wrap">
        {heard.bpm > 0 && (
          <Button size="small" onClick={onPhrases}>
            {t('Propose phrases')}
          </Button>
        )}
        <Button size="small" variant="plain" onClick={() => void desk.remove()}>
          {t('Take it out')}
        </Button>
      </Flex>
    </>
  );
}

function HeardBeats({ recording: { record, heard } }: { recording: Recording }) {
  const sure = record.heard.confidence >= UNSURE;
  return (
    <>
      <p>
        <b>{t('{tempo} beats a minute', { tempo: heard.bpm.toFixed(1) })}</b>
        {heard.changes.length === 0 ? t(', steady') : t(', it changes')}
        {sure ? '' : t('; no more than a guess, tap it to be sure')}
      </p>
      {[
        ...heard.changes.map(({ at, bpm }) => t('{tempo} from {time} on', { tempo: bpm.toFixed(1), time: clock(at) })),
        ...heard.pauses.map(({ at, beats }) =>
          t('stands still for {beats} beats at {time}', { beats, time: clock(at) }),
        ),
      ].map((words) => (
        <chakra.p key={words} fontSize="small">
          {words}
        </chakra.p>
      ))}
    </>
  );
}

/** The beats may be heard at half or at double of what is danced. */
function Levels({ recording: { record }, onLevel }: { recording: Recording; onLevel: (times: 0.5 | 1 | 2) => void }) {
  const levels = ([0.5, 1, 2] as const).filter(
    (times) => record.heard.bpm * times >= 30 && record.heard.bpm * times <= 260,
  );
  return (
    <Flex
      role="group"
      aria-label={t('How it is counted')}
      gap="0.25rem"
      marginTop="0.35rem"
      align="center"
      flexWrap="wrap"
    >
      <chakra.span fontSize="small" color="quiet">
        {t('counted')}
      </chakra.span>
      {levels.map((times) => (
        <Button
          key={times}
          size="small"
          aria-pressed={times === record.level}
          background={times === record.level ? 'sand' : undefined}
          onClick={() => onLevel(times)}
        >
          {(record.heard.bpm * times).toFixed(0)}
        </Button>
      ))}
    </Flex>
  );
}

/** A map may end before the recording does, or go on without it; an eight more or less is nothing to tell. */
function MapEnd({ recording: { grid }, song }: { recording: Recording; song: Song | undefined }) {
  if (!grid || !song || song.counts === 0) return null;
  const more = Math.round(grid.counts[grid.counts.length - 1] + 1 - song.counts);
  if (Math.abs(more) <= 8) return null;
  return (
    <chakra.p role="note" fontSize="small" color="care" marginTop="0.4rem">
      {more > 0
        ? t('The recording goes on for {count} counts after the map ends.', { count: more })
        : t('The map goes on for {count} counts after the recording ends.', { count: -more })}
    </chakra.p>
  );
} // prettier-ignore
