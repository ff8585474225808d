import { useEffect, useId, useState, type ComponentProps } from 'react';
import { Input, TextArea } from '../../theme/fields';
import { Elsewhere } from './Elsewhere';
import { KeptWords, type KeepText } from './kept-words';

type FieldProps = Pick<ComponentProps<typeof Input>, 'type' | 'min' | 'max' | 'flex' | 'minWidth' | 'padding' | 'placeholder' | 'maxLength' | 'id' | 'marginTop' | 'fontWeight' | 'aria-label'>; // prettier-ignore

/**
 * A field whose words are kept with every letter. While it is written in it shows what is written; what another tab writes meanwhile
 * is put together with it as it is kept, and stands here when the field is left. Of a day, an hour or a number only one can stand:
 * the other one is shown beside it. What is not fine is not kept.
 */
export function KeptText({ value, onKeep, lines, isFine = () => true, ...more }: { value: string; onKeep: KeepText; lines?: number; isFine?: (value: string) => boolean } & FieldProps) {
  const isWords = more.type === undefined;
  const [shown, setShown] = useState(value);
  const [elsewhere, setElsewhere] = useState<string>();
  const note = useId();
  const [words] = useState(
    () =>
      new KeptWords(value, {
        show: setShown,
        ask: isWords ? undefined : setElsewhere,
        joint: lines === undefined ? ' / ' : '\n',
      }),
  );
  useEffect(() => words.keepBy(onKeep), [words, onKeep]);
  useEffect(() => words.follow(value), [words, value]);
  const write = (own: string): void => {
    setShown(own);
    if (isFine(own)) words.write(own);
  };
  const props = {
    ...more,
    value: shown,
    'aria-describedby': elsewhere === undefined ? undefined : note,
    onFocus: () => words.begin(),
    onBlur: () => words.leave(),
    onChange: ({ target }: { target: { value: string } }) => write(target.value),
  };
  return (
    <>
      {lines === undefined ? <Input {...props} /> : <TextArea rows={lines} {...(props as object)} />}
      {elsewhere !== undefined && <Elsewhere id={note} value={elsewhere} onTake={() => { write(elsewhere); setElsewhere(undefined); }} />}
    </>
  );
} // prettier-ignore
