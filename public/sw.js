// Keeps a repack going while the app does not answer: its page and all that pages are made of lie in the browser's own store.
// Registered with the build in its address, so that a new build brings a new worker.
const worker = /** @type {any} */ (globalThis);
const BUILD = new URL(worker.location.href).searchParams.get('build') ?? '';
const PARTS = `neat-layer parts ${BUILD}`;
const PAGES = `neat-layer pages ${BUILD}`;
/** Pages that must go on without the app. */
const KEPT = /^\/filter\/[^/]+\/repack$/;

worker.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const { files } = await (await fetch('/api/offline')).json();
      const cache = await caches.open(PARTS);
      await cache.addAll(files);
      await worker.skipWaiting();
    })(),
  );
});

worker.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys())
        if (name.startsWith('neat-layer ') && name !== PARTS && name !== PAGES) await caches.delete(name);
      await worker.clients.claim();
    })(),
  );
});

/** Fetches a page and keeps it. */
async function keep(address) {
  const answer = await fetch(address, { headers: { accept: 'text/html' }, cache: 'no-store' });
  // A navigation takes no answer that was redirected on its way: the browser is sent there itself.
  if (answer.redirected) return Response.redirect(answer.url);
  if (answer.ok) await (await caches.open(PAGES)).put(address, answer.clone());
  return answer;
}

/** A page from the app, or as it was kept where the app does not answer. */
async function page(address) {
  try {
    return await keep(address);
  } catch (error) {
    const kept = await (await caches.open(PAGES)).match(address);
    if (kept !== undefined) return kept;
    throw error;
  }
}

/** A part of a page: those of this build never change. */
async function part(request) {
  const kept = await (await caches.open(PARTS)).match(request, { ignoreSearch: true });
  if (kept === undefined) return fetch(request);
  // A worker's script must lose the address it was kept under, or it loses what stands after the # of its own.
  return request.destination === 'worker'
    ? new Response(kept.body, { status: kept.status, headers: kept.headers })
    : kept;
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const address = new URL(request.url);
  if (request.method !== 'GET' || address.origin !== worker.location.origin) return;
  if (address.pathname.startsWith('/_next/static/')) event.respondWith(part(request));
  else if (request.mode === 'navigate' && KEPT.test(address.pathname))
    event.respondWith(page(address.pathname));
});

// A page says that it has changed: the newest is kept.
worker.addEventListener('message', (event) => {
  const { keep: address } = event.data ?? {};
  if (typeof address !== 'string' || !KEPT.test(address)) return;
  event.waitUntil(
    keep(address).then(
      () => event.source?.postMessage({ kept: address }),
      () => undefined,
    ),
  );
});

// A notification leads to what it is about.
worker.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(worker.clients.openWindow(event.notification.data.address));
});
