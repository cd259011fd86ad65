// What only a browser can do: open a working beside the figure, step and drag a measure, print. Everything else is the server's.

const working = document.getElementById('working');
const workingBody = document.getElementById('working-body');
const status = document.getElementById('status');

function say(words) {
  status.textContent = words;
}

document.addEventListener('click', async (event) => {
  const figure = event.target.closest('a[data-working]');
  if (figure && !event.ctrlKey && !event.metaKey && !event.shiftKey && event.button === 0) {
    event.preventDefault();
    try {
      const answer = await fetch(figure.getAttribute('href'), { headers: { 'HX-Request': 'true' } });
      if (!answer.ok) throw new Error(String(answer.status));
      workingBody.innerHTML = await answer.text();
      workingBody.insertAdjacentHTML('beforeend', '<form method="dialog"><button class="button" autofocus>Close</button></form>');
      working.showModal();
    } catch {
      window.location.assign(figure.getAttribute('href'));
    }
    return;
  }

  if (event.target === working) working.close();
  if (event.target.closest('[data-print]')) window.print();
});

// What was changed elsewhere is looked at first, however far down the form stands.
document.querySelector('.elsewhere')?.scrollIntoView({ block: 'center' });

// A menu closes when the baker goes elsewhere.
document.addEventListener('click', (event) => {
  for (const open of document.querySelectorAll('details.units[open], details.menu[open]')) {
    if (!open.contains(event.target)) open.open = false;
  }
});
document.addEventListener('keydown', (event) => {
  if (event.key !== 'Escape') return;
  const open = document.querySelector('details.units[open], details.menu[open]');
  if (open) {
    open.open = false;
    open.querySelector('summary').focus();
  }
});

// A slider writes into its field as it moves, and the field is sent when it is let go.
document.addEventListener('input', (event) => {
  const field = event.target.dataset?.fills && document.getElementById(event.target.dataset.fills);
  if (field) field.value = field.form.querySelector('[name=inches]') ? `${event.target.value} mm` : event.target.value;
});

// Words are read when the baker says so, not when the field is left: one answer, not two of which one is thrown away.
document.addEventListener('change', (event) => {
  if (event.target.matches?.('[data-read]')) event.stopPropagation();
}, true);

// A choice that changes the whole form is sent at once.
document.addEventListener('change', (event) => {
  const choice = event.target.closest?.('select[data-submit]');
  if (!choice) return;
  event.stopPropagation();
  choice.form.action = choice.dataset.submit;
  choice.form.submit();
}, true);

// What the baker has opened stays open while the reading beside it is made anew.
let opened = [];
document.addEventListener('htmx:oobBeforeSwap', (event) => {
  opened = [...event.detail.target.querySelectorAll('details[open][data-keep]')].map((d) => d.dataset.keep);
});
document.addEventListener('htmx:oobAfterSwap', () => {
  for (const details of document.querySelectorAll('#reading details[data-keep]')) details.open ||= opened.includes(details.dataset.keep);
});

// Lines and what was understood of them scroll together.
document.addEventListener('scroll', (event) => {
  const write = event.target.closest?.('.write');
  if (!write || event.target.tagName !== 'TEXTAREA') return;
  write.querySelector('.read-lines').scrollTop = event.target.scrollTop;
}, true);
document.addEventListener('input', (event) => {
  if (event.target.matches?.('.write textarea')) event.target.rows = Math.max(8, event.target.value.split('\n').length + 1);
});

function change(input, mm) {
  const inches = input.form.querySelector('[name=inches]');
  const tidy = Math.round(mm * 2) / 2;
  input.value = inches && input.dataset.mm ? `${tidy} mm` : String(tidy);
  input.dispatchEvent(new Event('change', { bubbles: true }));
}

function step(input, by) {
  const now = Number.parseFloat(input.dataset.mm ?? input.value.replace(',', '.'));
  if (Number.isFinite(now)) change(input, Math.max(0, now + by));
}

// Arrow keys step a measure, in its field or at its handle in the drawing.
document.addEventListener('keydown', (event) => {
  const up = event.key === 'ArrowUp' || event.key === 'ArrowRight';
  const down = event.key === 'ArrowDown' || event.key === 'ArrowLeft';
  if (!up && !down) return;
  const field = event.target.closest('input[data-step]');
  if (field && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault();
    step(field, Number(field.dataset.step) * (up ? 1 : -1));
    return;
  }

  const handle = event.target.closest('.handle');
  if (handle) {
    event.preventDefault();
    const input = document.getElementById(`f-${handle.dataset.field}`);
    // Upwards on the drawing lifts the line, which is less below the rim.
    const sign = event.key === 'ArrowUp' || event.key === 'ArrowDown' ? -Number(handle.dataset.down) * (up ? 1 : -1) : up ? 1 : -1;
    if (input) step(input, Number(input.dataset.step) * sign);
  }
});

// Dragging a handle: the drawing is in millimetres, so a finger's way is millimetres too.
let drag = null;
document.addEventListener('pointerdown', (event) => {
  const handle = event.target.closest?.('.handle');
  if (!handle) return;
  const input = document.getElementById(`f-${handle.dataset.field}`);
  const matrix = handle.ownerSVGElement.getScreenCTM();
  if (!input || !matrix) return;
  event.preventDefault();
  handle.focus();
  handle.setPointerCapture(event.pointerId);
  const at = handle.transform.baseVal.getItem(0).matrix;
  drag = { handle, input, from: event.clientY, scale: matrix.d, start: Number(input.dataset.mm), x: at.e, y: at.f, mm: Number(input.dataset.mm) };
});
document.addEventListener('pointermove', (event) => {
  if (!drag) return;
  const moved = (event.clientY - drag.from) / drag.scale;
  const least = Number(drag.handle.getAttribute('aria-valuemin'));
  const most = Number(drag.handle.getAttribute('aria-valuemax'));
  drag.mm = Math.min(most, Math.max(least, Math.round((drag.start + moved * Number(drag.handle.dataset.down)) * 2) / 2));
  const shift = (drag.mm - drag.start) * Number(drag.handle.dataset.down);
  drag.handle.setAttribute('transform', `translate(${drag.x} ${drag.y + shift})`);
  say(`${drag.mm} mm`);
});
document.addEventListener('pointerup', () => {
  if (!drag) return;
  const { input, mm, start } = drag;
  drag = null;
  if (mm !== start) change(input, mm);
});
document.addEventListener('pointercancel', () => {
  drag = null;
});

// Changing the units loads the page anew; a name that was typed and not yet kept comes back with it.
document.addEventListener('submit', (event) => {
  const name = document.getElementById('pie-name');
  if (event.target.matches('.units-form') && name && name.value !== name.defaultValue) {
    sessionStorage.setItem('typed-name', JSON.stringify([window.location.pathname, name.value]));
  }
});
const typed = sessionStorage.getItem('typed-name');
if (typed) {
  sessionStorage.removeItem('typed-name');
  const [path, value] = JSON.parse(typed);
  const name = document.getElementById('pie-name');
  if (name && path === window.location.pathname) name.value = value;
}

// What has to be solved may stand in a queue: whoever waits for the answer sees how many are first, and about how long it takes.
const waits = new Map();
document.addEventListener('submit', (event) => {
  const form = event.target;
  if (!form.matches('[data-solves]') || event.defaultPrevented) return;
  const key = `${Date.now().toString(36)}-${Math.random().toString(36).slice(2)}`;
  let field = form.elements.ask;
  if (!field) {
    field = document.createElement('input');
    Object.assign(field, { type: 'hidden', name: 'ask' });
    form.append(field);
  }

  field.value = key;
  clearInterval(waits.get(form));
  const ask = async () => {
    if (!form.isConnected) return solved(form);
    const answer = await fetch(form.dataset.solves + key).catch(() => null);
    if (answer?.status !== 200) return;
    const words = await answer.text();
    if (waits.has(form)) say(words);
  };
  waits.set(form, setInterval(ask, 1000));
}, true);

// The form may have gone with what was put in its place.
function solved(form) {
  if (!waits.has(form)) return;
  clearInterval(waits.get(form));
  waits.delete(form);
  say('');
}
document.addEventListener('htmx:afterRequest', (event) => solved(event.detail.elt));

// What is folded is sent when it is opened: also when it was opened before this page was ready, and again when no answer came.
function want(folds) {
  for (const fold of folds) if (fold.open && fold.querySelector('[data-waits]')) window.htmx.trigger(fold, 'wanted');
}
document.addEventListener('toggle', (event) => {
  if (event.target.matches?.('[data-later]')) want([event.target]);
}, true);
document.addEventListener('htmx:load', (event) => want(event.target.querySelectorAll('[data-later][open]')));

// On a phone the second row is wider than the screen: where one is stays in sight.
const hereAbouts = document.querySelector('.places [aria-current]');
const row = hereAbouts?.closest('.places');
if (row && row.scrollWidth > row.clientWidth) row.scrollLeft = hereAbouts.offsetLeft - (row.clientWidth - hereAbouts.offsetWidth) / 2;

// Where a page does not come at all, one that says so stands in its place.
navigator.serviceWorker?.register('/worker.js').catch(() => {});

// When the answer does not come, what was typed stays and the baker is told.
const noAnswer = 'No answer from the kitchen computer. What you typed is still here; try again.';

// What was answered and is no page in place still has words of its own, and they say more: somebody was quicker, or the disk is full.
function answered(xhr) {
  const page = new DOMParser().parseFromString(xhr?.responseText ?? '', 'text/html');
  const words = [page.querySelector('h1'), page.querySelector('h1 ~ p, main p, .lead')].map((e) => e?.textContent.trim()).filter(Boolean);
  if (words.length > 0) return `${words.join('. ').replace('..', '.')}`.slice(0, 400);
  return xhr?.status === 429 ? 'Asked too often just now. Wait a minute, then try again; what you typed is still here.' : noAnswer;
}

document.addEventListener('htmx:sendError', () => say(noAnswer));
document.addEventListener('htmx:responseError', (event) => {
  say(answered(event.detail.xhr));
  const box = event.detail.elt;
  if (box?.type === 'checkbox') box.checked = !box.checked;
});
document.addEventListener('htmx:afterRequest', (event) => {
  if (event.detail.successful) say('');
});
