import { chakra, Flex } from '@chakra-ui/react';
import type { DanceNote, Evening, PlanFacts } from '../../../core';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { addTrip, toggled, toggleSection, withNote } from './notes';
import { t } from '../../texts';

interface Props {
  facts: PlanFacts;
  note: DanceNote | undefined;
  change: (change: (evening: Evening) => Partial<Evening>) => void;
  /** Read and pressed in the hall. */
  isLarge?: boolean;
}

/** What was danced of a dance, pressed in: sections, walls, music, places walked, and where people tripped. */
export function DanceNoting({ facts, note, change, isLarge = false }: Props) {
  const put = (own: (note: DanceNote) => Partial<DanceNote>) => change((evening) => withNote(evening, facts, own));
  const size = isLarge ? { minHeight: '3.25rem', minWidth: '3.25rem', fontSize: 'lead' } : { minHeight: '2.25rem', minWidth: '2.25rem' };
  const walls = note?.walls ?? 0;
  return (
    <Flex direction="column" gap={isLarge ? '0.75rem' : '0.45rem'}>
      <Flex role="group" aria-label={t('Sections danced of {title}', { title: facts.title })} gap="0.35rem" flexWrap="wrap" align="center">
        <Label>{t('Sections')}</Label>
        {facts.sections.map(({ title }, index) => (
          <Press key={index} {...size} isOn={note?.sections.includes(index + 1) ?? false} label={t('Section {number}{title}', { number: index + 1, title: title ? `, ${title}` : '' })} onPress={() => put(toggleSection(index + 1))}>
            {index + 1}
          </Press>
        ))}
        <Press {...size} isOn={note !== undefined && note.sections.length === facts.sections.length} label={t('All sections of {title}', { title: facts.title })} onPress={() => put(({ sections }) => ({ sections: sections.length === facts.sections.length ? [] : facts.sections.map((_, index) => index + 1) }))}>
          {t('all')}
        </Press>
      </Flex>
      <Flex gap="0.35rem" flexWrap="wrap" align="center">
        <Label>{t('Walls')}</Label>
        <Button {...size} disabled={walls === 0} aria-label={t('A wall less')} onClick={() => put(() => ({ walls: walls - 1 }))}>−</Button>
        <chakra.b minWidth="1.8rem" textAlign="center" fontVariantNumeric="tabular-nums" aria-label={t('{walls} walls in a row', { walls })}>{walls}</chakra.b>
        <Button {...size} aria-label={t('A wall more')} onClick={() => put(() => ({ walls: walls + 1 }))}>+</Button>
        <Press {...size} isOn={note?.music ?? false} label={t('With music')} onPress={() => put(({ music }) => ({ music: !music }))}>{t('with music')}</Press>
        {facts.inPlace.map((place) => (
          <Press key={place} {...size} isOn={note?.inPlace.includes(place) ?? false} label={t('Walked in place: {place}', { place })} onPress={() => put(({ inPlace }) => ({ inPlace: toggled(inPlace, place) }))}>{place}</Press>
        ))}
      </Flex>
      <Flex gap="0.35rem" flexWrap="wrap" align="center">
        <Label>{t('Tripped at')}</Label>
        {note?.tripped.map((trip) => (
          <Press key={trip.words} {...size} isOn label={t('Tripped at {words}: take it away', { words: trip.words })} onPress={() => put(({ tripped }) => ({ tripped: tripped.filter(({ words }) => words !== trip.words) }))}>{trip.words}</Press>
        ))}
        <Select
          width="auto"
          maxWidth="100%"
          {...(isLarge && { minHeight: '3.25rem', fontSize: 'lead' })}
          aria-label={t('A line of {title} that tripped people', { title: facts.title })}
          value=""
          onChange={({ target }) => {
            const trip = facts.lines[Number(target.value)];
            if (target.value !== '' && trip) put(addTrip(trip));
          }}
        >
          <option value="">{note && note.tripped.length > 0 ? t('another line …') : t('a line …')}</option>
          {facts.lines.map(({ words, section }, index) => (
            <option key={index} value={index}>{`${section}:  ${words}`}</option>
          ))}
        </Select>
      </Flex>
    </Flex>
  );
} // prettier-ignore

const Label = ({ children }: { children: string }) => (
  <chakra.span color="quiet" width="5.5rem" flexShrink={0} aria-hidden>
    {children}
  </chakra.span>
);

/** On or off, told by its ground and not by colour alone. */
const Press = ({ isOn, label, onPress, children, ...size }: { isOn: boolean; label: string; onPress: () => void; children: React.ReactNode; minHeight?: string; minWidth?: string; fontSize?: string }) => (
  <Button {...size} paddingInline="0.6rem" variant={isOn ? 'solid' : 'line'} aria-pressed={isOn} aria-label={label} onClick={onPress} whiteSpace="normal">
    {children}
  </Button>
); // prettier-ignore
