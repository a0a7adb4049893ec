// The pages of this build, kept so that they open without a network. Data is not kept here (src/api/kept.ts keeps it), and an
// act is never sent from here (src/api/unanswered.ts sends it). scripts/worker.mjs puts in what is to be kept.
const BUILD = '%BUILD%';
const FILES = ['%FILES%'];
/** The kitchen answers these itself, always. */
const NO_PAGE = /^\/(api|trust|third-party)(\/|$)/;
/** A house whose network hangs is told from a slow one after so long. */
const LONGEST_MS = 3000;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(BUILD)
      .then((kept) => kept.addAll(FILES))
      .then(() => self.skipWaiting()),
  );
});

// the build before stays: a page that is still open may load a station of it
self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((builds) => Promise.all(builds.slice(0, -2).map((build) => caches.delete(build))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) {
    return;
  }
  if (request.mode === 'navigate' && !NO_PAGE.test(pathname)) {
    event.respondWith(page(request));
  } else if (pathname.startsWith('/assets/')) {
    event.respondWith(caches.match(pathname).then((kept) => kept ?? fetch(request)));
  }
});

async function page(request) {
  const late = new Promise((_, give) => setTimeout(give, LONGEST_MS));
  try {
    const answer = await Promise.race([fetch(request), late]);
    if (answer.ok) {
      return answer;
    }
  } catch {
    // no network: the page that is kept says how old what it shows is
  }
  return (await caches.match('/')) ?? Response.error();
}
