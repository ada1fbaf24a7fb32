/** What a view is, in two sentences, and what to do next on it. */
export interface ViewHelp {
  readonly title: string;
  readonly about: string;
  readonly next: string;
  readonly terms: readonly string[];
}

/** By the start of the address; the longest that fits is shown. */
const VIEWS: Readonly<Record<string, ViewHelp>> = {
  '/rack': {
    title: 'Rack',
    about:
      'The Rack holds every billet you plan or make, drawn end-on to one scale. Under each you see how far it is and what comes next.',
    next: 'Open a billet, or choose New billet to plan one.',
    terms: ['Billet', 'Layer count', 'Delamination'],
  },
  '/billets/new': {
    title: 'New billet',
    about:
      'A billet begins with its stack: steels, pieces, width and length. The right side shows the layers and the size it comes to.',
    next: 'Name the billet, set the stack, then choose Create billet.',
    terms: ['Stack', 'Piece', 'Restack', 'Layer count'],
  },
  '/billets/': {
    title: 'Billet',
    about:
      'The Run on the left lists every step from the stack to the finished bar, with size and layer count after each. The right side shows the open step: the end of the bar, what the checks found, and its welds.',
    next: 'Open the next weld and choose Heat plan, or add a step at the end.',
    terms: ['Run', 'Setting weld', 'Draw out', 'Kerf', 'Layer count'],
  },
  '/billets/inside': {
    title: 'Pattern view',
    about:
      'You see the pattern of this bar on its face, end or side, computed layer by layer. You can cut, grind or twist it on trial without changing the plan.',
    next: 'Scroll to zoom, drag to pan; choose Apply to plan to keep a change.',
    terms: ['Ladder', 'Raindrop', 'Twist', 'Contrast', 'Etch'],
  },
  '/billets/heat': {
    title: 'Heat plan',
    about:
      'The heat plan of one weld or draw: temperature window, soak, working time, force and stop blocks. The times come from the size of this bar and your forge.',
    next: 'Go through the checklist, then choose Start session.',
    terms: ['Welding heat', 'Soak', 'Setting weld', 'Kiss block', 'Decarb'],
  },
  '/billets/finish': {
    title: 'Heat treatment',
    about:
      'How to normalize, harden, temper and etch the finished bar, so that every steel in it is treated well. Where the steels disagree, the compromise is named.',
    next: 'Choose the hardness you want, then log the treatment when it is done.',
    terms: ['Normalize', 'Austenitize', 'Quench', 'Temper', 'Etch'],
  },
  '/billets/card': {
    title: 'Card',
    about:
      'One page to hang beside the press: cut list, steps, heats, stop heights and cautions. The code on it opens the next step on a phone.',
    next: 'Print it, or save it as PDF.',
    terms: ['Kiss block', 'Layer count'],
  },
  '/finder': {
    title: 'Finder',
    about:
      'The Finder lists the schedules that reach your layer count and size: pieces, cuts and restacks, with steel, welds and time for each. Nothing that is better in every way is left out.',
    next: 'Set the count and the finished bar, compare two schedules, then create a billet from one.',
    terms: ['Layer count', 'Restack', 'Stack', 'Kerf'],
  },
  '/fire': {
    title: 'Fire',
    about:
      'Start a session here and take it to the forge: it shows what to do now, counts the soak, and logs your taps and the outcome of each weld. Practice runs use the same screen without changing the Book.',
    next: 'Choose a billet and Start session.',
    terms: ['Soak', 'Setting weld', 'Reducing flame', 'Delamination'],
  },
  '/steels': {
    title: 'Steels',
    about:
      'Every steel with its composition, welding and hardening heats and etch tone, and how well any of them weld together. Figures from tables and estimates are marked.',
    next: 'Choose two or more steels to see whether they work in one bar.',
    terms: ['Welding heat', 'Contrast', 'Martensite', 'Hot short'],
  },
  '/book': {
    title: 'Book',
    about:
      'The Book is the work log: every weld, inspection, measurement and repair, with who and when. Nothing is lost: edits keep their history and deleted lines can be restored.',
    next: 'Add an inspection to a weld after the etch or the cut.',
    terms: ['Delamination', 'Inclusion', 'Cold shut', 'Weld line'],
  },
  '/evidence': {
    title: 'Evidence',
    about:
      'Evidence asks your own Book which welds come out sound and what goes with the ones that do not. It says so when there are not enough welds yet.',
    next: 'Choose a condition to compare, and read the range before the share.',
    terms: ['Delamination', 'Coupon', 'Soak'],
  },
  '/shop': {
    title: 'Shop',
    about:
      'Forge, press, hammer, defaults and limits: every plan is computed with them. Changes apply to all plans at once and can be undone.',
    next: 'Enter the sizes of your forge and press; calibrate the thermocouple.',
    terms: ['Flat dies', 'Kiss block', 'Kerf', 'Scale'],
  },
  '/glossary': {
    title: 'Glossary',
    about:
      'Every word of the trade that Geminal uses, in two lines. Dotted words on other screens open the same text.',
    next: 'Type a word to find it.',
    terms: [],
  },
  '/first-steps': {
    title: 'First steps',
    about:
      'Three short questions set up your shop, and a fourth plans the first billet. Skip any of them; everything can be changed later.',
    next: 'Choose the shop that is closest to yours.',
    terms: ['Billet', 'Layer count'],
  },
};

/** The help of an address. */
export function helpOf(pathname: string): ViewHelp | undefined {
  const plain = pathname.replace(/^\/billets\/\d+\/(\w+)$/, '/billets/$1');
  const fits = Object.keys(VIEWS).filter((start) => plain.startsWith(start));
  return VIEWS[fits.sort((a, b) => b.length - a.length)[0] ?? ''];
}

/** For tests: all of them. */
export const ALL_HELP = Object.values(VIEWS);
