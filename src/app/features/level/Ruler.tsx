import { Box, chakra, Flex } from '@chakra-ui/react';
import { placeOfPoints, shareOfLevel, type LevelScale } from '../../../core';
import { PHONE } from '../../theme/screens';
import { t } from '../../texts';

interface Props {
  scale: LevelScale;
  points: number;
  stated: number | undefined;
}

/** The levels as a ruler; on a phone, where their names have no room side by side, as a list. */
export const Ruler = (props: Props) => (
  <>
    <Box css={{ [PHONE]: { display: 'none' } }}>
      <Along {...props} />
    </Box>
    <Box display="none" css={{ [PHONE]: { display: 'block' } }}>
      <Listed {...props} />
    </Box>
  </>
);

const Listed = ({ scale, points, stated }: Props) => (
  <chakra.ol border="1.5px solid" borderColor="rule" borderRadius="3px" marginTop="0.75rem">
    {scale.names.map((name, index) => {
      const isCounted = index === placeOfPoints(points, scale);
      const told = [isCounted && t('counted'), index === stated && t('the head says')].filter(Boolean).join(', ');
      return (
        <Flex as="li" key={name} justify="space-between" padding="0.25rem 0.6rem" borderTop={index === 0 ? 'none' : '1px solid'} borderColor="line" background={isCounted ? 'rule' : 'transparent'} color={isCounted ? 'paper' : 'ink'} fontWeight={told ? '700' : '400'}>
          <span>{name}</span>
          <span>{told}</span>
        </Flex>
      );
    })}
  </chakra.ol>
); // prettier-ignore

/** Side by side, each as wide as the others; what was counted stands over them, what the head says below. */
function Along({ scale, points, stated }: Props) {
  const { names } = scale;
  const place = placeOfPoints(points, scale);
  const at = ((place + shareOfLevel(points, scale)) / names.length) * 100;
  return (
    <Box marginBlock="2.2rem 0.5rem" position="relative" maxWidth="48rem">
      <Mark at={at} above label={t('counted')} />
      <Flex border="1.5px solid" borderColor="rule" borderRadius="3px" overflow="hidden">
        {names.map((name, index) => (
          <chakra.span
            key={name}
            flex="1 1 0"
            minWidth="0"
            padding="0.4rem 0.5rem"
            textAlign="center"
            fontSize="small"
            overflowWrap="anywhere"
            lineHeight="1.2"
            borderLeft={index === 0 ? 'none' : '1.5px solid'}
            borderColor="rule"
            background={index === place ? 'rule' : 'transparent'}
            color={index === place ? 'paper' : 'ink'}
            fontWeight={index === place || index === stated ? '700' : '400'}
          >
            {name}
          </chakra.span>
        ))}
      </Flex>
      {stated !== undefined && <Mark at={((stated + 0.5) / names.length) * 100} label={t('the head says')} />}
      <Box height={stated === undefined ? '0' : '1.7rem'} />
    </Box>
  );
}

const Mark = ({ at, above = false, label }: { at: number; above?: boolean; label: string }) => (
  <Box
    position="absolute"
    left={`${at}%`}
    {...(above ? { bottom: '100%' } : { top: 'auto' })}
    marginTop={above ? undefined : '2px'}
    transform="translateX(-50%)"
    fontSize="mark"
    fontWeight="700"
    textAlign="center"
    lineHeight="1"
    whiteSpace="nowrap"
    aria-hidden
    css={above ? { bottom: 'calc(100% - 1.7rem + 1.75rem)' } : {}}
  >
    {above ? label : null}
    <svg width="16" height="9" viewBox="0 0 16 9" style={{ display: 'block', margin: '2px auto' }}>
      <path d={above ? 'M2 1h12l-6 7z' : 'M2 8h12l-6-7z'} fill={above ? 'currentColor' : 'none'} stroke="currentColor" strokeWidth="1.5" />
    </svg>
    {above ? null : label}
  </Box>
); // prettier-ignore
