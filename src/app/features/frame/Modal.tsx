import { chakra, Flex } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/** A dialog over the page: the browser's own element, which keeps the focus inside, closes on Escape and gives the focus back. */
export function Modal({
  title,
  onClose,
  children,
  width = '34rem',
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  width?: string;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (!dialog.current?.open) dialog.current?.showModal();
  }, []);
  return (
    <chakra.dialog
      ref={dialog}
      aria-label={title}
      onClose={onClose}
      onClick={(event) => event.target === dialog.current && dialog.current?.close()}
      width={`min(${width}, calc(100vw - 2rem))`}
      maxHeight="calc(100dvh - 4rem)"
      padding="0"
      border="none"
      borderRadius="6px"
      background="paper"
      color="ink"
      css={{ '&::backdrop': { background: 'rgba(15, 22, 26, 0.55)' } }}
    >
      <chakra.div padding="1.25rem 1.5rem 1.5rem">
        <Flex justify="space-between" align="center" marginBottom="1rem">
          <chakra.h2 fontSize="1.25rem" fontWeight="700">
            {title}
          </chakra.h2>
          <Button variant="plain" size="small" aria-label={t('Close')} onClick={() => dialog.current?.close()}>
            <X size={18} aria-hidden />
          </Button>
        </Flex>
        {children}
      </chakra.div>
    </chakra.dialog>
  );
}
