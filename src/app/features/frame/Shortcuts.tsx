import { chakra } from '@chakra-ui/react';
import { COMMAND_GROUPS, keyWords, SCRIPT_COMMANDS } from '../editor/script-commands';
import { LOOKING_KEYS, WALL_COMMANDS } from '../walls/wall-commands';
import { Modal } from './Modal';
import { t } from '../../texts';
import { NARROW } from '../../theme/screens';

type Key = readonly [keys: string, what: string];

/** Keys that are no commands of the script. */
const OTHERS: Readonly<Record<string, readonly Key[]>> = {
  Writing: [['Ctrl Space', 'Offer figures for the free foot']],
  Walls: [
    ...LOOKING_KEYS.map(([what, keys]): Key => [keys, what]),
    ...WALL_COMMANDS.map(({ keyWords: keys, name }): Key => [keys, name]),
  ],
  Music: [
    ['Alt ← →', 'Move the end of the phrase by a count; with Shift by eight'],
    ['S', 'Split the phrase where it plays, or in its middle'],
    ['J', 'Join the phrase to the next'],
    ['← →', 'Move the first step by a beat; Page keys by eight'],
    ['Space', 'Tap the beat, on its button'],
  ],
  Anywhere: [
    ['F1', 'This list'],
    ['Ctrl P', 'Print what is shown (on Sheet: the sheet alone)'],
  ],
};

const keysOf = (group: string): readonly Key[] => [
  ...SCRIPT_COMMANDS.flatMap((command): Key[] =>
    command.group === group && command.key ? [[keyWords(command.key), command.name]] : [],
  ),
  ...(OTHERS[group] ?? []),
];

export default function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Modal title={t('Keys')} onClose={onClose} width="52rem">
      <chakra.div css={{ columns: 2, columnGap: '2rem', [NARROW]: { columns: 1 } }}>
        {[...COMMAND_GROUPS, 'Walls', 'Music', 'Anywhere'].map((group) => (
          <chakra.section key={group} marginBottom="1rem" css={{ breakInside: 'avoid' }}>
            <chakra.h3 fontSize="text" color="quiet" fontWeight="600" marginBottom="0.25rem">
              {group}
            </chakra.h3>
            <chakra.dl display="grid" gridTemplateColumns="8.5rem 1fr" rowGap="0.25rem" fontSize="text">
              {keysOf(group).map(([key, what]) => (
                <chakra.div key={key} display="contents">
                  <dt>
                    <kbd>{key}</kbd>
                  </dt>
                  <dd>{what}</dd>
                </chakra.div>
              ))}
            </chakra.dl>
          </chakra.section>
        ))}
      </chakra.div>
    </Modal>
  );
}
