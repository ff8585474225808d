import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { MusicView } from '../../core';
import { BlockText } from '../features/document/BlockText';
import { clock } from '../features/music/clock';
import { OtherSongs } from '../features/music/OtherSongs';
import { RecordingPanel } from '../features/music/RecordingPanel';
import { SongPlans } from '../features/music/SongPlans';
import { SongRows } from '../features/music/SongRows';
import { Taps } from '../features/music/Taps';
import { Transport } from '../features/music/Transport';
import { keyOf, useSongPage, type SongPage } from '../features/music/use-song-page';
import { Beside, MainColumn } from '../theme/Beside';
import { Button } from '../theme/Button';
import { MEDIUM } from '../theme/screens';
import { t } from '../texts';

/** The song under the dance, a row a phrase: a dance fits when its walls stand at the edge. */
export function MusicScreen() {
  const page = useSongPage();
  const { desk } = page;
  return (
    <Flex
      as="main"
      css={{ overflow: 'hidden', [MEDIUM]: { flexDirection: 'column', overflowY: 'auto' } }}
      onDragOver={(event) => event.dataTransfer.types.includes('Files') && event.preventDefault()}
      onDrop={(event) => {
        const [file] = event.dataTransfer.files;
        if (!file) return;
        event.preventDefault();
        void desk.open(file);
      }}
    >
      <MainColumn>
        <Rows page={page} />
      </MainColumn>
      <Beside label={t('The song in words')}>
        <Box css={{ [MEDIUM]: { columns: '20rem 2', columnGap: '2rem', '& > *': { breakInside: 'avoid' } } }}>
          <InWords page={page} />
        </Box>
      </Beside>
    </Flex>
  );
}

function Rows({ page }: { page: SongPage }) {
  const { desk, view, song, looked, hasMap, moves } = page;
  const { recording } = desk;
  const [chosen, choose] = useState<number>();
  return (
    <>
      <chakra.h1 fontSize="heading" fontWeight="700" marginBottom="0.5rem">
        {view?.laid.song.title || song?.title || t('The song')}
      </chakra.h1>
      {recording && (
        <Transport soundKey={keyOf(recording)} grid={recording.grid} laid={view?.laid} onProblem={desk.say} />
      )}
      {looked && !looked.passing && (
        <Flex
          role="status"
          align="center"
          gap="0.5rem"
          flexWrap="wrap"
          background="sand"
          borderRadius="4px"
          padding="0.4rem 0.6rem"
          marginBottom="0.4rem"
        >
          <span>{looked.what}</span>
          <Button size="small" variant="solid" onClick={() => page.take(looked.edits)}>
            {t('Take it')}
          </Button>
          <Button size="small" variant="plain" onClick={() => page.lookAt(undefined)}>
            {t('As it was')}
          </Button>
        </Flex>
      )}
      {view ? (
        <SongRows
          view={view}
          sound={recording?.grid && { peaks: recording.record.peaks, grid: recording.grid }}
          secondAt={page.secondAt}
          chosen={chosen}
          onChoose={choose}
          moves={moves}
          isLook={looked !== undefined && !looked.passing}
          onPlace={page.playFrom}
        />
      ) : (
        <chakra.p maxWidth="36rem">
          {hasMap
            ? t('No phrase is written yet, or nothing is danced: a phrase is a line such as “chorus: 32”.')
            : t(
                'Write down what the song does, phrase by phrase in counts, and the walls are laid over it: at once you see which of them begin with a phrase and which are out. Or open a recording, and its phrases are proposed.',
              )}
        </chakra.p>
      )}
      {!hasMap && !looked && (
        <Button variant="solid" marginTop="1rem" onClick={page.startMap}>
          {t('Start a map')}
        </Button>
      )}
    </>
  );
}

function InWords({ page }: { page: SongPage }) {
  const { desk, view, song, looked, text } = page;
  return (
    <>
      {view && <Told view={view} />}
      <RecordingPanel desk={desk} song={song} unit={page.unit} onBand={page.playBand} onIntro={page.setIntro} onPhrases={page.propose} />
      <Taps measured={desk.recording?.heard.bpm || undefined} onTempo={page.setTempo} onLevel={page.setLevel} />
      {song && song.counts > 0 && (
        <SongPlans
          text={text}
          looked={looked?.edits}
          onLook={(edits) => page.lookAt(edits && { what: t('This is how it would be.'), edits })}
          onTake={page.take}
        />
      )}
      {page.heading !== undefined && <BlockText
          key={page.id}
          id="song-map"
          label={t('The map')}
          hint={t('A line a phrase, in counts of the dance: “verse 1: 32”, “bridge: 4 x 8”, “gap 4”; “pause of 2 after 144”; “tempo 96 after 128”.')}
          text={text}
          heading={page.heading}
          onEdit={page.type}
        />}
      <OtherSongs id={page.id} text={text} hasSong={song !== undefined && song.counts > 0} onTake={page.take} />
    </>
  );
} // prettier-ignore

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
