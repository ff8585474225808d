import { chakra, Flex } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Button } from '../../theme/Button';
import { t } from '../../texts';

/**
 * A dialog over the page: the browser's own element, which keeps the focus inside, closes on Escape and gives the focus back. One
 * with typed words that are kept nowhere yet (`isDirty`) asks before it closes.
 */
export function Modal({
  title,
  onClose,
  children,
  width = '34rem',
  isDirty = false,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  width?: string;
  isDirty?: boolean;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  const [asks, setAsks] = useState(false);
  const leave = (): void => {
    if (isDirty) setAsks(true);
    else dialog.current?.close();
  };
  useEffect(() => {
    if (!dialog.current?.open) dialog.current?.showModal();
  }, []);
  return (
    <chakra.dialog
      ref={dialog}
      aria-label={title}
      onCancel={(event) => {
        if (!isDirty) return;
        event.preventDefault();
        setAsks(true);
      }}
      onClose={() => {
        if (!isDirty) return onClose();
        // A second Escape closes whatever the page says: it stands there again, with all that was typed.
        dialog.current?.showModal();
        setAsks(true);
      }}
      onClick={(event) => event.target === dialog.current && leave()}
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
          <chakra.h2 fontSize="heading" fontWeight="700">
            {title}
          </chakra.h2>
          <Button variant="plain" size="small" aria-label={t('Close')} onClick={leave}>
            <X size={18} aria-hidden />
          </Button>
        </Flex>
        {asks && isDirty && (
          <Flex
            role="alert"
            align="center"
            gap="0.5rem"
            flexWrap="wrap"
            background="slipGround"
            padding="0.5rem 0.75rem"
            marginBottom="0.75rem"
          >
            <chakra.span flex="1">{t('What you typed here is not kept yet.')}</chakra.span>
            <Button size="small" variant="solid" onClick={() => setAsks(false)}>
              {t('Go on')}
            </Button>
            <Button size="small" onClick={onClose}>
              {t('Throw it away')}
            </Button>
          </Flex>
        )}
        {children}
      </chakra.div>
    </chakra.dialog>
  );
}
