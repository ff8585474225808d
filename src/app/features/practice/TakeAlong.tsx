import { chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { ALOUD_FORMS, type AloudId } from '../../../formats/aloud-forms';
import { DropMenu, MenuRow } from '../../theme/DropMenu';
import { downloadFile, fileName } from '../files/download';
import { useFiles } from '../files/use-files';
import { usePersonalFigures } from '../settings/settings';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { t } from '../../texts';

/** Captions, clicks, MIDI, cues: the whole dance at the tempo that is chosen, as files. */
export default function TakeAlong({ text, title, tempo }: { text: string; title: string; tempo: number }) {
  const personal = usePersonalFigures();
  const [start, setStart] = useState(0);
  const { busy, problem, run, cancel } = useFiles();
  const save = async (id: AloudId): Promise<void> => {
    const form = ALOUD_FORMS.find((one) => one.id === id);
    if (!form) return;
    const order = {
      text,
      personal,
      cues: 'usual' as const,
      start: Number.isFinite(start) && start >= 0 ? start : 0,
      tempo,
    };
    const made = await run(t('Making the {form}', { form: t(form.name) }), (work) => work.makeAloud(id, order));
    if (made) downloadFile(fileName(title, form.ending), form.mime, new Uint8Array(made));
  };
  return (
    <>
      <DropMenu label={t('Take along')} width="22rem" onSelect={(value) => void save(value as AloudId)}>
        {ALOUD_FORMS.map(({ id, name, use }) => (
          <MenuRow key={id} value={id} aside={t(use)} tall>
            {t(name)}
          </MenuRow>
        ))}
      </DropMenu>
      <chakra.label display="flex" alignItems="center" gap="0.4rem" fontSize="text">
        {t('first step in the video at')}
        <Input
          type="number"
          width="5.5rem"
          min={0}
          step={0.1}
          value={Number.isNaN(start) ? '' : start}
          onChange={({ target }) => setStart(target.valueAsNumber)}
        />
        {t('s')}
      </chakra.label>
      <span role="status">
        {busy && (
          <>
            {busy} …{' '}
            <Button size="small" onClick={cancel}>
              {t('Stop')}
            </Button>
          </>
        )}
        {problem}
      </span>
    </>
  );
}
