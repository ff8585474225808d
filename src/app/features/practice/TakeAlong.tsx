import { ALOUD_FORMS, type AloudId } from '../../../formats/aloud-forms';
import { DropMenu, MenuRow } from '../../theme/DropMenu';
import { downloadFile, fileName } from '../files/download';
import { useFiles } from '../files/use-files';
import { usePersonalFigures } from '../settings/settings';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Captions, clicks, MIDI, cues: the whole dance at the tempo that is chosen, as files. */
export default function TakeAlong({ text, title, tempo }: { text: string; title: string; tempo: number }) {
  const personal = usePersonalFigures();
  const { busy, problem, run, cancel } = useFiles();
  const save = async (id: AloudId): Promise<void> => {
    const form = ALOUD_FORMS.find((one) => one.id === id);
    if (!form) return;
    const order = { text, personal, cues: 'usual' as const, start: 0, tempo };
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
