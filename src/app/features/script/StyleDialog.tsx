import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  CAPITAL_STYLES,
  DIRECTION_STYLES,
  FIGURE_ENTRIES,
  FRACTION_STYLES,
  HOUSE_STYLES,
  SIDE_STYLES,
  studyText,
  tidyScript,
  TURN_STYLES,
  type HouseStyle,
} from '../../../core';
import { Modal } from '../frame/Modal';
import { KeptText } from '../document/KeptText';
import {
  allStyles,
  changeStyle,
  chooseStyle,
  dropStyle,
  keepStyle,
  useHouseStyle,
  useKeptStyles,
} from '../settings/settings';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { t } from '../../texts';
import { NARROW } from '../../theme/screens';

/** A few lines that show everything a style decides. */
const SAMPLE = studyText(
  '## Section 1\n1&2 Shuffle R forward\n3-4 Step L forward, pivot 1/2 right\n5-8 Vine L turning 1/4 left\n\n## Section 2\n1-2& Wizard R\n3-4 Cross L over R, point R side\n5-8 Jazz box R turning 1/4 right',
).dance;

const sampleOf = (style: HouseStyle): string[] =>
  tidyScript(SAMPLE, style)
    .split('\n')
    .filter((line) => /^\d/.test(line));

const CHOICES: readonly [key: 'sides' | 'fractions' | 'turns' | 'directions' | 'capitals', label: string, values: readonly string[], words: Readonly<Record<string, string>>][] = [
  ['sides', 'Right and left', SIDE_STYLES, { letters: 'R / L', words: 'right / left', feet: 'RF / LF' }],
  ['fractions', 'Parts of a turn', FRACTION_STYLES, { slash: '1/4', sign: '¼', words: 'quarter' }],
  ['turns', 'A turn', TURN_STYLES, { turning: 'turning 1/4 right', short: '1/4 right', shoulder: '1/4 turn over right shoulder' }],
  ['directions', 'Directions', DIRECTION_STYLES, { full: 'forward', short: 'fwd' }],
  ['capitals', 'A line begins', CAPITAL_STYLES, { sentence: 'Shuffle R', small: 'shuffle R' }],
]; // prettier-ignore

/** Figures with more than one name in English: one of them is the house's. */
const NAMED = FIGURE_ENTRIES.filter(({ names, family }) => family !== 'single' && names.en.length > 1);

/** Which style scripts are tidied to; the three of the slate, and the writer's own. */
export default function StyleDialog({ onClose }: { onClose: () => void }) {
  const chosen = useHouseStyle();
  useKeptStyles();
  const own = !HOUSE_STYLES.some(({ id }) => id === chosen.id);
  const startOwn = () => void keepStyle({ ...chosen, id: crypto.randomUUID(), title: `${chosen.title}, my way` });
  return (
    <Modal title={t('House style')} onClose={onClose} width="46rem">
      <Flex gap="1.5rem" css={{ [NARROW]: { flexDirection: 'column' } }}>
        <Box width="13rem" flexShrink={0}>
          <chakra.ul aria-label={t('Styles')}>
            {allStyles().map((style) => (
              <li key={style.id}>
                <chakra.label display="flex" gap="0.5rem" alignItems="center" paddingBlock="0.3rem" cursor="pointer">
                  <input
                    type="radio"
                    name="style"
                    checked={style.id === chosen.id}
                    onChange={() => void chooseStyle(style.id)}
                  />
                  <chakra.span fontWeight={style.id === chosen.id ? '700' : '400'}>{style.title}</chakra.span>
                </chakra.label>
              </li>
            ))}
          </chakra.ul>
          <Flex gap="0.35rem" wrap="wrap" marginTop="0.75rem">
            <Button size="small" onClick={startOwn}>
              {t('Start my own from this')}
            </Button>
            {own && (
              <Button size="small" variant="plain" onClick={() => void dropStyle(chosen.id)}>
                {t('Remove it')}
              </Button>
            )}
          </Flex>
        </Box>
        <Box flex="1" minWidth="0">
          <chakra.ul background="sand" padding="0.75rem 1rem" borderRadius="4px" aria-label={t('How lines then read')}>
            {sampleOf(chosen).map((line) => (
              <chakra.li key={line} display="grid" gridTemplateColumns="3.5rem 1fr" fontVariantNumeric="tabular-nums">
                <b>{line.slice(0, line.indexOf(' '))}</b>
                {line.slice(line.indexOf(' ')).trim()}
              </chakra.li>
            ))}
          </chakra.ul>
          {own ? (
            <OwnStyle key={chosen.id} style={chosen} />
          ) : (
            <chakra.p color="quiet" marginTop="0.75rem" fontSize="text">
              {t('Tidy writes a script like this. Reading is as forgiving as ever, whatever the style.')}
            </chakra.p>
          )}
        </Box>
      </Flex>
    </Modal>
  );
}

function OwnStyle({ style }: { style: HouseStyle }) {
  const change = (more: (now: HouseStyle) => Partial<HouseStyle>) => void changeStyle(style.id, more);
  return (
    <chakra.div marginTop="1rem" fontSize="text">
      <Row label={t('Name')}>
        <KeptText
          {...SLIM}
          aria-label={t('Name of the style')}
          value={style.title}
          maxLength={60}
          isFine={(title) => title.trim() !== ''}
          onKeep={(own) => changeStyle(style.id, ({ title }) => ({ title: own(title) })).then(isDone, isNot)}
        />
      </Row>
      {CHOICES.map(([key, label, values, words]) => (
        <Row key={key} label={label}>
          <Choice
            label={label}
            value={style[key]}
            options={values.map((value) => [value, words[value]])}
            onChoose={(value) => change(() => ({ [key]: value }) as Partial<HouseStyle>)}
          />
        </Row>
      ))}
      <chakra.h3 fontWeight="600" marginTop="1rem" marginBottom="0.25rem">
        {t('Names')}
      </chakra.h3>
      <chakra.div aria-label={t('Names of figures')} role="group">
        {NAMED.map(({ id, name, names }) => (
          <Row key={id} label={name}>
            <Choice
              label={`Name for ${name}`}
              value={style.names[id] ?? names.en[0]}
              options={names.en.map((one) => [one, one])}
              onChoose={(value) => change(({ names: kept }) => ({ names: { ...kept, [id]: value } }))}
            />
          </Row>
        ))}
      </chakra.div>
    </chakra.div>
  );
}

const Row = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <Flex align="center" gap="0.75rem" paddingBlock="0.2rem">
    <chakra.span width="9rem" color="quiet" flexShrink={0}>
      {label}
    </chakra.span>
    {children}
  </Flex>
);

/** Beside its label, in a list of many. */
const SLIM = { flex: '1', minWidth: '0', padding: '0.2rem 0.5rem' } as const;

const isDone = (): boolean => true;
const isNot = (): boolean => false;

const Choice = ({
  label,
  value,
  options,
  onChoose,
}: {
  label: string;
  value: string;
  options: readonly (readonly [value: string, words: string])[];
  onChoose: (value: string) => void;
}) => (
  <Select {...SLIM} aria-label={label} value={value} onChange={(event) => onChoose(event.target.value)}>
    {options.map(([one, words]) => (
      <option key={one} value={one}>
        {words}
      </option>
    ))}
  </Select>
);
