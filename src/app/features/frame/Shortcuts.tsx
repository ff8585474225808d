import { chakra } from '@chakra-ui/react';
import { Modal } from './Modal';

const KEYS: readonly [group: string, keys: readonly [keys: string, what: string][]][] = [
  [
    'Writing',
    [
      ['Enter', 'next line, at the next count'],
      ['Tab', 'from the counts to the call'],
      ['Ctrl Enter', 'new section'],
      ['Ctrl Space', 'offer figures for the free foot'],
      ['Alt ↑  Alt ↓', 'move the line or the selected lines'],
      ['Ctrl Z  Ctrl Shift Z', 'undo, redo; also after coming back another day'],
    ],
  ],
  [
    'Slips',
    [
      ['F8', 'go to the next slip or remark'],
      ['Alt Enter', 'apply the fix that is offered'],
    ],
  ],
  [
    'Anywhere',
    [
      ['F1', 'this list'],
      ['Ctrl P', 'print what is shown (on Sheet: the sheet alone)'],
    ],
  ],
];

export default function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Modal title="Keys" onClose={onClose}>
      {KEYS.map(([group, keys]) => (
        <chakra.section key={group} marginBottom="1rem">
          <chakra.h3 fontSize="0.9375rem" color="quiet" fontWeight="600" marginBottom="0.25rem">
            {group}
          </chakra.h3>
          <chakra.dl display="grid" gridTemplateColumns="11.5rem 1fr" rowGap="0.25rem">
            {keys.map(([key, what]) => (
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
    </Modal>
  );
}
