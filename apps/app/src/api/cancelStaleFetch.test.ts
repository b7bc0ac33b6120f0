import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { refetch, cancelStaleFetch } from './cancelStaleFetch';

const KEY = ['setup', 'plate'];

/** Something that is fetched and shown, whose answers are given by hand. */
function shown() {
  const client = new QueryClient({ defaultOptions: { queries: { networkMode: 'always', retry: false } } });
  const answers: ((data: string) => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: KEY,
    queryFn: () => new Promise<string>((resolve) => answers.push(resolve)),
    staleTime: Infinity,
  });
  const seen: string[] = [];
  const stop = observer.subscribe(({ data }) => {
    if (data !== undefined && seen.at(-1) !== data) seen.push(data);
  });
  const settled = () => new Promise((resolve) => setTimeout(resolve));
  const answer = async (data: string) => {
    answers.shift()?.(data);
    await settled();
  };
  return { client, seen, answer, stop, asked: () => answers.length };
}

test('the first fetch of all is not stopped by what is delivered meanwhile: nothing would begin it again', async () => {
  const { client, seen, answer, stop } = shown();
  await cancelStaleFetch(client, KEY);
  await answer('as fetched');
  expect(seen).toEqual(['as fetched']);
  stop();
});

test('a later fetch is: it would put back what was known before the delivery', async () => {
  const { client, seen, answer, stop } = shown();
  await answer('first');
  void client.refetchQueries({ queryKey: KEY });
  await cancelStaleFetch(client, KEY);
  client.setQueryData(KEY, 'with what was delivered');
  await answer('without it');
  expect(seen).toEqual(['first', 'with what was delivered']);
  stop();
});

test('a change told while the first answer is on its way is asked for once more', async () => {
  const { client, seen, answer, stop, asked } = shown();
  const told = refetch(client, KEY);
  await answer('before the change');
  expect(asked()).toBe(1);
  await answer('after it');
  await told;
  expect(seen).toEqual(['before the change', 'after it']);
  stop();
});

test('a change told of what is known is asked for once', async () => {
  const { client, seen, answer, stop, asked } = shown();
  await answer('known');
  const told = refetch(client, KEY);
  await answer('anew');
  await told;
  expect([seen, asked()]).toEqual([['known', 'anew'], 0]);
  stop();
});
