import { useEffect, useRef, useState, type ComponentProps } from 'react';
import { Input, TextArea } from '../../theme/fields';

/**
 * A field whose words are kept with every letter. While it is written in it shows what is written, whatever comes back from where it
 * is kept; another tab's words come in when nobody writes here. What is not fine is not kept.
 */
export function KeptText({ value, onKeep, lines, isFine = () => true, ...more }: { value: string; onKeep: (value: string) => void; lines?: number; isFine?: (value: string) => boolean } & Pick<ComponentProps<typeof Input>, 'type' | 'min' | 'max' | 'flex' | 'placeholder' | 'maxLength' | 'id' | 'marginTop' | 'fontWeight' | 'aria-label'>) {
  const [shown, setShown] = useState(value);
  const isWriting = useRef(false);
  useEffect(() => {
    if (!isWriting.current) setShown(value);
  }, [value]);
  const props = {
    ...more,
    value: shown,
    onFocus: () => void (isWriting.current = true),
    // What can't be kept is put back to what is.
    onBlur: () => {
      isWriting.current = false;
      if (!isFine(shown)) setShown(value);
    },
    onChange: ({ target }: { target: { value: string } }) => {
      setShown(target.value);
      if (isFine(target.value)) onKeep(target.value);
    },
  };
  return lines === undefined ? <Input {...props} /> : <TextArea rows={lines} {...(props as object)} />;
} // prettier-ignore
