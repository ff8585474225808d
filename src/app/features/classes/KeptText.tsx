import { useEffect, useRef, useState, type ComponentProps } from 'react';
import { Input, TextArea } from '../../theme/fields';

/**
 * A field whose words are kept with every letter. While it is written in it shows what is written, whatever comes back from where it
 * is kept; another tab's words come in when nobody writes here.
 */
export function KeptText({ value, onKeep, lines, ...more }: { value: string; onKeep: (value: string) => void; lines?: number } & Pick<ComponentProps<typeof Input>, 'flex' | 'placeholder' | 'maxLength' | 'id' | 'marginTop' | 'fontWeight' | 'aria-label'>) {
  const [shown, setShown] = useState(value);
  const isWriting = useRef(false);
  useEffect(() => {
    if (!isWriting.current) setShown(value);
  }, [value]);
  const props = {
    ...more,
    value: shown,
    onFocus: () => void (isWriting.current = true),
    onBlur: () => void (isWriting.current = false),
    onChange: ({ target }: { target: { value: string } }) => {
      setShown(target.value);
      onKeep(target.value);
    },
  };
  return lines === undefined ? <Input {...props} /> : <TextArea rows={lines} {...(props as object)} />;
} // prettier-ignore
