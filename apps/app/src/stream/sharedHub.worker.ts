import { createHub } from './hub';
import type { PortAsked, PortSummary } from './port';

/**
 * One stream for all windows of a browser, in a worker that they share (`scripts/lib/build.mjs` makes a script of it).
 */
const hub = createHub((url) => new EventSource(url));

const scope = globalThis as unknown as { onconnect: (event: MessageEvent) => void };

scope.onconnect = ({ ports: [port] }) => {
  if (!port) return;
  const stops = new Map<number, () => void>();
  const tell = (told: PortSummary) => port.postMessage(told);
  port.onmessage = ({ data: asked }: MessageEvent<PortAsked>) => {
    switch (asked.do) {
      case 'listen': {
        const { number, topic, since } = asked;
        stops.set(
          number,
          hub.listen({
            topic,
            since,
            heard: (data) => tell({ number, data }),
            again: () => tell({ number, again: true }),
          }),
        );
        return;
      }
      case 'stop':
        stops.get(asked.number)?.();
        stops.delete(asked.number);
        return;
      case 'leave':
        for (const stop of stops.values()) stop();
        stops.clear();
        return;
    }
  };
};
