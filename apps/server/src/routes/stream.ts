import { id as idSchema } from '@zero-point/core/schema/quantities';
import { Router } from 'express';
import { z } from 'zod';
import { invalid } from '../http/problem';
import { openStream } from '../http/stream';
import type { Links } from '../link/links';
import type { ShopRecord } from '../records/record';
import type { Store } from '../store/store';

/** So many things one browser hears of at a time: twenty windows with two each, and some. */
const MOST_TOPICS = 64;

/** So many entries are told as news; of more a setup is fetched whole. */
const MOST_NEWS = 200;

/** What is heard of: the shop, a setup from a place in its record on, a machine's link. */
type Topic = { kind: 'shop' } | { kind: 'setup'; id: string; since: number } | { kind: 'link'; id: string };

/** What may be asked of the stream: `shop`, `setup:<id>:<seq>`, `link:<machine>`, each as often as it is wanted. */
export const streamQuery = z.object({ of: z.union([z.string(), z.array(z.string()).max(MOST_TOPICS)]) });

/** @throws HttpProblem 422 where it is no topic */
function topicOf(text: string): Topic {
  const [kind, id, since = '0'] = text.split(':');
  if (text === 'shop') return { kind: 'shop' };
  const known = idSchema.safeParse(id);
  if (known.success && kind === 'link') return { kind, id: known.data };
  if (known.success && kind === 'setup' && /^\d{1,15}$/.test(since))
    return { kind, id: known.data, since: Number(since) };
  throw invalid([{ field: 'of', message: 'must be shop, setup:<id>:<seq> or link:<machine>, at most 64 of them' }]);
}

/** @throws HttpProblem 422 */
function topicsOf(query: unknown): Topic[] {
  const read = streamQuery.safeParse(query);
  const of = read.success ? [read.data.of].flat() : [];
  if (of.length === 0) throw invalid([{ field: 'of', message: 'must name what is heard of, 1 to 64 times' }]);
  return of.map(topicOf);
}

/** One stream for all that a browser's windows hear of. */
export function streamRoutes(record: ShopRecord, store: Store, links: Links | undefined): Router {
  const router = Router();
  router.head('/stream', (_request, response) => {
    response.type('text/event-stream').end();
  });
  router.get('/stream', async (request, response) => {
    const topics = topicsOf(request.query);
    const seqs = new Map<string, number>();
    for (const topic of topics)
      // A setup that is not there, or not any more, is none of the others' trouble.
      if (topic.kind === 'setup' && store.setups.get(topic.id)) seqs.set(topic.id, topic.since);
    const shop = topics.some(({ kind }) => kind === 'shop');
    const changed = new Set<string>();
    const views = new Map<string, unknown>();
    // Events have no id: one for several setups would say of one that it was told as far as another. After a break the browser
    // asks from where it began, and what it has already changes nothing.
    const stream = await openStream(request, response, (push) => {
      for (const [id, since] of seqs) {
        const behind = store.behind(id, since);
        if (behind > MOST_NEWS) {
          // Told one by one it would take longer than all of it at once, which is asked for.
          push({ of: `setup:${id}`, data: { seq: store.lastSeq(), behind } }, 'told');
          seqs.set(id, store.lastSeq());
          continue;
        }
        const news = record.since(id, since);
        if (news.entries.length > 0) push({ of: `setup:${id}`, data: news }, 'told');
        seqs.set(id, news.seq);
      }
      for (const setupId of changed) push({ of: 'shop', data: { setupId } }, 'told');
      for (const [id, view] of views) push({ of: `link:${id}`, data: view }, 'told');
      changed.clear();
      views.clear();
    });
    stream.onEnd(
      record.listen((of) => {
        if (shop) changed.add(of);
        if (shop || of === '' || seqs.has(of)) stream.wake();
      }),
    );
    for (const topic of topics) {
      if (topic.kind !== 'link' || !links) continue;
      const { id } = topic;
      const hear = (view: unknown) => {
        views.set(id, view);
        stream.wake();
      };
      stream.onEnd(links.listen(id, hear));
      const view = links.view(id);
      if (view) views.set(id, view);
    }
    stream.wake();
  });
  return router;
}
