import { chakra } from '@chakra-ui/react';
import { useEffect, useMemo, useRef } from 'react';
import { CIRCLE, poseAt, TICKS_A_COUNT, type FloorStep, type FloorView, type Foot, type Pose } from '../../../core';
import { colour } from '../../theme/system';
import { useMedia } from '../frame/use-media';
import type { Player } from './player';
import { dancersOwn, pictured, placesOf, roomTransform, type Rows, type Stage as StageView } from './stage-view';
import { t } from '../../texts';

interface Props {
  view: FloorView;
  /** Anything that knows a time in ticks and tells when it changes. */
  player: Pick<Player, 'time' | 'draw'>;
  stage: StageView;
  rows: Rows;
  /** The room turns around the dancer. */
  follows: boolean;
  /** Steps of the hall, wide and deep, where it is to be seen. */
  hall?: { readonly width: number; readonly depth: number };
}

/** A sole in steps, toes forward, its straight side inward. */
const SOLE = { L: 'M.1 .27V-.27C-.13 -.27 -.13 .13 .1 .27z', R: 'M-.1 .27V-.27C.13 -.27 .13 .13 -.1 .27z' } as const;
const FEET = ['L', 'R'] as const;
const tintOf = (foot: Foot): string => colour(foot === 'L' ? 'left' : 'right');

const placed = ({ x, y, heading }: { x: number; y: number; heading: number }, grown = 1): string =>
  `translate(${x} ${y}) rotate(${(-heading * 360) / CIRCLE}) scale(${grown})`;

/** The floor with the dancers on it. What moves is moved without React, frame by frame; the trail is drawn anew with every count. */
export function Stage({ view, player, stage, rows, follows, hall }: Props) {
  const isStill = useMedia('(prefers-reduced-motion: reduce)');
  const room = useRef<SVGGElement>(null);
  const soles = useRef<Partial<Record<Foot, SVGPathElement | null>>>({});
  const letters = useRef<Partial<Record<Foot, SVGTextElement | null>>>({});
  const body = useRef<SVGPathElement>(null);
  const { path } = view;
  const step = poseAt(path, player.time).step;

  useEffect(
    () =>
      player.draw((time) => {
        // With reduced motion the feet stand where the last action put them.
        const landed = path.steps[poseAt(path, time).step]?.time ?? 0;
        const pose = poseAt(path, isStill ? Math.min(time, Math.max(landed, 0)) : time);
        if (follows) room.current?.setAttribute('transform', dancersOwn(stage, pose));
        else room.current?.removeAttribute('transform');
        for (const foot of FEET) {
          const own = pose.feet[foot];
          const sole = soles.current[foot];
          sole?.setAttribute('transform', placed(own, 1 + own.lift * 0.16));
          sole?.setAttribute('fill-opacity', String(0.12 + own.weight * 0.88));
          placeLetter(letters.current[foot], stage, pose, foot, follows);
        }
        body.current?.setAttribute('transform', placed({ ...pose.body, heading: pose.body.turn }));
      }),
    [player, path, stage, follows, isStill],
  );

  const words = `${view.title}, ${view.calls.findLast(({ time }) => time <= player.time)?.words ?? ''}`;
  return (
    <chakra.svg
      viewBox={`0 0 ${stage.width} ${stage.height}`}
      width="100%"
      height="100%"
      minHeight="0"
      role="img"
      aria-label={t('The floor: {words}', { words })}
      background="floor"
      data-floor
    >
      <g transform={roomTransform(stage)}>
        <g ref={room}>
          <Boards stage={stage} hall={hall} />
          <Trail steps={path.steps} step={step} />
          <g id="dancer">
            <path ref={body} d="M0 .2L-.1 -.07L.1 -.07z" fill={colour('quiet')} fillOpacity="0.75" />
            {FEET.map((foot) => (
              <path
                key={foot}
                ref={(element) => {
                  soles.current[foot] = element;
                }}
                d={SOLE[foot]}
                fill={tintOf(foot)}
                stroke={tintOf(foot)}
                strokeWidth="0.035"
                strokeLinejoin="round"
              />
            ))}
          </g>
          <Others rows={rows} />
        </g>
      </g>
      {!follows && <Numbers stage={stage} steps={path.steps} step={step} />}
      {FEET.map((foot) => (
        <text
          key={foot}
          ref={(element) => {
            letters.current[foot] = element;
          }}
          textAnchor="middle"
          fontSize={Math.max(10, stage.scale * 0.15)}
          fontWeight="700"
        >
          {foot}
        </text>
      ))}
      {!follows && <Walls stage={stage} />}
    </chakra.svg>
  );
}

/** Everybody dances what the one in front dances. */
const Others = ({ rows }: { rows: Rows }) => (
  <>
    {placesOf(rows)
      .filter(([x, y]) => x !== 0 || y !== 0)
      .map(([x, y]) => (
        <use key={`${x} ${y}`} href="#dancer" transform={`translate(${x} ${y})`} opacity="0.55" />
      ))}
  </>
);

/** On the sole, light where it bears the weight. */
function placeLetter(
  letter: SVGTextElement | null | undefined,
  stage: StageView,
  { feet, body }: Pose,
  foot: Foot,
  follows: boolean,
): void {
  if (!letter) return;
  const own = feet[foot];
  const angle = (own.heading / CIRCLE) * 2 * Math.PI;
  const out = foot === 'L' ? -0.02 : 0.02;
  let [x, y] = [own.x + Math.cos(angle) * out, own.y - Math.sin(angle) * out];
  if (follows) {
    const turn = (body.turn / CIRCLE) * 2 * Math.PI;
    const [dx, dy] = [x - body.x, y - body.y];
    x = stage.middle.x + dx * Math.cos(turn) - dy * Math.sin(turn);
    y = stage.middle.y + dx * Math.sin(turn) + dy * Math.cos(turn);
  }
  const at = pictured(stage, x, y);
  letter.setAttribute('fill', own.weight > 0.5 ? colour('footInk') : colour('ink'));
  letter.setAttribute('x', String(at.x));
  letter.setAttribute('y', String(at.y + stage.scale * 0.06));
}

/** Boards a step apart, and the walls of the hall where its size is known. */
function Boards({ stage, hall }: { stage: StageView; hall?: Props['hall'] }) {
  const lines = useMemo(() => {
    const reach = Math.ceil(Math.max(stage.width, stage.height / stage.depth) / stage.scale) + 2;
    const [cx, cy] = [Math.round(stage.middle.x), Math.round(stage.middle.y)];
    return Array.from({ length: 2 * reach + 1 }, (_, index) => {
      const at = index - reach;
      return `M${cx + at} ${cy - reach}V${cy + reach}M${cx - reach} ${cy + at}H${cx + reach}`;
    }).join('');
  }, [stage]);
  return (
    <>
      <path d={lines} stroke={colour('floorLine')} strokeWidth="0.015" fill="none" />
      {hall && (
        <rect
          x={stage.middle.x - hall.width / 2}
          y={stage.middle.y - hall.depth / 2}
          width={hall.width}
          height={hall.depth}
          fill="none"
          stroke={colour('lineStrong')}
          strokeWidth="0.06"
        />
      )}
    </>
  );
}

/** Counts that stay in sight: the last four strong, four more pale. What is older would be a knot. */
const STRONG = 4 * TICKS_A_COUNT;
const SEEN = 8 * TICKS_A_COUNT;

function recent(steps: readonly FloorStep[], step: number): { one: FloorStep; opacity: number }[] {
  const now = steps[step]?.time ?? 0;
  return steps
    .slice(0, step + 1)
    .filter(({ time }) => now - time < SEEN)
    .map((one) => ({ one, opacity: now - one.time < STRONG ? 0.85 : 0.35 }));
}

function Trail({ steps, step }: { steps: readonly FloorStep[]; step: number }) {
  return (
    <g fill="none">
      {recent(steps, step).map(({ one, opacity }, index) => {
        const { moves, before, after, body, moment } = one;
        return (
          <g key={index} opacity={opacity}>
            {moves && (
              <>
                <path
                  d={wayOf(one)}
                  stroke={tintOf(moves)}
                  strokeWidth="0.02"
                  strokeDasharray="0.06 0.05"
                  data-from={`${before[moves].x} ${before[moves].y}`}
                />
                <path
                  d={SOLE[moves]}
                  transform={placed(after[moves])}
                  stroke={tintOf(moves)}
                  strokeWidth="0.02"
                  fill={moment.action.effect === 'takes' ? tintOf(moves) : 'none'}
                  fillOpacity="0.18"
                />
              </>
            )}
            {
              moment.action.turn !== 0 &&
              <path d={turnPath(body.turn - moment.action.turn, moment.action.turn)} transform={`translate(${body.x} ${body.y})`} stroke={colour('care')} strokeWidth="0.03" /> // prettier-ignore
            }
          </g>
        );
      })}
    </g>
  );
}

/** Straight, or on a bow in front of the standing leg or behind it. */
function wayOf({ moves, before, after, passes, body }: FloorStep): string {
  if (!moves) return '';
  const [from, to] = [before[moves], after[moves]];
  const bow = passes === 'front' ? 0.5 : passes === 'behind' ? -0.5 : 0;
  const angle = (body.turn / CIRCLE) * 2 * Math.PI;
  const [x, y] = [(from.x + to.x) / 2 + Math.sin(angle) * bow, (from.y + to.y) / 2 + Math.cos(angle) * bow];
  return `M${from.x} ${from.y}Q${x} ${y} ${to.x} ${to.y}`;
}

const RADIUS = 0.42;

/** An arrow around the body, from where it faced to where it faces. Parts of a circle, right positive. */
function turnPath(from: number, turn: number): string {
  const most = Math.max(-44, Math.min(44, turn));
  const at = (parts: number, radius = RADIUS): string => {
    const angle = (parts / CIRCLE) * 2 * Math.PI;
    return `${Math.sin(angle) * radius} ${Math.cos(angle) * radius}`;
  };
  const end = from + most;
  const back = Math.sign(most) * 2;
  const large = Math.abs(most) > CIRCLE / 2 ? 1 : 0;
  // The picture's y goes up here, so the sweep is the other way round.
  return `M${at(from)}A${RADIUS} ${RADIUS} 0 ${large} ${turn > 0 ? 0 : 1} ${at(end)}M${at(end - back, RADIUS + 0.08)}L${at(end)}L${at(end - back, RADIUS - 0.08)}`;
}

/** Counts beside the places where the last four of them landed. */
function Numbers({ stage, steps, step }: { stage: StageView; steps: readonly FloorStep[]; step: number }) {
  const shown = recent(steps, step).filter(({ one, opacity }) => one.moves && opacity > 0.5);
  return (
    <g fontSize={Math.max(12, stage.scale * 0.15)} fill={colour('ink')} textAnchor="middle">
      {shown.map(({ one }, index) => {
        if (!one.moves) return null;
        const place = one.after[one.moves];
        const angle = (place.heading / CIRCLE) * 2 * Math.PI;
        const out = one.moves === 'L' ? -0.3 : 0.3;
        const at = pictured(stage, place.x + Math.cos(angle) * out, place.y - Math.sin(angle) * out);
        return (
          <text key={index} x={at.x} y={at.y + stage.scale * 0.05}>
            {one.label}
          </text>
        );
      })}
    </g>
  );
}

/** Which wall is which: the room's hours at the edges of the picture. */
function Walls({ stage: { width, height, up } }: { stage: StageView }) {
  const [top, bottom] = up > 0 ? ['12:00', '6:00'] : ['6:00', '12:00'];
  return (
    <g fontSize="15" fill={colour('quiet')} textAnchor="middle">
      <text x={width / 2} y="20">
        {top}
      </text>
      <text x={width / 2} y={height - 8}>
        {bottom}
      </text>
      <text x="26" y={height / 2}>
        9:00
      </text>
      <text x={width - 26} y={height / 2}>
        3:00
      </text>
    </g>
  );
}
