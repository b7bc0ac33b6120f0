/** What is pictured, in the order the work goes: each shot leaves the shop as the next one finds it. */

const BASE = '/setup/base-plate-knee-mill';

const press = (page, name) => page.getByRole('button', { name }).first().click();

/** A pocket whose length word is another tool's, and that goes home through the stock. */
const BRACKET = `%
G21 G90 G17 G40 G80
T2 M6
S3000 M3
G54
G0 X-30 Y0
G43 H3 Z25
G0 Z2
G1 Z-3 F200
${[0, 2, 4, 6, 8].map((r) => `G1 X${-20 + r} Y0 F400\nG3 X${-20 + r} Y0 I${20 - r} J0`).join('\n')}
G0 X30 Y14
G0 Z25
M5
M30
%
`;

async function log(page, ...texts) {
  for (const text of texts) {
    await page.getByRole('textbox').fill(text);
    await page.getByRole('textbox').press('Enter');
    await page.waitForTimeout(50);
    await page.waitForFunction(() => (document.querySelector('input')?.value ?? '') === '');
  }
}

export const SHOTS = [
  {
    name: 'bench',
    size: 'phone',
    path: '/',
    act: (page) => page.getByText(/189\.995/).waitFor(),
  },
  {
    name: 'first-touch',
    size: 'low',
    path: '/new',
    act: async (page) => {
      await press(page, 'Knee mill');
      await press(page, 'left face');
      await page.getByRole('textbox').fill('-5.01');
    },
  },
  {
    name: 'at-once',
    size: 'phone',
    path: '/at-once/bolt-circle',
    act: (page) => page.getByRole('textbox').first().fill('30'),
  },
  {
    name: 'practice',
    size: 'wide',
    path: '/setup/practice-left-edge-7/datum?f=face.left',
    act: async (page) => {
      await press(page, /^In the spindle/);
      await page.getByRole('menuitem', { name: 'Edge finder 10' }).click();
      await page.getByText('1000', { exact: true }).click();
      const steps = async (mm, name, times) => {
        await page.getByText(mm, { exact: true }).first().click();
        for (let i = 0; i < times; i += 1) await press(page, new RegExp(`^${name} by`));
      };
      await steps('10', 'Y away', 4);
      await steps('10', 'Z down', 4);
      await steps('1', 'Z down', 12);
      await steps('1', 'X right', 19);
      await steps('0.02', 'X right', 26);
    },
  },
  {
    name: 'marking',
    size: 'phone',
    path: '/setup/practice-left-edge-7/datum?f=face.left',
    act: async (page) => {
      await press(page, /^In the spindle/);
      await page.getByRole('menuitem', { name: 'Edge finder 10' }).click();
      await page.getByText('2500', { exact: true }).click();
      await page.getByText('10', { exact: true }).first().click();
      for (let i = 0; i < 4; i += 1) await press(page, /^Y away by/);
      for (let i = 0; i < 5; i += 1) await press(page, /^Z down by/);
      await page.getByText('1', { exact: true }).first().click();
      for (let i = 0; i < 26; i += 1) await press(page, /^X right by/);
      await press(page, 'Mark it');
    },
  },
  {
    name: 'link',
    size: 'low',
    path: `${BASE}/datum?f=face.left`,
    act: async (page, { link, tell }) => {
      await link('knee-mill', 'readout');
      await page.reload();
      await page.getByRole('button', { name: 'Take it' }).waitFor();
      await tell('knee-mill', { do: 'act', act: { do: 'hold', contact: 'spring-finder-10' } });
      await tell('knee-mill', { do: 'act', act: { do: 'spin', rpm: 1000 } });
      for (const x of [-5.01, -5.015]) {
        await tell('knee-mill', { do: 'act', act: { do: 'set', axis: 'x', value: x } });
        await page.getByText(String(x).replace('-', '−').padEnd(6, '0')).first().waitFor();
        await press(page, 'Take it');
      }
      await page.getByText(/^2 readings give/).waitFor();
    },
    after: (page, { link }) => link('knee-mill', undefined),
  },
  { name: 'plan', size: 'phone', path: `${BASE}/plan` },
  {
    name: 'workholding',
    size: 'phone',
    path: `${BASE}/workholding`,
    act: async (page) => {
      await press(page, 'Log this step done');
      await press(page, 'Log this step done');
      await press(page, 'Log this step done');
    },
  },
  {
    name: 'alignment-vise',
    shown: false,
    size: 'phone',
    path: `${BASE}/alignment?task=vise`,
    act: async (page) => {
      await log(page, '0');
      await page.getByRole('textbox').fill('0.058');
    },
  },
  {
    name: 'alignment-vise-answer',
    size: 'phone',
    path: `${BASE}/alignment?task=vise`,
    act: (page) => log(page, '0.058'),
  },
  {
    name: 'alignment-head',
    shown: false,
    size: 'phone',
    path: `${BASE}/alignment?task=head`,
    act: async (page) => {
      await page.getByRole('checkbox').click();
      await log(page, '0', '0.10', '0', '-0.06');
    },
  },
  {
    name: 'alignment-centre-wide',
    shown: false,
    size: 'wide',
    path: '/setup/calendar-wheel-rotary/alignment?task=centre',
    act: (page) => log(page, '0.06', '-0.02', '-0.04', '0.04'),
  },
  {
    name: 'gauge',
    shown: false,
    size: 'phone',
    path: '/shop/gauges/contact-light-10',
    act: (page) => page.getByText(/^▲ Creeps/).waitFor(),
  },
  {
    name: 'shop-backlash',
    shown: false,
    size: 'phone',
    path: '/shop/machines/knee-mill?axis=y&do=backlash',
    act: async (page) => {
      await press(page, 'Begin');
      await log(page, '6.22', '6', '6.225', '6.005');
    },
  },
  {
    name: 'datum-touch',
    shown: false,
    size: 'phone',
    path: `${BASE}/datum?f=face.left`,
    act: (page) => log(page, '-5.012', '-5.008', '-5.010'),
  },
  {
    name: 'datum',
    size: 'phone',
    path: `${BASE}/datum?f=face.left`,
    act: (page) => press(page, 'Show the answer'),
  },
  {
    name: 'datum-wide',
    size: 'wide',
    path: `${BASE}/datum?f=face.left`,
  },
  {
    name: 'set-x-and-y',
    shown: false,
    size: 'phone',
    path: `${BASE}/datum?f=face.left`,
    act: async (page) => {
      await press(page, 'Show the answer');
      await press(page, /^Log X set to/);
      await press(page, 'Yes');
      await press(page, 'front face');
      await log(page, '-5.005', '-5.010', '-5.005');
      await press(page, 'Show the answer');
      await press(page, /^Log Y set to/);
      await press(page, 'Yes');
      await page.getByText(/X and Y are set/).waitFor();
    },
  },
  {
    name: 'heights',
    size: 'phone',
    path: `${BASE}/heights`,
    act: async (page) => {
      await page.getByRole('checkbox').click();
      await log(page, '37.420');
      await press(page, 'Show the answer');
      await press(page, /^Log Z set to/);
      await press(page, 'Yes');
      await page.getByRole('checkbox').click();
      await log(page, '-2.310');
      await press(page, 'Show the answer');
    },
  },
  { name: 'positions', size: 'phone', path: `${BASE}/positions` },
  { name: 'drive', size: 'phone', path: `${BASE}/drive?pattern=bearing-screws&stop=2`, mode: 'shop' },
  {
    name: 'drive-dials',
    size: 'phone',
    path: '/setup/pivots-bench-mill/positions?show=order',
    act: async (page) => {
      await page.getByRole('checkbox', { name: 'Corner holes' }).click();
      await page.getByRole('radio', { name: 'Fewest reversals' }).click();
      await page.getByText('Best order').waitFor();
      await press(page, 'Go hole by hole');
      await press(page, /^Nothing moved/);
      for (let i = 0; i < 4; i += 1) await press(page, /^Log hole \d+ /);
      await page.getByText('Stop 5 of').waitFor();
    },
  },
  {
    name: 'bore',
    size: 'phone',
    path: `${BASE}/size`,
    act: async (page) => {
      const set = page.getByRole('textbox', { name: /^Set to/ });
      for (const [size, to] of [['25.4'], ['25.560', '25.6'], ['25.752', '25.8'], ['25.910', '25.95']]) {
        if (to) {
          await page.getByRole('checkbox', { name: /indicator and keys off/ }).click();
          await set.fill(to);
        }
        await page.getByRole('textbox', { name: /^Diameter (now|then)/ }).fill(size);
        await press(page, 'Log this reading');
        await page.getByRole('checkbox', { name: /indicator and keys off/ }).waitFor();
      }
      await page.getByText(/^Last pass/).scrollIntoViewIfNeeded();
      await page.mouse.move(200, 300);
      await page.mouse.wheel(0, -2000);
      await page.waitForTimeout(200);
    },
  },
  {
    name: 'program',
    size: 'phone',
    path: '/setup/arm-bracket-trunnion/verify?show=program',
    act: async (page) => {
      await page.getByLabel('A program to check').setInputFiles({
        name: 'bracket.nc',
        mimeType: 'text/plain',
        buffer: Buffer.from(BRACKET),
      });
      await page.getByText(/^Do not run/).waitFor();
    },
  },
  { name: 'sheet', size: 'phone', path: `${BASE}/sheet`, pdf: '/api/setups/base-plate-knee-mill/sheet.pdf' },
  {
    name: 'tool-change',
    size: 'low',
    path: '/setup/plinth-router/heights',
    act: async (page) => {
      const { origin } = new URL(page.url());
      const { machine, versions } = await (await page.request.get(`${origin}/api/setups/plinth-router`)).json();
      await page.request.put(`${origin}/api/machines/${machine.id}`, {
        data: {
          version: 'no-table',
          began: versions[`machine.${machine.id}`],
          body: { ...machine, habits: { ...machine.habits, toolLengthSchool: 'touch-every-change' } },
        },
      });
      await page.reload();
      await page.getByRole('checkbox').first().click();
      const type = async (text) => {
        await page.locator('input[placeholder]').first().fill(text);
        await press(page, 'Log this reading');
      };
      await type('-60.2');
      await press(page, 'Show the answer');
      await page.getByRole('radio', { name: /^Set Z to/ }).click();
      await press(page, /^Log Z set to/);
      await press(page, 'Yes');
      await page.goto(`${origin}/setup/plinth-router/heights?show=table`);
      await page.getByRole('radio', { name: 'beside the part' }).click();
      await press(page, 'Use this spot');
      await page.getByRole('checkbox').first().click();
      await type('-3.41');
      await press(page, /^Change to T2/);
      await press(page, 'Clear and unplugged');
      await press(page, /is in and tight/);
      await press(page, 'The light came on');
      await page.getByRole('checkbox').first().click();
      await page.getByText('Still touching: set Z to').waitFor();
    },
  },
];
