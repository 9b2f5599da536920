import { onOutlookNews } from '@/server/outlookWork';
import { isShuttingDown, onShutdown } from '@/server/shutdown';

export const dynamic = 'force-dynamic';

/** Milliseconds between two signs of life, so that nothing between app and browser takes the stream for dead. */
const SIGN_OF_LIFE = 20_000;

/** What goes on in the background, as it happens: server-sent events, one stream a browser. */
export function GET(request: Request): Response {
  const bytes = new TextEncoder();
  let end = (): void => undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (text: string): void => {
        try {
          controller.enqueue(bytes.encode(text));
        } catch {
          end();
        }
      };
      say('retry: 3000\n\n');
      const stops = [
        onOutlookNews((news) => say(`data: ${JSON.stringify(news)}\n\n`)),
        onShutdown(() => end()),
      ];
      const beat = setInterval(() => say(': \n\n'), SIGN_OF_LIFE);
      end = () => {
        end = () => undefined;
        clearInterval(beat);
        stops.forEach((stop) => stop());
        try {
          controller.close();
        } catch {
          // The reader has gone first.
        }
      };
      request.signal.addEventListener('abort', () => end());
      if (isShuttingDown()) end();
    },
    cancel: () => end(),
  });
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
    },
  });
}
