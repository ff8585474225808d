/** `npm run screenshots`: one picture of each main view, from the demo data, into docs/screenshots. */
import { Buffer } from 'node:buffer';
import { ensureBuild, ensureChromium, ensurePackages, ROOT, startServer } from './lib.mjs';

await ensurePackages();
ensureBuild();
const { chromium } = await import('@playwright/test');
const only = process.argv.slice(2);
const folder = process.env.SHOTS_DIR ?? `${ROOT}/docs/screenshots`;
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const TABLET = { width: 820, height: 1180 };

/** A sheet as it comes by mail: German sentences, English names, a slip of the pen. */
const OLD_SHEET = `<h1>Harbour Swing</h1><p>music: Two Piers, 112 bpm</p><p>level: improver</p><p>counts: 24</p><p>walls: 4</p>
<h2>Section 1</h2><p>1&amp;2 Chassé nach rechts<br>3-4 Rock zurück mit links, Gewicht zurück auf rechts<br>5-8 Vine left, touch right</p>
<h2>Section 2</h2><p>1-2 Step right fwd, pivot 1/2 left<br>3-4 wolk right, left<br>5-8 Jazz box right 1/4</p>
<h2>Section 3</h2><p>1-4 V step right<br>5&amp;6 Kick ball change right<br>7-8 Stomp right, stomp left</p>
<p>Restart auf Wand 3 nach 16 Counts</p>`;

/** Places the cursor at the end of the line that holds these words. */
const atLine = (words) => async (page) => {
  await page
    .getByRole('textbox', { name: 'The script of the dance' })
    .locator('.cm-line', { hasText: words })
    .first()
    .click();
  await page.keyboard.press('End');
  await page.waitForTimeout(900);
};

async function openClasses(page) {
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await page.getByText('Handed out before a change').waitFor();
}

async function planEvening(page) {
  await openClasses(page);
  await page.getByRole('button', { name: 'Plan the evening of Tuesday learners' }).click();
  await page.getByRole('list', { name: 'Steps of the evening' }).waitFor();
}

const SHOTS = [
  { name: 'dances', size: DESK },
  { name: 'script', size: DESK, dance: 'Ferry at Dusk', then: atLine('Step R forward, pivot 1/2 left') },
  { name: 'script-slips', size: DESK, dance: 'Rope’s End (draft)', then: atLine('Coaster L') },
  {
    name: 'script-dim',
    size: DESK,
    dance: 'Heron on the Piling',
    dim: true,
    then: atLine('Step L forward, pivot 1/2'),
  },
  {
    name: 'walls',
    size: DESK,
    dance: 'Low Tide Lanterns',
    view: 'Walls',
    then: (page) => page.getByRole('button', { name: /^Wall 3:/ }).click(),
  },
  {
    name: 'floor',
    size: DESK,
    dance: 'Low Tide Lanterns',
    then: async (page) => {
      await atLine('Shuffle R forward')(page);
      await page.getByRole('link', { name: 'Floor', exact: true }).click();
      await page.locator('[data-floor]').waitFor();
      for (let count = 0; count < 6; count++) await page.keyboard.press('ArrowRight');
    },
  },
  { name: 'sheet', size: DESK, dance: 'Ferry at Dusk', view: 'Sheet' },
  {
    name: 'import',
    size: DESK,
    then: async (page) => {
      await page.getByRole('button', { name: 'Import' }).click();
      await page.getByTestId('import-file').setInputFiles({
        name: 'harbour-swing.html',
        mimeType: 'text/html',
        buffer: Buffer.from(OLD_SHEET),
      });
      await page.getByTestId('import-truth').waitFor();
    },
  },
  {
    name: 'revisions',
    size: DESK,
    dance: 'Ferry at Dusk',
    then: async (page) => {
      await page.getByRole('link', { name: 'Revisions' }).click();
      await page.getByRole('button', { name: 'Name this state' }).click();
      await page.getByLabel('Name of the revision').fill('harbour night');
      await page.keyboard.press('Enter');
      await page.getByRole('link', { name: 'Script', exact: true }).click();
      await atLine('Shuffle L forward')(page);
      await page.keyboard.type(' turning 1/2 right');
      await page.keyboard.press('Control+End');
      // As pasted: typed, Enter would take the heading that is offered.
      await page.keyboard.insertText('\n\n## Plan\nwall 3: restart after 16');
      await page.waitForTimeout(900);
      await page.getByRole('link', { name: 'Revisions' }).click();
      await page.getByRole('region', { name: 'What changed' }).waitFor();
    },
  },
  {
    name: 'music',
    size: DESK,
    dance: 'Low Tide Lanterns',
    then: async (page) => {
      await page.getByRole('link', { name: 'Music', exact: true }).click();
      await page.getByRole('button', { name: 'Let the house band play it' }).click();
      await page.getByText('First step at').waitFor();
      await page.getByRole('button', { name: 'Set it' }).click();
      await page
        .getByRole('button', { name: /^Take walls?/ })
        .first()
        .waitFor();
    },
  },
  {
    name: 'lesson',
    size: DESK,
    dance: 'Low Tide Lanterns',
    then: async (page) => {
      await page.getByRole('link', { name: 'Lesson', exact: true }).click();
      await page.getByRole('button', { name: 'Keep a plan of it' }).click();
    },
  },
  {
    name: 'practice',
    size: DESK,
    dim: true,
    dance: 'Low Tide Lanterns',
    then: async (page) => {
      await page.getByRole('link', { name: 'Practice', exact: true }).click();
      await page.getByLabel('Stretch').selectOption('wall 3');
      await page.getByRole('button', { name: 'three quarters' }).click();
      for (let step = 0; step < 7; step++) await page.keyboard.press('ArrowRight');
    },
  },
  {
    name: 'figures',
    size: DESK,
    dance: 'Ferry at Dusk',
    then: async (page) => {
      await page.getByRole('link', { name: 'Figures', exact: true }).click();
      await page.getByRole('button', { name: /^sailor 1/ }).click();
      await page.getByRole('article', { name: 'sailor', exact: true }).waitFor();
    },
  },
  { name: 'classes', size: DESK, then: openClasses },
  {
    name: 'group',
    size: DESK,
    then: async (page) => {
      await openClasses(page);
      await page.getByRole('link', { name: 'Thursday regulars' }).click();
      await page.getByRole('img', { name: /^What Thursday regulars danced/ }).waitFor();
    },
  },
  { name: 'evening', size: DESK, then: planEvening },
  {
    name: 'in-class',
    size: TABLET,
    then: async (page) => {
      await planEvening(page);
      await page.getByRole('button', { name: 'In class' }).click();
      for (let step = 2; step < 5; step++) {
        await page.getByRole('button', { name: 'Done, next' }).click();
        await page.getByText(`step ${step} of`).waitFor();
      }
      await page.getByRole('button', { name: /Kick ball change R/ }).click();
    },
  },
  {
    name: 'level',
    size: DESK,
    dance: 'Low Tide Lanterns',
    then: async (page) => {
      await page.getByRole('link', { name: 'Level', exact: true }).click();
      await page.getByRole('list', { name: 'Lines above this level' }).waitFor();
    },
  },
  { name: 'script-phone', size: PHONE, dance: 'Ferry at Dusk', then: atLine('Step R forward, pivot 1/2 left') },
];

const server = await startServer(4391);
const browser = await chromium.launch({
  executablePath: await ensureChromium(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
try {
  for (const shot of SHOTS.filter(({ name }) => only.length === 0 || only.includes(name))) {
    const context = await browser.newContext({
      viewport: shot.size,
      reducedMotion: 'reduce',
      colorScheme: shot.dim ? 'dark' : 'light',
    });
    const page = await context.newPage();
    page.setDefaultTimeout(8000);
    page.on('console', (message) => message.type() === 'error' && console.log(`${shot.name}: ${message.text()}`));
    page.on('pageerror', (error) => console.log(`${shot.name}: ${error.message}`));
    await page.goto(server.address.replace(/\/$/, '') + (shot.path ?? '/'));
    if (!shot.path) await page.getByRole('link', { name: 'Ferry at Dusk', exact: true }).waitFor();
    if (shot.dance) {
      const name = shot.dance.replace('’', "'");
      await page.getByRole('link', { name, exact: true }).click();
      await page.getByRole('textbox', { name: 'The script of the dance' }).waitFor();
      if (shot.view) {
        if (shot.size === PHONE) {
          await page.getByRole('button', { name: 'Script' }).click();
          await page.getByRole('menuitem', { name: shot.view }).click();
        } else await page.getByRole('link', { name: shot.view, exact: true }).click();
        await page.getByRole(shot.view === 'Walls' ? 'slider' : 'article').waitFor();
      }
    }
    if (shot.then) await shot.then(page);
    await page.waitForTimeout(250);
    await page.screenshot({ path: `${folder}/${shot.name}.png` });
    await context.close();
  }
} finally {
  await browser.close();
  server.stop();
}
