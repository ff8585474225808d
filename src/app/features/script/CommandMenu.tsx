import { chakra, Menu } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { ChevronDown } from 'lucide-react';
import { COMMAND_GROUPS, keyWords, runCommand, SCRIPT_COMMANDS } from '../editor/script-commands';
import { Button } from '../../theme/Button';

/** Everything that can be done to lines and sections, with its key beside it. */
export default function CommandMenu({ view }: { view: EditorView | undefined }) {
  return (
    <Menu.Root
      positioning={{ strategy: 'fixed', placement: 'bottom-start' }}
      onSelect={({ value }) => {
        const command = SCRIPT_COMMANDS.find(({ id }) => id === value);
        // The menu gives the focus back to its button first; the editor takes it after that.
        if (view && command) setTimeout(() => runCommand(view, command));
      }}
    >
      <Menu.Trigger asChild>
        <Button variant="plain" size="small" disabled={!view}>
          Rework <ChevronDown size={15} aria-hidden />
        </Button>
      </Menu.Trigger>
      <Menu.Positioner>
        <Menu.Content
          zIndex="20"
          background="paper"
          color="ink"
          border="1.5px solid"
          borderColor="rule"
          borderRadius="4px"
          paddingBlock="0.35rem"
          minWidth="22rem"
          maxHeight="calc(100dvh - 8.5rem)"
          overflowY="auto"
          css={{ '&:focus-visible': { outline: 'none' } }}
        >
          {COMMAND_GROUPS.map((group) => (
            <Menu.ItemGroup key={group}>
              <Menu.ItemGroupLabel padding="0.2rem 0.9rem 0.05rem" fontSize="0.8125rem" fontWeight="600" color="quiet">
                {group}
              </Menu.ItemGroupLabel>
              {SCRIPT_COMMANDS.filter((command) => command.inMenu && command.group === group).map(
                ({ id, name, key }) => (
                  <Menu.Item
                    key={id}
                    value={id}
                    display="flex"
                    justifyContent="space-between"
                    gap="1.5rem"
                    padding="0.1rem 0.9rem"
                    fontSize="0.9375rem"
                    cursor="pointer"
                    css={{ '&[data-highlighted]': { background: 'sand', outline: 'none' } }}
                  >
                    {name}
                    {key && (
                      <chakra.span color="quiet" fontSize="0.8125rem" whiteSpace="nowrap">
                        {keyWords(key)}
                      </chakra.span>
                    )}
                  </Menu.Item>
                ),
              )}
            </Menu.ItemGroup>
          ))}
        </Menu.Content>
      </Menu.Positioner>
    </Menu.Root>
  );
}
