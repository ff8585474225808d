/** The JSON a check answers with: the command line and the service print it, other programs read it. */
import { KNOWN } from '../vocabulary';
import { measure, measureBlock, type FloorMeasure } from '../floor/measure';
import type { Dance, DancedBlock, DancedLine, DancedSection } from '../dancing/dance';
import type { Finding } from '../model/findings';
import { applyEdits, positionOf } from '../model/text';
import { countsOfTicks, labelOfTick } from '../model/ticks';
import { CIRCLE, hourOfFacing, type Turn } from '../model/turns';
import { printCalls } from '../printing/calls';
import { wallsOf, wallTable } from '../walls/table';
import type { Wall } from '../walls/wall';
import { layUnder } from '../music/laid';
import { lineWords } from './explain';

const inCircles = (turn: Turn): number => turn / CIRCLE;

export type Report = ReturnType<typeof reportDance>;

/** `walls`: how many walls are listed. */
export function reportDance(dance: Dance, findings: readonly Finding[], walls = 8) {
  const plan = wallsOf(dance);
  return {
    title: dance.script.title,
    totals: {
      counts: dance.counts,
      netTurn: inCircles(plan.netTurn),
      wallsNet: plan.wallsNet,
      wallsDanced: plan.wallsDanced,
      startWeight: dance.startWeight,
      endWeight: dance.endWeight,
    },
    parts: dance.parts.map(reportBlock),
    tags: dance.tags.map(reportBlock),
    walls: wallTable(dance, walls).map(reportWall),
    floor: reportFloor(dance),
    ...reportSong(dance),
    findings: findings.map((finding) => reportFinding(dance.script.text, finding)),
  };
}

const round = (steps: number): number => Math.round(steps * 100) / 100 + 0;

const reportMeasure = ({ drift, box, largestStep, crossings }: FloorMeasure) => ({
  drift: { right: round(drift.right), forward: round(drift.forward) },
  box: { left: round(box.left), right: round(box.right), back: round(box.back), forward: round(box.forward) },
  largestStep: round(largestStep),
  crossings,
});

/** Of one time through in ordinary steps, right and forward positive, as the sheet faces; each part from 12:00. */
function reportFloor({ parts }: Dance) {
  const whole = parts.map(measureBlock);
  const [first] = whole;
  return {
    drift: first ? reportMeasure(first).drift : { right: 0, forward: 0 },
    box: first ? reportMeasure(first).box : { left: 0, right: 0, back: 0, forward: 0 },
    perSection: parts.flatMap(({ block, sections }) =>
      sections.map(({ text, before, lines }) => ({
        ...(block.name && { part: block.name }),
        section: text.number,
        ...reportMeasure(
          measure(
            before,
            lines.flatMap(({ moments }) => moments),
          ),
        ),
      })),
    ),
    ...(parts.length > 1 && {
      perPart: parts.map(({ block }, index) => ({ part: block.name, ...reportMeasure(whole[index]) })),
    }),
  };
}

const seconds = (value: number | undefined) => (value === undefined ? {} : { seconds: Math.round(value * 10) / 10 });

/** Nothing where the script has no song. Counts from the first step; `out` after the phrase positive, before it negative. */
function reportSong(dance: Dance) {
  const laid = layUnder(dance);
  if (!laid) return {};
  const { song, phrases, walls, end, left, wallSeconds } = laid;
  return {
    song: {
      title: song.title,
      tempo: song.tempo || null,
      intro: song.intro ?? null,
      counts: song.counts,
      ...seconds(laid.seconds),
      ...(wallSeconds !== undefined && { wallSeconds: Math.round(wallSeconds * 10) / 10 }),
      phrases: phrases.map(({ label, kind, start, counts, place }) => ({ label, kind, start, counts, ...place })),
      walls: walls.map(({ wall, start, phrase, out }) => ({
        wall: wall.number,
        start,
        phrase: phrase.label,
        out,
      })),
      end: end ? { wall: end.wall, count: end.count, facing: hourOfFacing(end.facing), free: end.free ?? null } : null,
      left,
    },
  };
}

const reportWall = ({ number, kind, part, start, counts, end, cut, pieces }: Wall) => ({
  wall: number,
  ...(kind === 'tag' ? { kind } : {}),
  part: kind === 'tag' ? pieces[0].block.block.name : part,
  start: hourOfFacing(start),
  counts,
  end: hourOfFacing(end),
  restart: cut?.kind === 'restart',
  tags:
    kind === 'tag'
      ? []
      : pieces
          .filter((piece) => piece.kind === 'tag')
          .map((piece) => ({
            name: piece.block.block.name,
            after: countsOfTicks(piece.at),
            start: hourOfFacing(piece.start),
            end: hourOfFacing(piece.end),
          })),
  ...(cut?.kind === 'ending' ? { ending: true } : {}),
});

const reportBlock = ({ block, counts, netTurn, after, sections }: DancedBlock) => ({
  name: block.name,
  counts,
  netTurn: inCircles(netTurn),
  endWeight: after.weight,
  sections: sections.map(reportSection),
});

const reportSection = ({ text, counts, after, lines }: DancedSection) => ({
  number: text.number,
  title: text.title,
  counts,
  weight: after.weight,
  facing: hourOfFacing(after.facing),
  lines: lines.map(reportLine),
});

function reportLine(danced: DancedLine) {
  const { line, after, moments, groups, understood } = danced;
  const written = line.step?.groups[0]?.counts?.span;
  const lengths = groups.reduce((longest, { end }) => Math.max(longest, end), 0);
  return {
    line: line.index + 1,
    counts: written ? line.text.slice(written.from, written.to) : '',
    text: lineWords(danced),
    understood,
    weight: after.weight,
    facing: hourOfFacing(after.facing),
    calls: reportCalls(danced),
    actions: moments.map(({ tick, action, after: state }) => ({
      count: labelOfTick(tick >= lengths ? tick - lengths : tick),
      foot: action.foot,
      action: action.word,
      direction: action.direction,
      takesWeight: action.effect === 'takes',
      turn: inCircles(action.turn),
      weight: state.weight,
      facing: hourOfFacing(state.facing),
    })),
  };
}

/** Each call once, however often it is danced; a rock and the recover written after it are one figure. */
function reportCalls({ calls, line }: DancedLine): { figure: string | null; name: string }[] {
  const written = calls
    .map(({ titled, call }) => titled ?? call)
    .filter((call, index, all) => all.indexOf(call) === index);
  return written.flatMap((call, index) => {
    const next = written[index + 1];
    if (call.figure === KNOWN.recover && written[index - 1]?.figure === KNOWN.rock) return [];
    if (call.figure === KNOWN.rock && next?.figure === KNOWN.recover)
      return [{ figure: 'rock-recover', name: printCalls([call, next], line.text) }];
    return [{ figure: call.figure?.id ?? null, name: printCalls([call], line.text) }];
  });
}

function reportFinding(text: string, { code, group, severity, span, message, fix, wall }: Finding) {
  return {
    code,
    group,
    severity,
    ...positionOf(text, span.from),
    wall: wall ?? null,
    message,
    fix: fix ? fixedLine(text, span.from, fix.edits) : null,
  };
}

/** The line's text after the safe fix. */
function fixedLine(text: string, offset: number, edits: Parameters<typeof applyEdits>[1]): string {
  const fixed = applyEdits(text, edits);
  const start = text.lastIndexOf('\n', offset - 1) + 1;
  const end = fixed.indexOf('\n', start);
  return fixed.slice(start, end < 0 ? undefined : end);
}
