// A shopping list on a phone: ticks wait on the device while nobody answers, and merge with those of others once somebody does.

const page = document.querySelector('[data-shopping]');
const address = page?.dataset.shopping ?? '';
const kept = `shopping ${address}`;
const cacheName = 'roundcrumb-bench';
const state = page?.querySelector('[data-shopping-state]');
const boxes = () => [...page.querySelectorAll('[data-buy]')];
let waiting = read();
let sending = false;

function read() {
  try {
    return JSON.parse(window.localStorage.getItem(kept) ?? '{}');
  } catch {
    return {};
  }
}

function write() {
  try {
    if (Object.keys(waiting).length > 0) window.localStorage.setItem(kept, JSON.stringify(waiting));
    else window.localStorage.removeItem(kept);
  } catch {
    // No room on the device: it is sent from memory as long as the page is open.
  }
}

function say(words) {
  state.hidden = words.length === 0;
  if (state.textContent !== words) state.textContent = words;
}

// Of each thing only the last tick counts, so that is all that has to wait.
function tick(box) {
  waiting[box.dataset.buy] = { ingredient: box.dataset.buy, inBasket: box.checked, at: new Date().toISOString() };
  write();
  send();
}

async function send() {
  if (sending) return;
  sending = true;
  const sent = Object.values(waiting);
  try {
    const answer = await fetch(address, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ sentAt: new Date().toISOString(), ticks: sent }),
    });
    if (!answer.ok) throw new Error(String(answer.status));
    const { inBasket } = await answer.json();
    for (const one of sent) {
      if (waiting[one.ingredient]?.at === one.at) delete waiting[one.ingredient];
    }
    write();
    for (const box of boxes()) {
      if (!waiting[box.dataset.buy]) box.checked = inBasket.includes(box.dataset.buy);
    }
    say('');
  } catch {
    const many = Object.keys(waiting).length;
    say(`The kitchen computer does not answer. ${many === 0 ? 'Go on ticking' : many === 1 ? 'One tick waits' : `${many} ticks wait`} on this device${many === 0 ? '' : ' and will be sent'}.`);
  } finally {
    sending = false;
  }
}

async function keepPage() {
  try {
    await navigator.serviceWorker?.ready;
    if (!window.caches) return;
    const cache = await window.caches.open(cacheName);
    const parts = performance.getEntriesByType('resource').map((r) => new URL(r.name))
      .filter((u) => u.origin === window.location.origin && !u.pathname.startsWith('/api/') && !u.searchParams.has('handler'));
    await cache.addAll([...new Set([window.location.href, ...parts.map((u) => u.href)])]);
  } catch {
    // Without it the list goes on as long as its page is open.
  }
}

if (page) {
  for (const box of boxes()) {
    if (waiting[box.dataset.buy]) box.checked = waiting[box.dataset.buy].inBasket;
    box.addEventListener('change', () => tick(box));
  }
  page.querySelector('[data-put]')?.closest('form').addEventListener('submit', async (event) => {
    if (Object.keys(waiting).length === 0) return;
    event.preventDefault();
    await send();
    if (Object.keys(waiting).length === 0) event.target.submit();
  });
  window.addEventListener('online', send);
  document.addEventListener('visibilitychange', () => document.hidden || send());
  window.setInterval(() => document.hidden || send(), 4000);
  send();
  window.addEventListener('load', keepPage);
}
