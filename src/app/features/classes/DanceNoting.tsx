import { Box, chakra, Flex } from '@chakra-ui/react';
import { isSameTrip, type DanceNote, type Evening, type PlanFacts } from '../../../core';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { PHONE } from '../../theme/screens';
import { addTrip, moreWalls, toggled, toggleSection, toggleTrip, withNote, withoutTrip } from './notes';
import { t } from '../../texts';

interface Props {
  facts: PlanFacts;
  note: DanceNote | undefined;
  change: (change: (evening: Evening) => Partial<Evening>) => void;
  /** Read and pressed in the hall: large, and the lines of these sections stand there to be pressed (none: of all of them). */
  inHall?: readonly number[];
}

/** What was danced of a dance, pressed in: sections, walls, music, places walked, and where people tripped. */
export function DanceNoting({ facts, note, change, inHall }: Props) {
  const isLarge = inHall !== undefined;
  const put = (own: (note: DanceNote) => Partial<DanceNote>) => change((evening) => withNote(evening, facts, own));
  const size = isLarge ? { minHeight: '3.25rem', minWidth: '3.25rem', fontSize: 'lead' } : { minHeight: '2.25rem', minWidth: '2.25rem' };
  const walls = note?.walls ?? 0;
  return (
    <Flex direction="column" gap={isLarge ? '0.75rem' : '0.45rem'}>
      <Flex role="group" aria-label={t('Sections danced of {title}', { title: facts.title })} gap="0.35rem" flexWrap="wrap" align="center">
        <Label>{t('Sections')}</Label>
        {facts.sections.map(({ name, short, title }, index) => (
          <Press key={index} {...size} isOn={note?.sections.includes(index + 1) ?? false} label={`${name.charAt(0).toUpperCase()}${name.slice(1)}${title ? `, ${title}` : ''}`} onPress={() => put(toggleSection(index + 1))}>
            {short}
          </Press>
        ))}
        <Press {...size} isOn={note !== undefined && note.sections.length === facts.sections.length} label={t('All sections of {title}', { title: facts.title })} onPress={() => put(({ sections }) => ({ sections: sections.length === facts.sections.length ? [] : facts.sections.map((_, index) => index + 1) }))}>
          {t('all')}
        </Press>
      </Flex>
      <Flex gap="0.35rem" flexWrap="wrap" align="center">
        <Label>{t('Walls')}</Label>
        <Button {...size} disabled={walls === 0} aria-label={t('A wall less')} onClick={() => put(moreWalls(-1))}>−</Button>
        <chakra.b minWidth="1.8rem" textAlign="center" fontVariantNumeric="tabular-nums" aria-label={t('{walls} walls in a row', { walls })}>{walls}</chakra.b>
        <Button {...size} aria-label={t('A wall more')} onClick={() => put(moreWalls(1))}>+</Button>
        <Press {...size} isOn={note?.music ?? false} label={t('With music')} onPress={() => put(({ music }) => ({ music: !music }))}>{t('with music')}</Press>
        {facts.inPlace.map((place) => (
          <Press key={place} {...size} isOn={note?.inPlace.includes(place) ?? false} label={t('Walked in place: {place}', { place })} onPress={() => put(({ inPlace }) => ({ inPlace: toggled(inPlace, place) }))}>{place}</Press>
        ))}
      </Flex>
      {isLarge ? <TripLines facts={facts} note={note} sections={inHall} put={put} /> : <TripChoice facts={facts} note={note} put={put} />}
    </Flex>
  );
} // prettier-ignore

interface TripProps {
  facts: PlanFacts;
  note: DanceNote | undefined;
  put: (own: (note: DanceNote) => Partial<DanceNote>) => void;
}

/** The lines themselves, each to be pressed when people trip at it. */
function TripLines({ facts, note, sections, put }: TripProps & { sections: readonly number[] }) {
  const lines = facts.lines.filter(({ section }) => sections.length === 0 || sections.includes(section));
  return (
    <Box>
      <chakra.h3 fontSize="lead" fontWeight="700" marginBottom="0.3rem">{t('Press a line where people trip')}</chakra.h3>
      <Flex as="ul" direction="column" gap="0.3rem" maxWidth="46rem">
        {lines.map((trip, index) => {
          const isOn = note?.tripped.some((own) => isSameTrip(own, trip)) ?? false;
          return (
            <li key={`${index} ${trip.words}`}>
              <Button width="100%" justifyContent="flex-start" textAlign="left" minHeight="2.9rem" fontSize="lead" fontWeight={isOn ? '700' : '400'} whiteSpace="normal" variant={isOn ? 'solid' : 'line'} aria-pressed={isOn} onClick={() => put(toggleTrip(trip))}>
                <chakra.span color={isOn ? 'buttonInk' : 'quiet'} minWidth="1.4rem" aria-label={facts.sections[trip.section - 1]?.name}>{facts.sections[trip.section - 1]?.short}</chakra.span>
                {trip.words}
              </Button>
            </li>
          );
        })}
      </Flex>
    </Box>
  );
} // prettier-ignore

function TripChoice({ facts, note, put }: TripProps) {
  const tripped = note?.tripped ?? [];
  return (
    <Flex gap="0.35rem" flexWrap="wrap" align="center">
      <Label>{t('Tripped at')}</Label>
      {tripped.map((trip) => (
        <Press key={`${trip.section} ${trip.words}`} isOn label={t('Tripped at {words}: take it away', { words: trip.words })} onPress={() => put(withoutTrip(trip))}>{trip.words}</Press>
      ))}
      <Select
        width="auto"
        maxWidth="100%"
        aria-label={t('A line of {title} that tripped people', { title: facts.title })}
        value=""
        onChange={({ target }) => {
          const trip = facts.lines[Number(target.value)];
          if (target.value !== '' && trip) put(addTrip(trip));
        }}
      >
        <option value="">{tripped.length > 0 ? t('another line …') : t('a line …')}</option>
        {facts.lines.map(({ words, section }, index) => (
          <option key={index} value={index}>{`${facts.sections[section - 1]?.short ?? section}:  ${words}`}</option>
        ))}
      </Select>
    </Flex>
  );
} // prettier-ignore

const Label = ({ children }: { children: string }) => (
  <chakra.span color="quiet" width="5.5rem" flexShrink={0} aria-hidden css={{ [PHONE]: { width: '100%' } }}>
    {children}
  </chakra.span>
);

/** On or off, told by its ground and not by colour alone. */
const Press = ({ isOn, label, onPress, children, ...size }: { isOn: boolean; label: string; onPress: () => void; children: React.ReactNode; minHeight?: string; minWidth?: string; fontSize?: string }) => (
  <Button {...size} paddingInline="0.6rem" variant={isOn ? 'solid' : 'line'} aria-pressed={isOn} aria-label={label} onClick={onPress} whiteSpace="normal">
    {children}
  </Button>
); // prettier-ignore
