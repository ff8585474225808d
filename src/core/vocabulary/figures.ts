/**
 * The figures, one row each. All of it is common practice in the trade (no source) unless a row says otherwise.
 *
 * Columns: id; family; names by language (the first is the one printed unless a house style says otherwise, the others are read);
 * forms in the notation of notation.ts, the preferred first; and what a name leaves open:
 *  - turned: other spellings for an amount; the key is `out` or `in` (towards or away from the leading foot's side) and the amount,
 *    or the amount alone for both;
 *  - way: the direction taken when the line names none; amount: the turn taken when the line gives none;
 *  - definite: the amount is part of the name, so nothing was assumed; share: how a turn is dealt out over a run of steps;
 *  - direction: what `*` stands for when the line does not say; bare: how a lone "right" or "left" is read; before: how it is read in
 *    front of the name, where that differs;
 *  - run: the figure goes on as long as its counts, these actions in rotation; fills: it takes the counts that are left;
 *  - listed: its words may stand with commas between them, as a list of calls;
 *  - rides: it may share the moment of another action; care: which caution it calls for.
 */
import type { Direction } from '../model/actions';
import type { Turn } from '../model/turns';

export const LANGUAGES = ['en', 'de', 'fr'] as const;
export type Language = (typeof LANGUAGES)[number];
/** Languages that are read, whether they are printed or not. */
export const READ_LANGUAGES = [...LANGUAGES, 'nl'] as const;
export type ReadLanguage = (typeof READ_LANGUAGES)[number];

export const FAMILIES = ['single', 'rocks', 'triples', 'lines', 'turns', 'boxes', 'struts', 'own'] as const;
export type Family = (typeof FAMILIES)[number];

export const CARES = ['turning', 'landing', 'bending', 'backing'] as const;
export type Care = (typeof CARES)[number];

export interface FigureRow {
  readonly id: string;
  readonly family: Family;
  readonly names: { readonly en: readonly string[] } & { readonly [L in ReadLanguage]?: readonly string[] };
  readonly forms: readonly string[];
  readonly turned?: Readonly<Record<string, string>>;
  readonly way?: 'out' | 'in' | 'crossing';
  readonly amount?: Turn;
  readonly definite?: boolean;
  readonly share?: 'steps' | 'crosses' | 'pairs' | 'all';
  readonly direction?: Direction;
  readonly bare?: 'foot' | 'side' | 'way' | 'direction';
  readonly before?: 'foot';
  readonly run?: string;
  readonly fills?: boolean;
  readonly listed?: boolean;
  readonly rides?: boolean;
  readonly care?: Care;
}

const single = (id: string, names: FigureRow['names'], forms: string[], more: Partial<FigureRow> = {}): FigureRow => ({
  id,
  family: 'single',
  names,
  forms,
  ...more,
});

const row = (id: string, family: Family, names: FigureRow['names'], forms: string[], more: Partial<FigureRow> = {}): FigureRow => ({
  id,
  family,
  names,
  forms,
  ...more,
});

/** Shares of a triple's turn, from the customary split (common practice, no source). */
const TRIPLE_TURNS = {
  'out 1/4': 'A *, B tog, A fwd +1/4',
  'in 1/4': 'A side +1/4, B tog, A side',
  'out 1/2': 'A side +1/4, B tog, A fwd +1/4',
  'in 1/2': 'A side +1/4, B tog, A back +1/4',
  '3/4': 'A side +1/4, B tog +1/4, A fwd +1/4',
  full: 'A place +1/2, B place +1/4, A place +1/4',
};

export const FIGURE_ROWS: readonly FigureRow[] = [
  // Single actions
  single('step', { en: ['step', 'place', 'put', 'set', 'move', 'plant', 'open', 'land'], de: ['Schritt', 'setzen', 'Schritte', 'absetzen', 'stellen', 'abstellen', 'aufsetzen', 'treten', 'hinstellen', 'aufstellen'], fr: ['pas', 'pose', 'poser', 'posant', 'placer', 'mettre', 'reposer', 'ouvrir', 'piétiner'], nl: ['stap', 'stappen', 'zetten', 'plaatsen'] }, ['1: A * +T'], { direction: 'forward', run: 'A *, B *', share: 'steps' }),
  single('walk', { en: ['walk', 'stride', 'stroll', 'march', 'prissy walk', 'camel walk', 'swivel walk', 'boogie walk'], de: ['gehen', 'Walk'], fr: ['marche', 'marcher'], nl: ['lopen', 'loop', 'wandelen'] }, ['1: A * +T'], { direction: 'forward', run: 'A *, B *', fills: true, share: 'steps' }),
  single('run', { en: ['run', 'jog'], de: ['laufen'], fr: ['courir', 'course'], nl: ['rennen'] }, ['1: A * +T'], { direction: 'forward', run: 'A *, B *', fills: true, share: 'steps' }),
  single('cross', { en: ['cross', 'x'], de: ['kreuzen', 'kreuzt', 'kreuze'], fr: ['croiser', 'croise'], nl: ['kruis', 'kruisen', 'kruist'] }, ['1: A * +T'], { direction: 'cross' }),
  single('close', { en: ['close', 'bring', 'step together', 'step beside', 'step close', 'join', 'meet'], de: ['heransetzen', 'schließen', 'schließt', 'beistellen', 'ransetzen', 'dransetzen', 'heranstellen', 'ranstellen', 'anstellen', 'nachstellen', 'beisetzen', 'danebenstellen', 'danebensetzen', 'zurückstellen', 'dazustellen', 'zusammenstellen', 'heranschließen'], fr: ['assembler', 'assemble', 'rassemble', 'rassembler', 'ramener', 'ramène', 'rejoindre', 'fermer', 'joindre', 'rapprocher'], nl: ['sluit', 'sluiten', 'sluit aan', 'aansluiten', 'bijsluiten', 'bijzetten'] }, ['1: A tog +T']),
  single('weight-change', { en: ['change weight', 'change weight on', 'change weight onto', 'change weight to'], de: ['Gewicht wechseln', 'Gewichtswechsel'], fr: ['changer de poids', "changer d'appui", 'changement de poids', "changement d'appui"], nl: ['gewicht wisselen', 'wissel gewicht'] }, ['1: A place'], { rides: true }),
  single('lock', { en: ['lock'], fr: ['bloquer', 'verrouiller'], nl: ['haak achter'] }, ['1: A lock +T']),
  single('ball', { en: ['ball'], fr: ['plante'] }, ['1: A ball * small +T'], { direction: 'together' }),
  single('stomp', { en: ['stomp', 'stamp'], de: ['stampfen', 'aufstampfen'], fr: ['taper du pied', 'frapper du pied', 'stomper', 'frapper'], nl: ['stamp', 'stampen'] }, ['1: A stomp * +T'], { direction: 'place', run: 'A stomp *, B stomp *', care: 'landing' }),
  single('stomp-both', { en: ['stomp both', 'stomp both feet'], de: ['mit beiden stampfen'], fr: ['taper des deux pieds'] }, ['1: AB jump place'], { care: 'landing' }),
  single('stomp-up', { en: ['stomp up', 'up stomp'] }, ['1: [A stomp-up *]'], { direction: 'place', care: 'landing' }),
  single('touch', { en: ['touch', 'tip'], de: ['tippen', 'auftippen', 'tippt', 'Tipp', 'Tip', 'tupfen', 'auftupfen', 'antupfen'], fr: ['touche', 'toucher'], nl: ['tik', 'tikken', 'aantikken', 'tik aan'] }, ['1: [A touch *] +T'], { direction: 'together' }),
  single('tap', { en: ['tap'], de: ['antippen'], fr: ['taper', 'tapoter'] }, ['1: [A tap *] +T'], { direction: 'place' }),
  single('point', { en: ['point', 'toe point'], de: ['Fußspitze'], fr: ['pointe', 'pointer'], nl: ['punt', 'wijs'] }, ['1: [A point *] +T'], { direction: 'side', bare: 'foot' }),
  single('toe', { en: ['toe', 'touch toe', 'toe touch', 'toe tap'], de: ['Spitze', 'Spitzen', 'Zehe', 'Zehen', 'Zehenspitze'], fr: ['pointe de pied', 'pointe du pied'], nl: ['teen', 'tenen'] }, ['1: [A toe *] +T'], { direction: 'forward' }),
  single('heel', { en: ['heel', 'heel dig', 'heel touch', 'dig heel', 'touch heel', 'heel forward', 'heel tap', 'tap heel', 'dig'], de: ['Ferse', 'Hacke', 'Fersen', 'Hacken'], fr: ['talon'], nl: ['hak', 'hiel', 'hakken'] }, ['1: [A heel *] +T'], { direction: 'forward' }),
  single('kick', { en: ['kick', 'low kick', 'swing', 'swing foot', 'swing leg'], de: ['kicken', 'kickt'], fr: ['kick', 'coup de pied', 'lancer', 'lancer la jambe', 'lancer le pied'], nl: ['schop', 'trap'] }, ['1: [A kick *] +T'], { direction: 'forward' }),
  single('flick', { en: ['flick'] }, ['1: [A flick *] +T'], { direction: 'back' }),
  single('hitch', { en: ['hitch', 'knee up', 'lift knee', 'lift', 'raise knee', 'lift foot', 'lift leg', 'raise foot'], de: ['Knie anheben', 'anheben', 'hochziehen', 'heben', 'hochheben', 'Knie hochziehen', 'Knie heben', 'Knie hoch', 'hoch'], fr: ['lever le genou', 'lever genou', 'monter le genou', 'genou levé', 'lever'], nl: ['til knie op', 'knie optillen', 'knie omhoog', 'knie heffen'] }, ['1: [A hitch] +T'], { rides: true }),
  single('hook', { en: ['hook'] }, ['1: [A hook *] +T'], { direction: 'cross', rides: true }),
  single('brush', { en: ['brush'], de: ['schwingen'], fr: ['brosser', 'brosse', 'effleurer le sol', 'effleure le sol', 'effleurer'], nl: ['veeg'] }, ['1: [A brush *] +T'], { direction: 'forward' }),
  single('scuff', { en: ['scuff'], de: ['schleifen', 'schrubben'] }, ['1: [A scuff *] +T'], { direction: 'forward' }),
  single('sweep', { en: ['sweep', 'ronde', 'circle foot', 'swing round'], de: ['Sweep', 'Halbkreis', 'Kreisbogen'], fr: ['sweep', 'rond de jambe', 'demi-cercle'], nl: ['zwaai'] }, ['1: [A sweep *] +T'], { rides: true }),
  single('drag', { en: ['drag', 'slide in', 'draw', 'draw in', 'pull in'], de: ['heranziehen', 'ziehen', 'heranschleifen', 'anziehen'], fr: ['traîner', 'glisser vers'], nl: ['sleep', 'bijtrekken', 'slepen'] }, ['1: [A drag *]'], { direction: 'together', rides: true }),
  single('big-step', { en: ['big step', 'large step', 'long step'], de: ['großer Schritt'], fr: ['grand pas'], nl: ['grote stap'] }, ['1: A * large +T'], { direction: 'side' }),
  single('slide', { en: ['slide', 'step drag', 'side drag'], fr: ['glisser'], nl: ['glij'] }, ['1-2: A * large, [B drag tog]', '1: A * large', '1-3: A * large, [B drag tog], [B touch tog]', '1-4: A * large, [B drag tog], [B drag tog], [B touch tog]'], { direction: 'side', bare: 'side' }),
  single('hold', { en: ['hold', 'pause', 'wait', 'freeze', 'stay'], de: ['halten', 'Pause', 'warten'], fr: ['pause', 'attendre'], nl: ['wacht', 'rust', 'wachten'] }, ['1: - hold'], { run: '- hold', fills: true }),
  single('rock', { en: ['rock', 'rock step', 'break', 'fall'], de: ['Rock', 'Wiegeschritt'], fr: ['rock step', 'pas rocké', 'bascule'] }, ['1-2 | 1&: A rock *, B recover +T', '1: A rock * +T'], { direction: 'side' }),
  single('recover', { en: ['recover', 'replace', 'return', 'weight back', 'come back onto', 'come forward onto', 'rock back onto', 'transfer weight', 'shift weight', 'replace weight', 'return weight', 'put weight back', 'bring weight back', 'take weight back'], de: ['Gewicht zurück', 'Gewicht zurück verlagern', 'zurück verlagern', 'zurückbelasten', 'Gewicht zurückverlagern'], fr: ['retour', 'revenir', 'revient', 'remettre le poids', 'retour du poids', 'retour poids', 'revenir en appui', 'reprendre appui'], nl: ['gewicht terug', 'gewicht terug op'] }, ['1: A recover +T']),
  single('press', { en: ['press'] }, ['1: A press * +T'], { direction: 'diagonal forward' }),
  single('lunge', { en: ['lunge'] }, ['1: A lunge * +T'], { direction: 'side', care: 'bending' }),
  single('sway', { en: ['sway', 'hip sway', 'sway hip'], de: ['Hüften schwingen', 'Hüften wiegen', 'Hüfte schwingen', 'Hüfte wiegen', 'wiegen', 'pendeln'], fr: ['balancer', 'balancer les hanches', 'balancement', 'balancement de hanches'], nl: ['heupen wiegen', 'wieg heupen', 'wiegen'] }, ['1: A sway side'], { run: 'A sway side, B sway side', fills: true }),
  single('bump', { en: ['bump', 'hip bump', 'bump hip', 'hip', 'push hip', 'hip push', 'swing hip'], de: ['Hüftstoß', 'Hüfte', 'Hüften', 'Hüftschwung'], fr: ['coup de hanche', 'coups de hanches'], nl: ['heupstoot', 'heupen'] }, ['1: - bump'], { run: '- bump', fills: true, rides: true }),
  single('roll', { en: ['hip roll', 'body roll', 'roll hip', 'hip circle', 'circle hip'], de: ['Hüftkreisen'], fr: ['rouler les hanches'] }, ['1: - roll'], { run: '- roll', fills: true, rides: true, care: 'bending' }),
  single('dip', { en: ['dip', 'bend', 'bend knee', 'bend both knee', 'drop down', 'crouch', 'squat'], de: ['Knie beugen', 'beugen', 'in die Knie gehen'], fr: ['plier', 'plier les genoux', 'fléchir', 'fléchir les genoux'] }, ['1: - sit'], { rides: true, care: 'bending' }),
  single('sit', { en: ['sit'], de: ['absitzen'] }, ['1: - sit'], { rides: true, care: 'bending' }),
  single('sit-on', { en: ['sit on', 'sit back on', 'sit back'] }, ['1: A sit! *'], { direction: 'place', care: 'bending' }),
  single('arms', { en: ['arm', 'raise', 'wave', 'look', 'nod', 'shrug', 'roll arm', 'punch', 'salute', 'strike a pose', 'throw', 'circle arm', 'snap head', 'style', 'straighten', 'straighten up', 'straighten knee', 'come up', 'stand up', 'rise'], de: ['Arme', 'strecken', 'aufrichten'], fr: ['bras', 'se redresser'] }, ['1: - style'], { run: '- style', fills: true, rides: true, bare: 'direction' }),
  single('bounce', { en: ['bounce', 'bounce heel', 'heel bounce', 'lift and drop heel', 'lift and lower heel', 'raise and lower heel', 'heel raise', 'heel raise and lower', 'heel lift and lower', 'bounce both heels'] }, ['1: - bounce'], { run: '- bounce', fills: true, share: 'all' }),
  single('shimmy', { en: ['shimmy'] }, ['1: - shimmy'], { run: '- shimmy', fills: true, rides: true }),
  single('knee-pop', { en: ['knee pop', 'pop knee'] }, ['1: [A knee-pop]'], { rides: true }),
  single('swivel', { en: ['swivel', 'swivel heel', 'heel swivel', 'swivel toe', 'toe swivel'], de: ['Fersen drehen', 'Ferse drehen', 'Hacken drehen', 'Spitzen drehen'], fr: ['pivoter les talons', 'pivoter talons'], nl: ['hakken draaien', 'draai hakken'] }, ['1: AB swivel +T'], { run: 'AB swivel', fills: true, bare: 'direction', care: 'turning' }),
  single('twist', { en: ['twist', 'twist heel', 'heel twist'] }, ['1: AB twist +T'], { run: 'AB twist', fills: true, bare: 'direction', care: 'turning' }),
  single('heel-split', { en: ['heel split', 'split heel', 'heel spread', 'butterfly', 'pigeon toe', 'both heels out', 'both heels in', 'both heels apart', 'both heels together'], de: ['Heel Split', 'beide Fersen auseinander', 'beide Fersen zusammen'] }, ['1-2 | 1&: - bounce, - bounce', '1: - bounce'], { bare: 'direction' }),
  single('toe-fan', { en: ['toe fan', 'fan toe', 'fan', 'toe split'] }, ['1-2 | 1&: - bounce, - bounce', '1: - bounce'], { bare: 'direction' }),
  single('heel-fan', { en: ['heel fan'] }, ['1-2 | 1&: - bounce, - bounce', '1: - bounce'], { bare: 'direction' }),
  single('applejack', { en: ['applejack'] }, ['1-2 | 1&: - bounce, - bounce', '1: - bounce'], { bare: 'direction', care: 'turning' }),
  single('swivet', { en: ['swivet'] }, ['1-2 | 1&: - bounce, - bounce', '1: - bounce'], { bare: 'direction', care: 'turning' }),
  single('jump', { en: ['jump', 'jump both', 'jump on both', 'land on both', 'jump on the spot', 'jump on place', 'jump with both feet', 'jump with two feet', 'jump on both feet', 'jump on two feet'], de: ['springen', 'Sprung', 'springen auf der Stelle'], fr: ['saut', 'sauter', 'sauter sur place', 'sauter à deux pieds', 'sauter sur les deux pieds', 'sauter à pieds joints'], nl: ['spring', 'springen', 'sprong'] }, ['1: AB jump * +T'], { direction: 'place', run: 'A *, B *', care: 'landing' }),
  single('jump-on', { en: ['jump on', 'land on', 'jump on to', 'jump onto'], de: ['springen auf'], fr: ['sauter sur'] }, ['1: A * +T'], { direction: 'place', care: 'landing' }),
  single('hop', { en: ['hop', 'scoot'], de: ['hüpfen', 'hopsen'], fr: ['sautiller'] }, ['1: B hop *'], { direction: 'place', care: 'landing' }),
  single('leap', { en: ['leap'] }, ['1: A * large'], { direction: 'forward', care: 'landing' }),
  single('clap', { en: ['clap', 'clap hand'], de: ['klatschen'], fr: ['frapper dans les mains', 'taper dans les mains', 'taper des mains', 'frapper des mains'], nl: ['klap', 'klappen', 'klap in handen'] }, ['1: - clap'], { run: '- clap', fills: true, rides: true }),
  single('snap', { en: ['snap', 'snap finger', 'click finger'], de: ['schnippen'], fr: ['claquer des doigts'], nl: ['knip', 'vingerknip'] }, ['1: - snap'], { rides: true }),
  single('slap', { en: ['slap'] }, ['1: - slap'], { rides: true }),
  single('skate', { en: ['skate'] }, ['1: A skate diag-fwd'], { run: 'A skate diag-fwd, B skate diag-fwd', fills: true }),
  single('drop', { en: ['drop', 'drop heel', 'heel drop', 'lower heel', 'heel down', 'put heel down'], de: ['Ferse senken', 'Ferse absenken', 'Hacke absenken', 'Ferse aufsetzen', 'Ferse abstellen', 'Hacke senken'], fr: ['talon au sol', 'poser le talon', 'poser talon', 'baisser talon', 'abaisser talon', 'baisser le talon', 'abaisser le talon', 'descendre le talon'], nl: ['hak neer', 'hak laten zakken'] }, ['1: A drop']),
  single('out-out', { en: ['out out'] }, ['1-2 | &1 | 1&: A out, B out']),
  single('in-in', { en: ['in in', 'back in in'] }, ['1-2 | &1 | 1&: A in, B tog']),
  single('turn', { en: ['turn', 'spin', 'turning', 'rotate', 'rotating', 'rotation'], de: ['Drehung', 'drehen', 'umdrehen', 'eindrehen'], fr: ['tour', 'tourner'], nl: ['draai', 'draaien', 'draaiing'] }, ['1: - turn +T'], { bare: 'way', care: 'turning' }),
  single('unwind', { en: ['unwind', 'reverse pivot', 'reverse turn'], de: ['ausdrehen'], fr: ['dérouler'] }, ['1: AB unwind +T', '1-2: AB unwind +T, - hold'], { way: 'crossing', amount: 24, bare: 'way', care: 'turning' }),
  single('pivot', { en: ['pivot', 'pivot turn', 'step pivot', 'step turn'], de: ['Pivot', 'auf beiden Ballen', 'auf beiden Fußballen'], fr: ['pivot', 'pivoter'] }, ['1-2 | 1& | &1: A fwd, B pivot +T', '1: B pivot +T'], { way: 'in', amount: 24, bare: 'way', care: 'turning' }),

  // Rocks and mambos
  row('rocking-chair', 'rocks', { en: ['rocking chair', 'syncopated rocking chair', 'rocking horse'], de: ['Schaukelstuhl'], fr: ['chaise à bascule'], nl: ['schommelstoel'] }, ['1-4 | 1&2&: A rock fwd, B recover, A rock back, B recover']),
  row('mambo', 'rocks', { en: ['mambo', 'mambo step'] }, ['1&2 | 1-3: A rock *, B recover, A tog +T'], { direction: 'forward' }),
  row('cross-mambo', 'rocks', { en: ['cross mambo', 'cross rock side'] }, ['1&2 | 1-3: A rock cross, B recover, A side +T']),
  row('rock-and-cross', 'rocks', { en: ['rock and cross', 'side rock cross', 'rock cross', 'side rock and cross'] }, ['1&2 | 1-3: A rock side, B recover +T, A cross'], { bare: 'foot' }),
  row('back-rock-side', 'rocks', { en: ['back rock side'] }, ['1&2 | 1-3: A rock back, B recover, A side']),
  row('press-recover', 'rocks', { en: ['press recover', 'press and recover'] }, ['1-2 | 1&: A press *, B recover +T'], { direction: 'diagonal forward' }),
  row('scissor', 'rocks', { en: ['scissor', 'scissor step', 'scissor cross'] }, ['1&2 | 1-3: A side, B tog, A cross']),

  // Triples
  row('shuffle', 'triples', { en: ['shuffle', 'triple step', 'cha cha cha', 'triple', 'cha cha'], de: ['Shuffle', 'Wechselschritt'], fr: ['pas chassé', 'triple pas', 'pas triple'], nl: ['wisselpas', 'aansluitpas'] }, ['1&2: A *, B tog, A * +T'], { direction: 'forward', turned: TRIPLE_TURNS, bare: 'foot' }),
  row('step-together-step', 'triples', { en: ['step together step', 'step close step', 'side together side', 'side close side', 'step together step touch', 'side together side touch', 'side close side touch'] }, ['1-4: A *, B tog, A * +T, [B touch tog]', '1-3 | 1&2: A *, B tog, A * +T'], { direction: 'side', bare: 'side' }),
  row('chasse', 'triples', { en: ['chasse', 'side shuffle', 'side triple', 'shuffle side', 'side triple step'], de: ['Chassé'], fr: ['chassé', 'pas chassé de côté'], nl: ['zijwaartse wisselpas', 'zijwaartse aansluitpas'] }, ['1&2: A side, B tog, A side +T'], { bare: 'side', turned: { ...TRIPLE_TURNS, 'out 1/4': 'A side, B tog, A fwd +1/4', 'in 1/4': 'A side, B tog, A back +1/4' } }),
  row('lindy', 'triples', { en: ['lindy', 'lindy step', 'lindy basic', 'chasse rock back'] }, ['1&2 3-4: A side, B tog, A side, B rock back, A recover'], { bare: 'side' }),
  row('cross-shuffle', 'triples', { en: ['cross shuffle', 'crossing shuffle', 'crossing triple', 'cross triple', 'cross and cross'], de: ['Kreuz Shuffle', 'gekreuzter Shuffle', 'Kreuz Chassé'], fr: ['chassé croisé', 'shuffle croisé'] }, ['1&2 | 1-3: A cross, B side, A cross +T', '1&2&3: A cross, B side small, A cross, B side small, A cross +T'], { share: 'crosses', bare: 'foot' }),
  row('behind-shuffle', 'triples', { en: ['behind shuffle'] }, ['1&2: A behind, B side, A behind']),
  row('lock-step', 'triples', { en: ['lock step', 'lock shuffle', 'shuffle lock', 'step lock step', 'locking shuffle'] }, ['1&2 | 1-3: A *, B lock, A * +T'], { direction: 'forward', bare: 'foot' }),
  row('back-lock-back', 'triples', { en: ['back lock back'] }, ['1&2 | 1-3: A back, B lock, A back'], { bare: 'foot' }),
  row('turning-lock', 'triples', { en: ['turning lock', 'turning lock step'] }, ['1&2: A side +1/4, B lock, A back +1/4'], { way: 'in', amount: 24, definite: true, bare: 'foot', care: 'turning' }),
  row('half-turn-cross', 'triples', { en: ['half turn cross', 'turn half cross'] }, ['1&2: A back +1/4, B side +1/4, A cross'], { way: 'in', amount: 24, definite: true, bare: 'foot', care: 'turning' }),
  row('coaster', 'triples', { en: ['coaster', 'coaster step'] }, ['1&2 | 1-3: A back +T, B tog, A fwd'], { way: 'out' }),
  row('coaster-cross', 'triples', { en: ['coaster cross'] }, ['1&2 | 1-3: A back +T, B tog, A cross'], { way: 'out' }),
  row('forward-coaster', 'triples', { en: ['forward coaster', 'reverse coaster', 'forward coaster step', 'reverse coaster step'] }, ['1&2 | 1-3: A fwd +T, B tog, A back']),
  row('sailor', 'triples', { en: ['sailor', 'sailor step', 'sailor shuffle'] }, ['1&2 | 1-3: A behind +T, B side, A side'], { way: 'out', turned: { '1/4': 'A behind +1/4, B side, A fwd', '1/2': 'A behind +1/4, B side +1/4, A fwd', '3/4': 'A behind +1/2, B side +1/4, A fwd' } }),
  row('sailor-cross', 'triples', { en: ['sailor cross'] }, ['1&2 | 1-3: A behind +T, B side, A cross'], { way: 'out', turned: { '1/2': 'A behind +1/4, B side +1/4, A cross' } }),
  row('sailor-heel', 'triples', { en: ['sailor heel'] }, ['1&2: A behind +T, B side, [A heel fwd]'], { way: 'out' }),
  row('cross-samba', 'triples', { en: ['cross samba', 'samba step', 'samba', 'bota fogo', 'botafogo'], fr: ['cross samba', 'polysta'] }, ['1&2: A cross +T, B side small, A recover']),
  row('samba-basic', 'triples', { en: ['samba in place', 'samba basic'] }, ['1&2: A * +T, B tog small, A place'], { direction: 'forward', bare: 'foot' }),
  row('anchor', 'triples', { en: ['anchor step', 'anchor'] }, ['1&2: A lock, B place, A place']),
  row('volta', 'triples', { en: ['volta'] }, ['1&2: A cross, B side small, A cross +T'], { run: 'A cross, B side small', fills: true, share: 'crosses', way: 'out', bare: 'way' }),
  row('kick-ball-change', 'triples', { en: ['kick ball change'] }, ['1&2: [A kick fwd], A tog small, B place +T']),
  row('kick-ball-step', 'triples', { en: ['kick ball step'] }, ['1&2: [A kick fwd], A tog small, B fwd +T']),
  row('kick-ball-cross', 'triples', { en: ['kick ball cross'] }, ['1&2: [A kick fwd], A tog small, B cross']),
  row('kick-ball-side', 'triples', { en: ['kick ball side'] }, ['1&2: [A kick fwd], A tog small, B side']),
  row('kick-ball-heel', 'triples', { en: ['kick ball heel'] }, ['1&2: [A kick fwd], A tog small, [B heel fwd]']),
  row('kick-ball-point', 'triples', { en: ['kick ball point', 'kick and point'] }, ['1&2: [A kick fwd], A tog small, [B point side]']),
  row('kick-ball-touch', 'triples', { en: ['kick ball touch'] }, ['1&2: [A kick fwd], A tog small, [B touch tog]']),
  row('ball-change', 'triples', { en: ['ball change'] }, ['&1 | 1-2: A ball back small, B place']),
  row('ball-step', 'triples', { en: ['ball step'] }, ['&1 | 1-2: A ball tog small, B fwd +T']),
  row('ball-cross', 'triples', { en: ['ball cross'] }, ['&1 | 1-2: A ball tog small, B cross +T']),
  row('ball-side', 'triples', { en: ['ball side', 'and side'] }, ['&1 | 1-2: A ball tog small, B side +T']),
  row('ball-point', 'triples', { en: ['ball point'] }, ['&1 | 1-2: A ball tog small, [B point side]']),
  row('ball-touch', 'triples', { en: ['ball touch'] }, ['&1 | 1-2: A ball tog small, [B touch tog]']),
  row('heel-ball-cross', 'triples', { en: ['heel ball cross', 'heel and cross'] }, ['1&2: [A heel fwd], A tog small, B cross']),
  row('heel-ball-step', 'triples', { en: ['heel ball step'] }, ['1&2: [A heel fwd], A tog small, B fwd']),
  row('ball-cross-side', 'triples', { en: ['ball cross side'] }, ['1&2 | &1-2 | 1-3: A ball tog small, B cross, A side']),
  row('samba-whisk', 'triples', { en: ['samba whisk'] }, ['1&2: A side, B ball behind small, A place']),
  row('travelling-samba', 'triples', { en: ['travelling samba', 'traveling samba'] }, ['1&2: A fwd, B ball side small, A recover']),
  row('pony', 'triples', { en: ['pony', 'pony step'] }, ['1&2: A *, B place, A place'], { direction: 'back' }),

  // Lines to the side
  row('vine', 'lines', { en: ['vine', 'grapevine', 'grape vine'], de: ['Vine', 'Weinranke', 'Weinstock', 'Ranke'], fr: ['vigne'], nl: ['wijnrank'] }, ['1-4: A side, B behind, A side +T, [B touch tog]', '1-3: A side, B behind, A side +T'], { bare: 'side', way: 'out', turned: { 'out 1/4': 'A side, B behind, A fwd +1/4, [B touch tog]', 'out 1/2': 'A side, B behind, A fwd +1/4, [B touch tog] +1/4' } }),
  row('rolling-vine', 'lines', { en: ['rolling vine', 'rolling grapevine', 'three step turn', '3 step turn', 'turning vine', 'rolling turn', 'rolling full turn'], fr: ['vigne tournée', 'vigne roulée', 'vine roulée', 'vine tournée'] }, ['1-4: A fwd +1/4, B back +1/2, A side +1/4, [B touch tog]', '1-3 | 1&2: A fwd +1/4, B back +1/2, A side +1/4'], { bare: 'side', way: 'out', amount: 48, definite: true, turned: { '1 1/4': 'A fwd +1/4, B back +1/2, A fwd +1/2, [B touch tog]' }, care: 'turning' }),
  row('weave', 'lines', { en: ['weave'], de: ['Weave'], nl: ['vlecht'] }, ['1-4 | 1&2&: A side, B behind, A side, B cross'], { bare: 'direction', run: 'A side, B behind, A side, B cross', fills: true, share: 'steps' }),
  row('behind-side-cross', 'lines', { en: ['behind side cross'] }, ['1&2 | 1-3: A behind, B side +T, A cross'], { bare: 'foot' }),
  row('side-together', 'lines', { en: ['side together', 'side close'] }, ['1-2 | 1&: A side, B tog'], { bare: 'side' }),
  row('two-side-steps', 'lines', { en: ['side together side together', 'side close side close', 'step together step together'] }, ['1-4 | 1&2&: A side, B tog, A side, B tog'], { bare: 'side' }),
  row('side-touch', 'lines', { en: ['side touch', 'step touch'] }, ['1-2 | 1&: A side, [B touch tog]', '1: [A touch side]'], { bare: 'side' }),
  row('cross-point', 'lines', { en: ['cross point', 'cross touch'] }, ['1-2 | 1&: A cross, [B point side]'], { bare: 'foot' }),
  row('step-point', 'lines', { en: ['step point'] }, ['1-2: A fwd, [B point side]'], { bare: 'foot' }),
  row('point-step', 'lines', { en: ['point step'] }, ['1-2: [A point side], A fwd'], { bare: 'foot' }),
  row('touch-out-in', 'lines', { en: ['touch out in', 'touch side together', 'tap out in'] }, ['1-2 | 1&: [A touch side], [A touch tog]'], { bare: 'foot' }),
  row('touch-out-in-out', 'lines', { en: ['touch out in out', 'toe touch out in out', 'tap out in out'] }, ['1-3 | 1&2: [A touch side], [A touch tog], [A touch side]'], { bare: 'foot' }),
  row('heel-toe', 'lines', { en: ['heel toe', 'heel and toe'] }, ['1-2 | 1&: [A heel fwd], [A toe back]'], { bare: 'foot' }),
  row('turn-touch', 'lines', { en: ['turn touch'] }, ['1-2: A side +T, [B touch tog]'], { way: 'out', bare: 'way' }),
  row('skate-touch', 'lines', { en: ['skate touch'] }, ['1-2: A skate diag-fwd, [B touch tog]'], { bare: 'foot' }),
  row('step-slap', 'lines', { en: ['step slap'] }, ['1-2: A side, [B hitch]', '1-4: A side, [B hitch], B side, [A hitch]'], { bare: 'side' }),
  row('heel-slap', 'lines', { en: ['heel slap'] }, ['1-2: A side, [B hook behind]'], { bare: 'side' }),
  row('side-bumps', 'lines', { en: ['side bump', 'side hip bump', 'step bump'] }, ['1&2: A side, - bump, - bump', '1-2: A side, - bump'], { bare: 'side' }),
  row('brush-hitch', 'lines', { en: ['brush hitch', 'brush and hitch'] }, ['1: [A brush fwd]', '1-2: [A brush fwd], [A hitch]'], { bare: 'foot' }),
  row('night-club-basic', 'lines', { en: ['night club basic', 'nightclub basic', 'night club', 'nightclub', 'basic', 'basic night club', 'basic nightclub', 'nc basic', 'night club two step basic', 'side rock recover basic'] }, ['1-2&: A side large, B rock behind, A cross'], { bare: 'side' }),

  row('twinkle', 'lines', { en: ['twinkle'] }, ['1-3 | 1&2: A cross, B side, A side'], { bare: 'foot' }),
  row('waltz-basic', 'lines', { en: ['waltz basic', 'waltz step', 'basic waltz', 'forward basic', 'back basic', 'basic forward', 'basic back', 'waltz forward', 'waltz back'] }, ['1-3: A *, B tog, A place'], { direction: 'forward' }),
  row('figure-of-eight', 'lines', { en: ['figure of eight vine', 'figure of eight', 'figure of 8', 'figure of 8 vine'] }, ['1-8: A side, B behind, A fwd +1/4, B fwd, A pivot +1/2, B side +1/4, A behind, B fwd -1/4'], { bare: 'side', way: 'out', amount: 36, definite: true, care: 'turning' }),

  // Turns
  row('hinge', 'turns', { en: ['hinge turn', 'hinge'] }, ['1-2 | 1&: A side, B side +T'], { way: 'out', amount: 24, bare: 'way', care: 'turning' }),
  row('chase-turn', 'turns', { en: ['chase turn', 'step pivot step', 'step turn step', 'chase'] }, ['1&2 | 1-3: A fwd, B pivot +T, A fwd'], { way: 'in', amount: 24, definite: true, care: 'turning', bare: 'way', before: 'foot' }),
  row('paddle', 'turns', { en: ['paddle turn', 'paddle', 'push turn paddle'] }, ['1-2 | 1& | &1: A fwd, B pivot +T', '1: B pivot +T'], { way: 'in', amount: 12, run: 'A fwd, B pivot', fills: true, share: 'pairs', bare: 'way', care: 'turning' }),
  row('push-paddle', 'turns', { en: ['push', 'paddle push'] }, ['1: [A touch side] +T'], { way: 'in', amount: 6, bare: 'foot', care: 'turning' }),
  row('monterey', 'turns', { en: ['monterey', 'monterey turn'] }, ['1-4: [A point side], A tog +T, [B point side], B tog', '1-3: [A point side], A tog +T, [B point side]', '1: A tog +T'], { way: 'out', amount: 24, care: 'turning', bare: 'side' }),
  row('push-turn', 'turns', { en: ['push turn', 'rock recover half', 'press turn'] }, ['1-3 | 1&2: A rock fwd, B recover, A fwd +T'], { way: 'out', amount: 24, care: 'turning', bare: 'way', before: 'foot' }),
  row('cross-quarter-quarter-cross', 'turns', { en: ['cross quarter quarter cross'] }, ['1-4: A cross, B back +1/4, A side +1/4, B cross'], { way: 'out', amount: 24, definite: true, listed: true, bare: 'foot', care: 'turning' }),
  row('cross-quarter-quarter-ball-cross', 'turns', { en: ['cross quarter quarter ball cross'] }, ['1-3&4 | 1-2 3&4: A cross, B back +1/4, A side +1/4, B ball tog small, A cross'], { way: 'out', amount: 24, definite: true, listed: true, bare: 'foot', care: 'turning' }),
  row('diamond', 'turns', { en: ['diamond', 'diamond fallaway', 'fallaway', 'fallaway diamond', 'diamond step'] }, ['1&2 3&4 | 1-6: A cross, B side, A back +1/8, B back, A side +1/8, B fwd'], { way: 'out', amount: 12, definite: true, bare: 'foot' }),
  row('spiral', 'turns', { en: ['spiral', 'spiral turn'] }, ['1-2: A fwd, [B hook cross] +T', '1: [A hook cross] +T'], { way: 'in', amount: 48, definite: true, bare: 'way', care: 'turning' }),
  row('full-turn', 'turns', { en: ['full turn', 'full turn forward'], de: ['ganze Drehung'], fr: ['tour complet'], nl: ['hele draai'] }, ['1-2 | 1&: A back +1/2, B fwd +1/2', '1&2 | 1-3: A place +1/2, B place +1/4, A place +1/4', '1: - turn +T'], { way: 'in', amount: 48, definite: true, bare: 'way', run: 'A *, B *', direction: 'forward', share: 'steps', care: 'turning' }),
  row('jazz-box', 'boxes', { en: ['jazz box', 'jazz square', 'jazzbox', 'jazz', 'box of jazz'], de: ['Jazzbox', 'Kasten'] }, ['1-4 | 1&2&: A cross, B back, A side +T, B fwd', '1-3 | 1&2: A cross, B back, A side +T'], { way: 'out', bare: 'foot', turned: { '1/2': 'A cross, B back +1/4, A side +1/4, B fwd' } }),
  row('jazz-triangle', 'boxes', { en: ['jazz triangle'] }, ['1-3 | 1&2: A cross, B back, A side +T'], { way: 'out', bare: 'foot' }),
  row('rumba-box', 'boxes', { en: ['rumba box', 'box step', 'box', 'rhumba box', 'full rumba box'] }, ['1-8: A side, B tog, A fwd, - hold, B side, A tog, B back, - hold', '1&2 3&4: A side, B tog, A fwd, B side, A tog, B back', '1-4: A side, B tog, A fwd, - hold']),
  row('half-box', 'boxes', { en: ['half rumba box', 'half box', 'rumba box forward half', 'rumba box forward', 'rumba', 'rumba step'] }, ['1-4: A side, B tog, A *, - hold', '1&2 | 1-3: A side, B tog, A *'], { direction: 'forward' }),

  // Struts, heels, toes
  row('toe-strut', 'struts', { en: ['toe strut', 'toe heel strut', 'strut'], de: ['Toe Strut', 'Spitze Hacke', 'Spitze Ferse'], nl: ['teen hak'] }, ['1-2 | 1&: [A toe *] +T, A drop'], { direction: 'forward', bare: 'foot' }),
  row('heel-strut', 'struts', { en: ['heel strut'] }, ['1-2 | 1&: [A heel *] +T, A drop'], { direction: 'forward', bare: 'foot' }),
  row('hip-walk', 'struts', { en: ['hip walk', 'toe strut with hip bump', 'walking hip bump', 'toe strut hip bump'] }, ['1&2: [A toe *] +T, - bump, A drop'], { direction: 'forward', bare: 'foot' }),
  row('heel-switch', 'struts', { en: ['heel switches', 'heel switch'] }, ['1&2&: [A heel fwd], A tog, [B heel fwd], B tog', '1&2: [A heel fwd], A tog, [B heel fwd]', '1&: [A heel fwd], A tog'], { run: '[A heel fwd], A tog, [B heel fwd], B tog' }),
  row('toe-switch', 'struts', { en: ['toe switches', 'toe switch', 'side switch', 'point switch'] }, ['1&2&: [A point side], A tog, [B point side], B tog', '1&2: [A point side], A tog, [B point side]'], { run: '[A point side], A tog, [B point side], B tog' }),
  row('heel-jack', 'struts', { en: ['heel jack'] }, ['&1&2: A back small, [B heel fwd], B tog, A tog', '&1&: A back small, [B heel fwd], B tog', '&1: A back small, [B heel fwd]'], { bare: 'direction' }),
  row('vaudeville', 'struts', { en: ['vaudeville', 'vaudeville step', 'cross back heel'] }, ['1&2&: A cross, B side, [A heel diag-fwd], A tog', '1&2: A cross, B side, [A heel diag-fwd]']),
  row('heel-hook', 'struts', { en: ['heel hook', 'heel hook heel together'] }, ['1-4: [A heel fwd], [A hook cross], [A heel fwd], A tog', '1-2 | 1&: [A heel fwd], [A hook cross]']),
  row('k-step', 'struts', { en: ['K step'], nl: ['K stap'] }, ['1-8: A diag-fwd, [B touch tog], B diag-back, [A touch tog], A diag-back, [B touch tog], B diag-fwd, [A touch tog]']),
  row('half-k-step', 'struts', { en: ['half K step', 'K step forward half', 'first half of a K step'] }, ['1-4: A diag-fwd, [B touch tog], B diag-back, [A touch tog]']),
  row('a-step', 'struts', { en: ['A step', 'reverse V step'] }, ['1-4 | 1&2&: A diag-back, B diag-back, A fwd, B tog']),
  row('v-step', 'struts', { en: ['V step', 'out out in in'], de: ['V Schritt'], fr: ['pas en V'], nl: ['V stap'] }, ['1-4 | 1&2&: A diag-fwd, B diag-fwd, A in, B tog']),
  row('charleston', 'struts', { en: ['charleston', 'charleston step'] }, ['1-4: A fwd, [B kick fwd], B back, [A touch back]']),
  row('wizard', 'struts', { en: ['wizard', 'wizard step', 'Dorothy', 'Dorothy step'] }, ['1-2&: A diag-fwd, B lock, A diag-fwd small']),
  row('heel-grind', 'struts', { en: ['heel grind', 'grind heel'] }, ['1-2 | 1&: A heel! fwd, B recover +T'], { way: 'out', care: 'turning' }),
];
