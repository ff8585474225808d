import { Box, chakra } from '@chakra-ui/react';
import { CAUTION_TEXTS } from '../../core';
import { t } from '../texts';

const P = chakra('p', { base: { marginBlock: '0.6rem', maxWidth: '40rem' } });
const H2 = chakra('h2', { base: { fontSize: 'part', fontWeight: '700', marginTop: '1.75rem' } });

/** What the slate is, where dances live, and what to mind. */
export function AboutScreen() {
  return (
    <Box
      as="main"
      tabIndex={0}
      width="100%"
      paddingInline="max(1rem, calc((100% - 52rem) / 2))"
      paddingBlock="2rem 4rem"
    >
      <chakra.h1 fontSize="title" fontWeight="700">
        {t('About Pace Slate')}
      </chakra.h1>
      <P>
        {t(
          'Write a dance as you would write it on a sheet of paper: counts at the left, calls beside them. The slate works out which foot each call uses, where the weight stands and which wall is faced, says where something can’t be danced, and prints the sheet.',
        )}
      </P>
      <H2>{t('Where your dances live')}</H2>
      <P>
        {t(
          'In this browser, on this device, and nowhere else. Nothing is sent anywhere. Another browser or another device does not see them: take everything along as one file (Dances, then Back up everything) and restore it there, or a single dance from its Sheet. Clearing this browser’s data for this address clears the dances as well, so keep a backup of what you would miss.',
        )}
      </P>
      <H2>{t('What it works out so far')}</H2>
      <P>
        {t(
          'Sections, counts, weight and facing; every wall with its tags, restarts, changed steps and ending; dances of several parts; options that fit, and ways without turns or jumps; figures by any of their names, and figures of your own; turns left open, from the walls stated after them. Sheets are read and printed in English, German and French; old ones come in from Word files, PDFs, mails and web pages.',
        )}
      </P>
      <H2>{t('Take care')}</H2>
      <P>{t('These are the usual cautions, not medical advice. The hall’s own rules come first.')}</P>
      {Object.values(CAUTION_TEXTS).map((text) => (
        <P key={text} borderLeft="3px solid" borderColor="care" paddingLeft="0.75rem">
          {text}
        </P>
      ))}
      <P borderLeft="3px solid" borderColor="care" paddingLeft="0.75rem">
        {t(
          'Several turns in the same direction make people dizzy: spot, or take the way without turns. Warm up, keep water at hand and the floor clear and dry; in a full hall big travelling steps shrink. Anyone with pain, an injury, pregnancy, or a heart or balance condition asks a doctor or physiotherapist first.',
        )}
      </P>
      <H2>{t('Licences')}</H2>
      <P>
        {t(
          'Pace Slate is free software under the MIT licence. The typeface is Atkinson Hyperlegible Next, its figures are those of Work Sans; both are under the SIL Open Font Licence 1.1. The slate’s own spoken words were made with Flite and its voice “slt”, copyright Language Technologies Institute, Carnegie Mellon University, free to use and to pass on with this notice.',
        )}
      </P>
    </Box>
  );
}
