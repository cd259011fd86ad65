// Stands in for a page that nobody answered for: asks again by itself, leads back to what was typed, and lists the pages kept here.

const box = document.getElementById('offline');
const isSent = box.dataset.sent === 'yes';
const state = document.getElementById('offline-state');
const again = document.getElementById('offline-again');
const back = document.getElementById('offline-back');

document.getElementById('offline-get').hidden = isSent;
document.getElementById('offline-sent').hidden = !isSent;
if (isSent) {
  again.classList.remove('go');
  back.classList.add('go');
  back.parentElement.prepend(back, ' ');
}

back.hidden = window.history.length < 2;
back.addEventListener('click', () => window.history.back());
again.addEventListener('click', ask);

const clock = () => new Date().toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' });

async function ask() {
  try {
    if ((await fetch('/healthz', { cache: 'no-store' })).ok) {
      state.textContent = isSent ? `It answers again, ${clock()}. Go back and send it once more.` : 'It answers again.';
      if (!isSent) window.location.reload();
      return;
    }
  } catch {
    // It still does not answer.
  }

  state.textContent = `No answer at ${clock()}. Asked again every five seconds.`;
}

async function listKept() {
  if (!window.caches) return;
  const list = document.querySelector('#offline-kept ul');
  const cache = await window.caches.open('roundcrumb-bench');
  for (const request of await cache.keys()) {
    const url = new URL(request.url);
    if (!/^\/(bench\/\d+|shopping)/.test(url.pathname)) continue;
    const text = await (await cache.match(request)).text();
    const link = document.createElement('a');
    link.className = 'row-name';
    link.href = url.pathname + url.search;
    link.textContent = new DOMParser().parseFromString(text, 'text/html').title.replace(' · Round Crumb', '');
    const item = document.createElement('li');
    item.append(link);
    list.append(item);
  }

  document.getElementById('offline-kept').hidden = list.children.length === 0;
}

// Only where it stands in for another page; opened by its own address there is nothing to wait for.
if (window.location.pathname !== '/offline') window.setInterval(ask, 5000);
listKept();
