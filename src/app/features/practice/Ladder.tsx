import { chakra, Flex } from '@chakra-ui/react';
import { NARROW } from '../../theme/screens';
import { t } from '../../texts';
import { RUNGS, type Practice } from './use-practice';

/** The speeds as stairs: slow with names at their foot, the music at their top. */
export function Ladder({ practice }: { practice: Practice }) {
  const { rung, setRung, hasMusic } = practice;
  return (
    <Flex
      role="group"
      aria-label={t('Speed')}
      align="flex-end"
      gap="0.35rem"
      flex="1 1 40rem"
      css={{ [NARROW]: { flexBasis: '100%' } }}
    >
      {RUNGS.map(({ name, music }, index) => {
        const isOn = index === rung;
        const isShut = music === true && !hasMusic;
        return (
          <chakra.button
            key={name}
            type="button"
            aria-pressed={isOn}
            disabled={isShut}
            title={isShut ? t('Open a recording on Music first') : undefined}
            onClick={() => setRung(index)}
            flex="1"
            maxWidth="10.5rem"
            minWidth="0"
            font="inherit"
            fontSize="small"
            fontWeight={isOn ? '700' : '400'}
            color={isShut ? 'quiet' : isOn ? 'buttonInk' : 'ink'}
            background={isOn ? 'button' : 'transparent'}
            border="1.5px solid"
            borderColor="lineStrong"
            borderStyle={isShut ? 'dashed' : 'solid'}
            borderRadius="3px"
            cursor={isShut ? 'not-allowed' : 'pointer'}
            padding="0.35rem 0.4rem"
            style={{ minHeight: `${2.5 + index * 0.55}rem` }}
            css={{ [NARROW]: { fontSize: 'var(--chakra-font-sizes-tiny)' } }}
          >
            {t(name)}
          </chakra.button>
        );
      })}
    </Flex>
  );
}
