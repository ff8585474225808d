import { chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { ChevronDown } from 'lucide-react';
import { lazy, memo, Suspense, useState } from 'react';
import { tidyAll } from '../editor/script-commands';
import { useHouseStyle } from '../settings/settings';
import { Button } from '../../theme/Button';
import { NARROW } from '../../theme/screens';
import { t } from '../../texts';

const CommandMenu = lazy(() => import('./CommandMenu'));
const StyleDialog = lazy(() => import('./StyleDialog'));

/** Over the script: what can be done to its lines, and the house style it is tidied to. */
export const ScriptBar = memo(function ScriptBar({ view }: { view: EditorView | undefined }) {
  const style = useHouseStyle();
  const [choosesStyle, setChoosesStyle] = useState(false);
  return (
    <Flex
      as="section"
      aria-label={t('Rework the script')}
      align="center"
      gap="0.125rem"
      paddingInline="0.75rem"
      minHeight="2.5rem"
      borderBottom="1px solid"
      borderColor="line"
      flexShrink={0}
      // There its commands stand beside the drawer.
      css={{ [NARROW]: { display: 'none' } }}
    >
      <Suspense
        fallback={
          <Button variant="plain" size="small" disabled>
            {t('Rework')} <ChevronDown size={15} aria-hidden />
          </Button>
        }
      >
        <CommandMenu view={view} />
      </Suspense>
      <Button variant="plain" size="small" disabled={!view} onClick={() => view && tidyAll(view) && view.focus()}>
        {t('Tidy')}
      </Button>
      <Button variant="plain" size="small" onClick={() => setChoosesStyle(true)} marginLeft="auto">
        <chakra.span color="quiet" fontWeight="400">
          {t('House style')}
        </chakra.span>
        {style.title}
      </Button>
      {choosesStyle && (
        <Suspense fallback={null}>
          <StyleDialog
            onClose={() => {
              setChoosesStyle(false);
              view?.focus();
            }}
          />
        </Suspense>
      )}
    </Flex>
  );
});
