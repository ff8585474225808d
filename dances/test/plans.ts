/**
 * Correct dances with tags, restarts, parts, options and endings, owned by the tests. The walls were worked out on paper from the
 * turns written beside each; nothing here is copied from what the program prints. All invented.
 */
export interface PlannedDance {
  readonly kind: string;
  readonly text: string;
  /** One line a wall: `3 6:00-9:00 16`; an item of the order that is a tag as `tag oar 3:00-3:00 4`. */
  readonly walls: readonly string[];
  readonly short: string;
}

export const PLANNED_DANCES: readonly PlannedDance[] = [
  {
    kind: 'restarts at a section end, tags at the end',
    // The quarter left is turned by count 16, so a cut there turns as much as a whole wall.
    // 12-9, 9-6 and the tag, 6-3 cut, 3-12, 12-9 and the tag, 9-6 cut; then 6, 3, 12, 9 once round.
    text: `# Two Bells at Slack Water
start: weight L
walls: 4

## Section 1: vines
1-4    Vine R, touch L
5-8    Vine L, touch R

## Section 2: quarter, V step
1-2    Step R forward, pivot 1/4 left (9:00)
3-4    Walk R, walk L
5-8    V step R

## Section 3: rocking chair, jazz box
1-4    Rocking chair R
5-8    Jazz box R

## Section 4: rocks and shuffles
1-2    Rock R forward, recover L
3&4    Shuffle R back
5-6    Rock L back, recover R
7&8    Shuffle L forward

## Tag "bells" (4 counts)
1-4    Step R side, touch L, step L side, touch R

## Plan
walls 2, 5: tag bells (6:00, 9:00)
walls 3, 6: restart after 16 (3:00, 6:00)
`,
    walls: [
      '1 12:00-9:00 32', '2 9:00-6:00 32', '3 6:00-3:00 16', '4 3:00-12:00 32', '5 12:00-9:00 32', '6 9:00-6:00 16',
      '7 6:00-3:00 32', '8 3:00-12:00 32', '9 12:00-9:00 32', '10 9:00-6:00 32',
    ], // prettier-ignore
    short: '4 walls',
  },
  {
    kind: 'a half-turn dance cut at its quarter',
    // 12-6, 6 cut after a quarter left at 3, 3-9, 9-3, 3 cut at 12, then 12-6, 6-12.
    text: `# Rudder Hard Over
start: weight L
walls: 4

## Section 1: quarter, V step
1-2    Step R forward, pivot 1/4 left (9:00)
3-4    Walk R, walk L
5-8    V step R

## Section 2: vines
1-4    Vine R, touch L
5-8    Vine L, touch R

## Section 3: quarter, rocking chair
1-2    Step R forward, pivot 1/4 left (6:00)
3-4    Walk R, walk L
5-8    Rocking chair R

## Section 4: kick ball changes, jazz box
1&2    Kick ball change R
3&4    Kick ball change R
5-8    Jazz box R

## Plan
wall 2: restart after 16 (3:00)
wall 5: restart after 16 (12:00)
`,
    walls: [
      '1 12:00-6:00 32', '2 6:00-3:00 16', '3 3:00-9:00 32', '4 9:00-3:00 32', '5 3:00-12:00 16', '6 12:00-6:00 32', '7 6:00-12:00 32',
    ], // prettier-ignore
    short: '4 walls as danced (2 by its turn)',
  },
  {
    kind: 'a restart with an added & step',
    // After count 4 the weight is on R; the & brings it to L. The half turn stands behind the cut: 12-6, 6-12, 12-12, 12-6, 6-12.
    text: `# Gangplank
start: weight L
walls: 2

## Section 1: side rocks, cross shuffles
1-2    Rock R side, recover L
3&4    Cross shuffle R
5-6    Rock L side, recover R
7&8    Cross shuffle L

## Section 2: side touches, half pivot
1-2    Step R side, touch L
3-4    Step L side, touch R
5-6    Step R forward, pivot 1/2 left (6:00)
7-8    Walk R, walk L

## Plan
wall 3: restart after 4 (12:00), then & Step L beside R
`,
    walls: ['1 12:00-6:00 16', '2 6:00-12:00 16', '3 12:00-12:00 4.5', '4 12:00-6:00 16', '5 6:00-12:00 16'],
    short: '2 walls',
  },
  {
    kind: 'a phrased dance with a tag between, a part cut short',
    // A turns a half left, B a quarter right. 12-6, 6-9, 9-3, the tag at 3, 3-6, eight counts of A without its turn 6-6, 6-9.
    text: `# The Ferryman's Bell
start: weight L

## Part A

## Section 1: vines
1-4    Vine R, touch L
5-8    Vine L, touch R

## Section 2: half pivot, rocking chair
1-2    Step R forward, pivot 1/2 left (6:00)
3-4    Walk R, walk L
5-8    Rocking chair R

## Part B

## Section 1: chasses
1&2    Chasse R
3-4    Rock L back, recover R
5&6    Chasse L
7-8    Rock R back, recover L

## Section 2: quarter jazz box, V step
1-4    Jazz box R turning 1/4 right (3:00)
5-8    V step R (wall 4: 6:00)

## Tag "oar" (4 counts)
1-4    Sway R, sway L, sway R, sway L

## Plan
order: A B A oar B A(8) B
`,
    walls: [
      '1A 12:00-6:00 16', '2B 6:00-9:00 16', '3A 9:00-3:00 16', 'tag oar 3:00-3:00 4', '4B 3:00-6:00 16', '5A 6:00-6:00 8', '6B 6:00-9:00 16',
    ], // prettier-ignore
    short: 'phrased, danced from 4 walls',
  },
  {
    kind: 'a tag that turns on even walls, another inside a wall',
    // A quarter right a wall, and a half on even walls: 12-3, 3-6 and 12, 12-3, 3-6 and 12, 12-3.
    text: `# Lock Gates
start: weight L

## Section 1: V step, rocking chair
1-4    V step R
5-8    Rocking chair R

## Section 2: quarter jazz box, walks
1-4    Jazz box R turning 1/4 right (3:00)
5-8    Walk R L R L

## Tag "gate" (4 counts)
1-2    Step R forward, pivot 1/2 left
3-4    Walk R, walk L

## Tag "flood" (4 counts)
1-4    Sway R, sway L, sway R, sway L

## Plan
even walls: tag gate (6:00)
wall 3: tag flood after 8 (12:00)
`,
    walls: ['1 12:00-3:00 16', '2 3:00-12:00 16', '3 12:00-3:00 16', '4 3:00-12:00 16', '5 12:00-3:00 16'],
    short: '2 walls as danced (4 by its turn)',
  },
  {
    kind: 'ways without turns, and an ending',
    // A quarter left a wall: 12-9, 9-6, 6-3, 3-12, and eight counts of wall 5, whose turns are whole ones: 12-12.
    text: `# Capstan
start: weight L
walls: 4

## Section 1: rolling vines
1-4    Rolling vine R, touch L
       option no turn: Vine R, touch L
5-8    Rolling vine L, touch R
       option no turn: Vine L, touch R

## Section 2: full turn, coaster, quarter
1&2    Triple full turn left R L R
       option no turn: Shuffle R in place
3-4    Rock L forward, recover R
5&6    Coaster L
7-8    Step R forward, pivot 1/4 left (9:00)

## Plan
ending: wall 5 after 8 (12:00)
`,
    walls: ['1 12:00-9:00 16', '2 9:00-6:00 16', '3 6:00-3:00 16', '4 3:00-12:00 16', '5 12:00-12:00 8'],
    short: '4 walls',
  },
  {
    kind: 'a cut on an 8&1',
    // By count 16 a half left and a quarter right are turned; the 1 that the cross shuffle ends on is the 1 of the next wall.
    // 12-6, 6-12, 12 cut at 9, 9-3, 3-9.
    text: `# Mud and Copper
start: weight R
walls: 4

## Section 1
2-3    Rock R forward, recover L
4&5    Shuffle R back
6-7    Rock L back, recover R
8&1    Shuffle L forward

## Section 2
2-3    Step R forward, pivot 1/2 left (6:00)
4&5    Shuffle R forward
6-7    Step L forward, pivot 1/4 right (9:00)
8&1    Cross shuffle L

## Section 3
2-3    Rock R side, recover L
4&5    Behind side cross R
6-7    Rock L side, recover R
8&1    Sailor L

## Section 4
2-3    Rock R back, recover L
4&5    Chasse R
6-7    Rock L over R, recover R
8&1    Chasse L turning 1/4 left (6:00)

## Plan
wall 3: restart after 16 (9:00)
`,
    walls: ['1 12:00-6:00 32', '2 6:00-12:00 32', '3 12:00-9:00 16', '4 9:00-3:00 32', '5 3:00-9:00 32'],
    short: '4 walls as danced (2 by its turn)',
  },
  {
    kind: 'a changed count on wall 1, an ending of its own',
    // A quarter right a wall: 12-3, 3-6, 6-9, and four counts of wall 4 with an ending that turns a quarter right: 9-12.
    text: `# First Lamp Lit
start: weight L
walls: 4

## Section 1: walks, rock, coaster
1-2    Walk R, walk L
3-4    Rock R forward, recover L
5&6    Coaster R
7-8    Step L forward, touch R beside L

## Section 2: side touches, quarter jazz box
1-2    Step R side, touch L beside R
3-4    Step L side, touch R beside L
5-8    Jazz box R turning 1/4 right (3:00)

## Ending
1-2    Step R side, step L turning 1/4 right (12:00)

## Plan
wall 1: change 1-2 to Stomp R, stomp L
ending: wall 4 after 4
`,
    walls: ['1 12:00-3:00 16', '2 3:00-6:00 16', '3 6:00-9:00 16', '4 9:00-12:00 6'],
    short: '4 walls',
  },
  {
    kind: 'parts with a cut on a half count, a stretch, a restart of their own',
    // A turns a half left on 5-6. Whole: 12-6. A(4&) stays: 6-6. A(5-8): 6-12. B a quarter right: 12-3. The third A is cut after 4: 3-3.
    text: `# Sculls
start: weight L

## Part A

## Section 1
1-2    Walk R, walk L
3&4&   Heel switches R L
5-6    Step R forward, pivot 1/2 left (6:00)
7-8    Walk R, walk L

## Part B

## Section 1
1-4    Jazz box R turning 1/4 right (3:00)
5-8    V step R

## Plan
order: A A(4&) A(5-8) B A B
4th A: restart after 4 (3:00)
`,
    walls: [
      '1A 12:00-6:00 8',
      '2A 6:00-6:00 4.5',
      '3A 6:00-12:00 4',
      '4B 12:00-3:00 8',
      '5A 3:00-3:00 4',
      '6B 3:00-6:00 8',
    ],
    short: 'phrased, danced from 3 walls',
  },
  {
    kind: 'a pasted sheet in people’s own words',
    // A half left a wall. 12-6, 6-12 and four counts held, 12-12 cut before the turn, 12-6, 6-12.
    text: `Heron's Errand
Counts: 32
Walls: 2

Restart on wall 3 after 8 counts (facing 12:00)

SECTION 1
1-4 Vine right, touch left
5-8 Vine left, touch right

SECTION 2
1-2 Step right fwd, pivot 1/2 left (6:00)
3-4 Walk right, left
5-8 V step right

SECTION 3
1-4 Rocking chair right
5-8 Jazz box right

SECTION 4
1&2 Kick ball change right
3&4 Kick ball change right
5-8 Rocking chair right

Tag at the end of wall 2: hold 4 counts
`,
    walls: ['1 12:00-6:00 32', '2 6:00-12:00 32', '3 12:00-12:00 8', '4 12:00-6:00 32', '5 6:00-12:00 32'],
    short: '2 walls',
  },
];
