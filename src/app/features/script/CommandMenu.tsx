import { Menu } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { DropMenu, MenuRow } from '../../theme/DropMenu';
import { COMMAND_GROUPS, keyWords, runCommand, SCRIPT_COMMANDS } from '../editor/script-commands';
import { t } from '../../texts';

/** Everything that can be done to lines and sections, with its key beside it. */
export default function CommandMenu({ view }: { view: EditorView | undefined }) {
  return (
    <DropMenu
      label={t('Rework')}
      button={{ variant: 'plain', size: 'small', disabled: !view }}
      width="22rem"
      onSelect={(value) => {
        const command = SCRIPT_COMMANDS.find(({ id }) => id === value);
        // The menu gives the focus back to its button first; the editor takes it after that.
        if (view && command) setTimeout(() => runCommand(view, command));
      }}
    >
      {COMMAND_GROUPS.map((group) => (
        <Menu.ItemGroup key={group}>
          <Menu.ItemGroupLabel padding="0.2rem 0.9rem 0.05rem" fontSize="mark" fontWeight="600" color="quiet">
            {group}
          </Menu.ItemGroupLabel>
          {SCRIPT_COMMANDS.filter((command) => command.inMenu && command.group === group).map(({ id, name, key }) => (
            <MenuRow key={id} value={id} aside={key && keyWords(key)}>
              {name}
            </MenuRow>
          ))}
        </Menu.ItemGroup>
      ))}
    </DropMenu>
  );
}
