import { Flex } from '@chakra-ui/react';
import { downloadFile, fileName } from '../files/download';
import { useDanceSession, useSessionChanges } from './DanceContext';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** Speaks only when something is not kept: storage refused, or two tabs with two versions. */
export function KeepingNotice() {
  const session = useDanceSession();
  useSessionChanges(session);
  const { keeping } = session;
  if (keeping.kind === 'kept' || keeping.kind === 'waiting') return null;
  const save = () =>
    downloadFile(fileName(/^#(.*)$/m.exec(session.text)?.[1].trim() ?? '', 'txt'), 'text/plain', session.text);
  return (
    <Flex
      role="alert"
      align="center"
      gap="0.75rem"
      flexWrap="wrap"
      background="slipGround"
      color="ink"
      padding="0.5rem 1rem"
      css={{ '@media print': { display: 'none' } }}
    >
      {keeping.kind === 'refused' ? (
        <>
          <span>
            <b>{t('Not kept.')}</b> {keeping.reason} Your words are still in this tab: keep it open, or take them away
            as a file.
          </span>
          <Button size="small" onClick={save}>
            {t('Save as a file')}
          </Button>
          <Button size="small" onClick={() => void session.flush()}>
            {t('Try again')}
          </Button>
        </>
      ) : keeping.kind === 'two-versions' ? (
        <TwoVersions
          onMine={() => void session.keepMine(keeping.theirs)}
          onTheirs={() => void session.takeTheirs(keeping.theirs)}
        />
      ) : (
        <>
          <span>
            <b>{t('This dance is off the shelf.')}</b> It was deleted here or in another tab, or the browser has lost
            it. The words you see are still here, and what you type stays with them.
          </span>
          <Button size="small" variant="solid" onClick={() => void session.putBack()}>
            {t('Put it back on the shelf')}
          </Button>
          <Button size="small" onClick={save}>
            {t('Save as a file')}
          </Button>
        </>
      )}
    </Flex>
  );
}

function TwoVersions({ onMine, onTheirs }: { onMine: () => void; onTheirs: () => void }) {
  return (
    <>
      <span>
        <b>{t('Two versions.')}</b> This dance was changed in another tab as well. Whichever you take, the other stays
        on the shelf as a dance of its own.
      </span>
      <Button size="small" variant="solid" onClick={onMine}>
        {t('Keep this one')}
      </Button>
      <Button size="small" onClick={onTheirs}>
        {t('Take the other')}
      </Button>
    </>
  );
}
