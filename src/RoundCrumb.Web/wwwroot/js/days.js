// The drawn day: pointing says why, a click follows a pie, dragging or Alt and an arrow key puts a step elsewhere.

const slotMinutes = 5;

function plan() {
  return document.getElementById('plan');
}

function say(words) {
  const line = document.getElementById('why');
  if (!line) return;
  line.textContent = words;
  line.classList.add('on');
}

for (const kind of ['pointerover', 'focusin']) {
  document.addEventListener(kind, (event) => {
    const block = event.target.closest?.('.blk');
    if (block && !drag?.moved) say(block.dataset.why);
  });
}

// A click shows the step and its pie's way without loading the page anew.
async function follow(href, focus) {
  const where = new URL(href, window.location.href);
  const ask = new URL(where);
  ask.searchParams.set('handler', 'Plan');
  const scrolled = window.scrollY;
  await window.htmx.ajax('GET', ask.pathname + ask.search, { target: '#plan', swap: 'outerHTML' });
  window.history.replaceState(null, '', where.pathname + where.search);
  window.scrollTo(0, scrolled);
  if (focus) document.querySelector(`.blk[data-key="${CSS.escape(focus)}"]`)?.focus({ preventScroll: true });
}

document.addEventListener('click', (event) => {
  const link = event.target.closest?.('.blk, a[data-plan]');
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0) return;
  event.preventDefault();
  if (dropped) return;
  follow(link.getAttribute('href'), link.dataset.key);
});

// Where a slot lies on the drawing is the server's: time is folded. Within one stretch a slot is as high as any other.
let drag = null;
let dropped = false;

function put(key, slot) {
  const form = document.getElementById('pin-form');
  form.elements.step.value = key;
  form.elements.slot.value = String(slot);
  form.submit();
}

function clock(block, by) {
  const from = /\d\d:\d\d/.exec(block.dataset.why)[0];
  const [hour, minute] = from.split(':').map(Number);
  const all = (((hour * 60 + minute + by * slotMinutes) % 1440) + 1440) % 1440;
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}

document.addEventListener('pointerdown', (event) => {
  const block = event.target.closest?.('.blk');
  dropped = false;
  if (!block || event.button !== 0 || !document.getElementById('pin-form') || plan().querySelector('.planning')) return;
  const svg = block.ownerSVGElement;
  drag = { block, y: event.clientY, slot: Number(svg.dataset.slot) * svg.getScreenCTM().d, by: 0, moved: false, id: event.pointerId };
});
document.addEventListener('pointermove', (event) => {
  if (!drag) return;
  const way = event.clientY - drag.y;
  if (!drag.moved && Math.abs(way) < 5) return;
  if (!drag.moved) {
    drag.moved = true;
    drag.block.classList.add('dragging');
    drag.block.setPointerCapture?.(drag.id);
  }
  event.preventDefault();
  drag.by = Math.round(way / drag.slot);
  drag.block.parentNode.setAttribute('transform', `translate(0 ${(drag.by * drag.slot) / drag.block.ownerSVGElement.getScreenCTM().d})`);
  say(`Begins at ${clock(drag.block, drag.by)}; the rest is planned round it.`);
});
document.addEventListener('pointerup', () => {
  if (!drag) return;
  const { block, by, moved } = drag;
  drag = null;
  if (!moved) return;
  dropped = true;
  if (by === 0) {
    block.parentNode.removeAttribute('transform');
    block.classList.remove('dragging');
    return;
  }
  put(block.dataset.key, Number(block.dataset.start) + by);
});
document.addEventListener('pointercancel', () => {
  drag?.block.parentNode.removeAttribute('transform');
  drag?.block.classList.remove('dragging');
  drag = null;
});
document.addEventListener('dragstart', (event) => {
  if (event.target.closest?.('.blk')) event.preventDefault();
});

// The same by key: Alt and an arrow moves it, Enter puts it there, Escape lets it be.
let nudge = null;
document.addEventListener('keydown', (event) => {
  const block = event.target.closest?.('.blk');
  if (!block) return;
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault();
    if (nudge?.block !== block) nudge = { block, by: 0 };
    nudge.by += event.key === 'ArrowDown' ? 1 : -1;
    block.parentNode.setAttribute('transform', `translate(0 ${nudge.by * Number(block.ownerSVGElement.dataset.slot)})`);
    say(`Begins at ${clock(block, nudge.by)}. Enter puts it there, Escape lets it be.`);
  } else if (nudge?.block === block && event.key === 'Enter') {
    event.preventDefault();
    const { by } = nudge;
    nudge = null;
    if (by !== 0) put(block.dataset.key, Number(block.dataset.start) + by);
  } else if (nudge?.block === block && event.key === 'Escape') {
    nudge = null;
    block.parentNode.removeAttribute('transform');
    say(block.dataset.why);
  }
});

// When planning is over orders and buttons belong to the new plan: they are shown anew, and what was said stays said.
async function renew() {
  const answer = await fetch(here());
  if (!answer.ok) return;
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
  for (const part of ['.bake-day .acts', '.bake-day .day-grid']) {
    const fresh = document.importNode(page.querySelector(part), true);
    document.querySelector(part).replaceWith(fresh);
    window.htmx.process(fresh);
  }
}

// A page that answers a form is not to be asked for with that form again.
function here() {
  const where = new URL(window.location.href);
  where.searchParams.delete('handler');
  return where.pathname + where.search;
}

let wasPlanning = Boolean(plan()?.querySelector('.planning'));
document.addEventListener('htmx:afterSwap', () => {
  const planning = Boolean(plan()?.querySelector('.planning'));
  if (wasPlanning && !planning) renew();
  wasPlanning = planning;
});
if (window.location.search.includes('handler=')) window.history.replaceState(null, '', here());
