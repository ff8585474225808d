import { chakra, Flex } from '@chakra-ui/react';
import { Copy, Download, Sparkles, Tag, Trash2, X } from 'lucide-react';
import { useState } from 'react';
import { languageOf, studyText, tidyScript, withOwnFigures } from '../../../core';
import { EXPORT_FORMS, exportForm, plainOrder, type ExportId } from '../../../formats/exports';
import { deleteDances, duplicateDance, restoreDances, saveDance, tagDances, type DanceRecord } from '../../../store';
import { Button } from '../../theme/Button';
import { Input, Select } from '../../theme/fields';
import { houseStyle, personalFigures } from '../settings/settings';
import type { FileWork } from '../files/use-files';
import { downloadFile, fileName } from '../files/download';
import { t } from '../../texts';

/** What can be done to several dances at once. `undo`: what takes the last thing back. */
export function SelectionBar({
  dances,
  files,
  attempt,
  onDone,
  onClear,
}: {
  dances: readonly DanceRecord[];
  files: FileWork;
  /** Does it one at a time, and says when the browser refuses. */
  attempt: (work: () => Promise<unknown>) => Promise<void>;
  onDone: (words: string, undo?: () => Promise<unknown>) => void;
  onClear: () => void;
}) {
  const [form, setForm] = useState<ExportId>('pdf');
  const [tag, setTag] = useState('');
  const count = dances.length === 1 ? '1 dance' : `${dances.length} dances`;
  const ids = dances.map(({ id }) => id);

  const exportAll = async (): Promise<void> => {
    const { ending, name } = exportForm(form);
    const orders = dances.map(({ text, title }) => {
      const own = withOwnFigures(text, studyText(text, personalFigures()).dance);
      return { name: fileName(title, ending), order: plainOrder(own, personalFigures(), languageOf(own), Date.now()) };
    });
    const made = await files.run(`Making ${count} as ${name}`, (worker) => worker.makeAll(form, orders));
    if (made) downloadFile(fileName(`dances ${ending}`, 'zip'), 'application/zip', made as Uint8Array<ArrayBuffer>);
  };
  const tidyAll = async (): Promise<void> => {
    const changed: { dance: DanceRecord; revision: number }[] = [];
    for (const dance of dances) {
      const tidy = tidyScript(studyText(dance.text, personalFigures()).dance, houseStyle());
      if (tidy === dance.text) continue;
      const saved = await saveDance(dance.id, tidy, dance.revision);
      if (saved.kind === 'saved') changed.push({ dance, revision: saved.record.revision });
    }
    onDone(
      changed.length === 0
        ? 'They were tidy already.'
        : `${changed.length === 1 ? '1 dance is' : `${changed.length} dances are`} tidied.`,
      async () => {
        for (const { dance, revision } of changed) await saveDance(dance.id, dance.text, revision);
      },
    );
  };
  const duplicateAll = async (): Promise<void> => {
    const made: string[] = [];
    for (const id of ids) {
      const copy = await duplicateDance(id);
      if (copy) made.push(copy.id);
    }
    onDone(`${count} duplicated.`, () => deleteDances(made));
  };
  const putTag = async (): Promise<void> => {
    const name = tag.trim();
    if (!name) return;
    const isOn = !dances.every(({ tags }) => tags.includes(name));
    await tagDances(ids, name, isOn);
    setTag('');
    onDone(`“${name}” ${isOn ? 'is on' : 'is off'} ${count}.`, () => tagDances(ids, name, !isOn));
  };
  const deleteAll = async (): Promise<void> => {
    await deleteDances(ids);
    onDone(`${count} off the shelf.`, () => restoreDances(dances));
  };

  return (
    <Flex
      role="region"
      aria-label={t('Chosen dances')}
      position="sticky"
      bottom="0.75rem"
      zIndex="3"
      align="center"
      gap="0.5rem 0.75rem"
      flexWrap="wrap"
      background="bar"
      color="barInk"
      borderRadius="6px"
      padding="0.5rem 0.9rem"
      marginTop="0.75rem"
      boxShadow="0 2px 8px rgba(15, 22, 26, 0.3)"
    >
      <b>{count}</b>
      <Flex align="center" gap="0.3rem">
        <Select
          aria-label={t('Form of the files')}
          value={form}
          onChange={(event) => setForm(event.target.value as ExportId)}
          css={{ '&&': { width: 'auto' } }}
        >
          {EXPORT_FORMS.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
        <Button variant="bar" onClick={() => void exportAll()}>
          <Download size={17} aria-hidden /> {t('Export')}
        </Button>
      </Flex>
      <chakra.form
        display="flex"
        alignItems="center"
        gap="0.3rem"
        onSubmit={(event) => {
          event.preventDefault();
          void attempt(putTag);
        }}
      >
        <Input
          aria-label={t('A tag')}
          placeholder={t('tag')}
          value={tag}
          maxLength={40}
          onChange={(event) => setTag(event.target.value)}
          css={{ '&&': { width: '7.5rem' } }}
        />
        <Button variant="bar" type="submit">
          <Tag size={17} aria-hidden /> {t('Tag')}
        </Button>
      </chakra.form>
      <Button variant="bar" onClick={() => void attempt(tidyAll)}>
        <Sparkles size={17} aria-hidden /> {t('Tidy')}
      </Button>
      <Button variant="bar" onClick={() => void attempt(duplicateAll)}>
        <Copy size={17} aria-hidden /> {t('Duplicate')}
      </Button>
      <Button variant="bar" onClick={() => void attempt(deleteAll)}>
        <Trash2 size={17} aria-hidden /> {t('Delete')}
      </Button>
      <Button variant="bar" size="small" marginLeft="auto" onClick={onClear}>
        <X size={16} aria-hidden /> {t('Choose none')}
      </Button>
    </Flex>
  );
}
