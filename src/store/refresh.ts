/** What the shelf shows of a dance is worked out from its text; when the program reads better than before, it is worked out anew. */
import { database, type SlateDatabase } from './database';
import { factsOfText } from './facts';
import { findPersonalFigures } from './settings';
import { soundDance } from './soundness';

/** Goes up whenever facts come out otherwise than before. */
const FACTS_VERSION = 3;
const KEY = 'facts-version';

/** A shelf that is new holds nothing of an earlier version. Called inside the transaction that fills it. */
export const factsAreNew = (db: SlateDatabase): Promise<string> => db.meta.put({ key: KEY, value: FACTS_VERSION });
const AT_A_TIME = 20;

/** Works the facts out where they are of an earlier version, a few dances at a time. One dance that can't be worked out stops no other. */
export async function refreshFacts(db: SlateDatabase = database): Promise<void> {
  if ((await db.meta.get(KEY))?.value === FACTS_VERSION) return;
  const figures = await findPersonalFigures(db);
  const ids = await db.dances.toCollection().primaryKeys();
  for (let from = 0; from < ids.length; from += AT_A_TIME) {
    await db.transaction('rw', db.dances, async () => {
      const dances = await db.dances.bulkGet(ids.slice(from, from + AT_A_TIME));
      await db.dances.bulkPut(
        dances.flatMap((record) => {
          const dance = soundDance(record);
          return dance ? [{ ...dance, ...factsOfText(dance.text, figures) }] : [];
        }),
      );
    });
  }
  await db.meta.put({ key: KEY, value: FACTS_VERSION });
}
