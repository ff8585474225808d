import { Box, chakra, Flex } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { memo, useEffect, useRef, useState } from 'react';
import type { Edit, Finding, PlanLineView, Proposal } from '../../../core';
import { Button } from '../../theme/Button';
import { Input, TextArea } from '../../theme/fields';
import { t } from '../../texts';

interface Props {
  lines: readonly PlanLineView[];
  /** The whole text, and where each line of it begins. */
  text: string;
  selected: number;
  onEdit: (edits: readonly Edit[], typing: boolean) => void;
  onAdd: (line: string) => void;
  onWall: (wall: number) => void;
}

/** Every line of the plan as the writer put it: typed here, it is drawn there. */
export function PlanWords({ lines, text, selected, onEdit, onAdd, onWall }: Props) {
  const [added, setAdded] = useState('');
  const add = () => {
    if (added.trim() === '') return;
    onAdd(added.trim());
    setAdded('');
  };
  return (
    <section aria-label={t('The plan in words')}>
      <chakra.h2 fontSize="base" fontWeight="700" marginTop="1rem" marginBottom="0.4rem">
        {t('The plan in words')}
      </chakra.h2>
      <ul>
        {lines.map((line) => (
          <PlanLine
            key={line.line}
            line={line}
            current={line.walls.includes(selected)}
            from={startOfLine(text, line.line)}
            onEdit={onEdit}
            onWall={onWall}
          />
        ))}
      </ul>
      <chakra.form
        display="flex"
        gap="0.4rem"
        marginTop="0.5rem"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <Input
          aria-label={t('A new line of the plan')}
          placeholder={t('wall 3: restart after 16')}
          value={added}
          onChange={(event) => setAdded(event.target.value)}
          fontSize="text"
        />
        <Button type="submit" size="small" aria-label={t('Add this line')}>
          <Plus size={16} aria-hidden />
        </Button>
      </chakra.form>
    </section>
  );
}

function startOfLine(text: string, index: number): number {
  let from = 0;
  for (let line = 0; line < index; line++) from = text.indexOf('\n', from) + 1;
  return from;
}

interface LineProps {
  line: PlanLineView;
  current: boolean;
  from: number;
  onEdit: Props['onEdit'];
  onWall: Props['onWall'];
}

const PlanLine = memo(function PlanLine({ line, current, from, onEdit, onWall }: LineProps) {
  const { text, findings, walls } = line;
  // What is typed stands in the field at once; the text follows it, and leads where it was changed elsewhere.
  const [typed, setTyped] = useState(text);
  const last = useRef(text);
  useEffect(() => {
    if (last.current !== text) setTyped(text);
    last.current = text;
  }, [text]);
  const slip = findings.some(({ severity }) => severity !== 'remark');
  return (
    <chakra.li
      borderLeft="3px solid"
      borderColor={slip ? 'slip' : current ? 'rule' : 'line'}
      paddingLeft="0.5rem"
      marginBottom="0.3rem"
    >
      <TextArea
        rows={1}
        aria-label={`Plan: ${text.trim()}`}
        value={typed}
        fontSize="text"
        fontWeight={current ? '700' : '400'}
        border="1px solid transparent"
        background="transparent"
        padding="0.15rem 0.3rem"
        css={{ fieldSizing: 'content', resize: 'none', display: 'block' }}
        onKeyDown={(event) => {
          // A line of the plan is one line.
          if (event.key === 'Enter') event.preventDefault();
        }}
        _hover={{ borderColor: 'line' }}
        onFocus={() => walls[0] !== undefined && !current && onWall(walls[0])}
        onChange={(event) => {
          const next = event.target.value.replace(/\n/g, ' ');
          setTyped(next);
          last.current = next;
          onEdit([{ from, to: from + text.length, insert: next }], true);
        }}
      />
      {findings.map((finding, index) => (
        <PlanFinding key={index} finding={finding} onApply={(proposal) => onEdit(proposal.edits, false)} />
      ))}
    </chakra.li>
  );
});

function PlanFinding({ finding, onApply }: { finding: Finding; onApply: (proposal: Proposal) => void }) {
  const { message, fix, suggestions = [], severity } = finding;
  return (
    <Box fontSize="small" paddingLeft="0.3rem" marginBottom="0.3rem" color={severity === 'error' ? 'slip' : 'ink'}>
      {message}
      <Flex gap="0.3rem" flexWrap="wrap" marginTop="0.15rem">
        {[...(fix ? [fix] : []), ...suggestions].map((proposal, index) => (
          <Button
            key={index}
            size="small"
            minHeight="1.5rem"
            fontSize="mark"
            whiteSpace="normal"
            textAlign="left"
            onClick={() => onApply(proposal)}
          >
            {proposal.label}
          </Button>
        ))}
      </Flex>
    </Box>
  );
}
