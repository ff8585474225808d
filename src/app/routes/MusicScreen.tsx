import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { songEdit, viewMusic, type MusicView } from '../../core';
import { useDanceSession, useStudy } from '../features/document/DanceContext';
import { SongPlans } from '../features/music/SongPlans';
import { SongRows } from '../features/music/SongRows';
import { useTextEditing } from '../features/walls/use-walls';
import { Beside } from '../theme/Beside';
import { Button } from '../theme/Button';
import { TextArea } from '../theme/fields';
import { MEDIUM } from '../theme/screens';
import { t } from '../texts';

/** The song under the dance, a row a phrase: a dance fits when its walls stand at the edge. */
export function MusicScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const editing = useTextEditing();
  const { dance, script } = study;
  const view = useMemo(() => viewMusic(dance), [dance]);
  const block = script.blocks.find(({ kind }) => kind === 'song');
  const intro = Number(/\d+/.exec(script.header.entries.find(({ key }) => key === 'intro')?.value ?? '')?.[0] ?? 16);
  return (
    <Flex as="main" css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}>
      <Box
        flex="1"
        minWidth="0"
        overflowY="auto"
        padding="0.75rem 1.25rem 2rem"
        css={{ [MEDIUM]: { flex: 'none', overflow: 'visible' } }}
      >
        <chakra.h1 fontSize="heading" fontWeight="700" marginBottom="0.5rem">
          {view?.laid.song.title || t('The song')}
        </chakra.h1>
        {view ? (
          <SongRows view={view} />
        ) : (
          <chakra.p maxWidth="36rem">
            {block
              ? t('No phrase is written yet, or nothing is danced: a phrase is a line such as “chorus: 32”.')
              : t(
                  'Write down what the song does, phrase by phrase in counts, and the walls are laid over it: at once you see which of them begin with a phrase and which are out.',
                )}
          </chakra.p>
        )}
        {block?.headingLine === undefined && (
          <Button variant="solid" marginTop="1rem" onClick={() => editing.apply([songEdit(script, intro)])}>
            {t('Start a map')}
          </Button>
        )}
      </Box>
      <Beside label={t('The song in words')}>
        {view && <Told view={view} />}
        {block?.headingLine !== undefined && (
          <SongMap
            key={session.id}
            text={editing.text}
            heading={block.headingLine}
            onEdit={(edits) => editing.apply(edits, true)}
          />
        )}
        <chakra.p color="quiet" fontSize="small" marginTop="0.75rem">
          {t(
            'A line a phrase, in counts of the dance: “verse 1: 32”, “bridge: 4 x 8”, “gap 4”; “pause of 2 after 144”; “tempo 96 after 128”.',
          )}
        </chakra.p>
        {view && <SongPlans text={editing.text} onTake={(edits) => editing.apply(edits)} />}
      </Beside>
    </Flex>
  );
}

const clock = (seconds: number): string => `${Math.floor(Math.round(seconds) / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`; // prettier-ignore

/** What comes of it, in few words. */
function Told({ view: { laid, met, endHour } }: { view: MusicView }) {
  const { song, walls, end, left, seconds, wallSeconds } = laid;
  const first = walls.find(({ out }) => out !== 0);
  const rows: (readonly [string, string | undefined])[] = [
    [t('fits'), t('{met} of {all} walls begin with a phrase', { met, all: walls.length })],
    [t('out'), first && t('wall {wall} is the first, {far}', { wall: first.wall.number, far: farWords(first.out) })],
    [t('ends'), left > 0 ? t('the dance, {left} counts before the music', { left }) : end && t('on wall {wall}, count {count}, facing {hour}', { wall: end.wall, count: end.count, hour: endHour ?? '' })],
    [t('lasts'), seconds === undefined ? undefined : `${clock(seconds)}${wallSeconds === undefined ? '' : `, ${t('a wall {time}', { time: clock(wallSeconds) })}`}`],
    [t('starts'), song.intro === undefined ? undefined : t('after {count} counts', { count: song.intro })],
    [t('tempo'), song.tempo === 0 ? t('not said') : t('{tempo} beats a minute', { tempo: song.tempo })],
  ]; // prettier-ignore
  return (
    <chakra.dl display="grid" gridTemplateColumns="auto 1fr" columnGap="0.75rem" rowGap="0.15rem" marginBottom="1rem">
      {rows.map(([name, words]) =>
        words === undefined ? null : (
          <Box key={name} display="contents">
            <chakra.dt color="quiet">{name}</chakra.dt>
            <chakra.dd fontWeight={name === t('fits') ? '700' : '400'}>{words}</chakra.dd>
          </Box>
        ),
      )}
    </chakra.dl>
  );
}

const farWords = (out: number): string =>
  t(out < 0 ? '{count} early' : '{count} late', {
    count: Math.abs(out) === 1 ? t('1 count') : t('{count} counts', { count: Math.abs(out) }),
  });

/** The lines below the heading, typed here as in the script. */
function SongMap({
  text,
  heading,
  onEdit,
}: {
  text: string;
  heading: number;
  onEdit: (edits: readonly { from: number; to: number; insert: string }[]) => void;
}) {
  const lines = text.split('\n');
  const next = lines.findIndex((line, index) => index > heading && /^\s*##/.test(line));
  const own = lines.slice(heading + 1, next < 0 ? lines.length : next);
  const from = lines.slice(0, heading + 1).reduce((sum, line) => sum + line.length + 1, 0);
  const words = own.join('\n').trimEnd();
  // What is typed stands in the field at once; the text follows it, and leads where it was changed elsewhere.
  const [typed, setTyped] = useState(words);
  const shown = typed.trimEnd() === words ? typed : words;
  return (
    <>
      <chakra.label htmlFor="song-map" display="block" fontWeight="700" marginBottom="0.3rem">
        {t('The map')}
      </chakra.label>
      <TextArea
        id="song-map"
        rows={12}
        value={shown}
        spellCheck={false}
        fontSize="text"
        css={{ fieldSizing: 'content', minHeight: '12rem' }}
        onChange={({ target: { value } }) => {
          // A heading here would begin something else.
          const kept = value.replace(/^\s*#+\s*/gm, '');
          setTyped(kept);
          const lead = from > text.length ? '\n' : '';
          onEdit([
            {
              from: Math.min(from, text.length),
              to: Math.min(from + words.length, text.length),
              insert: lead + kept.trimEnd(),
            },
          ]);
        }}
      />
    </>
  );
}
