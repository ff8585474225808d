import { useEffect, useMemo, useSyncExternalStore } from 'react';
import type { ImportRecord } from '../../../store';
import { ImportDesk } from './import-desk';

/** The sheets on the Import screen, kept between visits and followed across tabs. */
export function useImports(): { desk: ImportDesk; sheets: readonly ImportRecord[] | undefined } {
  const desk = useMemo(() => new ImportDesk(), []);
  useEffect(() => desk.open(), [desk]);
  const sheets = useSyncExternalStore(desk.subscribe, desk.snapshot);
  return { desk, sheets };
}
