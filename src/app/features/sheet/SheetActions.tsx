import { chakra, Flex } from '@chakra-ui/react';
import { Copy, Download, Printer, Share2 } from 'lucide-react';
import { useState } from 'react';
import { EXPORT_FORMS, exportForm, summaryText, type ExportId, type ExportOrder } from '../../../formats/exports';
import { Alert } from '../../theme/Alert';
import { Button } from '../../theme/Button';
import { DropMenu, MenuRow } from '../../theme/DropMenu';
import { downloadFile, fileName } from '../files/download';
import { useFiles } from '../files/use-files';
import { t } from '../../texts';

/** Forms that are read by people; the others are for programs. */
const READ: ReadonlySet<ExportId> = new Set(['pdf', 'docx', 'odt', 'html', 'md']);

/** Every way a sheet leaves. `order` is asked for when something is made, so that it is the newest. */
export function SheetActions({
  title,
  order,
  onHandOut,
}: {
  title: string;
  order: () => ExportOrder;
  /** Called when a sheet leaves for somebody to read. */
  onHandOut: () => void;
}) {
  const { busy, problem, run, cancel } = useFiles();
  const [said, setSaid] = useState('');
  const make = async (id: ExportId): Promise<File | undefined> => {
    const form = exportForm(id);
    const bytes = await run(`Making the ${form.name}`, (files) => files.make(id, order()));
    return bytes && new File([bytes as Uint8Array<ArrayBuffer>], fileName(title, form.ending), { type: form.mime });
  };
  const save = async (id: ExportId): Promise<void> => {
    const file = await make(id);
    if (!file) return;
    downloadFile(file.name, file.type, file);
    if (READ.has(id)) onHandOut();
  };
  const copySummary = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(summaryText(order()));
      setSaid('The three lines are copied.');
    } catch {
      setSaid('The browser does not let anything be copied here. Take the Summary form and copy it from the page.');
    }
  };
  const share = async (): Promise<void> => {
    const file = await make('pdf');
    if (!file) return;
    try {
      await navigator.share({ title, files: [file] });
      onHandOut();
    } catch (error) {
      if (!(error instanceof DOMException && error.name === 'AbortError'))
        setSaid('This device does not share files from here; the PDF can be saved and sent instead.');
    }
  };
  return (
    <>
      <Flex gap="0.4rem" flexWrap="wrap" align="center">
        <Button
          variant="solid"
          onClick={() => {
            window.print();
            onHandOut();
          }}
        >
          <Printer size={18} aria-hidden /> {t('Print')}
        </Button>
        <Button onClick={() => void save('pdf')}>
          <Download size={18} aria-hidden /> {t('PDF')}
        </Button>
        <DropMenu label={t('Other files')} width="20rem" onSelect={(value) => void save(value as ExportId)}>
          {EXPORT_FORMS.filter(({ id }) => id !== 'pdf').map(({ id, name, use }) => (
            <MenuRow key={id} value={id} aside={use} tall>
              {name}
            </MenuRow>
          ))}
        </DropMenu>
        <Button variant="plain" onClick={() => void copySummary()}>
          <Copy size={18} aria-hidden /> {t('Copy summary')}
        </Button>
        {'share' in navigator && (
          <Button variant="plain" onClick={() => void share()}>
            <Share2 size={18} aria-hidden /> {t('Share')}
          </Button>
        )}
      </Flex>
      <chakra.div role="status" aria-live="polite" fontSize="text">
        {busy && (
          <Flex gap="0.75rem" align="center">
            {busy} …
            <Button size="small" onClick={cancel}>
              {t('Stop')}
            </Button>
          </Flex>
        )}
        {!busy && said}
      </chakra.div>
      {problem && <Alert>{problem}</Alert>}
    </>
  );
}
