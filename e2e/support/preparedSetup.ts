import { expect, type Job } from './job';

/** A machine that keeps no table of lengths, told through the server: how it was told is not what is tried. */
export async function keepsNoTable({ page }: Job, url: string, setup: string): Promise<void> {
  const { machine, versions } = await (await page.request.get(`${url}/api/setups/${setup}`)).json();
  const body = { ...machine, habits: { ...machine.habits, toolLengthSchool: 'touch-every-change' } };
  const began = versions[`machine.${machine.id}`];
  const put = await page.request.put(`${url}/api/machines/${machine.id}`, {
    data: { version: 'no-table', began, body },
  });
  expect(put.ok()).toBe(true);
}

/** A plan with something changed. */
export async function changePlan({ page }: Job, url: string, id: string, change: object): Promise<void> {
  const path = `${url}/api/setups/${id}`;
  const { setup, versions } = await (await page.request.get(path)).json();
  const put = await page.request.put(`${path}/plan`, {
    data: { version: 'prepared', began: versions.plan, body: { ...setup, ...change } },
  });
  expect(put.ok()).toBe(true);
}

/** A tool changed at the touch-off point of the router, its plate and clip with it, and Z set there to a figure. */
export async function changeAtSpot(job: Job, tool: number, figure: string): Promise<void> {
  await job.tap('radio', new RegExp(`^T${tool} `));
  await job.tap('button', `Change to T${tool}`);
  await job.tap('button', 'Clear and unplugged');
  await job.tap('button', `T${tool} is in and tight`);
  await job.tap('button', 'The light came on');
  await job.tap('checkbox', /./);
  await job.tap('button', `Log Z set to ${figure}`);
  await job.tap('button', 'Yes');
}

/** The touch-off point beside the part, with the plate on it, touched by what set Z. */
export async function learnSpot(job: Job, z: string): Promise<void> {
  await job.tap('radio', 'beside the part');
  await job.tap('radio', /^Touch plate/);
  await job.tap('button', 'Use this spot');
  await job.tap('checkbox', /./);
  await job.log(z);
}
