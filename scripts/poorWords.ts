/** Words that the interface does not use, and what it says instead. */
export interface PoorWords {
  readonly pattern: RegExp;
  readonly instead: string;
  /** Texts in which they have another meaning and may stand. */
  readonly allowed?: readonly RegExp[];
}

/**
 * What keepers stumbled over: idiom, words of the workshop, things that act like people, and sentences without an end. Words
 * with an innocent meaning stand here only within the phrases that are wrong.
 */
export const POOR_WORDS: readonly PoorWords[] = [
  { pattern: /\bnobody\b/i, instead: '“you”, or the name of who does it' },
  { pattern: /\bdoes not answer\b/i, instead: 'is not responding' },
  { pattern: /(?<!there )\bis no (?!longer|more|extra)/i, instead: 'is not a' },
  {
    pattern: /; (?:try|fetch|choose|load|reload|update) /i,
    instead: 'a full stop: “Nothing was changed. Try again.”',
  },
  { pattern: /\balong the water\b/i, instead: 'in flow order' },
  { pattern: /\bonce more\b/i, instead: 'again' },
  { pattern: /\b(?:anew|afresh)\b/i, instead: 'again' },
  { pattern: /\bgo on (?:at|with)\b|^Go on\b/i, instead: 'continue' },
  {
    pattern: /^(?:Begin|Write down|Take back|Drop|Revoke|Choose all|Give up)\b/,
    instead: 'Start, Save, Undo, Delete, Remove, Select all, Cancel',
  },
  { pattern: /\bbegun\b/i, instead: 'started' },
  { pattern: /\bto and fro\b/i, instead: 'back and forth' },
  { pattern: /\bfurred\b/i, instead: 'slimy inside' },
  { pattern: /\bnipped\b/i, instead: 'pinched' },
  { pattern: /\b(?:stands?|is) proud\b/i, instead: 'does not lie flat' },
  { pattern: /\bfouled\b/i, instead: 'dirty' },
  {
    pattern: /\b(?:fully|pushed?|turn(?:ed)?) home\b|\bends home\b|\ba home for\b/i,
    instead: 'on fully, until it locks; houses bacteria',
  },
  { pattern: /\bafloat\b/i, instead: 'in the water' },
  { pattern: /\bsent round\b/i, instead: 'recirculated' },
  {
    pattern: /\bhalf shut\b|\bshut (?:the|it|both|tight)\b|\bstays? shut\b|\bstood shut\b/i,
    instead: 'closed',
  },
  { pattern: /\bliving media\b/i, instead: 'biological media' },
  { pattern: /\bfilm\b/i, instead: 'bacteria, slime, or a thin coat' },
  { pattern: /\b(?:head lost|loss of head|pump head)\b/i, instead: 'pressure lost, maximum head' },
  { pattern: /\b(?:vessel|crest)\b/i, instead: 'filter, outflow lip' },
  { pattern: /\bwhat lies ahead\b|\boutlook\b/i, instead: 'forecast' },
  { pattern: /\byour positions?\b|^Schools\b/i, instead: 'your choice; where keepers disagree' },
  { pattern: /\bunripe\b|\bripe\b/i, instead: 'mature, new' },
  { pattern: /\b(?:least through|least water through)\b/i, instead: 'water through the worst layer' },
  { pattern: /\b(?:goes|go|going) (?:past|beside) the media\b/i, instead: 'goes around the media' },
  { pattern: /\b(?:passes|pass) (?:it|its dirt|their dirt|dirt) on\b/i, instead: 'let dirt through' },
  { pattern: /\breadiest|ready now for\b/i, instead: 'bacteria now: enough for' },
  {
    pattern: /\b(?:cannot take|takes? in at most|holds at most)\b/i,
    instead: 'can have at most, can hold at most',
  },
  { pattern: /\b(?:is|was|are|were) refused\b/i, instead: 'what happened, and what to do' },
  { pattern: /\bis not known yet\b/i, instead: 'what to enter, and where' },
  { pattern: /\bwhat is fed\b|\bis fed a day\b/i, instead: 'the daily food' },
  { pattern: /\bin it since\b/i, instead: 'installed on' },
  { pattern: /\blifted first\b/i, instead: 'remove first' },
  { pattern: /\b\d* ?things? (?:is|are|to buy|lifted|on the list)\b/i, instead: 'item, part, value' },
  { pattern: /× an hour|× today/i, instead: 'times an hour, times today’s food' },
  { pattern: /\b(?:overfull|muck)\b/i, instead: 'too full, dirt' },
  { pattern: /\bthis sheet\b/i, instead: 'this page' },
  { pattern: /\bin the papers\b/i, instead: 'in the manual' },
  { pattern: /\bthe trade\b/i, instead: 'common practice' },
  { pattern: /\bretired?\b/i, instead: 'replace' },
];
