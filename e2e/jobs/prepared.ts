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
