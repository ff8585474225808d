import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState, type ReactNode } from 'react';
import type { Edit, EndingProposal, Endings, WayFound } from '../../../core';
import { hourOfFacing } from '../../../core';
import { Button } from '../../theme/Button';
import { Input } from '../../theme/fields';
import { usePersonalFigures } from '../settings/settings';
import { useSearch } from './use-search';
import { t } from '../../texts';

interface Props {
  text: string;
  onTake: (edits: readonly Edit[]) => void;
}

const Hint = chakra('p', { base: { color: 'quiet', fontSize: 'text', marginBottom: '0.6rem' } });

/** Where the music stops, and how to be at the front by then. */
export function EndingSearch({ text, wall, count, onTake }: Props & { wall: number; count: number }) {
  const personal = usePersonalFigures();
  const [at, setAt] = useState({ wall: String(wall), count: String(count) });
  const { state, run, cancel } = useSearch<Endings | undefined>(text);
  const [wanted, counts] = [Number(at.wall), Number(at.count)];
  const valid =
    Number.isInteger(wanted) && wanted > 0 && wanted <= 200 && Number.isInteger(counts) && counts > 0 && counts <= 999;
  return (
    <section aria-label={t('Ending')}>
      <chakra.h2 fontSize="part" fontWeight="700">
        {t('Ending at the front')}
      </chakra.h2>
      <Hint>{t('Where does the music stop? The smallest changes that finish facing 12:00 are looked for.')}</Hint>
      <chakra.form
        display="flex"
        gap="0.5rem"
        alignItems="flex-end"
        marginBottom="0.75rem"
        onSubmit={(event) => {
          event.preventDefault();
          if (valid) run((searches) => searches.endings(text, personal, wanted, counts));
        }}
      >
        <WholeNumber label={t('Wall')} value={at.wall} onChange={(value) => setAt({ ...at, wall: value })} />
        <WholeNumber label={t('Count')} value={at.count} onChange={(value) => setAt({ ...at, count: value })} />
        <Button type="submit" variant="solid" disabled={!valid}>
          {t('Look')}
        </Button>
      </chakra.form>
      {!valid && <Hint role="status">{t('Walls and counts are whole numbers from 1.')}</Hint>}
      <Progress state={state.kind} onCancel={cancel} />
      {state.kind === 'found' && <EndingsFound endings={state.found} wall={wanted} count={counts} onTake={onTake} />}
    </section>
  );
}

function EndingsFound({
  endings,
  wall,
  count,
  onTake,
}: {
  endings: Endings | undefined;
  wall: number;
  count: number;
  onTake: Props['onTake'];
}) {
  if (!endings)
    return (
      <Hint role="status">
        Wall {wall} has no count {count}.
      </Hint>
    );
  const free = endings.free ? `, ${endings.free} free` : '';
  return (
    <>
      <chakra.p role="status" marginBottom="0.5rem">
        After {endings.count} counts of wall {endings.wall} the dancers face <b>{hourOfFacing(endings.facing)}</b>
        {free}.{endings.front ? ' It ends at the front by itself.' : ''}
      </chakra.p>
      <ul>
        {endings.proposals.map((proposal, index) => (
          <Taken key={index} onTake={() => onTake(proposal.edits)} label={proposal.label} about={asksOf(proposal)} />
        ))}
      </ul>
      {endings.proposals.length === 0 && (
        <Hint>{t('No small change comes to the front from here. Try another count.')}</Hint>
      )}
    </>
  );
}

const asksOf = ({ asks }: EndingProposal): string => `asks: ${asks}`;

/** Ways without turns and of low impact for stretches that have no option yet. */
export function WaySearch({ text, onTake }: Props) {
  const personal = usePersonalFigures();
  const { state, run, cancel } = useSearch<readonly WayFound[]>(text);
  // Looked for as soon as the tab is opened, and again when the text has changed.
  useEffect(() => {
    run((searches) => searches.ways(text, personal));
    return cancel;
  }, [text, personal, run, cancel]);
  return (
    <section aria-label={t('Options')}>
      <chakra.h2 fontSize="part" fontWeight="700">
        {t('Easier ways')}
      </chakra.h2>
      <Hint>
        {t(
          'Each takes the same counts and leaves the same foot and the same wall. Taken, it is written into the script as an option.',
        )}
      </Hint>
      <Progress state={state.kind} onCancel={cancel} />
      {state.kind === 'found' && state.found.length === 0 && (
        <Hint role="status">
          {t('Nothing here turns a full turn, jumps or bends deeply without an option already.')}
        </Hint>
      )}
      {state.kind === 'found' && (
        <ul>
          {state.found.map((way, index) => (
            <Taken
              key={index}
              onTake={() => onTake(way.edits)}
              label={`${way.name}: ${way.words.join(' / ')}`}
              about={way.about}
            >
              {way.written.map((line) => (
                <chakra.span key={line} display="block">
                  {line}
                </chakra.span>
              ))}
            </Taken>
          ))}
        </ul>
      )}
    </section>
  );
}

function WholeNumber({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <chakra.label fontSize="small" color="quiet" width="5rem">
      {label}
      <Input inputMode="numeric" value={value} color="ink" onChange={(event) => onChange(event.target.value)} />
    </chakra.label>
  );
}

function Progress({ state, onCancel }: { state: string; onCancel: () => void }) {
  if (state === 'failed')
    return <Hint role="alert">{t('The search broke off. Nothing was changed; try it once more.')}</Hint>;
  if (state !== 'running') return null;
  return (
    <Flex align="center" gap="0.5rem" role="status" marginBottom="0.5rem">
      Looking …
      <Button size="small" onClick={onCancel}>
        {t('Stop')}
      </Button>
    </Flex>
  );
}

/** Something found, and the key that takes it. */
function Taken({
  label,
  about,
  onTake,
  children,
}: {
  label: string;
  about: string;
  onTake: () => void;
  children?: ReactNode;
}) {
  return (
    <Box as="li" borderLeft="3px solid" borderColor="line" paddingLeft="0.6rem" marginBottom="0.7rem" fontSize="text">
      {children && <chakra.div color="quiet">{children}</chakra.div>}
      <Flex align="flex-start" gap="0.5rem">
        <Box flex="1">
          <b>{label}</b>
          <chakra.div color="quiet">{about}</chakra.div>
        </Box>
        <Button size="small" onClick={onTake} aria-label={`Take: ${label}`}>
          {t('Take')}
        </Button>
      </Flex>
    </Box>
  );
}
