import { Box, chakra, Flex } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { languageOf, TONGUES, viewImport } from '../../../core';
import { guarded, type ImportRecord } from '../../../store';
import { useDances } from '../dances/use-dances';
import { studyLive, usePersonalFigures } from '../settings/settings';
import { Alert } from '../../theme/Alert';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { HowTaken } from './HowTaken';
import { ImportLines } from './ImportLines';
import { findTwin, type Twin } from './twin';
import type { Putting } from './use-putting';

/** One sheet that is being settled: what was understood of it as a whole, what can be done with it, its lines. */
export function ImportSheet({
  sheet,
  count,
  putting,
  onSettle,
  onPut,
  onThrowAway,
}: {
  sheet: ImportRecord;
  /** How many sheets wait in all. */
  count: number;
  putting: Putting;
  onSettle: (text: string) => void;
  onPut: (all: boolean, tidies: boolean) => void;
  onThrowAway: () => void;
}) {
  const [tidies, setTidies] = useState(false);
  const figures = usePersonalFigures();
  // What was understood may lag behind the keys in a long sheet; the words themselves never do.
  const text = useDeferredValue(sheet.text);
  const study = useMemo(() => studyLive(text, figures), [text, figures]);
  const view = useMemo(() => guarded(text, () => viewImport(study.dance, study.view, study.findings)), [text, study]);
  const twin = useTwin(sheet);
  const { truth } = study.view;
  const isBusy = putting.busy !== '';

  return (
    <>
      <Flex
        align="center"
        gap="0.5rem 1.25rem"
        flexWrap="wrap"
        marginBottom="0.75rem"
        position="sticky"
        top="0"
        background="paper"
        paddingBlock="0.4rem"
        zIndex="2"
      >
        <Box flex="1" minWidth="16rem">
          <chakra.p data-testid="import-truth">
            <b>{truth.counts}</b> counts, {truth.walls}
            <Open lines={view.open} />
          </chakra.p>
          <chakra.p color="quiet" fontSize="text">
            {sheet.name}, {sheet.kind}, in {TONGUES[languageOf(text)].title}: {view.danced} lines danced, {view.kept}{' '}
            kept as words
          </chakra.p>
        </Box>
        <chakra.label display="flex" gap="0.4rem" alignItems="center" cursor="pointer">
          <input type="checkbox" checked={tidies} onChange={(event) => setTidies(event.target.checked)} />
          {t('Tidy it')}
        </chakra.label>
        <Button variant="plain" disabled={isBusy} onClick={onThrowAway}>
          <Trash2 size={17} aria-hidden /> {t('Throw away')}
        </Button>
        {count > 1 && (
          <Button disabled={isBusy} onClick={() => onPut(true, tidies)}>
            Put all {count} on the shelf
          </Button>
        )}
        <Button variant="solid" disabled={isBusy} onClick={() => onPut(false, tidies)}>
          {t('Put it on the shelf')}
        </Button>
      </Flex>
      <HowTaken study={study} original={sheet.original} onTake={onSettle} />
      {putting.problem && <Alert>{putting.problem}</Alert>}
      {twin && (
        <chakra.p role="note" background="sand" padding="0.5rem 0.75rem" borderRadius="4px" marginBottom="0.75rem">
          {twin.share === 1 ? 'The shelf has this very dance' : 'The shelf has a dance much like it'}:{' '}
          <Link to={`/dance/${twin.dance.id}`}>{twin.dance.title}</Link>
          {twin.share < 1 && `, ${Math.round(twin.share * 100)} of 100 lines the same`}.
        </chakra.p>
      )}
      <ImportLines text={sheet.text} lines={view.lines} onSettle={onSettle} />
    </>
  );
}

function Open({ lines }: { lines: number }) {
  if (lines === 0) return <>, nothing to settle</>;
  return (
    <chakra.span color="slip" fontWeight="600">
      , {lines === 1 ? '1 line to settle' : `${lines} lines to settle`}
    </chakra.span>
  );
}

/** Looked for once a sheet, a moment after it is shown: a shelf may be long. */
function useTwin({ id, original }: ImportRecord): Twin | undefined {
  const { data: dances } = useDances();
  const [found, setFound] = useState<{ id: string; twin: Twin | undefined }>();
  useEffect(() => {
    if (!dances) return;
    const timer = setTimeout(() => setFound({ id, twin: findTwin(original, dances) }), 50);
    return () => clearTimeout(timer);
  }, [id, original, dances]);
  return found?.id === id ? found.twin : undefined;
}
