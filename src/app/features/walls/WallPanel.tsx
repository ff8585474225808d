import { Box, chakra, Flex } from '@chakra-ui/react';
import type { PlaceOnWall, WallRow } from '../../../core';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { RoomMark, WeightPair } from '../marks/Marks';
import { HallPicture } from './HallPicture';
import { WALL_COMMANDS, type WallCommand, type WallCommandId } from './wall-commands';
import { t } from '../../texts';

interface Props {
  rows: readonly WallRow[];
  row: WallRow;
  place: PlaceOnWall | undefined;
  /** Counts of the part the wall dances. */
  partCounts: number;
  canRun: (id: WallCommandId) => boolean;
  onRun: (id: WallCommandId) => void;
  onShowScript: () => void;
  /** Names of the tags, and which of them is put where one is asked for. */
  tags: readonly string[];
  chosenTag: number;
  onTag: (index: number) => void;
}

/** One wall: where it starts, what happens in it, and the place that is looked at with what can be done there. */
export function WallPanel({
  rows,
  row,
  place,
  partCounts,
  canRun,
  onRun,
  onShowScript,
  tags,
  chosenTag,
  onTag,
}: Props) {
  const dances =
    row.counts >= partCounts ? `dances all ${partCounts} counts` : `dances ${row.counts} of ${partCounts} counts`;
  return (
    <>
      <chakra.h2 fontSize="part" fontWeight="700" lineHeight="1.3">
        Wall {row.number}
        {row.part && `, part ${row.part}`}
      </chakra.h2>
      <chakra.p color="quiet" fontSize="text">
        starts facing {row.startHour}, {dances}
      </chakra.p>
      <Flex gap="0.75rem" align="center" marginBlock="0.25rem">
        <Box width="9.25rem" flexShrink={0}>
          <HallPicture rows={rows} selected={row.number} />
        </Box>
        <chakra.dl
          flex="1"
          minWidth="0"
          fontSize="small"
          lineHeight="1.3"
          display="grid"
          gridTemplateColumns="2.9rem 1fr"
          rowGap="0.3rem"
          css={{ '& dt': { color: 'quiet' }, '& dd': { margin: 0 } }}
        >
          {row.cut && (
            <>
              <dt>{row.cut.kind === 'ending' ? 'ends' : 'cut'}</dt>
              <dd>{row.cut.words}</dd>
            </>
          )}
          {row.bands
            .filter(({ kind }) => kind !== 'section')
            .map(({ kind, label, title }, index) => (
              <FactRow key={index} name={kind === 'tag' ? 'tag' : 'steps'}>
                {kind === 'tag' ? label : title}
              </FactRow>
            ))}
          {row.notes.map(({ text }, index) => (
            <FactRow key={index} name="note">
              {text}
            </FactRow>
          ))}
          <dt>{t('then')}</dt>
          <dd>
            {row.joins === undefined ? (
              <>
                the dance is over, facing <b>{row.endHour}</b>
              </>
            ) : (
              <>
                facing <b>{row.endHour}</b>
                {row.joins ? (row.leads ? `, ${row.leads} leads` : '') : ''}
                {!row.joins && <chakra.b color="slip">, {row.leads ?? 'the leading foot'} is not free</chakra.b>}
              </>
            )}
          </dd>
        </chakra.dl>
      </Flex>
      {place && (
        <Box borderTop="1px solid" borderColor="line" marginTop="0.5rem" paddingTop="0.5rem">
          <Flex align="center" gap="0.5rem" fontSize="text">
            <chakra.span flex="1">{place.words}</chakra.span>
            <WeightPair weight={place.weight} />
            <RoomMark facing={place.facing} hour={place.hour} strong />
            <b>{place.hour}</b>
          </Flex>
          <chakra.button
            type="button"
            onClick={onShowScript}
            font="inherit"
            fontSize="text"
            color="ink"
            textAlign="left"
            background="sand"
            border="none"
            borderRadius="3px"
            padding="0.3rem 0.5rem"
            marginTop="0.3rem"
            width="100%"
            cursor="pointer"
            title={t('Show it in the script, on this wall')}
            _hover={{ textDecoration: 'underline' }}
          >
            {place.text}
          </chakra.button>
          <chakra.p color={place.clean && place.frees ? 'quiet' : 'ink'} fontSize="small" marginTop="0.2rem">
            {placeVerdict(place)}
          </chakra.p>
          <Flex gap="0.3rem" flexWrap="wrap" marginTop="0.4rem">
            {WALL_COMMANDS.filter(({ id }) => canRun(id)).map((command) => (
              <CommandButton key={command.id} command={command} onRun={onRun} />
            ))}
          </Flex>
          {tags.length > 1 && (
            <chakra.label display="flex" alignItems="center" gap="0.4rem" marginTop="0.4rem" fontSize="small">
              which tag
              <Select
                width="auto"
                padding="0.1rem 0.3rem"
                value={Math.min(chosenTag, tags.length - 1)}
                onChange={(event) => onTag(Number(event.target.value))}
              >
                {tags.map((name, index) => (
                  <option key={index} value={index}>
                    {name || `tag ${index + 1}`}
                  </option>
                ))}
              </Select>
            </chakra.label>
          )}
        </Box>
      )}
    </>
  );
}

function FactRow({ name, children }: { name: string; children: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

function placeVerdict({ clean, frees, free }: PlaceOnWall): string {
  if (!clean) return 'A figure is only begun here: a cut would tear it.';
  if (frees) return free ? `${free} is free: a wall can begin again from here.` : 'A wall can begin again from here.';
  return `${free ?? 'The other foot'} is free here, and a wall begins with the other foot: a cut needs a changed step.`;
}

function CommandButton({ command, onRun }: { command: WallCommand; onRun: Props['onRun'] }) {
  return (
    <Button
      size="small"
      minHeight="1.6rem"
      fontSize="mark"
      paddingInline="0.4rem"
      gap="0.3rem"
      onClick={() => onRun(command.id)}
      aria-keyshortcuts={command.keyName}
    >
      {command.name} <kbd>{command.keyWords}</kbd>
    </Button>
  );
}
