import { chakra, Menu } from '@chakra-ui/react';
import { ChevronDown } from 'lucide-react';
import type { ComponentProps, ReactNode } from 'react';
import { Button } from './Button';

/** A menu that opens under its button. Loaded with what uses it: never on the first screen. */
export function DropMenu({
  label,
  button = {},
  width,
  onSelect,
  children,
}: {
  label: string;
  button?: Pick<ComponentProps<typeof Button>, 'variant' | 'size' | 'disabled'>;
  width: string;
  onSelect: (value: string) => void;
  children: ReactNode;
}) {
  return (
    <Menu.Root positioning={{ strategy: 'fixed', placement: 'bottom-start' }} onSelect={({ value }) => onSelect(value)}>
      <Menu.Trigger asChild>
        <Button {...button}>
          {label} <ChevronDown size={15} aria-hidden />
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
          minWidth={width}
          maxHeight="calc(100dvh - 8.5rem)"
          overflowY="auto"
          css={{ '&:focus-visible': { outline: 'none' } }}
        >
          {children}
        </Menu.Content>
      </Menu.Positioner>
    </Menu.Root>
  );
}

/** One thing to choose, with its key or its use beside it. */
export function MenuRow({
  value,
  aside,
  tall = false,
  children,
}: {
  value: string;
  aside?: ReactNode;
  tall?: boolean;
  children: ReactNode;
}) {
  return (
    <Menu.Item
      value={value}
      display="flex"
      justifyContent="space-between"
      gap="1.5rem"
      padding={tall ? '0.3rem 0.9rem' : '0.1rem 0.9rem'}
      fontSize="text"
      cursor="pointer"
      css={{ '&[data-highlighted]': { background: 'sand', outline: 'none' } }}
    >
      {children}
      {aside && (
        <chakra.span color="quiet" fontSize="mark" whiteSpace="nowrap">
          {aside}
        </chakra.span>
      )}
    </Menu.Item>
  );
}
