/**
 * Correct dances of different kinds, owned by the tests. Each was stepped out on paper: for every section the foot that bears the
 * weight at its end and the wall of the sheet faced there (`R 3:00`), worked out from the steps written beside it, never copied from
 * what the program prints. All invented.
 */
export interface WorkedDance {
  readonly kind: string;
  readonly text: string;
  readonly counts: number;
  /** Of the whole, in circles, right positive. */
  readonly netTurn: number;
  readonly ends: readonly string[];
}

export const WORKED_DANCES: readonly WorkedDance[] = [
  {
    kind: 'four-wall beginner',
    // 1 R L R (touch), L R L (touch): L. 2 rock R, recover L, RLR back, rock L, recover R, LRL: L. 3 R and a quarter on to L, twice:
    // 9:00, 6:00; R L R L: L. 4 R (touch), L (touch), R closes with a quarter right (9:00), L closes: L.
    text: `# Mooring Line
start: weight L
walls: 4

## Section 1: vines
1-4    Vine R, touch L
5-8    Vine L, touch R

## Section 2: rocks and shuffles
1-2    Rock R forward, recover L
3&4    Shuffle R back
5-6    Rock L back, recover R
7&8    Shuffle L forward

## Section 3: two quarters, jazz box
1-2    Step R forward, pivot 1/4 left (9:00)
3-4    Step R forward, pivot 1/4 left (6:00)
5-8    Jazz box R

## Section 4: side touches, Monterey
1-2    Step R side, touch L
3-4    Step L side, touch R
5-8    Monterey R turning 1/4 right (9:00)
`,
    counts: 32,
    netTurn: -0.25,
    ends: ['L 12:00', 'L 12:00', 'L 6:00', 'L 9:00'],
  },
  {
    kind: 'two-wall intermediate with & counts',
    // 1 RLR, LRL, rock R recover L, coaster RLR: R. 2 L and a half right on to R (6:00), LRL, switches R L, stomp R L: L.
    // 3 R L, behind RLR: R, behind LRL with a quarter left (3:00): L, R L: L. 4 R L (heel) R: R, L R (heel) L: L, cross R, three
    // quarters left on to L (6:00), R L: L. Net 1/2 - 1/4 - 3/4.
    text: `# Eddy Under the Bridge
start: weight L
walls: 2

## Section 1
1-2&   Wizard R
3-4&   Wizard L
5-6    Rock R forward, recover L
7&8    Coaster R

## Section 2
1-2    Step L forward, pivot 1/2 right (6:00)
3&4    Shuffle L forward
5&6&   Heel switches R L
7-8    Stomp R, stomp L

## Section 3
1&2    Kick ball change R
3&4    Sailor R
5&6    Sailor L turning 1/4 left (3:00)
7-8    Walk R, walk L

## Section 4
1&2&   Vaudeville R
3&4&   Vaudeville L
5-6    Cross R over L, unwind 3/4 left (weight L) (6:00)
7-8    Step R side, close L
`,
    counts: 32,
    netTurn: -0.5,
    ends: ['R 12:00', 'L 6:00', 'L 3:00', 'L 6:00'],
  },
  {
    kind: 'cha-cha, each section closed on 8&',
    // 1 R, rock L recover R, LRL, rock R recover L, R L: L. 2 R with a quarter right (3:00), L and a half right on to R (9:00), LRL,
    // rock R recover L, R L: L. 3 R, rock L recover R, LRL, R and a quarter left on to L (6:00), R L: L. 4 R, rock L recover R,
    // LRL, rock R recover L, R L: L. Net 1/4 + 1/2 - 1/4.
    text: `# Tidewrack Cha Cha
start: weight L
walls: 2

## Section 1
1      Step R side
2-3    Rock L back, recover R
4&5    Chasse L
6-7    Rock R back, recover L
8&     Step R side, close L

## Section 2
1      Step R forward turning 1/4 right (3:00)
2-3    Step L forward, pivot 1/2 right (9:00)
4&5    Shuffle L forward
6-7    Rock R forward, recover L
8&     Step R back, close L

## Section 3
1      Step R back
2-3    Rock L back, recover R
4&5    Lock step L forward
6-7    Step R forward, pivot 1/4 left (6:00)
8&     Cross R over L, step L side

## Section 4
1      Cross R over L
2-3    Rock L side, recover R
4&5    Behind side cross L
6-7    Rock R side, recover L
8&     Step R behind L, step L side
`,
    counts: 32,
    netTurn: 0.5,
    ends: ['L 12:00', 'L 9:00', 'L 6:00', 'L 6:00'],
  },
  {
    kind: 'cha-cha with 8&1 over the section ends',
    // Starts on R; L steps on the 1 the last line lends. 1 rock R recover L, RLR, rock L recover R, LRL: L. 2 R and a quarter left on
    // to L (9:00), cross RLR, L side recover R, LRL behind: L. 3 rock R, RLR back, rock L, LRL: L.
    // 4 R and a quarter left on to L (6:00), RLR, rock L recover R, chasse LRL: L, which is the 1 of the next wall.
    text: `# Mussel Bed Cha
start: weight R
walls: 2

## Section 1
2-3    Rock R forward, recover L
4&5    Shuffle R back
6-7    Rock L back, recover R
8&1    Shuffle L forward

## Section 2
2-3    Step R forward, pivot 1/4 left (9:00)
4&5    Cross shuffle R
6-7    Rock L side, recover R
8&1    Sailor L

## Section 3
2-3    Rock R forward, recover L
4&5    Shuffle R back
6-7    Rock L back, recover R
8&1    Lock step L forward

## Section 4
2-3    Step R forward, pivot 1/4 left (6:00)
4&5    Shuffle R forward
6-7    Rock L forward, recover R
8&1    Chasse L
`,
    counts: 32,
    netTurn: -0.5,
    ends: ['L 12:00', 'L 9:00', 'L 9:00', 'L 6:00'],
  },
  {
    kind: 'two-step in slows and quicks',
    // Six counts a section. 1 R L R L: L. 2 R L R L: L. 3 R L R, half left on to L: L 6:00. 4 rock R recover L, R L: L.
    text: `# Slack Rope Two-Step
start: weight L
walls: 2
section: 6

## Section 1
SSQQ   Walk R, walk L, step R side, close L

## Section 2
QQSS   Step R side, close L, step R forward, step L forward

## Section 3
SSQQ   Walk R, walk L, step R forward, pivot 1/2 left (6:00)

## Section 4
QQSS   Rock R forward, recover L, step R back, step L back
`,
    counts: 24,
    netTurn: -0.5,
    ends: ['L 12:00', 'L 12:00', 'L 6:00', 'L 6:00'],
  },
  {
    kind: 'waltz in sixes',
    // 1 L R L, R L R: R. 2 L R L, R L R: R. 3 L with a quarter left (9:00), R, L; R L R: R. 4 L (point), R L R: R.
    text: `# Heron Waltz
start: weight R
walls: 4
section: 6

## Section 1
1-3    Waltz basic forward L
4-6    Waltz basic back R

## Section 2
1-3    Twinkle L
4-6    Twinkle R

## Section 3
1-3    Step L forward turning 1/4 left, step R side, close L (9:00)
4-6    Waltz basic back R

## Section 4
1-3    Cross L over R, point R side, hold
4-6    Step R behind L, step L side, step R forward
`,
    counts: 24,
    netTurn: -0.25,
    ends: ['R 12:00', 'R 12:00', 'R 9:00', 'R 9:00'],
  },
  {
    kind: 'night club',
    // 1 R L R, L R L, R with a quarter right (3:00), L and a half right on to R (9:00), L R L: L. 2 R, rock L recover R, L, rock R
    // recover L, R L R, L R L: L. 3 rock R recover L, R, rock L recover R, L, R L, R and a quarter left on to L (6:00): L.
    text: `# Lantern on the Weir
start: weight L
walls: 2

## Section 1
1-2&   Night club basic R
3-4&   Night club basic L
5-6&   Step R forward turning 1/4 right, step L forward, pivot 1/2 right (9:00)
7-8&   Walk L, walk R, close L

## Section 2
1-2&   Step R side, rock L behind R, recover R
3-4&   Step L side, rock R behind L, recover L
5-6&   Sway R, sway L, close R
7-8&   Step L side, step R behind L, step L side

## Section 3
1-2&   Rock R over L, recover L, step R side
3-4&   Rock L over R, recover R, step L side
5-6    Sway R, sway L
7-8    Step R forward, pivot 1/4 left (6:00)
`,
    counts: 24,
    netTurn: 0.5,
    ends: ['L 9:00', 'L 9:00', 'L 6:00'],
  },
  {
    kind: 'samba with voltas',
    // 1 RLR, LRL, RLR, LRL: L. 2 R L R L R L R sharing a half right: R 6:00; L R L R L R L sharing a half left: L 12:00. 3 RLR, LRL,
    // R and a half left on to L (6:00), RLR: R. 4 L R L, R L R, L and a quarter right on to R (9:00), cross LRL: L.
    text: `# Mudflat Samba
start: weight L
walls: 4

## Section 1
1&2    Cross samba R
3&4    Cross samba L
5&6    Samba whisk R
7&8    Samba whisk L

## Section 2
1&2&3&4 Volta turning 1/2 right (6:00)
5&6&7&8 Volta turning 1/2 left (12:00)

## Section 3
1&2    Travelling samba R
3&4    Travelling samba L
5-6    Step R forward, pivot 1/2 left (6:00)
7&8    Shuffle R forward

## Section 4
1&2    Mambo L forward
3&4    Coaster R
5-6    Step L forward, pivot 1/4 right (9:00)
7&8    Cross shuffle L
`,
    counts: 32,
    netTurn: -0.25,
    ends: ['L 12:00', 'L 12:00', 'R 6:00', 'L 9:00'],
  },
  {
    kind: 'phrased, two parts',
    // A1 RLR, LRL, rock R L R L: L. A2 R, half left on to L (6:00), R, quarter left on to L (3:00), R L R L: L. B, from its own 12:00:
    // 1 R L R L, rock R recover L, cross RLR: R. 2 L R L R, rock L recover R, behind LRL with a quarter left: L 9:00.
    text: `# Ropewalk Reel
start: weight L

## Part A
## Section 1
1&2    Shuffle R forward
3&4    Shuffle L forward
5-8    Rocking chair R

## Section 2
1-2    Step R forward, pivot 1/2 left (6:00)
3-4    Step R forward, pivot 1/4 left (3:00)
5-8    Jazz box R

## Part B
## Section 1
1-4    Weave R: side, behind, side, cross
5-6    Rock R side, recover L
7&8    Cross shuffle R

## Section 2
1-4    Weave L: side, behind, side, cross
5-6    Rock L side, recover R
7&8    Sailor L turning 1/4 left (9:00)
`,
    counts: 32,
    netTurn: -1,
    ends: ['L 12:00', 'L 3:00', 'R 12:00', 'L 9:00'],
  },
  {
    kind: 'heel switches and stamps',
    // 1 switches R L: L, RLR, switches L R: R, LRL: L. 2 stomp R L, (heel) R (toe): R, L and a half right on to R (6:00), LRL: L.
    // 3 R L, R L: L, vine R L R with a quarter right (9:00), scuff: R. 4 L R L, stomp up: L, switches R L: L, stomp up, clap: L.
    text: `# Clatter on the Jetty
start: weight L
walls: 4

## Section 1
1&2&   Heel switches R L
3&4    Shuffle R forward
5&6&   Heel switches L R
7&8    Shuffle L forward

## Section 2
1-2    Stomp R, stomp L
3&4    Heel R forward, close R, touch L back
5-6    Step L forward, pivot 1/2 right (6:00)
7&8    Shuffle L forward

## Section 3
1&2    Kick ball change R
3&4    Kick ball change R
5-8    Vine R turning 1/4 right, scuff L (9:00)

## Section 4
1-4    Vine L, stomp up R
5&6&   Toe switches R L
7-8    Stomp up R, clap
`,
    counts: 32,
    netTurn: 0.75,
    ends: ['L 12:00', 'L 6:00', 'R 9:00', 'L 9:00'],
  },
  {
    kind: 'diagonals',
    // 1 R (1:30, touch), LRL back, rock R recover L, R side (3:00, touch): R. 2 L (1:30, touch), RLR back, rock L recover R, L side
    // (12:00, touch): L. 3 R, L, R, L with touches: L. 4 RLR, L and a quarter right on to R (3:00), cross LRL, R L: L.
    text: `# Slanting Rain
start: weight L
walls: 4

## Section 1
1-2    Step R forward turning 1/8 right, touch L (1:30)
3&4    Shuffle L back
5-6    Rock R back, recover L
7-8    Step R side turning 1/8 right, touch L (3:00)

## Section 2
1-2    Step L forward turning 1/8 left, touch R (1:30)
3&4    Shuffle R back
5-6    Rock L back, recover R
7-8    Step L side turning 1/8 left, touch R (12:00)

## Section 3
1-8    K step R

## Section 4
1&2    Shuffle R forward
3-4    Step L forward, pivot 1/4 right (3:00)
5&6    Cross shuffle L
7-8    Step R side, close L
`,
    counts: 32,
    netTurn: 0.25,
    ends: ['R 3:00', 'L 12:00', 'L 12:00', 'L 3:00'],
  },
  {
    kind: 'led by L',
    // 1 L R L, R L R: R. 2 rock L recover R, LRL with a half left (6:00), R and a half left on to L (12:00), RLR: R. 3 L, R, rock L R L R:
    // R. 4 L R L with a quarter left (9:00), R; L R L R: R.
    text: `# Kelp on the Oar
start: weight R
walls: 4

## Section 1
1-4    Vine L, touch R
5-8    Vine R, touch L

## Section 2
1-2    Rock L forward, recover R
3&4    Shuffle L turning 1/2 left (6:00)
5-6    Step R forward, pivot 1/2 left (12:00)
7&8    Shuffle R forward

## Section 3
1-2    Toe strut L forward
3-4    Toe strut R forward
5-8    Rocking chair L

## Section 4
1-4    Jazz box L turning 1/4 left (9:00)
5-8    V step L
`,
    counts: 32,
    netTurn: -1.25,
    ends: ['R 12:00', 'R 12:00', 'R 12:00', 'R 9:00'],
  },
  {
    kind: 'with a mirrored section',
    // 1 rock R recover L, cross RLR, rock L recover R, L, R with a quarter right (3:00): R. 2 the same mirrored: L, back at 12:00.
    // 3 R L, RLR, rock L recover R, LRL: L. 4 R, quarter left on to L (9:00), again (6:00), R L R L: L.
    text: `# Both Banks
start: weight L
walls: 2

## Section 1
1-2    Rock R side, recover L
3&4    Cross shuffle R
5-6    Rock L side, recover R
7-8    Step L behind R, step R forward turning 1/4 right (3:00)

## Section 2 = Section 1 mirrored

## Section 3
1-2    Walk R, walk L
3&4    Shuffle R forward
5-6    Rock L forward, recover R
7&8    Coaster L

## Section 4
1-2    Step R forward, pivot 1/4 left (9:00)
3-4    Step R forward, pivot 1/4 left (6:00)
5-8    Jazz box R
`,
    counts: 32,
    netTurn: -0.5,
    ends: ['R 3:00', 'L 12:00', 'L 12:00', 'L 6:00'],
  },
  {
    kind: 'an eighth a wall, eight walls',
    // 1 RLR, LRL, rock R L R L: L. 2 R L R (touch), L R L with an eighth left on the third (touch): L 10:30.
    text: `# Compass Buoy
start: weight L
walls: 8

## Section 1
1&2    Shuffle R forward
3&4    Shuffle L forward
5-6    Rock R forward, recover L
7-8    Rock R back, recover L

## Section 2
1-4    Vine R, touch L
5-8    Vine L turning 1/8 left, touch R (10:30)
`,
    counts: 16,
    netTurn: -0.125,
    ends: ['L 12:00', 'L 10:30'],
  },
];
