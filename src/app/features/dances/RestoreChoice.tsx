import { chakra, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useState } from 'react';
import type { Differing, Standing } from '../../../store';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { Modal } from '../frame/Modal';
import { t } from '../../texts';

/** What stands where nobody chooses: of the very same dance the newer state, of two of one name both. */
const usual = ({ isSame, here, there }: Differing): Standing => (!isSame ? 'both' : there > here ? 'backup' : 'here');

const WORDS: Readonly<Record<Standing, string>> = {
  here: 'the one here',
  backup: 'the one of the backup',
  both: 'both, side by side',
};

const dayOf = (at: number): string => (at >= 0 && at < 8e15 ? format(new Date(at), 'd MMM yyyy, HH:mm') : '?');

/** Dances that are here with other words than in the backup: which of the two is to stand. */
export default function RestoreChoice({ differing, onChoose, onClose }: { differing: readonly Differing[]; onChoose: (choices: ReadonlyMap<string, Standing>) => void; onClose: () => void }) {
  const [choices, setChoices] = useState<ReadonlyMap<string, Standing>>(() => new Map(differing.map((one) => [one.id, usual(one)])));
  const choose = (id: string, standing: Standing): void => setChoices((old) => new Map(old).set(id, standing));
  return (
    <Modal title={t('Not the same here and in the backup')} onClose={onClose} width="44rem">
      <chakra.p marginBottom="0.75rem" color="quiet">
        {t('Whichever is to stand, nothing is lost: the other one is kept among its revisions. The whole restore can be undone afterwards.')}
      </chakra.p>
      <chakra.ul maxHeight="50dvh" overflowY="auto" tabIndex={0} aria-label={t('Dances that differ')}>
        {differing.map((one) => (
          <Flex as="li" key={one.id} gap="0.4rem 1rem" align="center" flexWrap="wrap" borderTop="1px solid" borderColor="line" paddingBlock="0.5rem">
            <chakra.span flex="1" minWidth="14rem">
              <b>{one.title}</b>
              <chakra.span display="block" color="quiet" fontSize="small">
                {t('here {here}, in the backup {there}', { here: dayOf(one.here), there: dayOf(one.there) })}
                {!one.isSame && t('; only the name is the same')}
              </chakra.span>
            </chakra.span>
            <Select width="13rem" aria-label={t('Which {title} is to stand', { title: one.title })} value={choices.get(one.id)} onChange={({ target }) => choose(one.id, target.value as Standing)}>
              {(Object.keys(WORDS) as Standing[]).map((standing) => <option key={standing} value={standing}>{t(WORDS[standing])}</option>)}
            </Select>
          </Flex>
        ))}
      </chakra.ul>
      <Flex gap="0.5rem" marginTop="1rem">
        <Button variant="solid" onClick={() => onChoose(choices)}>{t('Restore')}</Button>
        <Button onClick={onClose}>{t('Change nothing')}</Button>
      </Flex>
    </Modal>
  );
} // prettier-ignore
