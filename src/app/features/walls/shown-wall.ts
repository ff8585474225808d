/** Which wall is looked at: part of the address, so that it stays when the view changes and can be sent along. */
import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** Undefined: the sheet as it is written, every part from 12:00. */
export function useShownWall(): [wall: number | undefined, show: (wall: number | undefined) => void] {
  const [params, setParams] = useSearchParams();
  const wanted = Number(params.get('wall'));
  const show = useCallback(
    (wall: number | undefined) =>
      setParams(
        (old) => {
          const next = new URLSearchParams(old);
          if (wall === undefined) next.delete('wall');
          else next.set('wall', String(wall));
          return next;
        },
        // At once, not when there is time: the next key is about the wall that was pressed.
        { replace: true, flushSync: true },
      ),
    [setParams],
  );
  return [Number.isInteger(wanted) && wanted > 0 && wanted < 1000 ? wanted : undefined, show];
}
