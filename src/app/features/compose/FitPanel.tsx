import { Box, chakra, Flex } from '@chakra-ui/react';
import type { EditorView } from '@codemirror/view';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import {
  CLOSES,
  FIGURE_LEVELS,
  GO_ON_GROUPS,
  hourOfFacing,
  SIDES,
  type FillView,
  type GoOn,
  type GoOnGroup,
  type Proposed,
  type Study,
  type Wishes,
} from '../../../core';
import { applyProposal, putLine } from '../editor/commands';
import { RoomMark, WeightPair } from '../marks/Marks';
import { personalFigures, useHouseStyle } from '../settings/settings';
import { Button } from '../../theme/Button';
import { Select } from '../../theme/fields';
import { putDesk, takeWith, useDesk } from '../desk/desk';
import { useHelp } from './helper';
import { FeetRow, LineLook, ListKeys, RowButton, SmallHeading } from '../marks/rows';
import { t } from '../../texts';

interface Props {
  study: Study;
  line: number;
  view: EditorView | undefined;
}

const GROUP_WORDS: Readonly<Record<GoOnGroup, string>> = {
  keep: 'Stays on this wall and foot',
  travel: 'Travels',
  turn: 'Turns',
  'other-foot': 'Ends on the other foot',
};
/** So many of each are shown before one asks for more. */
const FEW = 5;

/** Figures that may follow, led by the free foot, within the counts that are left. What is typed so far narrows them. */
export function GoOnList({ study, line, view }: Props) {
  const style = useHouseStyle();
  const [open, setOpen] = useState<GoOnGroup>();
  const written = study.script.lines[line]?.text ?? '';
  const answer = study.view.lines[line];
  // A line that is still being typed gives its place to what is chosen for it.
  const isTyped =
    written.trim() !== '' && (!answer || !answer.understood) && study.script.lines[line]?.kind !== 'heading';
  const typed = isTyped ? written.replace(/^[\s\d&,-]+/, '') : '';
  const text = isTyped ? study.text.split('\n').with(line, '').join('\n') : study.text;
  const help = useHelp(`go-on ${line} ${typed} ${style.id} ${text}`, (work) =>
    work.goOn(text, personalFigures(), line, typed, style),
  );
  if (!help) return null;
  const replaces = isTyped || written.trim() === '';
  const groups = GO_ON_GROUPS.map((group) => ({ group, all: help.answer.filter((one) => one.group === group) }));
  return (
    <ListKeys view={view}>
      {groups.map(({ group, all }) =>
        all.length === 0 ? null : (
          <section key={group} aria-label={t(GROUP_WORDS[group])}>
            <SmallHeading>{t(GROUP_WORDS[group])}</SmallHeading>
            <ul>
              {(open === group ? all : all.slice(0, FEW)).map((one) => (
                <li key={one.text}>
                  <GoOnRow one={one} onTake={() => view && putLine(view, one.text, replaces)} />
                </li>
              ))}
            </ul>
            {all.length > FEW && open !== group && (
              <Button variant="plain" size="small" onClick={() => setOpen(group)}>
                {t('{count} more', { count: all.length - FEW })}
              </Button>
            )}
          </section>
        ),
      )}
      {help.answer.length === 0 && (
        <chakra.p color="quiet">{t('Nothing of that name fits the counts that are left.')}</chakra.p>
      )}
    </ListKeys>
  );
}

function GoOnRow({ one, onTake }: { one: GoOn; onTake: () => void }) {
  return (
    <RowButton onClick={onTake} title={one.isHarder ? t('Harder than the level of this dance') : undefined}>
      <chakra.b minWidth="2.6rem" fontVariantNumeric="tabular-nums">
        {one.counts}
      </chakra.b>
      <chakra.span flex="1" minWidth="0" color={one.isHarder ? 'quiet' : 'ink'}>
        {one.words}
        {one.isUsed && (
          <chakra.span
            color="quiet"
            role="img"
            aria-label={t('in this dance already')}
            title={t('in this dance already')}
          >
            {' •'}
          </chakra.span>
        )}
      </chakra.span>
      <FeetRow feet={one.feet} />
      <RoomMark facing={one.facing} hour={one.hour} strong={one.group === 'turn'} />
    </RowButton>
  );
}

/** Sequences for what is empty at the cursor, or for the lines chosen. */
export function Fill({ study, line, view }: Props) {
  const style = useHouseStyle();
  const { range = { from: line, to: line } } = useDesk();
  const [wishes, setWishes] = useState<Wishes>({});
  const help = useHelp(`fill ${range.from} ${range.to} ${JSON.stringify(wishes)} ${style.id} ${study.text}`, (work) =>
    work.fill(study.text, personalFigures(), range, wishes, style),
  );
  const found = help?.answer;
  if (help && !found)
    return (
      <chakra.p color="quiet">
        {t('Put the cursor where counts are empty, or choose the lines that are to be danced otherwise.')}
      </chakra.p>
    );
  if (!found) return null;
  return (
    <>
      <chakra.p fontWeight="600" marginBottom="0.4rem">
        {found.place}
      </chakra.p>
      <WishFields found={found} wishes={wishes} onWishes={setWishes} />
      <Proposals found={found} view={view} />
    </>
  );
}

function WishFields({
  found,
  wishes,
  onWishes,
}: {
  found: FillView;
  wishes: Wishes;
  onWishes: (wishes: Wishes) => void;
}) {
  const facing = wishes.facing ?? found.facing ?? 'any';
  return (
    <Flex gap="0.5rem" flexWrap="wrap" marginBottom="0.6rem">
      <Wish
        label={t('Free after it')}
        value={wishes.free ?? found.free ?? 'any'}
        onValue={(free) => onWishes({ ...wishes, free: free as Wishes['free'] })}
      >
        <option value="R">R</option>
        <option value="L">L</option>
        <option value="any">{t('either')}</option>
      </Wish>
      <Wish
        label={t('Faces')}
        value={String(facing)}
        onValue={(value) => onWishes({ ...wishes, facing: value === 'any' ? 'any' : Number(value) })}
      >
        {[...new Set([0, 12, 24, 36, ...(typeof facing === 'number' ? [facing] : [])])].map((hour) => (
          <option key={hour} value={hour}>
            {hourOfFacing(hour)}
          </option>
        ))}
        <option value="any">{t('any wall')}</option>
      </Wish>
      <Wish
        label={t('Ends')}
        value={wishes.side ?? ''}
        onValue={(side) => onWishes({ ...wishes, side: (side || undefined) as Wishes['side'] })}
      >
        <option value="">{t('anywhere')}</option>
        {SIDES.map((side) => (
          <option key={side} value={side}>
            {side === 'here' ? t('about here') : side === 'left' ? t('further left') : t('further right')}
          </option>
        ))}
      </Wish>
      <Wish
        label={t('Up to')}
        value={String(found.level)}
        onValue={(level) => onWishes({ ...wishes, level: Number(level) })}
      >
        {FIGURE_LEVELS.map((level, index) => (
          <option key={level} value={index}>
            {level}
          </option>
        ))}
      </Wish>
    </Flex>
  );
}

function Wish({
  label,
  value,
  onValue,
  children,
}: {
  label: string;
  value: string;
  onValue: (value: string) => void;
  children: ReactNode;
}) {
  return (
    <chakra.label fontSize="mark" color="quiet" flex="1 1 6.5rem">
      {label}
      <Select value={value} onChange={(event) => onValue(event.target.value)} padding="0.2rem 0.35rem" fontSize="small">
        {children}
      </Select>
    </chakra.label>
  );
}

/** The last eight, so that the dance begins again where it should. */
export function Close({ study, view }: Omit<Props, 'line'>) {
  const style = useHouseStyle();
  const [turn, setTurn] = useState(CLOSES[1].turn);
  const help = useHelp(`close ${turn} ${style.id} ${study.text}`, (work) =>
    work.close(study.text, personalFigures(), turn, style),
  );
  return (
    <>
      <Flex as="fieldset" border="none" padding="0" margin="0 0 0.6rem" gap="0.15rem 0.9rem" flexWrap="wrap">
        <chakra.legend fontSize="mark" color="quiet" padding="0">
          {t('The dance then has')}
        </chakra.legend>
        {CLOSES.map(({ words, turn: own }) => (
          <chakra.label key={own} fontSize="small" display="flex" gap="0.3rem" alignItems="center">
            <input type="radio" name="close" checked={own === turn} onChange={() => setTurn(own)} />
            {t(words)}
          </chakra.label>
        ))}
      </Flex>
      {help?.answer ? (
        <>
          <chakra.p fontWeight="600" marginBottom="0.4rem">
            {help.answer.place}
          </chakra.p>
          <Proposals found={help.answer} view={view} />
        </>
      ) : (
        help && <chakra.p color="quiet">{t('Write a first section; its last counts can be closed then.')}</chakra.p>
      )}
    </>
  );
}

function Proposals({ found, view }: { found: FillView; view: EditorView | undefined }) {
  const { selected } = useDesk();
  const { proposals } = found;
  const at = proposals.length === 0 ? -1 : selected % proposals.length;
  const take = (index: number): void => {
    if (view) applyProposal(view, proposals[index], true);
    putDesk({ selected: 0, range: undefined });
  };
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => (at < 0 ? undefined : takeWith(() => latest.current(at))), [at]);
  if (proposals.length === 0)
    return (
      <chakra.p color="quiet">
        {t('Nothing fits all of that. Another wall, either foot or a harder level leaves more to choose from.')}
      </chakra.p>
    );
  return (
    <ListKeys view={view}>
      <chakra.p fontSize="mark" color="quiet" marginBottom="0.4rem">
        <kbd>{t('Alt F')}</kbd> {t('looks at the next')} · <kbd>{t('Alt Shift F')}</kbd> {t('takes it')}
      </chakra.p>
      <ol>
        {proposals.map((proposal, index) => (
          <Proposal key={index} proposal={proposal} isSelected={index === at} onTake={() => take(index)} />
        ))}
      </ol>
    </ListKeys>
  );
}

function Proposal({ proposal, isSelected, onTake }: { proposal: Proposed; isSelected: boolean; onTake: () => void }) {
  const item = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isSelected) item.current?.scrollIntoView({ block: 'nearest' });
  }, [isSelected]);
  return (
    <chakra.li
      ref={item}
      borderLeft="3px solid"
      borderColor={isSelected ? 'rule' : 'line'}
      background={isSelected ? 'sand' : undefined}
      marginBottom="0.5rem"
    >
      <RowButton onClick={onTake} aria-current={isSelected ? 'true' : undefined} wraps>
        <Box flex="1" minWidth="0">
          {proposal.lines.map(({ text, view }, index) => (
            <LineLook key={index} text={text} feet={view.feet} />
          ))}
          <Flex gap="0.4rem" align="center" color="quiet" fontSize="mark" marginTop="0.15rem">
            {t('then')} <WeightPair weight={proposal.weight} />
            <RoomMark facing={proposal.facing} hour={proposal.hour} /> {proposal.hour}
            {proposal.elsewhere > 0 && (
              <chakra.span color="care">
                {proposal.elsewhere === 1
                  ? t('1 place after it to mend')
                  : t('{count} places after it to mend', { count: proposal.elsewhere })}
              </chakra.span>
            )}
          </Flex>
        </Box>
      </RowButton>
    </chakra.li>
  );
}
