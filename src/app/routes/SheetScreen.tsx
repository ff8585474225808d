import { Box, chakra, Flex } from '@chakra-ui/react';
import { FileCode, FileJson, FileText, Hash, Printer, Table } from 'lucide-react';
import { viewSheet } from '../../core';
import { Button } from '../theme/Button';
import { useDanceSession, useStudy } from '../features/document/DanceContext';
import { exportCsv, exportHtml, exportJson, exportMarkdown, exportText } from '../features/sheet/exports';
import { useShownWall } from '../features/walls/shown-wall';
import { SheetPage } from '../features/sheet/SheetPage';

/** The sheet as it will leave: what is seen is what is printed. */
export function SheetScreen() {
  const session = useDanceSession();
  const study = useStudy(session);
  const [wall] = useShownWall();
  const sheet = viewSheet(study.dance, wall);
  const { slips } = study.view.truth;
  return (
    <Box as="main" flex="1" background="sand" css={{ '@media print': { background: '#fff' } }}>
      <Flex
        align="center"
        gap="0.5rem"
        flexWrap="wrap"
        paddingBlock="0.75rem"
        paddingInline={{ base: '1rem', md: '0' }}
        maxWidth="59.5rem"
        margin="0 auto"
        css={{ '@media print': { display: 'none' } }}
      >
        <Button variant="solid" onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </Button>
        <Button onClick={() => exportText(session)}>
          <FileText size={18} aria-hidden /> Text
        </Button>
        <Button onClick={() => void exportJson(session)}>
          <FileJson size={18} aria-hidden /> JSON
        </Button>
        <Button onClick={() => void exportHtml(session)}>
          <FileCode size={18} aria-hidden /> Web page
        </Button>
        <Button onClick={() => void exportMarkdown(session)}>
          <Hash size={18} aria-hidden /> Markdown
        </Button>
        <Button onClick={() => void exportCsv(session)}>
          <Table size={18} aria-hidden /> CSV
        </Button>
        {slips > 0 && (
          <chakra.span role="status" color="slip" fontWeight="600" marginLeft="auto">
            {slips === 1 ? 'This dance still has 1 slip.' : `This dance still has ${slips} slips.`}
          </chakra.span>
        )}
      </Flex>
      <SheetPage sheet={sheet} />
    </Box>
  );
}
