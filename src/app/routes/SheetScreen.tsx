import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { tallyOf, viewSheet, withOwnFigures } from '../../core';
import type { ExportOrder } from '../../formats/exports';
import { useDanceSession, useStudy } from '../features/document/DanceContext';
import { useMedia } from '../features/frame/use-media';
import { personalFigures, studyLive } from '../features/settings/settings';
import { PaperPages } from '../features/sheet/PaperPages';
import { SheetActions } from '../features/sheet/SheetActions';
import { useSheetSettings } from '../features/sheet/sheet-choice';
import { SheetControls } from '../features/sheet/SheetControls';
import { SheetPage } from '../features/sheet/SheetPage';
import { sheetStudy, useShownSheet } from '../features/sheet/shown-sheet';
import { useRevisions } from '../features/revisions/use-revisions';
import { useShownWall } from '../features/walls/shown-wall';
import { Alert } from '../theme/Alert';
import { nameOfText, nameRevision, nextName } from '../../store';
import { t } from '../texts';
import { IS_NARROW, NARROW } from '../theme/screens';

/** Read by those who can't see the paper, and by everybody on a phone. */
const unseen = {
  position: 'absolute',
  width: '1px',
  height: '1px',
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;

/** The sheet as it will leave: what is seen is what is printed and what the PDF holds. */
export function SheetScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const [wall] = useShownWall();
  const [settings, change] = useSheetSettings();
  const isPhone = useMedia(IS_NARROW);
  const revisions = useRevisions(session.id);
  // Handed out before under this name; or the number it will be handed out as.
  const revision = revisions && (nameOfText(revisions, study.text) ?? nextName(revisions));
  const { study: shown, language, isTranslated, printed } = useShownSheet(study, settings, wall, revision);
  const [problem, setProblem] = useState('');
  const { slips, cares } = tallyOf(study.findings);
  const choice = { ...(wall !== undefined && { wall }), language, isTranslated };

  /** With the writer's own figures it uses: it reads the same on another slate. */
  const order = (): ExportOrder => {
    const now = studyLive(session.text);
    const carry = (text: string, dance: typeof now.dance) => withOwnFigures(text, dance);
    const own = sheetStudy(now, settings);
    return {
      text: carry(own.study.text, own.study.dance),
      original: carry(now.text, now.dance),
      personal: personalFigures(),
      language: own.language,
      isTranslated: own.isTranslated,
      paper: settings,
      ...(wall !== undefined && { wall }),
      ...(revision !== undefined && { revision }),
      madeAt: Date.now(),
    };
  };

  /** What leaves on paper or as a file to read is a revision from then on. */
  const handOut = (): void => {
    if (revision === undefined) return;
    void session
      .flush()
      .then(() => nameRevision(session.id, session.text, revision))
      .catch(() =>
        setProblem(
          'The browser refuses to keep this revision: its storage is full. The sheet itself is as it should be.',
        ),
      );
  };

  return (
    <Box as="main" flex="1" background="sand" css={{ '@media print': { background: '#fff' } }}>
      <Flex
        align="flex-start"
        gap="1.75rem"
        maxWidth="74rem"
        margin="0 auto"
        padding="1rem 1.5rem 3rem"
        css={{
          [NARROW]: { display: 'block', padding: '0.75rem 0 2rem' },
          '@media print': { display: 'block', padding: 0, maxWidth: 'none' },
        }}
      >
        {isPhone ? (
          <chakra.details padding="0 1rem 0.75rem" css={{ '@media print': { display: 'none' } }}>
            <chakra.summary cursor="pointer" fontWeight="600" paddingBlock="0.4rem">
              {t('Form, language and paper')}
            </chakra.summary>
            <SheetControls settings={settings} onChange={change} />
          </chakra.details>
        ) : (
          <Box
            width="15.5rem"
            flexShrink={0}
            position="sticky"
            top="1rem"
            css={{ '@media print': { display: 'none' } }}
          >
            <SheetControls settings={settings} onChange={change} />
          </Box>
        )}
        <Box flex="1" minWidth="0">
          <Flex
            align="center"
            justify="space-between"
            gap="0.5rem 1rem"
            flexWrap="wrap"
            marginBottom="0.9rem"
            css={{ [NARROW]: { paddingInline: '1rem' }, '@media print': { display: 'none' } }}
          >
            <SheetActions title={study.script.title} order={order} onHandOut={handOut} />
            {slips + cares > 0 && (
              <chakra.span role="note" color={slips > 0 ? 'slip' : 'care'} fontWeight="600" data-testid="sheet-slips">
                {`This dance still has ${[slips > 0 && `${slips} ${slips === 1 ? 'slip' : 'slips'}`, cares > 0 && `${cares} ${cares === 1 ? 'care' : 'cares'}`].filter(Boolean).join(' and ')}.`}
              </chakra.span>
            )}
          </Flex>
          {problem && <Alert>{problem}</Alert>}
          {printed.missing.length > 0 && (
            <chakra.p marginBottom="0.75rem" css={{ '@media print': { display: 'none' } }}>
              The typeface has no letter for {printed.missing.slice(0, 8).join(' ')}: left out on paper and in the PDF.
            </chakra.p>
          )}
          {/* A phone reads the full sheet as a page that flows; the other forms are pages there too. */}
          <Box css={isPhone && settings.form === 'full' ? { '@media screen': { display: 'none' } } : undefined}>
            <PaperPages sheet={printed} />
          </Box>
          <Box
            position="relative"
            lang={language}
            css={{ '@media print': { display: 'none' }, ...(!(isPhone && settings.form === 'full') && unseen) }}
          >
            <SheetPage sheet={viewSheet(shown.dance, choice)} />
          </Box>
        </Box>
      </Flex>
    </Box>
  );
}
